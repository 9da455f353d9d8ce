<script setup lang="ts">
import { computed } from 'vue';
import type { FloorSet } from '../../domain/floor/overlay';
import type { SheetRung, Tile } from '../../domain/floor/tile';
import { likely } from '../../domain/units';

/** After a set that fell far short: more help of the same exercise, a full rest, or no more of it today. */
const props = defineProps<{ set: FloorSet; tile: Tile }>();
const emit = defineEmits<{ put: [rung: SheetRung] }>();

const line = computed(() => props.tile.lines.find((l) => l.sets.some((s) => s.id === props.set.id)));
const isShort = computed(() => {
    const of = line.value?.line;
    return of?.short_below != null && props.set.clean_reps !== null && props.set.clean_reps < of.short_below;
});
/** What was switched to already is not offered again. */
const help = computed(() => {
    const of = line.value;
    return of && of.left > 0 && of === props.tile.now
        ? of.line.others.find((o) => o.key === of.line.more_help && o.key !== of.rung?.key)
        : undefined;
});
</script>

<template>
    <section v-if="isShort && line" class="short" role="status">
        <p>
            <b>Far short of the {{ line.line.amount.words }} asked.</b>
            Rest fully before the next set, and stop this exercise when the next one is short too. If it hurts, tap Pain.
        </p>
        <button v-if="help" type="button" class="key wide" @click="emit('put', help)">
            More help: {{ help.name }}
            <span class="dim">{{ help.prediction ? likely(help.prediction) : '' }}</span>
        </button>
    </section>
</template>

<style scoped src="../keys.css"></style>
<style scoped>
.short {
    display: grid;
    gap: 6px;
    padding: 8px 12px;
    border: 1px solid var(--color-down);
    border-radius: var(--radius-small);
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import RungScale from '../draw/RungScale.vue';
import type { Schemas } from '../domain/http';
import ReadNote from '../parts/ReadNote.vue';
import type { Read } from '../composables/useRead';

const props = defineProps<{
    scale: Read<Schemas['Scale']>;
    band: Schemas['Band'] | undefined;
    capacity: Schemas['Capacity'] | null;
    call: Schemas['Call'] | undefined;
}>();
const emit = defineEmits<{ open: [rung: Schemas['Rung']] }>();

/** The next rung is always drawn, whichever band is picked. */
const rungs = computed(() => {
    const shown = props.scale.value.value?.rungs ?? [];
    const next = props.call?.next;
    const missing =
        next && !shown.some((r) => r.rung.key === next.key)
            ? [{ rung: next, bars: [next.name.split(', ').at(-1) ?? ''], chosen: false }]
            : [];
    return [...shown, ...missing].sort((a, b) => a.rung.carried.share.mean - b.rung.carried.share.mean);
});
</script>

<template>
    <ReadNote :read="scale" waits="Computing the set-ups…" />
    <template v-if="scale.value.value">
        <p v-if="band?.curve.status === 'estimated'" class="small note">
            This band is estimated from its size, ± 30 %.
            <RouterLink :to="{ path: '/kit', query: { band: band.id } }">Measure it</RouterLink>
            .
        </p>
        <RungScale :rungs="rungs" :capacity="capacity" :next-key="call?.next?.key" @open="emit('open', $event.rung)" />
        <p class="legend small dim">
            <span>
                <i class="capacity" />
                capacity
            </span>
            <span>
                <i class="now" />
                now, bottom to top
            </span>
            <span>
                <i class="next" />
                next
            </span>
            <span>Open a line for its why.</span>
        </p>
        <details v-if="scale.value.value.misfits.length > 0" class="small">
            <summary>
                {{
                    scale.value.value.misfits.length === 1
                        ? 'One set-up does not fit'
                        : `${scale.value.value.misfits.length} set-ups do not fit`
                }}
            </summary>
            <ul>
                <li v-for="misfit in scale.value.value.misfits" :key="misfit.name">
                    <strong>{{ misfit.name }}</strong>
                    : {{ misfit.reason }}
                </li>
            </ul>
        </details>
    </template>
</template>

<style scoped>
.note {
    color: var(--color-down);
}

.legend {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-hair) var(--space-wide);
    margin-top: var(--space-small);
}

.legend i {
    display: inline-block;
    width: 18px;
    height: 10px;
    margin-right: 3px;
}

.capacity {
    background: var(--color-ply);
}

.now {
    border-top: 6px solid var(--color-graphite);
}

.next {
    border-top: 4px dashed var(--color-climb);
}

details {
    margin-top: var(--space-small);
}

details ul {
    padding-left: 18px;
}
</style>

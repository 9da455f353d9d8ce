<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LineNow, SheetRung } from '../../domain/floor/tile';
import type { Schemas } from '../../domain/http';
import { nextHarder, ofLane } from '../../domain/sets/mixed';
import { percent } from '../../domain/units';
import ChipRow from '../../parts/ChipRow.vue';
import { countChips } from '../../log/counts';

/** A set begun on something else and ended, without rest, on this: one tap where both counts are small, as they mostly are. */
const props = defineProps<{ line: LineNow }>();
const emit = defineEmits<{ log: [first: { exercise: Schemas['Exercise']; clean: number }, then: number] }>();

const SMALL = [1, 2, 3, 4, 5, 6];
const chips = countChips(12, 1);
const others = computed(() => (props.line.rung ? ofLane(props.line.rung, props.line.line.others) : []));
const first = ref<SheetRung | undefined>((props.line.rung && nextHarder(props.line.rung, others.value)) ?? others.value[0]);
const begun = ref<number | null>(null);
const name = (): string => props.line.rung?.name ?? 'this';

function log(clean: number, then: number): void {
    if (first.value) {
        emit('log', { exercise: first.value.exercise, clean }, then);
    }
}
</script>

<template>
    <section class="card mixed" aria-label="Mixed set">
        <h2>Mixed set: begun on one, ended on the other</h2>
        <ChipRow
            label="Begun on"
            show-label
            :chips="others.map((o) => ({ value: o.key, label: `${o.name} ${percent(o.share)}` }))"
            :value="first?.key ?? null"
            @pick="first = others.find((o) => o.key === $event)"
        />
        <p class="small dim">Clean on {{ first?.name }} + then on {{ name() }}; a tap logs both.</p>
        <div class="grid" role="group" aria-label="Clean on both, logs the set">
            <template v-for="clean in SMALL" :key="clean">
                <button v-for="then in SMALL" :key="then" type="button" class="key" @click="log(clean, then)">
                    {{ clean }} + {{ then }}
                </button>
            </template>
        </div>
        <details>
            <summary>More than that</summary>
            <ChipRow label="Clean at first" show-label :chips="chips" :value="begun" @pick="begun = $event" />
            <ChipRow
                v-if="begun !== null"
                :label="`Then on ${name()}, logs it`"
                show-label
                :chips="chips"
                :value="null"
                @pick="log(begun, $event)"
            />
        </details>
    </section>
</template>

<style scoped src="../keys.css"></style>
<style scoped>
.mixed {
    display: grid;
    gap: 8px;
    padding: 10px 14px;
}

h2 {
    font-size: var(--type-large);
}

.grid {
    display: grid;
    grid-template-columns: repeat(6, minmax(44px, 1fr));
    gap: 4px;
}

.grid .key {
    justify-content: center;
    padding: 0;
    white-space: nowrap;
}

summary {
    min-height: 44px;
    align-content: center;
}
</style>

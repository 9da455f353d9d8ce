<script setup lang="ts">
import { ref } from 'vue';
import type { LineNow, SheetRung } from '../domain/floor/tile';
import type { Schemas } from '../domain/http';
import { percent } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import { countChips } from '../people/counts';

/** A set begun on something else and ended, without rest, on this. */
const props = defineProps<{ line: LineNow }>();
const emit = defineEmits<{ log: [first: { exercise: Schemas['Exercise']; clean: number }, then: number] }>();

const chips = countChips(12).slice(1);
const first = ref<SheetRung | undefined>(props.line.line.others.filter((o) => o.share > (props.line.rung?.share ?? 0))[0] ?? props.line.line.others[0]);
const begun = ref<number | null>(null);

function end(then: number): void {
    if (first.value && begun.value !== null) {
        emit('log', { exercise: first.value.exercise, clean: begun.value }, then);
    }
}
</script>

<template>
    <section class="stack" aria-label="Mixed set">
        <ChipRow
            label="Begun on"
            show-label
            :chips="line.line.others.map((o) => ({ value: o.key, label: `${o.name} ${percent(o.share)}` }))"
            :value="first?.key ?? null"
            @pick="first = line.line.others.find((o) => o.key === $event)"
        />
        <ChipRow label="Clean at first" show-label :chips="chips" :value="begun" @pick="begun = $event" />
        <ChipRow v-if="begun !== null" :label="`Then on ${line.rung?.name ?? 'this'}, logs it`" show-label :chips="chips" :value="null" @pick="end" />
    </section>
</template>

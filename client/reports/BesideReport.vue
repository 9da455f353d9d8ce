<script setup lang="ts">
import { computed } from 'vue';
import TwoTrends from '../draw/trend/TwoTrends.vue';
import type { Schemas } from '../domain/http';
import ReadNote from '../parts/ReadNote.vue';
import { useTrend } from '../trend/useTrend';
import { seasonFigures } from './figures';
import { useSeason } from './useSeason';

type Range = Schemas['Trend']['range'];

/** Two athletes side by side, on one scale. */
const props = defineProps<{ one: string; other: string; range: Range }>();

const range = (): Range => props.range;
const [first, second] = [useSeason(() => props.one, range), useSeason(() => props.other, range)];
const trends = [useTrend(() => props.one, range, 'pull').value, useTrend(() => props.other, range, 'pull').value] as const;
const both = computed(() => (first.value.value && second.value.value ? ([first.value.value, second.value.value] as const) : undefined));
const drawn = computed(() => {
    const [a, b] = [trends[0].value, trends[1].value];
    return a && b && a.points.length + b.points.length > 0 ? ([a, b] as const) : undefined;
});
const figures = computed(() => {
    const [a, b] = both.value ?? [];
    const others = b ? seasonFigures(b) : [];
    return a && b ? seasonFigures(a).map(([name, value], i) => ({ name, value, other: others[i]?.[1] ?? '' })) : [];
});
</script>

<template>
    <ReadNote :read="first.problem.value ? first : second" waits="Counting…" />
    <div v-if="both" class="columns">
        <section v-if="drawn" class="card stack" aria-label="Pull capacity">
            <h3>Pull capacity, share of bodyweight</h3>
            <TwoTrends :trends="drawn" />
        </section>
        <section class="card" aria-label="Figures">
            <table>
                <thead>
                    <tr>
                        <td />
                        <th scope="col" class="figure">{{ both[0].name }}</th>
                        <th scope="col" class="figure">{{ both[1].name }}</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="line in figures" :key="line.name">
                        <th scope="row">{{ line.name }}</th>
                        <td class="figure">{{ line.value }}</td>
                        <td class="figure">{{ line.other }}</td>
                    </tr>
                </tbody>
            </table>
        </section>
    </div>
</template>

<style scoped src="../theme/table.css"></style>
<style scoped>
.columns {
    display: grid;
    gap: var(--space-base);
}

tbody th {
    font-weight: 400;
}
</style>

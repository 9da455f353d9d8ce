<script setup lang="ts">
import { api, outcome, type Schemas } from '../domain/http';
import { day, percent } from '../domain/units';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { portionWords } from './words';

const props = defineProps<{ group: string; range: Schemas['Trend']['range'] }>();

const read = useRead(
    () => ['class-report', props.group, props.range],
    () => outcome(api.GET('/api/v1/classes/{class}/report', { params: { path: { class: props.group }, query: { range: props.range } } })),
    { previous: true },
);
const report = read.value;
const capacity = ({ capacity_first: first, capacity_last: last }: Schemas['ComerLine']): string =>
    first === null || last === null ? '–' : first === last ? percent(last) : `${percent(first)} → ${percent(last)}`;
</script>

<template>
    <ReadNote :read="read" waits="Counting…" />
    <template v-if="report">
        <h2 class="of">{{ report.name }}, {{ day(report.from) }} to {{ day(report.to) }}</h2>
        <p v-if="report.comers.length === 0" class="card">Nobody logged a set in its hours in this time.</p>
        <div v-else class="columns">
            <section class="card" aria-label="Who came">
                <table>
                    <thead>
                        <tr>
                            <th scope="col">Who came</th>
                            <th scope="col" class="figure">Days of {{ report.days.length }}</th>
                            <th scope="col" class="figure">Sets</th>
                            <th scope="col" class="figure">Clean reps</th>
                            <th scope="col" class="figure">Failed sets</th>
                            <th scope="col" class="figure">Pull capacity</th>
                            <th scope="col">First strict rep</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="one in report.comers" :key="one.athlete_id">
                            <th scope="row">
                                <RouterLink :to="`/people/${one.athlete_id}`">{{ one.name }}</RouterLink>
                            </th>
                            <td class="figure">{{ one.days }}</td>
                            <td class="figure">{{ one.sets }}</td>
                            <td class="figure">{{ one.reps }}</td>
                            <td class="figure">{{ one.failed.part === null ? '–' : `${one.failed.some} of ${one.failed.all}` }}</td>
                            <td class="figure">{{ capacity(one) }}</td>
                            <td>{{ one.first_strict_on ? day(one.first_strict_on) : '' }}</td>
                        </tr>
                    </tbody>
                </table>
                <p class="small">Failed sets of all: {{ portionWords(report.failed) }} (8 in 10).</p>
                <p v-if="report.warning" class="small dim">{{ report.warning }}</p>
            </section>
            <section class="card" aria-label="Days">
                <table>
                    <thead>
                        <tr>
                            <th scope="col">Day</th>
                            <th scope="col" class="figure">Came</th>
                            <th scope="col" class="figure">Sets</th>
                            <th scope="col" class="figure">Clean reps</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="one in report.days" :key="one.on" :class="{ dim: one.came === 0 }">
                            <th scope="row">{{ day(one.on) }}</th>
                            <td class="figure">{{ one.came }}</td>
                            <td class="figure">{{ one.sets }}</td>
                            <td class="figure">{{ one.reps }}</td>
                        </tr>
                    </tbody>
                </table>
            </section>
        </div>
        <p class="small dim">Whoever logged a set from half an hour before the class to half an hour after it was there.</p>
    </template>
</template>

<style scoped src="../theme/table.css"></style>
<style scoped>
.of {
    margin-bottom: var(--space-base);
}

.columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 320px;
    gap: var(--space-base);
    align-items: start;
    margin-bottom: var(--space-small);
}

@media print, (max-width: 960px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

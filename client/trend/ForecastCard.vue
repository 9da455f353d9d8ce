<script setup lang="ts">
import { computed } from 'vue';
import { spreadWords, strictName, whenWords } from './foretold';
import type { Schemas } from '../domain/http';
import { chanceWords, day } from '../domain/units';

const props = defineProps<{ forecasts: readonly Schemas['Forecast'][]; movement: string }>();

const HORIZONS = [
    { weeks: 4, key: 'within_4' },
    { weeks: 8, key: 'within_8' },
    { weeks: 12, key: 'within_12' },
    { weeks: 26, key: 'within_26' },
] as const;

const open = computed(() => props.forecasts.filter((f) => f.verdict !== 'reached'));
const next = computed(() => open.value[0]);
const further = computed(() => open.value.slice(1));
const reached = computed(() => props.forecasts.filter((f) => f.verdict === 'reached').at(-1));
</script>

<template>
    <section v-if="forecasts.length > 0" class="card stack" aria-label="Forecast">
        <template v-if="next">
            <h2>{{ strictName(next.reps) }}{{ movement }}</h2>
            <p v-if="next.verdict === 'test-now'">
                <strong>Test it now, fresh:</strong>
                an even chance or better on a usual day.
            </p>
            <table>
                <tbody>
                    <tr v-for="h in HORIZONS" :key="h.weeks">
                        <th scope="row">{{ h.weeks }} weeks</th>
                        <td aria-hidden="true">
                            <div class="rail"><div :style="{ width: `${100 * next[h.key]}%` }" /></div>
                        </td>
                        <td class="chance">{{ chanceWords(next[h.key]) }}</td>
                    </tr>
                </tbody>
            </table>
            <p v-if="next.verdict === 'dated' && next.median_on" class="small">
                {{ `As likely as not by ${day(next.median_on)}; eight times in ten ${spreadWords(next.soonest_on, next.latest_on)}.` }}
            </p>
            <p v-if="next.limit" class="small dim">
                <strong>Not foreseeable within a year.</strong>
                {{ next.limit }}
            </p>
        </template>
        <p v-if="reached" class="small">{{ reached.reps }} done already.</p>
        <ul v-if="further.length > 0" class="further small">
            <li v-for="f in further" :key="f.reps">
                <span>{{ f.reps }} reps</span>
                {{ whenWords(f) }}
            </li>
        </ul>
    </section>
</template>

<style scoped>
table {
    width: 100%;
    border-collapse: collapse;
}

th {
    padding: 4px 0;
    font-weight: 400;
    text-align: left;
    white-space: nowrap;
}

td {
    padding: 4px 0 4px var(--space-small);
}

td:nth-child(2) {
    width: 100%;
}

.rail {
    height: 10px;
    border-radius: var(--radius-small);
    background: var(--color-sunk);
}

.rail div {
    height: 100%;
    border-radius: var(--radius-small);
    background: var(--color-climb);
}

.chance {
    font-weight: 600;
    text-align: right;
    white-space: nowrap;
}

.further {
    list-style: none;
}

.further li {
    display: flex;
    justify-content: space-between;
    padding: 2px 0;
    border-top: 1px solid var(--color-line);
}
</style>

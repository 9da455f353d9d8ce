<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { computed } from 'vue';
import FigureLine from '../draw/trend/FigureLine.vue';
import TrendPlot from '../draw/trend/TrendPlot.vue';
import WorkBars from '../draw/trend/WorkBars.vue';
import type { Schemas } from '../domain/http';
import { mass, seconds } from '../domain/units';
import { bestLine } from '../log/counts';
import DayLines from '../log/DayLines.vue';
import ChipRow from '../parts/ChipRow.vue';
import PageHead from '../parts/PageHead.vue';
import ReadNote from '../parts/ReadNote.vue';
import TabRow from '../parts/TabRow.vue';
import { useAddress } from '../composables/useAddress';
import { useTrend } from '../trend/useTrend';
import ForecastCard from '../trend/ForecastCard.vue';
import ScoreCard from '../trend/ScoreCard.vue';

type Trend = Schemas['Trend'];

const props = defineProps<{ id: string }>();

const RANGES: { value: Trend['range']; label: string }[] = [
    { value: 'month', label: 'Month' },
    { value: 'season', label: 'Season' },
    { value: 'year', label: 'Year' },
    { value: 'all', label: 'All' },
];
const MOVEMENTS: Record<Trend['pattern'], string> = { pull: 'Pull', chin: 'Chin-up', row: 'Row', pulldown: 'Pull-down' };

const address = useAddress({ range: 'season', pattern: '' });
const read = useTrend(
    () => props.id,
    () => address.value.range as Trend['range'],
    () => (address.value.pattern || undefined) as Trend['pattern'] | undefined,
);
const trend = read.value;
/** Time begins where there is something to show. */
const from = computed(
    () =>
        [trend.value?.points[0]?.on, trend.value?.from]
            .filter((d) => d !== undefined)
            .sort()
            .at(-1) ?? '',
);
const movements = computed(() =>
    (trend.value?.patterns ?? []).map((p) => ({ value: p as Trend['pattern'], label: MOVEMENTS[p as Trend['pattern']] })),
);
useTitle(() => `${trend.value?.name ?? 'Athlete'}, trend · Steady Rung`);
</script>

<template>
    <ReadNote :read="read" waits="Loading the trend…" />
    <template v-if="trend">
        <PageHead title="trend" :back="{ to: `/people/${id}`, name: trend.name }">
            <div class="row choices">
                <TabRow
                    v-if="movements.length > 1"
                    label="Movement"
                    :tabs="movements"
                    :model-value="trend.pattern"
                    @update:model-value="address.set({ pattern: $event })"
                />
                <ChipRow label="Range" :chips="RANGES" :value="trend.range" @pick="address.set({ range: $event })" />
            </div>
        </PageHead>
        <div class="columns">
            <section class="card chart" aria-label="Capacity">
                <h2 class="what">{{ MOVEMENTS[trend.pattern] }} capacity, share of bodyweight</h2>
                <TrendPlot v-if="trend.points.length > 0" :key="`${trend.pattern} ${trend.range}`" :trend="trend" :from="from" />
                <p v-else class="dim">
                    No set in this time speaks of it.
                    <RouterLink :to="`/people/${id}`">Take a baseline</RouterLink>
                    , and the curve begins here.
                </p>
            </section>
            <div class="stack side">
                <ForecastCard :forecasts="trend.forecasts" :movement="trend.pattern === 'chin' ? ', chin-up' : ''" />
                <section v-if="trend.taught" class="card stack" aria-label="After the last set">
                    <h2>After the last set</h2>
                    <p>{{ trend.taught }}</p>
                </section>
                <section v-if="trend.bests.length > 0" class="card stack" aria-label="Best">
                    <h2>Best on each set-up</h2>
                    <DayLines :lines="trend.bests.map(bestLine)" />
                </section>
                <ScoreCard v-if="trend.forecasts.length > 0" :scores="trend.scores" />
            </div>
            <div class="small-ones">
                <FigureLine name="Bodyweight" :figures="trend.masses" :words="mass" :from="from" :to="trend.today" />
                <FigureLine name="Dead hang" :figures="trend.seconds.hang" :words="seconds" :from="from" :to="trend.today" />
                <FigureLine
                    v-if="trend.seconds.hold.length > 0"
                    name="Hold over the bar"
                    :figures="trend.seconds.hold"
                    :words="seconds"
                    :from="from"
                    :to="trend.today"
                />
                <FigureLine
                    v-if="trend.seconds.lowering.length > 0"
                    name="Lowering"
                    :figures="trend.seconds.lowering"
                    :words="seconds"
                    :from="from"
                    :to="trend.today"
                />
                <WorkBars :work="trend.work" :from="from" :to="trend.today" :each="trend.work_each" />
            </div>
        </div>
    </template>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template: 'chart side' auto 'small side' 1fr / minmax(0, 1fr) 300px;
    gap: var(--space-base) var(--space-wide);
    align-items: start;
}

.chart {
    grid-area: chart;
}

.side {
    grid-area: side;
}

.small-ones {
    grid-area: small;
}

.choices {
    gap: var(--space-small) var(--space-wide);
}

.what {
    font-size: var(--type-base);
    font-weight: 600;
}

.small-ones {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
    gap: var(--space-base);
}

@media print, (max-width: 960px) {
    .columns {
        grid-template: 'chart' auto 'side' auto 'small' auto / minmax(0, 1fr);
    }
}
</style>

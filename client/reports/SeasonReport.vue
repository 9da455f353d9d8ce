<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, useTemplateRef } from 'vue';
import TrendPlot from '../draw/trend/TrendPlot.vue';
import { pngOf, svgText } from '../draw/picture';
import { download } from '../domain/files/download';
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import { noCountWordsTo, verdictWord } from '../domain/words';
import { bestLine } from '../log/counts';
import DayLines from '../log/DayLines.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useSession } from '../composables/useSession';
import { useTrend } from '../trend/useTrend';
import { seasonFigures } from './figures';
import { useSeason } from './useSeason';

type Range = Schemas['Trend']['range'];

const props = defineProps<{ athlete: string; range: Range }>();

const session = useSession();
const read = useSeason(
    () => props.athlete,
    () => props.range,
);
const trend = useTrend(
    () => props.athlete,
    () => props.range,
    'pull',
).value;
const report = read.value;
const from = computed(() => {
    const first = trend.value?.points[0]?.on ?? '';
    return first > (trend.value?.from ?? '') ? first : (trend.value?.from ?? '');
});
const figures = computed(() => (report.value ? seasonFigures(report.value) : []));
const noCounts = computed(() => noCountWordsTo(session.me?.pull_top));

const plot = useTemplateRef<HTMLElement>('plot');
const drawing = (): string => svgText(plot.value!.querySelector('svg')!);
const nameOf = (ending: string): string => `${report.value?.name ?? 'trend'} trend.${ending}`;
const svg = (): void => download(new Blob([drawing()], { type: 'image/svg+xml' }), nameOf('svg'));

async function png(): Promise<void> {
    const file = await pngOf(drawing());
    if (file) {
        download(file, nameOf('png'));
    }
}
</script>

<template>
    <ReadNote :read="read" waits="Counting…" />
    <template v-if="report">
        <h2 class="of">{{ report.name }}, {{ day(report.from) }} to {{ day(report.to) }}</h2>
        <p v-if="report.sets === 0" class="card">Nothing was logged in this time.</p>
        <div v-else class="columns">
            <div class="stack">
                <dl class="card">
                    <div v-for="[name, value] in figures" :key="name">
                        <dt>{{ name }}</dt>
                        <dd>{{ value }}</dd>
                    </div>
                </dl>
                <section v-if="report.bests.length > 0" class="card stack" aria-label="Best">
                    <h3>Best on each set-up</h3>
                    <DayLines :lines="report.bests.map(bestLine)" />
                </section>
            </div>
            <section v-if="trend && trend.points.length > 0" ref="plot" class="card stack" aria-label="Trend">
                <h3>Pull capacity, share of bodyweight</h3>
                <TrendPlot :key="`${athlete} ${range}`" :trend="trend" :from="from" />
                <p class="row no-print">
                    <NButton size="small" @click="svg">Picture (SVG)</NButton>
                    <NButton size="small" @click="png">Picture (PNG)</NButton>
                </p>
            </section>
            <section v-if="report.stages.length > 0" class="card stack" aria-label="Stages">
                <h3>Stages</h3>
                <ul>
                    <li v-for="(stage, i) in report.stages" :key="i">
                        {{ stage.stage }}
                        <span class="small dim">{{ stage.method }}, since {{ day(stage.since) }}</span>
                    </li>
                </ul>
            </section>
            <section v-if="report.calls.length > 0" class="card stack" aria-label="Calls">
                <h3>Decided</h3>
                <ul>
                    <li v-for="call in report.calls" :key="call.verdict">
                        {{ call.accepted + call.overridden }} × {{ verdictWord(call.verdict) }}
                        <span v-if="call.overridden" class="small dim">{{ call.overridden }} decided otherwise</span>
                    </li>
                </ul>
            </section>
            <section v-if="report.no_counts.length > 0" class="card stack" aria-label="Not counted">
                <h3>Reps that did not count</h3>
                <ul>
                    <li v-for="one in report.no_counts" :key="one.reason">{{ one.reps }} × {{ noCounts[one.reason] }}</li>
                </ul>
            </section>
            <section v-if="report.breaks.length > 0" class="card stack" aria-label="Away">
                <h3>Away for more than two weeks</h3>
                <ul>
                    <li v-for="away in report.breaks" :key="away.from">{{ day(away.from) }} to {{ day(away.to) }}</li>
                </ul>
            </section>
        </div>
    </template>
</template>

<style scoped>
.of {
    margin-bottom: var(--space-base);
}

.columns {
    display: grid;
    grid-template-columns: repeat(6, minmax(0, 1fr));
    gap: var(--space-base);
    align-items: start;
}

.columns > * {
    grid-column: span 2;
}

.columns > [aria-label='Trend'] {
    grid-column: span 4;
}

dl > div {
    display: flex;
    justify-content: space-between;
    gap: var(--space-base);
    padding-block: 5px;
}

dl > div + div {
    border-top: 1px solid var(--color-line);
}

dd {
    font-weight: 600;
    text-align: right;
    font-variant-numeric: tabular-nums;
}

ul {
    list-style: none;
}

@media screen and (max-width: 960px) {
    .columns > *,
    .columns > [aria-label='Trend'] {
        grid-column: 1 / -1;
    }
}

@media print {
    .columns > * {
        grid-column: span 3;
    }

    .columns > [aria-label='Trend'] {
        grid-column: 1 / -1;
    }
}
</style>

<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { max, min } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import { computed, useTemplateRef } from 'vue';
import type { Schemas } from '../../domain/http';
import { percent } from '../../domain/units';
import { moment, tickColumns, timeAxis } from './time';

type Trend = Schemas['Trend'];
type Point = Schemas['TrendPoint'];

/** Two athletes’ capacities on one scale: the first drawn through, the second dashed. */
const props = defineProps<{ trends: readonly [Trend, Trend] }>();

const BOX = { left: 52, right: 150, top: 16, bottom: 30 };
const HEIGHT = 400;
const ROOM = 0.03;
/** Names at the right stand at least so far apart. */
const NAME_PX = 18;

const frame = useTemplateRef<HTMLElement>('frame');
const { width: measured } = useElementSize(frame);
const width = computed(() => Math.max(320, measured.value));
const right = computed(() => width.value - BOX.right);
const points = computed(() => props.trends.flatMap((t) => t.points));
const first = computed(() => min(points.value, (p) => p.on) ?? props.trends[0].from);
const x = computed(() => timeAxis(moment(first.value), moment(props.trends[0].today), BOX.left, right.value));
const y = computed(() =>
    scaleLinear(
        [(min(points.value, (p) => p.low80) ?? 0.5) - ROOM, Math.max(1, max(points.value, (p) => p.high80) ?? 1) + ROOM],
        [HEIGHT - BOX.bottom, BOX.top],
    ),
);
const columns = computed(() => tickColumns(x.value, width.value, 2));
const at = (p: Point): number => x.value(moment(p.on));
const drawn = computed(() => {
    const both = props.trends.map((trend) => ({
        name: trend.name,
        spread:
            area<Point>(
                at,
                (p) => y.value(p.low80),
                (p) => y.value(p.high80),
            ).curve(curveMonotoneX)(trend.points) ?? '',
        middle: line<Point>(at, (p) => y.value(p.share)).curve(curveMonotoneX)(trend.points) ?? '',
        label: y.value(trend.points.at(-1)?.share ?? y.value.invert(HEIGHT / 2)),
    }));
    const [one, other] = both as [(typeof both)[0], (typeof both)[0]];
    const apart = NAME_PX - Math.abs(one.label - other.label);
    if (apart > 0) {
        const up = one.label <= other.label ? -1 : 1;
        [one.label, other.label] = [one.label + (up * apart) / 2, other.label - (up * apart) / 2];
    }
    return both;
});
const words = computed(() =>
    props.trends
        .map(({ name, points: own }) =>
            own[0] ? `${name}: ${percent(own[0].share)} to ${percent(own.at(-1)!.share)}` : `${name}: nothing`,
        )
        .join('. '),
);
</script>

<template>
    <figure ref="frame">
        <svg :width="width" :height="HEIGHT" role="img" :aria-label="words">
            <g v-for="share in y.ticks(6)" :key="share" class="grid">
                <line :x1="BOX.left" :x2="right" :y1="y(share)" :y2="y(share)" />
                <text :x="BOX.left - 8" :y="y(share) + 4" text-anchor="end">{{ percent(share) }}</text>
            </g>
            <text v-for="c in columns" :key="c.x" :x="c.x" :y="HEIGHT - 8" text-anchor="middle">{{ c.text }}</text>
            <path v-for="(one, i) in drawn" :key="`s${i}`" :class="i === 0 ? 'spread' : 'spread other'" :d="one.spread" />
            <g class="strict">
                <line :x1="BOX.left" :x2="right" :y1="y(1)" :y2="y(1)" />
                <text :x="BOX.left + 4" :y="y(1) - 6">one strict rep</text>
            </g>
            <g v-for="(one, i) in drawn" :key="`m${i}`">
                <path :class="i === 0 ? 'middle' : 'middle other'" :d="one.middle" />
                <text class="name" :x="right + 8" :y="one.label + 4">{{ one.name }}</text>
            </g>
        </svg>
        <figcaption class="small dim">Shaded: where it lies eight times in ten.</figcaption>
    </figure>
</template>

<style scoped src="./trend-plot.css"></style>
<style scoped>
.spread.other {
    fill: var(--color-slate);
    opacity: 0.16;
}

.middle.other {
    stroke: var(--color-slate);
    stroke-dasharray: 7 4;
}

.name {
    fill: var(--color-graphite);
    font-weight: 600;
}
</style>

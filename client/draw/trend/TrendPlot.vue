<script setup lang="ts">
import { useElementSize, useWindowSize } from '@vueuse/core';
import { bisector, max, min } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import { computed, ref, useTemplateRef } from 'vue';
import type { Schemas } from '../../domain/http';
import { day, percent, percentRange } from '../../domain/units';
import TrendMark from './TrendMark.vue';
import { moment, tickColumns, timeAxis } from './time';

const props = defineProps<{ trend: Schemas['Trend']; from: string }>();

const BOX = { left: 52, right: 14, top: 22, bottom: 30 };
const NARROW_PX = 560;
/** Of the window, for what stands above and below the plot. */
const REST_PX = 420;
const ROOM = 0.03;
const DAYS_A_WEEK = 7;
const DAY_MS = 86_400_000;
const MARKS = [
    { kind: 'set', text: 'set' },
    { kind: 'at-least', text: 'at least' },
    { kind: 'less-than', text: 'less than' },
    { kind: 'baseline', text: 'baseline' },
    { kind: 'test', text: 'test or try' },
] as const;

const frame = useTemplateRef<HTMLElement>('frame');
const { width: measured } = useElementSize(frame);
const width = computed(() => Math.max(300, measured.value));
const { height: windowPx } = useWindowSize();
/** As high as the window leaves room for, with the small charts below. */
const height = computed(() => (width.value < NARROW_PX ? 300 : Math.min(620, Math.max(380, windowPx.value - REST_PX))));
const inner = computed(() => ({ right: width.value - BOX.right, bottom: height.value - BOX.bottom }));

const today = computed(() => moment(props.trend.today));
const weekAhead = (weeks: number): Date => new Date(today.value.getTime() + weeks * DAYS_A_WEEK * DAY_MS);
const last = computed(() => weekAhead(props.trend.ahead.at(-1)?.weeks ?? 1));
const first = computed(() => moment(props.from));
const x = computed(() => timeAxis(first.value, last.value, BOX.left, inner.value.right));
const strict = computed(() => props.trend.pattern === 'pull' || props.trend.pattern === 'chin');
const known = computed(() => [...props.trend.points, ...props.trend.ahead]);
const low = computed(() => (min(known.value, (p) => p.low80) ?? 0.5) - ROOM);
const high = computed(() => Math.max((max(known.value, (p) => p.high80) ?? 1) + ROOM, strict.value ? 1 + ROOM : 0));
const y = computed(() => scaleLinear([low.value, high.value], [inner.value.bottom, BOX.top]).clamp(true));
const rows = computed(() => y.value.ticks(6));
const columns = computed(() => tickColumns(x.value, width.value, 2));

type Known = { low80: number; high80: number; share: number };
const drawn = <T extends Known>(items: readonly T[], at: (item: T) => Date): { spread: string; middle: string } => ({
    spread:
        area<T>(
            (d) => x.value(at(d)),
            (d) => y.value(d.low80),
            (d) => y.value(d.high80),
        ).curve(curveMonotoneX)(items) ?? '',
    middle:
        line<T>(
            (d) => x.value(at(d)),
            (d) => y.value(d.share),
        ).curve(curveMonotoneX)(items) ?? '',
});
const behind = computed(() => drawn(props.trend.points, (p) => moment(p.on)));
const ahead = computed(() => drawn(props.trend.ahead, (p) => weekAhead(p.weeks)));
const marks = computed(() => props.trend.marks.map((m) => ({ ...m, x: x.value(moment(m.on)), y: y.value(m.share) })));
const breaks = computed(() =>
    props.trend.breaks.map(({ from, to }) => {
        const [left, right] = [Math.max(BOX.left, x.value(moment(from))), x.value(moment(to))];
        const weeks = Math.round((moment(to).getTime() - moment(from).getTime()) / DAY_MS / DAYS_A_WEEK);
        return { left, width: right - left, text: `${weeks} weeks away` };
    }),
);
const shownKinds = computed(() => MARKS.filter((m) => props.trend.marks.some((mark) => mark.kind === m.kind)));

const at = ref<number>();
const cursor = computed(() => props.trend.points[at.value ?? props.trend.points.length - 1]);
const nearest = bisector((p: Schemas['TrendPoint']) => moment(p.on).getTime()).center;
const reading = computed(() => {
    if (!cursor.value) {
        return '';
    }
    const { on, share, low80, high80 } = cursor.value;
    const sets = props.trend.marks.filter((m) => m.on === on).map((m) => m.text);
    return [`${day(on)}: ${percent(share)} (${percentRange(low80, high80)})`, ...sets].join('. ');
});
const words = computed(() => {
    const [from, to] = [props.trend.points[0], props.trend.points.at(-1)];
    return from && to ? `Capacity from ${percent(from.share)} on ${day(from.on)} to ${percent(to.share)} on ${day(to.on)}.` : '';
});

function point(event: PointerEvent): void {
    const left = (event.currentTarget as Element).getBoundingClientRect().left;
    at.value = nearest(props.trend.points, x.value.invert(event.clientX - left).getTime());
}

function step(by: number): void {
    const most = props.trend.points.length - 1;
    at.value = Math.max(0, Math.min(most, (at.value ?? most) + by));
}
</script>

<template>
    <figure ref="frame">
        <div
            class="plot"
            role="slider"
            tabindex="0"
            aria-label="Sessions; arrow keys go through them"
            :aria-valuemin="0"
            :aria-valuemax="trend.points.length - 1"
            :aria-valuenow="at ?? trend.points.length - 1"
            :aria-valuetext="reading"
            @keydown.left.prevent="step(-1)"
            @keydown.right.prevent="step(1)"
            @keydown.home.prevent="step(-trend.points.length)"
            @keydown.end.prevent="step(trend.points.length)"
        >
            <svg :width="width" :height="height" role="img" :aria-label="words" @pointermove="point" @pointerdown="point">
                <g v-for="(b, i) in breaks" :key="`b${i}`" class="break">
                    <rect :x="b.left" :y="BOX.top" :width="b.width" :height="inner.bottom - BOX.top" />
                    <text v-if="b.width > 70" :x="b.left + b.width / 2" :y="inner.bottom - 8" text-anchor="middle">{{ b.text }}</text>
                </g>
                <g v-for="share in rows" :key="share" class="grid">
                    <line :x1="BOX.left" :x2="inner.right" :y1="y(share)" :y2="y(share)" />
                    <text :x="BOX.left - 8" :y="y(share) + 4" text-anchor="end">{{ percent(share) }}</text>
                </g>
                <text v-for="c in columns" :key="c.x" :x="c.x" :y="height - 8" text-anchor="middle">{{ c.text }}</text>
                <path class="ahead" :d="ahead.spread" />
                <path class="spread" :d="behind.spread" />
                <g v-if="strict" class="strict">
                    <line :x1="BOX.left" :x2="inner.right" :y1="y(1)" :y2="y(1)" />
                    <text :x="BOX.left + 4" :y="y(1) - 6">one strict rep</text>
                </g>
                <path class="likely" :d="ahead.middle" />
                <path class="middle" :d="behind.middle" />
                <g class="today">
                    <line :x1="x(today)" :x2="x(today)" :y1="BOX.top" :y2="inner.bottom" />
                    <text :x="x(today) + 5" :y="inner.bottom - 8">today</text>
                </g>
                <g v-if="trend.first_rep_on && trend.first_rep_on >= from" class="first">
                    <line :x1="x(moment(trend.first_rep_on))" :x2="x(moment(trend.first_rep_on))" :y1="BOX.top" :y2="inner.bottom" />
                    <text :x="x(moment(trend.first_rep_on)) - 5" :y="BOX.top + 10" text-anchor="end">first strict rep</text>
                </g>
                <TrendMark v-for="(m, i) in marks" :key="`m${i}`" :kind="m.kind" :x="m.x" :y="m.y" />
                <g v-if="cursor && at !== undefined" class="cursor">
                    <line :x1="x(moment(cursor.on))" :x2="x(moment(cursor.on))" :y1="BOX.top" :y2="inner.bottom" />
                    <circle :cx="x(moment(cursor.on))" :cy="y(cursor.share)" r="5" />
                </g>
            </svg>
        </div>
        <figcaption>
            <p class="reading" aria-hidden="true">{{ reading }}</p>
            <ul class="legend small dim">
                <li v-for="m in shownKinds" :key="m.kind">
                    <svg width="14" height="14" aria-hidden="true"><TrendMark :kind="m.kind" :x="7" :y="7" /></svg>
                    {{ m.text }}
                </li>
                <li>
                    <i class="line" aria-hidden="true" />
                    likely
                </li>
                <li v-if="trend.ahead.length > 0">
                    <i class="dashes" aria-hidden="true" />
                    to come
                </li>
                <li>
                    <i class="shade" aria-hidden="true" />
                    8 in 10
                </li>
            </ul>
        </figcaption>
    </figure>
</template>

<style scoped src="./trend-plot.css"></style>

<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { ticks } from 'd3-array';
import { fromShown, mass, newtons, shortLength, shown, unitOf } from '../domain/units';

const props = defineProps<{
    curve: Schemas['BandCurve'];
    points: readonly Schemas['BandPoint'][];
    /** The reading of the moment. */
    live?: { lengthM: number; forceKg: number } | undefined;
    /** Lengths in use at the foot and the knee, top to hang. */
    spans?: readonly { label: string; fromM: number; toM: number }[];
}>();

const WIDTH = 420;
const HEIGHT = 300;
const BOX = { left: 56, right: 58, top: 14, bottom: 46 };
const SHOWN_STRETCH_PART = 0.75;

const drawn = computed(() => props.curve.curve.slice(0, Math.ceil(props.curve.curve.length * SHOWN_STRETCH_PART)));
const low = computed(() => drawn.value[0]?.length_m ?? 0);
const high = computed(() => drawn.value.at(-1)?.length_m ?? 1);
const most = computed(() =>
    Math.max(...drawn.value.map((p) => p.force_kg + p.sd_kg), ...props.points.map((p) => p.force_kg), props.live?.forceKg ?? 0),
);
const x = (lengthM: number): number => BOX.left + ((lengthM - low.value) / (high.value - low.value)) * (WIDTH - BOX.left - BOX.right);
const y = (kg: number): number => HEIGHT - BOX.bottom - (kg / most.value) * (HEIGHT - BOX.top - BOX.bottom);

const line = computed(() => drawn.value.map((p) => `${x(p.length_m)},${y(p.force_kg)}`).join(' '));
const band = computed(() =>
    [
        ...drawn.value.map((p) => `${x(p.length_m)},${y(p.force_kg + p.sd_kg)}`),
        ...[...drawn.value].reverse().map((p) => `${x(p.length_m)},${y(Math.max(0, p.force_kg - p.sd_kg))}`),
    ].join(' '),
);
const caption = computed(
    () =>
        `Line: the curve; shade: one standard deviation; dots: readings${(props.spans ?? []).length > 0 ? '; bars: from the top to the hang' : ''}.`,
);
const words = computed(() => {
    const last = drawn.value.at(-1);
    return last
        ? `The band pulls nothing at ${shortLength(low.value)} and ${mass(last.force_kg)} at ${shortLength(last.length_m)}; ${props.points.length} readings.`
        : '';
});
</script>

<template>
    <figure>
        <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="words">
            <g class="grid">
                <template v-for="pull in ticks(0, shown(most, 'kg'), 6)" :key="pull">
                    <line :x1="BOX.left" :x2="WIDTH - BOX.right" :y1="y(fromShown(pull, 'kg'))" :y2="y(fromShown(pull, 'kg'))" />
                    <text :x="BOX.left - 8" :y="y(fromShown(pull, 'kg')) + 4" text-anchor="end">{{ pull }}</text>
                    <text :x="WIDTH - BOX.right + 6" :y="y(fromShown(pull, 'kg')) + 4">
                        {{ Math.round(newtons(fromShown(pull, 'kg'))) }}
                    </text>
                </template>
                <text
                    v-for="long in ticks(shown(low, 'cm'), shown(high, 'cm'), 6)"
                    :key="long"
                    :x="x(fromShown(long, 'cm'))"
                    :y="HEIGHT - BOX.bottom + 18"
                    text-anchor="middle"
                >
                    {{ long }}
                </text>
            </g>
            <g v-for="(span, i) in spans ?? []" :key="span.label" class="span">
                <rect :x="x(span.fromM)" :width="x(span.toM) - x(span.fromM)" :y="BOX.top" :height="HEIGHT - BOX.top - BOX.bottom" />
                <line :x1="x(span.fromM)" :x2="x(span.toM)" :y1="HEIGHT - BOX.bottom - 8 - 15 * i" :y2="HEIGHT - BOX.bottom - 8 - 15 * i" />
                <text :x="x(span.toM) - 4" :y="HEIGHT - BOX.bottom - 12 - 15 * i" text-anchor="end">{{ span.label }}</text>
            </g>
            <polygon class="spread" :points="band" />
            <polyline class="curve" :points="line" />
            <circle v-for="(p, i) in points" :key="i" :cx="x(p.length_m)" :cy="y(p.force_kg)" r="5.5" />
            <circle v-if="live" class="live" :cx="x(live.lengthM)" :cy="y(live.forceKg)" r="7" />
            <text class="axis" :x="(WIDTH + BOX.left) / 2" :y="HEIGHT - 6" text-anchor="middle">length in use, {{ unitOf('cm') }}</text>
            <text class="axis" :transform="`translate(14 ${HEIGHT / 2 - 16}) rotate(-90)`" text-anchor="middle">
                pull, {{ unitOf('kg') }}
            </text>
            <text class="axis" :transform="`translate(${WIDTH - 8} ${HEIGHT / 2 - 16}) rotate(-90)`" text-anchor="middle">pull, N</text>
        </svg>
        <figcaption class="small dim">{{ caption }}</figcaption>
    </figure>
</template>

<style scoped>
svg {
    display: block;
    width: 100%;
    height: auto;
}

.grid line {
    stroke: var(--color-line);
}

text {
    fill: var(--color-dust);
    font-size: var(--type-small);
}

.axis {
    fill: var(--color-graphite);
    font-weight: 600;
}

.spread {
    fill: var(--color-ply);
}

.span rect {
    fill: var(--color-sunk);
    opacity: 0.6;
}

.span line {
    stroke: var(--color-timber);
    stroke-width: 5;
}

.live {
    fill: var(--color-climb);
    stroke: var(--color-card);
}

.curve {
    fill: none;
    stroke: var(--color-graphite);
    stroke-width: 3;
}

circle {
    fill: var(--color-card);
    stroke: var(--color-graphite);
    stroke-width: 2.5;
}
</style>

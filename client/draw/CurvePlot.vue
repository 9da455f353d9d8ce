<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';

const props = defineProps<{ curve: Schemas['BandAnswer']; points: readonly Schemas['PointResource'][] }>();

const WIDTH = 420;
const HEIGHT = 330;
const BOX = { left: 56, right: 12, top: 14, bottom: 46 };
const SHOWN_STRETCH_PART = 0.75;

const shown = computed(() => props.curve.curve.slice(0, Math.ceil(props.curve.curve.length * SHOWN_STRETCH_PART)));
const low = computed(() => (shown.value[0]?.length_m ?? 0) * 100);
const high = computed(() => (shown.value.at(-1)?.length_m ?? 1) * 100);
const most = computed(() => Math.max(...shown.value.map((p) => p.force_kg + p.sd_kg), ...props.points.map((p) => p.force_kg)));
const x = (lengthM: number): number => BOX.left + ((lengthM * 100 - low.value) / (high.value - low.value)) * (WIDTH - BOX.left - BOX.right);
const y = (kg: number): number => HEIGHT - BOX.bottom - (kg / most.value) * (HEIGHT - BOX.top - BOX.bottom);

function steps(from: number, to: number, about: number): number[] {
    const rough = (to - from) / about;
    const size = [1, 2, 5, 10, 20, 25, 50, 100].find((s) => s >= rough) ?? 200;
    const first = Math.ceil(from / size) * size;
    return Array.from({ length: Math.floor((to - first) / size) + 1 }, (_, i) => first + i * size);
}

const line = computed(() => shown.value.map((p) => `${x(p.length_m)},${y(p.force_kg)}`).join(' '));
const band = computed(() =>
    [
        ...shown.value.map((p) => `${x(p.length_m)},${y(p.force_kg + p.sd_kg)}`),
        ...[...shown.value].reverse().map((p) => `${x(p.length_m)},${y(Math.max(0, p.force_kg - p.sd_kg))}`),
    ].join(' '),
);
const words = computed(() => {
    const last = shown.value.at(-1);
    return last
        ? `The band pulls 0 kg at ${Math.round(low.value)} cm and ${last.force_kg.toFixed(1)} kg at ${Math.round(last.length_m * 100)} cm; ${props.points.length} readings.`
        : '';
});
</script>

<template>
    <figure>
        <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="words">
            <g class="grid">
                <template v-for="kg in steps(0, most, 6)" :key="kg">
                    <line :x1="BOX.left" :x2="WIDTH - BOX.right" :y1="y(kg)" :y2="y(kg)" />
                    <text :x="BOX.left - 8" :y="y(kg) + 4" text-anchor="end">{{ kg }}</text>
                </template>
                <text v-for="cm in steps(low, high, 6)" :key="cm" :x="x(cm / 100)" :y="HEIGHT - BOX.bottom + 18" text-anchor="middle">{{ cm }}</text>
            </g>
            <polygon class="spread" :points="band" />
            <polyline class="curve" :points="line" />
            <circle v-for="(p, i) in points" :key="i" :cx="x(p.length_m)" :cy="y(p.force_kg)" r="5.5" />
            <text class="axis" :x="(WIDTH + BOX.left) / 2" :y="HEIGHT - 6" text-anchor="middle">length in use, cm</text>
            <text class="axis" :transform="`translate(14 ${HEIGHT / 2 - 16}) rotate(-90)`" text-anchor="middle">pull, kg</text>
        </svg>
        <figcaption class="small dim">Line: the curve. Shade: one standard deviation. Dots: readings.</figcaption>
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
    font-size: 13px;
}

.axis {
    fill: var(--color-graphite);
    font-weight: 600;
}

.spread {
    fill: var(--color-ply);
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

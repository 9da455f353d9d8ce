<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../../domain/http';
import { day, fromShown, mass, shown, unitOf } from '../../domain/units';
import { ticks } from 'd3-array';
import { through } from '../toScale';

const props = defineProps<{ weighings: readonly Schemas['Weighing'][] }>();

const WIDTH = 420;
const HEIGHT = 190;
const BOX = { left: 44, right: 14, top: 12, bottom: 26 };
const ROOM_KG = 1;
const DAY_MS = 86_400_000;

const ordered = computed(() => [...props.weighings].reverse());
const days = computed(() => ordered.value.map((w) => Date.parse(w.weighed_on) / DAY_MS));
const first = computed(() => days.value[0] ?? 0);
const last = computed(() => Math.max(days.value.at(-1) ?? 1, first.value + 1));
const low = computed(() => Math.min(...ordered.value.map((w) => w.mass_kg)) - ROOM_KG);
const high = computed(() => Math.max(...ordered.value.map((w) => w.mass_kg)) + ROOM_KG);
const x = (dayNumber: number): number =>
    BOX.left + ((dayNumber - first.value) / (last.value - first.value)) * (WIDTH - BOX.left - BOX.right);
const y = (kg: number): number => HEIGHT - BOX.bottom - ((kg - low.value) / (high.value - low.value)) * (HEIGHT - BOX.top - BOX.bottom);
const spots = computed(() => ordered.value.map((w, i) => ({ x: x(days.value[i] ?? 0), y: y(w.mass_kg) })));
const words = computed(() => {
    const [from, to] = [ordered.value[0], ordered.value.at(-1)];
    return from && to ? `Mass from ${mass(from.mass_kg)} on ${day(from.weighed_on)} to ${mass(to.mass_kg)} on ${day(to.weighed_on)}.` : '';
});
</script>

<template>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="words">
        <g v-for="weight in ticks(shown(low, 'kg'), shown(high, 'kg'), 4)" :key="weight">
            <line :x1="BOX.left" :x2="WIDTH - BOX.right" :y1="y(fromShown(weight, 'kg'))" :y2="y(fromShown(weight, 'kg'))" />
            <text :x="BOX.left - 6" :y="y(fromShown(weight, 'kg')) + 4" text-anchor="end">{{ weight }} {{ unitOf('kg') }}</text>
        </g>
        <polyline :points="through(spots)" />
        <circle v-for="(spot, i) in spots" :key="i" :cx="spot.x" :cy="spot.y" r="3.5" />
        <text :x="BOX.left" :y="HEIGHT - 6">{{ ordered[0] && day(ordered[0].weighed_on) }}</text>
        <text :x="WIDTH - BOX.right" :y="HEIGHT - 6" text-anchor="end">
            {{ ordered.length > 0 ? day(ordered.at(-1)!.weighed_on) : '' }}
        </text>
    </svg>
</template>

<style scoped>
svg {
    display: block;
    width: 100%;
}

line {
    stroke: var(--color-line);
}

text {
    fill: var(--color-dust);
    font-size: var(--type-small);
}

polyline {
    fill: none;
    stroke: var(--color-graphite);
    stroke-width: 2;
}

circle {
    fill: var(--color-graphite);
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { dimensionText, type Sheet } from './toScale';

const props = defineProps<{ dimension: Schemas['Dimension']; sheet: Sheet; under: boolean }>();

const TICK_PX = 5;
const CHAR_PX = 6.6;
const ARC_PX = 46;
const UNDER_PX = 25;

const from = computed(() => props.sheet.at(props.dimension.from));
const to = computed(() => props.sheet.at(props.dimension.to));
const text = computed(() => dimensionText(props.dimension));
const isAngle = computed(() => props.dimension.unit === '°');
const longPx = computed(() => Math.hypot(to.value.x - from.value.x, to.value.y - from.value.y));
const along = computed(() => ({ x: (to.value.x - from.value.x) / longPx.value, y: (to.value.y - from.value.y) / longPx.value }));
const upright = computed(() => Math.abs(along.value.x) < 0.3);
const turned = computed(() => upright.value && longPx.value > text.value.length * CHAR_PX);
const tick = computed(() => ({ x: -along.value.y * TICK_PX, y: along.value.x * TICK_PX }));
/** Long upright measurements are labelled along the line, level and low ones under it, a sloping strap's on its left, others beside it. */
const label = computed(() => {
    const middle = { x: (from.value.x + to.value.x) / 2, y: (from.value.y + to.value.y) / 2 };
    if (turned.value) {
        return { ...middle, x: middle.x - 5, anchor: 'middle' };
    }
    return props.under || Math.abs(along.value.y) < 0.1
        ? { ...middle, y: from.value.y + UNDER_PX, anchor: 'middle' }
        : upright.value
          ? { x: middle.x + 9, y: middle.y - 3, anchor: 'start' }
          : { x: middle.x - 9, y: middle.y - 3, anchor: 'end' };
});
const arc = computed(() => {
    const end = { x: from.value.x + along.value.x * ARC_PX, y: from.value.y + along.value.y * ARC_PX };
    return `M ${from.value.x} ${from.value.y - ARC_PX} A ${ARC_PX} ${ARC_PX} 0 0 0 ${end.x} ${end.y} M ${from.value.x} ${from.value.y} V ${from.value.y - ARC_PX - 8}`;
});
</script>

<template>
    <g v-if="isAngle" class="dimension" :data-dimension="dimension.label" :data-value="dimension.value">
        <path :d="arc" fill="none" />
        <text :x="from.x + 8" :y="from.y - ARC_PX" text-anchor="start">{{ text }}</text>
    </g>
    <g v-else-if="longPx > 0" class="dimension" :data-dimension="dimension.label" :data-value="dimension.value">
        <line :x1="from.x" :y1="from.y" :x2="to.x" :y2="to.y" data-measure />
        <line v-for="(end, i) in [from, to]" :key="i" :x1="end.x - tick.x" :y1="end.y - tick.y" :x2="end.x + tick.x" :y2="end.y + tick.y" />
        <text :x="label.x" :y="label.y" :text-anchor="label.anchor" :transform="turned ? `rotate(-90 ${label.x} ${label.y})` : undefined">
            {{ text }}
        </text>
    </g>
</template>

<style scoped>
.dimension line,
.dimension path {
    stroke: var(--color-bark);
    stroke-width: 1.2;
}

text {
    fill: var(--color-graphite);
    font: 600 var(--type-small) var(--type-text);
    paint-order: stroke;
    stroke: var(--color-card);
    stroke-width: 4px;
    stroke-linejoin: round;
}

/* A sheet shown smaller than it is laid out keeps its words legible. */
@media print, screen and (max-width: 720px) {
    text {
        font-size: var(--type-base);
    }
}
</style>

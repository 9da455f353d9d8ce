<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { through, type Sheet } from './toScale';

const props = defineProps<{ line: Schemas['Line']; sheet: Sheet }>();

const LEAST_STROKE_PX = 2.5;
const LEAST_SPOT_PX = 4.5;

const points = computed(() => props.line.points.map(props.sheet.at));
const spot = computed(() => points.value[0] ?? { x: 0, y: 0 });
const strokePx = computed(() => Math.max(LEAST_STROKE_PX, props.line.thickness_m * props.sheet.pxPerM));
</script>

<template>
    <g :class="[line.part, { ghost: line.at_top }]" :data-part="line.part" :data-ghost="line.at_top || undefined">
        <path v-if="line.part === 'heel-mark'" :d="`M ${spot.x - 7} ${spot.y + 9} L ${spot.x} ${spot.y} L ${spot.x + 7} ${spot.y + 9} Z`" />
        <circle v-else-if="points.length === 1" :cx="spot.x" :cy="spot.y" :r="Math.max(LEAST_SPOT_PX, strokePx / 2)" />
        <polyline v-else :points="through(points)" :stroke-width="strokePx" />
    </g>
</template>

<style scoped>
polyline {
    fill: none;
    stroke: var(--color-graphite);
}

circle {
    fill: var(--color-graphite);
}

.band polyline {
    stroke: var(--color-timber);
    opacity: 0.85;
}

.strap polyline,
.cable polyline {
    stroke: var(--color-bark);
}

.box polyline {
    fill: var(--color-sunk);
    stroke: var(--color-timber);
}

.weight polyline {
    stroke: var(--color-slate);
}

.heel-mark path {
    fill: var(--color-bark);
}

.ghost {
    opacity: 0.4;
}
</style>

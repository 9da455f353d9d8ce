<script setup lang="ts">
import { symbol, symbolCircle, symbolDiamond, symbolTriangle, type SymbolType } from 'd3-shape';
import { computed } from 'vue';
import type { Schemas } from '../../domain/http';

const props = defineProps<{ kind: Schemas['TrendMark']['kind']; x: number; y: number }>();

/** A set is a dot, what only bounds points where capacity lies, what was tried stands on its tip. */
const SHAPES: Record<Schemas['TrendMark']['kind'], { type: SymbolType; size: number; turn: number }> = {
    set: { type: symbolCircle, size: 44, turn: 0 },
    baseline: { type: symbolCircle, size: 64, turn: 0 },
    'at-least': { type: symbolTriangle, size: 44, turn: 0 },
    'less-than': { type: symbolTriangle, size: 44, turn: 180 },
    test: { type: symbolDiamond, size: 90, turn: 0 },
};
const shape = computed(() => SHAPES[props.kind]);
const path = computed(() => symbol(shape.value.type, shape.value.size)() ?? '');
</script>

<template>
    <path :class="kind" :d="path" :transform="`translate(${x} ${y}) rotate(${shape.turn})`" />
</template>

<style scoped>
path {
    fill: var(--color-card);
    stroke: var(--color-graphite);
    stroke-width: 1.6;
}

.set {
    fill: var(--color-graphite);
}

.test {
    fill: var(--color-timber);
    stroke: var(--color-bark);
}
</style>

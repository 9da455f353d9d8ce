<script setup lang="ts">
import type { ScaleLinear, ScaleTime } from 'd3-scale';
import { computed } from 'vue';
import { PX_PER_TICK, tickColumns } from './time';
import { BOX, HEIGHT } from './useSmallChart';

/** Two figures on the left and the months below. */
const props = defineProps<{
    axes: { x: ScaleTime<number, number>; y: ScaleLinear<number, number> };
    width: number;
    words: (figure: number) => string;
}>();

const rows = computed(() => [...new Set(props.axes.y.domain())]);
const columns = computed(() => tickColumns(props.axes.x, props.width, 1).filter((c) => c.x < props.width - PX_PER_TICK / 4));
</script>

<template>
    <g aria-hidden="true">
        <g v-for="figure in rows" :key="figure">
            <line :x1="BOX.left" :x2="width - BOX.right" :y1="axes.y(figure)" :y2="axes.y(figure)" />
            <text :x="BOX.left - 6" :y="axes.y(figure) + 4" text-anchor="end">{{ words(figure) }}</text>
        </g>
        <text v-for="c in columns" :key="c.x" :x="c.x" :y="HEIGHT - 4" text-anchor="middle">{{ c.text }}</text>
    </g>
</template>

<style scoped>
line {
    stroke: var(--color-line);
}

text {
    fill: var(--color-dust);
    font-size: var(--type-small);
}
</style>

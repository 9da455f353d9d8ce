<script setup lang="ts">
import type { ScaleLinear, ScaleTime } from 'd3-scale';
import { computed } from 'vue';
import { tickWords } from './time';
import { BOX, HEIGHT } from './useSmallChart';

/** Two figures on the left and the months below. */
const props = defineProps<{
    axes: { x: ScaleTime<number, number>; y: ScaleLinear<number, number> };
    width: number;
    words: (figure: number) => string;
}>();

const PX_PER_TICK = 90;

const rows = computed(() => [...new Set(props.axes.y.domain())]);
const columns = computed(() => {
    const ticks = props.axes.x.ticks(Math.max(1, Math.floor(props.width / PX_PER_TICK)));
    const words = tickWords(ticks);
    return ticks.map((t, i) => ({ at: props.axes.x(t), text: words[i] ?? '' })).filter((c) => c.at < props.width - PX_PER_TICK / 4);
});
</script>

<template>
    <g aria-hidden="true">
        <g v-for="figure in rows" :key="figure">
            <line :x1="BOX.left" :x2="width - BOX.right" :y1="axes.y(figure)" :y2="axes.y(figure)" />
            <text :x="BOX.left - 6" :y="axes.y(figure) + 4" text-anchor="end">{{ words(figure) }}</text>
        </g>
        <text v-for="c in columns" :key="c.at" :x="c.at" :y="HEIGHT - 4" text-anchor="middle">{{ c.text }}</text>
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

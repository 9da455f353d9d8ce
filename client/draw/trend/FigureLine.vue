<script setup lang="ts">
import { extent } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { computed } from 'vue';
import type { Schemas } from '../../domain/http';
import { day } from '../../domain/units';
import SmallAxes from './SmallAxes.vue';
import { moment } from './time';
import { BOX, HEIGHT, useSmallChart } from './useSmallChart';

const props = defineProps<{
    name: string;
    figures: readonly Schemas['TrendFigure'][];
    words: (figure: number) => string;
    from: string;
    to: string;
}>();

/** Fewer than this are dots that can be told apart. */
const DOTS = 40;

const { width, x } = useSmallChart(() => props);
const y = computed(() => {
    const [low = 0, high = 1] = extent(props.figures, (f) => f.figure);
    return scaleLinear([low, high === low ? low + 1 : high], [HEIGHT - BOX.bottom, BOX.top]);
});
const path = computed(
    () =>
        line<Schemas['TrendFigure']>(
            (f) => x.value(moment(f.on)),
            (f) => y.value(f.figure),
        )(props.figures) ?? '',
);
const last = computed(() => props.figures.at(-1));
const range = computed(() => {
    const [low = 0, high = 0] = extent(props.figures, (f) => f.figure);
    return low === high ? props.words(low) : `${props.words(low)} to ${props.words(high)}`;
});
</script>

<template>
    <section ref="frame" class="card" :aria-label="name">
        <h2>
            {{ name }}
            <span v-if="last">{{ words(last.figure) }}</span>
        </h2>
        <svg
            v-if="figures.length > 1"
            :width="width"
            :height="HEIGHT"
            role="img"
            :aria-label="`${name}: ${range}, last ${last ? words(last.figure) : ''}.`"
        >
            <SmallAxes :axes="{ x, y }" :width="width" :words="words" />
            <path :d="path" />
            <template v-if="figures.length < DOTS">
                <circle v-for="f in figures" :key="f.on" :cx="x(moment(f.on))" :cy="y(f.figure)" r="2.5" />
            </template>
        </svg>
        <p v-else-if="last" class="small dim">Once so far, {{ day(last.on) }}.</p>
        <p v-else class="small dim">Nothing logged in this time.</p>
    </section>
</template>

<style scoped src="./small-chart.css"></style>

<style scoped>
path {
    fill: none;
    stroke: var(--color-slate);
    stroke-width: 2;
}

circle {
    fill: var(--color-slate);
}
</style>

<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { extent } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { computed, useTemplateRef } from 'vue';
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import { moment, timeAxis } from './time';

const props = defineProps<{ name: string; figures: readonly Schemas['TrendFigure'][]; words: (figure: number) => string; from: string; to: string }>();

const HEIGHT = 96;
const BOX = { left: 6, right: 8, top: 10, bottom: 20 };
/** Fewer than this are dots that can be told apart. */
const DOTS = 40;

const frame = useTemplateRef<HTMLElement>('frame');
const { width: measured } = useElementSize(frame);
const width = computed(() => Math.max(160, measured.value));
const x = computed(() => timeAxis(moment(props.from), moment(props.to), BOX.left, width.value - BOX.right));
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
        <svg v-if="figures.length > 1" :width="width" :height="HEIGHT" role="img" :aria-label="`${name}: ${range}, last ${last ? words(last.figure) : ''}.`">
            <path :d="path" />
            <template v-if="figures.length < DOTS"><circle v-for="f in figures" :key="f.on" :cx="x(moment(f.on))" :cy="y(f.figure)" r="2.5" /></template>
            <text :x="BOX.left" :y="HEIGHT - 4">{{ range }}</text>
        </svg>
        <p v-else-if="last" class="small dim">Once so far, {{ day(last.on) }}.</p>
        <p v-else class="small dim">Nothing logged in this time.</p>
    </section>
</template>

<style scoped>
h2 {
    font-size: var(--type-base);
}

h2 span {
    color: var(--color-slate);
    font-family: var(--type-text);
    font-weight: 400;
}

path {
    fill: none;
    stroke: var(--color-slate);
    stroke-width: 2;
}

circle {
    fill: var(--color-slate);
}

text {
    fill: var(--color-dust);
    font-size: 12px;
}
</style>

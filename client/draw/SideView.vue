<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import DimensionLine from './DimensionLine.vue';
import GearLine from './GearLine.vue';
import StickFigure from './StickFigure.vue';
import { dimensionText, layOut } from './toScale';

const props = withDefaults(defineProps<{ view: Schemas['SideView']; name: string; widthPx?: number; heightPx?: number }>(), { widthPx: 460, heightPx: 400 });

/** Boxes and machines stand behind the body, what it hangs by is drawn over it. */
const BEHIND: Schemas['Line']['part'][] = ['box', 'weight', 'post'];

const sheet = computed(() => layOut(props.view, props.widthPx, props.heightPx));
const behind = computed(() => props.view.gear.filter((line) => BEHIND.includes(line.part)));
const before = computed(() => props.view.gear.filter((line) => !BEHIND.includes(line.part)));
const words = computed(() => `${props.name}, from the side, to scale: ${props.view.dimensions.map(dimensionText).join(', ')}.`);
</script>

<template>
    <svg class="side-view" :viewBox="`0 0 ${widthPx} ${heightPx}`" role="img" :aria-label="words" :data-px-per-m="sheet.pxPerM" :data-floor-px="sheet.floorPx">
        <line class="floor" x1="0" :x2="widthPx" :y1="sheet.floorPx" :y2="sheet.floorPx" />
        <GearLine v-for="(line, i) in behind" :key="`behind-${i}`" :line="line" :sheet="sheet" />
        <StickFigure v-if="view.finish" :stick="view.finish" :sheet="sheet" ghost />
        <StickFigure :stick="view.start" :sheet="sheet" />
        <GearLine v-for="(line, i) in before" :key="`before-${i}`" :line="line" :sheet="sheet" />
        <DimensionLine v-for="dimension in view.dimensions" :key="dimension.label" :dimension="dimension" :sheet="sheet" />
    </svg>
</template>

<style scoped>
.side-view {
    display: block;
    width: 100%;
    max-width: 500px;
    height: auto;
    margin: 0 auto;
}

.floor {
    stroke: var(--color-graphite);
    stroke-width: 2;
}
</style>

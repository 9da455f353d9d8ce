<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import DimensionLine from './DimensionLine.vue';
import GearLine from './GearLine.vue';
import StickFigure from './StickFigure.vue';
import { dimensionText, gearAt, isUnderFloor, layOut } from './toScale';

const props = withDefaults(
    defineProps<{
        view: Schemas['SideView'];
        name: string;
        widthPx?: number;
        heightPx?: number;
        /** Without the measurements, which stand elsewhere. */
        bare?: boolean;
    }>(),
    { widthPx: 460, heightPx: 400 },
);

/** Boxes and machines stand behind the body; what it hangs by is drawn over it, and never over the arms. */
const BEHIND: Schemas['Line']['part'][] = ['box', 'step', 'weight', 'post'];

const sheets = computed(() => layOut(props.bare ? { ...props.view, dimensions: [] } : props.view, props.widthPx, props.heightPx));
const isRow = computed(() => props.view.gear.some((line) => line.part === 'heel-mark'));
const figures = computed(() => {
    const { start, finish } = sheets.value;
    const seen = (atFinish: boolean) => {
        const gear = gearAt(props.view, atFinish);
        return { behind: gear.filter((line) => BEHIND.includes(line.part)), before: gear.filter((line) => !BEHIND.includes(line.part)) };
    };
    return [
        { ...seen(false), sheet: start, stick: props.view.start, caption: isRow.value ? 'Arms straight' : 'Hang', finish: false },
        ...(finish && props.view.finish
            ? [{ ...seen(true), sheet: finish, stick: props.view.finish, caption: isRow.value ? 'Pulled in' : 'Top', finish: true }]
            : []),
    ];
});
const words = computed(() => `${props.name}, from the side, to scale: ${props.view.dimensions.map(dimensionText).join(', ')}.`);
</script>

<template>
    <svg
        class="side-view"
        :viewBox="`0 0 ${widthPx} ${heightPx}`"
        role="img"
        :aria-label="words"
        :data-px-per-m="sheets.start.pxPerM"
        :data-floor-px="sheets.start.floorPx"
    >
        <line class="floor" x1="0" :x2="widthPx" :y1="sheets.start.floorPx" :y2="sheets.start.floorPx" />
        <g v-for="figure in figures" :key="figure.caption" :data-finish="figure.finish || undefined">
            <GearLine v-for="(line, i) in figure.behind" :key="`behind-${i}`" :line="line" :sheet="figure.sheet" />
            <StickFigure :stick="figure.stick" :sheet="figure.sheet" />
            <GearLine v-for="(line, i) in figure.before" :key="`before-${i}`" :line="line" :sheet="figure.sheet" />
            <text v-if="figures.length > 1" class="caption" :x="figure.sheet.middlePx" :y="heightPx - 6" text-anchor="middle">
                {{ figure.caption }}
            </text>
        </g>
        <template v-if="!bare">
            <DimensionLine
                v-for="dimension in view.dimensions"
                :key="dimension.label"
                :dimension="dimension"
                :sheet="sheets.start"
                :under="isUnderFloor(dimension, view.start.hip.x_m)"
            />
        </template>
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

.caption {
    fill: var(--color-graphite);
    font: 700 var(--type-base) var(--type-display);
}

.floor {
    stroke: var(--color-graphite);
    stroke-width: 2;
}
</style>

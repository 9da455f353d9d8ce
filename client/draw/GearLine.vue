<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { through, type Sheet } from './toScale';

const props = defineProps<{ line: Schemas['Line']; sheet: Sheet }>();

const LEAST_STROKE_PX = 1.8;
const LEAST_SPOT_PX = 4.5;

/** A band is drawn bowed in front of the body, so that neither hides the other; its ends are where they are. */
const BOW_M = 0.17;
const BOW_STEPS = 14;

const points = computed(() => {
    const drawn = props.line.points.map(props.sheet.at);
    const [from, to] = drawn;
    if (props.line.part !== 'band' || !from || !to) {
        return drawn;
    }
    return Array.from({ length: BOW_STEPS + 1 }, (_, i) => {
        const part = i / BOW_STEPS;
        return {
            x: from.x + (to.x - from.x) * part + 4 * BOW_M * props.sheet.pxPerM * part * (1 - part),
            y: from.y + (to.y - from.y) * part,
        };
    });
});
const spot = computed(() => points.value[0] ?? { x: 0, y: 0 });
const strokePx = computed(() => Math.max(LEAST_STROKE_PX, props.line.thickness_m * props.sheet.pxPerM));
</script>

<template>
    <g :class="line.part" :data-part="line.part">
        <path v-if="line.part === 'heel-mark'" :d="`M ${spot.x - 7} ${spot.y + 9} L ${spot.x} ${spot.y} L ${spot.x + 7} ${spot.y + 9} Z`" />
        <circle v-else-if="line.points.length === 1" :cx="spot.x" :cy="spot.y" :r="Math.max(LEAST_SPOT_PX, strokePx / 2)" />
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
}

.strap polyline,
.cable polyline {
    stroke: var(--color-bark);
}

.box polyline,
.step polyline {
    fill: var(--color-sunk);
    stroke: var(--color-timber);
}

.block polyline {
    stroke: var(--color-graphite);
}

.weight polyline {
    stroke: var(--color-slate);
}

.heel-mark path {
    fill: var(--color-bark);
}
</style>

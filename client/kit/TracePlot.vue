<script setup lang="ts">
import { computed } from 'vue';
import { through } from '../draw/toScale';

const props = defineProps<{ trace: readonly number[] }>();

const WIDTH = 120;
const HEIGHT = 34;
const LEAST_SPAN_KG = 0.5;

const points = computed(() => {
    const low = Math.min(...props.trace);
    const span = Math.max(LEAST_SPAN_KG, Math.max(...props.trace) - low);
    return through(
        props.trace.map((kg, i) => ({
            x: (i / Math.max(1, props.trace.length - 1)) * WIDTH,
            y: HEIGHT - 2 - ((kg - low) / span) * (HEIGHT - 4),
        })),
    );
});
</script>

<template>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" :width="WIDTH" :height="HEIGHT" role="img" aria-label="The scale over the last three seconds">
        <polyline v-if="trace.length > 1" :points="points" />
    </svg>
</template>

<style scoped>
svg {
    flex: 1;
    min-width: 60px;
    align-self: center;
}

polyline {
    fill: none;
    stroke: var(--color-slate);
    stroke-width: 1.5;
}
</style>

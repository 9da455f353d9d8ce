<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { through, type Sheet } from './toScale';

const props = defineProps<{ stick: Schemas['Stick']; sheet: Sheet; ghost?: boolean }>();

const limbs = computed(() => {
    const { stick, sheet } = props;
    const line = (...places: Schemas['Spot'][]): string => through(places.map(sheet.at));
    return {
        arm: line(stick.grip, stick.elbow, stick.shoulder),
        trunk: line(stick.shoulder, stick.hip),
        leg: line(stick.hip, stick.knee, stick.ankle, stick.toe),
    };
});
const head = computed(() => props.sheet.at(props.stick.head));
const unit = computed(() => props.sheet.pxPerM / 100);
</script>

<template>
    <g :class="{ ghost }" class="stick" stroke-linecap="round" stroke-linejoin="round" fill="none">
        <polyline :points="limbs.leg" :stroke-width="7 * unit" />
        <polyline :points="limbs.trunk" :stroke-width="13 * unit" data-part="trunk" />
        <polyline :points="limbs.arm" :stroke-width="5.5 * unit" />
        <circle :cx="head.x" :cy="head.y" :r="stick.head_radius_m * sheet.pxPerM" />
    </g>
</template>

<style scoped>
.stick {
    stroke: var(--color-slate);
}

.stick circle {
    fill: var(--color-slate);
    stroke: none;
}

.ghost {
    opacity: 0.28;
}
</style>

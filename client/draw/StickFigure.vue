<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { through, type Sheet } from './toScale';

const props = defineProps<{ stick: Schemas['Stick']; sheet: Sheet }>();

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
    <g class="stick" stroke-linecap="round" stroke-linejoin="round" fill="none">
        <polyline :points="limbs.leg" :stroke-width="7 * unit" />
        <polyline :points="limbs.trunk" :stroke-width="13 * unit" data-part="trunk" />
        <circle :cx="head.x" :cy="head.y" :r="stick.head_radius_m * sheet.pxPerM" />
        <polyline class="edge" :points="limbs.arm" :stroke-width="8.5 * unit" />
        <polyline class="arm" :points="limbs.arm" :stroke-width="5.5 * unit" data-part="arm" />
    </g>
</template>

<style scoped>
.stick {
    stroke: var(--color-slate);
}

.edge {
    stroke: var(--color-card);
}

.arm {
    stroke: var(--color-dust);
}

.stick circle {
    fill: var(--color-slate);
    stroke: none;
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';

/** One scale for all athletes: what the set-up carries as a tick, where one rep lies as a bar; without either, its words. */
const props = defineProps<{
    share?: number | null;
    capacity?: Schemas['Capacity'] | null;
    row?: boolean;
}>();

const [FROM, TO] = [0.3, 1.15];
const MARKS = [0.5, 0.75, 1];
const at = (share: number): number => (100 * (Math.min(TO, Math.max(FROM, share)) - FROM)) / (TO - FROM);
const bar = computed(() =>
    props.capacity ? { x: at(props.capacity.low80), width: Math.max(2, at(props.capacity.high80) - at(props.capacity.low80)) } : null,
);
</script>

<template>
    <span class="scale" :class="{ row }" :aria-hidden="row || undefined">
        <i v-for="mark in MARKS" :key="mark" class="mark" :class="{ whole: mark === 1 }" :style="{ left: `${at(mark)}%` }">
            <span v-if="!row">{{ 100 * mark }} %</span>
        </i>
        <i v-if="bar" class="bar" :style="{ left: `${bar.x}%`, width: `${bar.width}%` }" />
        <i v-if="share != null" class="tick" :style="{ left: `${at(share)}%` }" />
    </span>
</template>

<style scoped>
.scale {
    position: relative;
    display: block;
    height: 20px;
}

.scale.row {
    height: 45px;
}

.mark {
    position: absolute;
    inset-block: 0;
    border-left: 1px solid var(--color-line);
    font-style: normal;
}

.mark > span {
    position: absolute;
    bottom: 0;
    transform: translateX(-50%);
    background: var(--color-card);
    white-space: nowrap;
}

.whole {
    border-left: 2px solid var(--color-edge);
}

.tick,
.bar {
    position: absolute;
    top: 50%;
}

.tick {
    width: 5px;
    height: 28px;
    transform: translate(-50%, -50%);
    border-radius: var(--radius-small);
    background: var(--color-graphite);
}

.bar {
    height: 10px;
    transform: translateY(-50%);
    border: 1.5px solid var(--color-timber);
    border-radius: var(--radius-small);
    background: var(--color-ply);
}
</style>

<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { verdictWords } from '../domain/words';

defineProps<{ verdict: Schemas['Call']['verdict']; large?: boolean }>();

const shapes: Record<Schemas['Call']['verdict'], string> = {
    climb: 'M3 14 10 5l7 9M3 19 10 10l7 9',
    stay: 'M3 8h14M3 14h14',
    'step-down': 'M3 8l7 9 7-9',
    refer: 'M6.5 2.5h7l4 4v7l-4 4h-7l-4-4v-7zM10 6v5M10 13v1.6',
};
</script>

<template>
    <span class="mark" :class="[verdict, { large }]">
        <svg viewBox="0 0 20 21" aria-hidden="true"><path :d="shapes[verdict]" /></svg>
        {{ verdictWords[verdict] }}
    </span>
</template>

<style scoped>
.mark {
    display: inline-flex;
    justify-self: start;
    align-items: center;
    gap: 6px;
    padding: 2px 10px 2px 7px;
    border-radius: var(--radius-small);
    font-weight: 700;
    white-space: nowrap;
}

svg {
    width: 16px;
    height: 17px;
    fill: none;
    stroke: currentColor;
    stroke-width: 2.4;
    stroke-linejoin: round;
}

.large {
    font-family: var(--type-display);
    font-size: var(--type-title);
    padding: 4px 14px 4px 10px;
}

.large svg {
    width: 24px;
    height: 25px;
}

.climb {
    color: var(--color-climb);
    background: var(--color-climbTint);
}

.stay {
    color: var(--color-stay);
    background: var(--color-stayTint);
}

.step-down {
    color: var(--color-down);
    background: var(--color-downTint);
}

.refer {
    color: var(--color-refer);
    background: var(--color-referTint);
}
</style>

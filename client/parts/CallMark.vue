<script setup lang="ts">
import { verdictLooks, type Verdict } from '../domain/words';

defineProps<{ verdict: Verdict; word?: string; large?: boolean }>();
</script>

<template>
    <span
        class="mark"
        :class="{ large }"
        :style="{ color: `var(--color-${verdictLooks[verdict].tone})`, background: `var(--color-${verdictLooks[verdict].tone}Tint)` }"
    >
        <svg viewBox="0 0 20 21" aria-hidden="true"><path :d="verdictLooks[verdict].shape" /></svg>
        {{ word ?? verdictLooks[verdict].word }}
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
</style>

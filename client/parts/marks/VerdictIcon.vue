<script setup lang="ts">
import { verdictLooks, type Verdict } from '../../domain/words';

/** A verdict as a ladder: the rung in use in graphite, what comes in the verdict's own tone. */
defineProps<{ verdict: Verdict; large?: boolean }>();
</script>

<template>
    <svg
        viewBox="0 0 20 21"
        aria-hidden="true"
        :class="{ large }"
        :style="{ color: `var(--color-${verdictLooks[verdict].tone})`, background: `var(--color-${verdictLooks[verdict].tone}Tint)` }"
    >
        <path d="M5 1v19M15 1v19" />
        <path v-if="verdictLooks[verdict].now" class="now" :d="verdictLooks[verdict].now" />
        <path v-if="verdictLooks[verdict].next" :d="verdictLooks[verdict].next" />
    </svg>
</template>

<style scoped>
svg {
    flex: none;
    width: 32px;
    height: 32px;
    padding: 4px;
    border-radius: var(--radius-small);
    fill: none;
    stroke: currentColor;
    stroke-width: 2.2;
    stroke-linejoin: round;
}

.now {
    stroke: var(--color-graphite);
    stroke-width: 3;
}

.large {
    width: 48px;
    height: 48px;
    padding: 6px;
}
</style>

<script setup lang="ts">
import { verdictLooks, type Verdict } from '../../domain/words';
import VerdictIcon from './VerdictIcon.vue';

defineProps<{ verdict: Verdict; word?: string; large?: boolean }>();
</script>

<template>
    <span class="mark" :class="{ large }" :style="{ color: `var(--color-${verdictLooks[verdict].tone})` }">
        <VerdictIcon :verdict="verdict" :large="large" />
        {{ word ?? verdictLooks[verdict].word }}
    </span>
</template>

<style scoped>
.mark {
    display: inline-flex;
    justify-self: start;
    align-items: center;
    gap: var(--space-small);
    font: 700 var(--type-base) / 1.2 var(--type-display);
    white-space: nowrap;
}

.large {
    gap: var(--space-base);
    font-size: var(--type-title);
}

@media screen and (max-width: 720px) {
    .large {
        font-size: var(--type-wide);
    }
}
</style>

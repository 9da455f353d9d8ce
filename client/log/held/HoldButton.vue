<script setup lang="ts">
import PressButton from '../../parts/PressButton.vue';
import type { useHold } from './useHold';

/** A stopwatch under the thumb: it runs while it is held. */
defineProps<{ hold: ReturnType<typeof useHold>; rests: string; runs: string }>();
</script>

<template>
    <PressButton class="hold" :class="{ on: hold.holding.value }" @press="hold.press" @release="hold.release">
        <b>{{ hold.elapsedS.value.toFixed(1) }} s</b>
        <small>{{ hold.holding.value ? runs : rests }}</small>
    </PressButton>
</template>

<style scoped>
.hold {
    display: grid;
    place-content: center;
    justify-items: center;
    min-height: 64px;
    border: 2px solid var(--color-graphite);
    border-radius: var(--radius-base);
    background: var(--color-card);
    color: inherit;
    font: inherit;
    touch-action: none;
    user-select: none;
    cursor: pointer;
}

.hold.on {
    background: var(--color-graphite);
    color: var(--color-paper);
}

b {
    font-size: var(--type-wide);
    line-height: 1.1;
}
</style>

<script setup lang="ts">
import type { Schemas } from '../domain/http';
import type { Waiting } from '../domain/queue';

defineProps<{ done: readonly Schemas['Set'][]; waiting: readonly Waiting[]; sets: number }>();
</script>

<template>
    <p class="done" role="group" aria-label="Sets today">
        <span v-for="set in [...done].reverse()" :key="set.id">{{ set.clean_reps }}</span>
        <span v-for="one in waiting" :key="one.id" class="waits" :aria-label="`${one.set.clean_reps ?? 'hang'}, waiting on this device`">{{ one.set.clean_reps ?? 'hang' }}</span>
        <i v-for="n in Math.max(0, sets - done.length - waiting.length)" :key="`left-${n}`" class="left" />
    </p>
</template>

<style scoped>
.done {
    display: flex;
    gap: 8px;
    font: 700 22px/1 var(--type-text);
}

.waits {
    color: var(--color-slate);
    text-decoration: underline dotted 2px;
    text-underline-offset: 4px;
}

.left {
    width: 18px;
    height: 18px;
    border: 2px dashed var(--color-timber);
    border-radius: 50%;
}
</style>

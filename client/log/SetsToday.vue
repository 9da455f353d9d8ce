<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { waitingSet, type Waiting } from '../domain/queue';

const props = defineProps<{ done: readonly Schemas['Set'][]; waiting: readonly Waiting[]; sets: number }>();

/** A row of figures that fits a phone; what came before is counted. */
const SHOWN = 6;

const shown = computed(() => props.done.slice(0, Math.max(0, SHOWN - props.waiting.length)).reverse());
const before = computed(() => props.done.length - shown.value.length);
</script>

<template>
    <p class="done" role="group" aria-label="Sets today">
        <small v-if="before > 0" class="dim" :title="`${before} sets before these`">{{ before }} +</small>
        <span v-for="set in shown" :key="set.id">{{ set.clean_reps }}</span>
        <span
            v-for="one in waiting"
            :key="one.id"
            class="waits"
            :aria-label="`${waitingSet(one)?.clean_reps ?? 'hang'}, waiting on this device`"
        >
            {{ waitingSet(one)?.clean_reps ?? 'hang' }}
        </span>
        <i v-for="n in Math.max(0, sets - done.length - waiting.length)" :key="`left-${n}`" class="left" />
    </p>
</template>

<style scoped>
small {
    font: 400 var(--type-base) / 1.4 var(--type-text);
    white-space: nowrap;
}

.done {
    display: flex;
    flex: none;
    gap: 8px;
    font: 700 var(--type-wide) / 1 var(--type-text);
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

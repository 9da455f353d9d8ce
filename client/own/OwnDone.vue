<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { bestLine, countOf, type DayLine } from '../log/counts';
import DayLines from '../log/DayLines.vue';

const props = defineProps<{ sets: readonly Schemas['OwnSet'][]; bests: readonly Schemas['Best'][] }>();

/** Sets of one day on one set-up stand in one line, in the order they were done. */
const lines = computed(() => {
    const found = new Map<string, DayLine>();
    for (const set of [...props.sets].reverse()) {
        const name = set.name ?? 'Dead hang';
        const key = `${set.on} ${name} ${set.purpose}`;
        const line = found.get(key) ?? { on: set.on, name, beside: set.purpose === 'home' ? 'by yourself' : undefined, counts: [] };
        line.counts.push(countOf(set));
        found.set(key, line);
    }
    return [...found.values()].reverse();
});
</script>

<template>
    <section class="card stack" aria-label="What you did">
        <h2>What you did</h2>
        <p v-if="lines.length === 0" class="dim">Nothing is logged yet.</p>
        <DayLines :lines="lines" />
        <template v-if="bests.length > 0">
            <h2>Your best</h2>
            <DayLines :lines="bests.map(bestLine)" />
        </template>
    </section>
</template>

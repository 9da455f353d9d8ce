<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import BestList from '../log/BestList.vue';
import { countOf } from '../log/counts';

const props = defineProps<{ sets: readonly Schemas['OwnSet'][]; bests: readonly Schemas['Best'][] }>();

/** Sets of one day on one set-up stand in one line, in the order they were done. */
const lines = computed(() => {
    const found = new Map<string, { on: string; name: string; home: boolean; counts: string[] }>();
    for (const set of [...props.sets].reverse()) {
        const name = set.name ?? 'Dead hang';
        const key = `${set.on} ${name} ${set.purpose}`;
        const line = found.get(key) ?? { on: set.on, name, home: set.purpose === 'home', counts: [] };
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
        <ul class="list">
            <li v-for="(line, i) in lines" :key="i">
                <span class="dim">{{ day(line.on) }}</span>
                <span>
                    {{ line.name }}
                    <em v-if="line.home" class="small dim share">by yourself</em>
                </span>
                <b>{{ line.counts.join(' ') }}</b>
            </li>
        </ul>
        <template v-if="bests.length > 0">
            <h2>Your best</h2>
            <BestList :bests="bests" />
        </template>
    </section>
</template>

<style scoped>
.list {
    display: grid;
    gap: 6px;
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: 96px minmax(0, 1fr) auto;
    gap: var(--space-small);
    align-items: baseline;
}

li .share {
    white-space: nowrap;
}

b {
    font: 650 var(--type-large) / 1.2 var(--type-display);
    word-spacing: 4px;
    text-align: right;
}
</style>

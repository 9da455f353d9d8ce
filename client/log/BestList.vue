<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { day, percent } from '../domain/units';
import { countOf } from './counts';

/** The best on each set-up, hardest first. */
defineProps<{ bests: readonly Schemas['Best'][] }>();
</script>

<template>
    <ul>
        <li v-for="(best, i) in bests" :key="i">
            <span class="dim">{{ day(best.on) }}</span>
            <span>
                {{ best.name ?? 'Dead hang' }}
                <span v-if="best.carried_share !== null && best.clean_reps !== null" class="small dim share">
                    {{ percent(best.carried_share) }}
                </span>
            </span>
            <b>{{ countOf(best) }}</b>
        </li>
    </ul>
</template>

<style scoped>
ul {
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

.share {
    white-space: nowrap;
}

b {
    font: 650 var(--type-large) / 1.2 var(--type-display);
    text-align: right;
}
</style>

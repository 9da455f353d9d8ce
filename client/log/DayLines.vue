<script setup lang="ts">
import { day } from '../domain/units';
import type { DayLine } from './counts';

/** What was done on days, and how much of it. */
defineProps<{ lines: readonly DayLine[] }>();
</script>

<template>
    <ul>
        <li v-for="(line, i) in lines" :key="i">
            <span class="dim">{{ day(line.on) }}</span>
            <span>
                {{ line.name }}
                <span v-if="line.beside" class="small dim beside">{{ line.beside }}</span>
            </span>
            <b>{{ line.counts.join(' ') }}</b>
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

.beside {
    white-space: nowrap;
}

b {
    font: 650 var(--type-large) / 1.2 var(--type-display);
    word-spacing: 4px;
    text-align: right;
}
</style>

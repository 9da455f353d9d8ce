<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { marksOf } from './marks';

const props = defineProps<{ reasons: readonly Schemas['Evidence'][] }>();

const marks = computed(() => marksOf(props.reasons));
</script>

<template>
    <ul v-if="marks.length > 0" class="marks small">
        <li v-for="mark in marks" :key="mark.text" :class="{ met: mark.met }">
            <span class="text">{{ mark.text }}</span>
            <span v-if="mark.dots.length > 0" class="dots" aria-hidden="true">
                <i v-for="(full, i) in mark.dots" :key="i" :class="{ full }" />
            </span>
            <span v-else class="bar" aria-hidden="true">
                <i :style="{ width: `${mark.part}%` }" />
                <b :style="{ left: `${mark.gate}%` }" />
            </span>
            <strong>{{ mark.words }}</strong>
        </li>
    </ul>
</template>

<style scoped>
.marks {
    display: grid;
    gap: 6px;
    margin: 0;
    padding: var(--space-small) 0 0;
    border-top: 1px solid var(--color-line);
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: minmax(0, 1.4fr) minmax(70px, 1fr) auto;
    align-items: center;
    gap: var(--space-base);
}

.dots {
    display: flex;
    gap: 6px;
}

.dots i {
    width: 12px;
    height: 12px;
    border: 2px solid var(--color-slate);
    border-radius: 50%;
}

.dots .full {
    background: var(--color-slate);
}

.bar {
    position: relative;
    height: 7px;
    border-radius: var(--radius-small);
    background: var(--color-sunk);
}

.bar i {
    position: absolute;
    inset: 0 auto 0 0;
    border-radius: var(--radius-small);
    background: var(--color-slate);
}

.bar b {
    position: absolute;
    top: -4px;
    width: 2px;
    height: 15px;
    background: var(--color-graphite);
}

.met .dots .full,
.met .bar i {
    border-color: var(--color-climb);
    background: var(--color-climb);
}

/* On a phone the call is one line; its reasons open under it. */
@media (max-width: 720px) {
    .marks {
        display: none;
    }
}

strong {
    min-width: 56px;
    text-align: right;
}
</style>

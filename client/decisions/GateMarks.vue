<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { marksOf } from './marks';

const props = defineProps<{ reasons: readonly Schemas['Evidence'][] }>();

const marks = computed(() => marksOf(props.reasons));
</script>

<template>
    <ul v-if="marks.length > 0" class="marks small">
        <li v-for="mark in marks" :key="mark.text">
            <span class="text">{{ mark.text }}</span>
            <span v-if="mark.dots.length > 0" class="dots" aria-hidden="true">
                <i v-for="(full, i) in mark.dots" :key="i" :class="{ full }" />
            </span>
            <span v-else class="bar" aria-hidden="true">
                <i :style="{ width: `${mark.part}%` }" />
                <b :style="{ left: `${mark.gate}%` }" />
            </span>
            <strong :class="{ said: mark.dots.length > 0 }">{{ mark.words }}</strong>
        </li>
    </ul>
</template>

<style scoped>
.marks {
    display: grid;
    min-width: 0;
    margin: 0;
    padding: 0;
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 96px 92px;
    align-items: center;
    gap: var(--space-base);
    min-height: 22px;
}

.text {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}

.dots {
    display: flex;
    gap: 5px;
}

.dots i {
    width: 11px;
    height: 11px;
    border: 1.5px solid var(--color-edge);
    border-radius: 50%;
}

.dots .full {
    border-color: var(--color-graphite);
    background: var(--color-graphite);
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
    background: var(--color-graphite);
}

.bar b {
    position: absolute;
    top: -3px;
    width: 2px;
    height: 13px;
    background: var(--color-bark);
}

@media screen and (max-width: 1100px) {
    li {
        grid-template-columns: minmax(0, 1fr) auto;
    }

    .text {
        white-space: normal;
    }

    .bar,
    .said {
        display: none;
    }
}

/* On a phone the call is one line; its reasons open under it. */
@media screen and (max-width: 720px) {
    .marks {
        display: none;
    }
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { likelyCounts } from '../domain/sets/likely';

const props = defineProps<{
    prediction: Schemas['Prediction'] | null;
    last: number | null;
    aim: number;
    /** Typed or timed; without it what is asked is what Enter logs. */
    picked: number | null;
    busy: boolean;
}>();
const emit = defineEmits<{ log: [count: number]; other: [] }>();

const counts = computed(() => likelyCounts(props.prediction, props.last, props.aim));
const noteOf = (count: number): string =>
    [count === props.aim ? 'asked' : '', count === props.last ? 'last' : '', count === counts.value.likely ? 'likely' : '']
        .filter(Boolean)
        .join(' · ');
</script>

<template>
    <div class="counts" role="group" aria-label="Clean reps: one tap logs">
        <button
            v-for="count in counts.around"
            :key="count"
            type="button"
            :class="{ next: count === (picked ?? aim) }"
            :disabled="busy"
            @click="emit('log', count)"
        >
            <b>{{ count }}</b>
            <small>{{ noteOf(count) || '\u00a0' }}</small>
        </button>
        <button type="button" class="other" @click="emit('other')">other</button>
    </div>
</template>

<style scoped>
.counts {
    display: grid;
    grid-template-columns: repeat(6, minmax(0, 1fr));
    gap: 8px;
}

button {
    display: grid;
    place-content: center;
    justify-items: center;
    min-height: 118px;
    border: 1.5px solid var(--color-edge);
    border-radius: var(--radius-base);
    background: var(--color-card);
    color: inherit;
    font: 600 var(--type-small) / 1.1 var(--type-text);
    cursor: pointer;
    touch-action: manipulation;
}

b {
    font: 700 var(--type-key) / 1.25 var(--type-text);
}

.next {
    border-color: var(--color-graphite);
    background: var(--color-graphite);
    color: var(--color-paper);
}

.other {
    font-size: var(--type-base);
}

@media screen and (max-width: 1100px) {
    b {
        font-size: var(--type-title);
    }
}

@media screen and (max-width: 720px) {
    .counts {
        gap: 5px;
    }

    button {
        min-height: 64px;
    }

    .other {
        font-size: var(--type-small);
    }
}
</style>

<script setup lang="ts">
import { computed, ref } from 'vue';

/** Counts around what was asked, large; all others behind the last key. */
const props = defineProps<{ aim: number; asked: boolean; value: number | null; isHeld: boolean }>();
const emit = defineEmits<{ pick: [value: number] }>();

const MOST = 30;
const STEPS = [-2, -1, 0, 1, 2];
const PARTS = [0.5, 0.75, 1, 1.25];

const all = ref(false);
/** They stand still under the thumb, whatever is picked. */
const around = props.aim;
const keys = computed(() =>
    props.isHeld
        ? [...new Set(PARTS.map((part) => Math.max(1, Math.round(around * part))))]
        : all.value
          ? Array.from({ length: MOST + 1 }, (_, n) => n)
          : STEPS.map((step) => Math.max(2, around) + step),
);
const unit = computed(() => (props.isHeld ? ' s' : ''));
</script>

<template>
    <div
        class="counts"
        :class="{ all }"
        role="group"
        :aria-label="`${isHeld ? 'Seconds held' : 'Clean reps'}${asked ? ', logs the set' : ' of that set'}`"
    >
        <button v-for="key in keys" :key="key" type="button" :aria-pressed="value === key" @click="emit('pick', key)">
            <b>{{ key }}{{ unit }}</b>
            <small v-if="asked && key === aim">asked</small>
        </button>
        <button v-if="!isHeld && !all" type="button" aria-label="Another count" @click="all = true"><b>…</b></button>
    </div>
</template>

<style scoped>
.counts {
    display: grid;
    grid-template-columns: repeat(6, minmax(0, 1fr));
    gap: 6px;
}

button {
    display: grid;
    align-content: center;
    min-height: 60px;
    border: 1.5px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font-family: var(--type-text);
    cursor: pointer;
}

.all button {
    min-height: var(--target);
}

b {
    font: 650 var(--type-wide) / 1.1 var(--type-display);
}

small {
    color: var(--color-dust);
    font-size: var(--type-small);
}

button[aria-pressed='true'] {
    border-color: var(--color-graphite);
    background: var(--color-graphite);
    color: var(--color-paper);
}
</style>

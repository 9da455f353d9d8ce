<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import { seconds } from '../domain/units';
import HoldButton from './HoldButton.vue';
import type { useHold } from './useHold';

/** Seconds of each lowering of the set so far, and what is asked of each. */
const props = defineProps<{ hold: ReturnType<typeof useHold>; asked: number }>();
const splits = defineModel<number[]>({ required: true });
defineEmits<{ log: [count: number] }>();

const fast = computed(() => splits.value.filter((s) => s < props.asked).length);
</script>

<template>
    <div class="times">
        <HoldButton :hold="hold" rests="hold down while they lower" runs="let go at the bottom" />
        <ol aria-label="Seconds of each lowering">
            <li v-for="(split, i) in splits" :key="i" :class="{ fast: split < asked }">
                <button type="button" :aria-label="`Drop lowering ${i + 1}, ${split} s`" @click="splits = splits.filter((_, n) => n !== i)">
                    {{ split }} s
                </button>
            </li>
            <li v-if="splits.length > 0">
                <NButton type="primary" size="large" @click="$emit('log', splits.length)">Log {{ splits.length }}</NButton>
            </li>
            <li v-else class="small dim">Each is asked to last {{ seconds(asked) }}. Time as many as you like; the log keeps them.</li>
        </ol>
        <p v-if="fast > 0" class="small note" role="status">{{ fast }} of {{ splits.length }} faster than {{ seconds(asked) }}.</p>
    </div>
</template>

<style scoped>
.times {
    display: grid;
    grid-template-columns: minmax(140px, 190px) minmax(0, 1fr);
    gap: var(--space-small) var(--space-base);
    align-items: start;
}

ol {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    min-height: 64px;
    list-style: none;
}

li > button:not(.n-button) {
    min-width: var(--target);
    height: var(--target);
    padding: 0 8px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font: 600 15px/1 var(--type-text);
    cursor: pointer;
}

li.fast > button:not(.n-button) {
    border-style: dashed;
    color: var(--color-refer);
}

.note {
    grid-column: 1 / -1;
    color: var(--color-refer);
    font-weight: 600;
}
</style>

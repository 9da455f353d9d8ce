<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { noCountWords, type NoCountReason } from '../domain/words';

const counts = defineModel<Partial<Record<NoCountReason, number>>>({ required: true });

const details = useTemplateRef('details');
const total = computed(() => Object.values(counts.value).reduce((sum, n) => sum + n, 0));

function add(reason: NoCountReason): void {
    counts.value = { ...counts.value, [reason]: (counts.value[reason] ?? 0) + 1 };
}

function focus(): void {
    if (details.value) {
        details.value.open = true;
        details.value.querySelector('button')?.focus();
    }
}

defineExpose({ focus });
</script>

<template>
    <details ref="details" class="no-counts">
        <summary>
            No-counts
            <b v-if="total > 0">{{ total }}</b>
            <span v-else class="dim small">none</span>
        </summary>
        <div class="row">
            <button v-for="(word, reason) in noCountWords" :key="reason" type="button" @click="add(reason)">
                {{ word }}
                <b v-if="counts[reason]">{{ counts[reason] }}</b>
            </button>
            <button v-if="total > 0" type="button" @click="counts = {}">Clear</button>
        </div>
    </details>
</template>

<style scoped>
summary {
    display: flex;
    align-items: center;
    gap: var(--space-small);
    min-height: var(--target);
    padding: 0 10px;
    border: 1px solid var(--color-line);
    border-radius: var(--radius-small);
    font-weight: 600;
    cursor: pointer;
}

summary::before {
    content: '+';
    color: var(--color-bark);
}

details[open] summary {
    margin-bottom: 6px;
}

button {
    height: var(--target);
    padding: 0 12px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font: inherit;
    cursor: pointer;
}

b {
    padding: 1px 7px;
    border-radius: 9px;
    background: var(--color-graphite);
    color: var(--color-paper);
}
</style>

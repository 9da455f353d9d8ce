<script setup lang="ts">
import { NButton } from 'naive-ui';
import { explain, type Problem } from '../domain/problems';

/** Typed, where something in the form would be missed. */
defineProps<{ problem: Problem; retry?: boolean; typed?: boolean }>();
const emit = defineEmits<{ retry: [] }>();
</script>

<template>
    <div class="problem" role="alert">
        <span>{{ explain(problem, { typed }) }}</span>
        <NButton v-if="retry" size="small" @click="emit('retry')">Try again</NButton>
    </div>
</template>

<style scoped>
.problem {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-small);
    padding: var(--space-small) var(--space-base);
    border: 1px solid var(--color-refer);
    border-left-width: 5px;
    border-radius: var(--radius-small);
    background: var(--color-referTint);
}
</style>

<script setup lang="ts">
import type { Problem } from '../domain/problems';
import ProblemNote from './ProblemNote.vue';

defineProps<{ problem: Problem }>();
</script>

<template>
    <ul v-if="problem.faults.length > 0" class="small" role="alert">
        <li v-for="fault in problem.faults" :key="fault.pointer">
            {{ fault.detail }}
            <code class="dim">{{ fault.pointer }}</code>
        </li>
    </ul>
    <ProblemNote v-else typed :problem="{ ...problem, code: problem.code === 'invalid' ? 'fault' : problem.code }" />
</template>

<style scoped>
ul {
    padding: var(--space-small) var(--space-base) var(--space-small) 28px;
    border: 1px solid var(--color-refer);
    border-radius: var(--radius-small);
    background: var(--color-referTint);
}
</style>

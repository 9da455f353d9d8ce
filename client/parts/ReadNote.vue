<script setup lang="ts">
import ProblemNote from './ProblemNote.vue';
import type { Read } from '../composables/useRead';

/** What stands above something that is read: that it is on its way, or why it could not be freshened; what was read before stays. */
defineProps<{ read: Omit<Read<unknown>, 'put'>; waits: string }>();
</script>

<template>
    <ProblemNote v-if="read.problem.value" class="read-note" :problem="read.problem.value" retry @retry="read.reload" />
    <p v-else-if="read.value.value === undefined" class="dim">{{ waits }}</p>
</template>

<style scoped>
.read-note {
    margin-bottom: var(--space-small);
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';

defineProps<{ next: number | null | undefined; back: string; on: string }>();
const page = defineModel<number>({ required: true });
</script>

<template>
    <div v-if="page > 1 || next" class="row turner no-print">
        <NButton :disabled="page === 1" @click="page--">{{ back }}</NButton>
        <NButton :disabled="!next" @click="page++">{{ on }}</NButton>
    </div>
</template>

<style scoped>
.turner {
    margin-top: var(--space-base);
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';

/** What a sheet is about is printed above it, where it does not say so itself. */
const props = defineProps<{ title: string; paper: 'A5' | 'A4'; about?: string | undefined }>();

const print = (): void => window.print();
</script>

<template>
    <component :is="'style'">@page { size: {{ props.paper }}; margin: 9mm; }</component>
    <div class="page-head no-print">
        <h1>{{ title }}</h1>
        <div class="row">
            <slot name="actions" />
            <NButton type="primary" @click="print">Print on {{ paper }}</NButton>
        </div>
    </div>
    <header v-if="about" class="on-paper">
        <h1>{{ title }}</h1>
        <p>{{ about }}</p>
    </header>
    <slot />
</template>

<style scoped>
.on-paper {
    display: none;
}

@media print {
    .on-paper {
        display: flex;
        justify-content: space-between;
        align-items: baseline;
        margin-bottom: var(--space-small);
    }
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import PageHead from './PageHead.vue';

/** The head is printed above a sheet that does not say itself what it is about. */
const props = defineProps<{
    title: string;
    paper: 'A5' | 'A4';
    printed?: boolean;
    about?: string | undefined;
    back?: { to: string; name: string } | undefined;
}>();

const print = (): void => window.print();
</script>

<template>
    <component :is="'style'">@page { size: {{ props.paper }}; margin: 9mm; }</component>
    <PageHead :title="title" :about="about" :back="back" :class="{ 'no-print': !printed }">
        <slot name="actions" />
        <NButton type="primary" @click="print">Print on {{ paper }}</NButton>
    </PageHead>
    <slot />
</template>

<script setup lang="ts">
import { NButton } from 'naive-ui';

const props = defineProps<{ title: string; paper: 'A5' | 'A4' }>();

const print = (): void => window.print();
</script>

<template>
    <component :is="'style'">@page { size: {{ props.paper }}; margin: 9mm; }</component>
    <div class="page-head no-print">
        <h1>{{ title }}</h1>
        <div class="row">
            <slot name="deeds" />
            <NButton type="primary" @click="print">Print on {{ paper }}</NButton>
        </div>
    </div>
    <slot />
</template>

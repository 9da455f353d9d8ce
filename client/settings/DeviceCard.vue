<script setup lang="ts">
import ChipRow from '../parts/ChipRow.vue';
import { useTheme, type Wanted } from '../theme/useTheme';

const theme = useTheme();

const looks: { value: Wanted; label: string }[] = [
    { value: 'device', label: 'As the device has it' },
    { value: 'light', label: 'Light' },
    { value: 'dark', label: 'Dark' },
];
</script>

<template>
    <section class="card stack" aria-label="This device">
        <h2>This device</h2>
        <ChipRow label="Light or dark" :chips="looks" :value="theme.wanted" @pick="theme.wanted = $event" />
    </section>
</template>

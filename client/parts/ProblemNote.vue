<script setup lang="ts">
import { NButton } from 'naive-ui';
import { explain, type Problem } from '../domain/problems';
import CautionBox from './CautionBox.vue';

/** Typed, where something in the form would be missed. */
defineProps<{ problem: Problem; retry?: boolean; typed?: boolean }>();
const emit = defineEmits<{ retry: [] }>();
</script>

<template>
    <CautionBox stops role="alert">
        <span>{{ explain(problem, { typed }) }}</span>
        <NButton v-if="retry" size="small" @click="emit('retry')">Try again</NButton>
    </CautionBox>
</template>

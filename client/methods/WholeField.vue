<script setup lang="ts">
import { NInputNumber } from 'naive-ui';
import FormField from '../parts/FormField.vue';

defineProps<{ label: string; min: number; max: number }>();
const value = defineModel<number | null | undefined>({ required: true });
</script>

<template>
    <FormField v-slot="{ inputProps }" :label="label">
        <NInputNumber v-model:value="value" :input-props="inputProps" :min="min" :max="max" :show-button="false" placeholder="" />
    </FormField>
</template>

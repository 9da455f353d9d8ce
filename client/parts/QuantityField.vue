<script setup lang="ts">
import { NInput } from 'naive-ui';
import { rangeText, type Limits } from '../domain/fields';
import { readBack } from '../domain/typed';
import { unitOf, type TypedUnit } from '../domain/units';
import FormField from './FormField.vue';

defineProps<{ label: string; unit: TypedUnit; limits: Limits; optional?: boolean; hint?: string; error?: string | undefined }>();
const text = defineModel<string>({ required: true });
</script>

<template>
    <FormField
        :label="optional ? `${label} (optional)` : label"
        :hint="[readBack(text, unit), rangeText(limits, unit), hint].filter(Boolean).join(' · ')"
        :error="error"
    >
        <template #default="{ inputProps, status }">
            <NInput
                v-model:value="text"
                :input-props="{ ...inputProps, inputmode: 'decimal', autocomplete: 'off' }"
                :status="status"
                placeholder=""
            >
                <template #suffix>{{ unitOf(unit) }}</template>
            </NInput>
        </template>
    </FormField>
</template>

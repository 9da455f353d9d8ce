<script setup lang="ts">
import { NSelect } from 'naive-ui';
import FormField from './FormField.vue';

defineProps<{ error?: string | undefined }>();
const zone = defineModel<string>({ required: true });
const zones = [...new Set([zone.value, ...Intl.supportedValuesOf('timeZone')])].map((value) => ({
    value,
    label: value.replaceAll('_', ' '),
}));
</script>

<template>
    <FormField label="Time zone of the gym" :error="error">
        <NSelect
            v-model:value="zone"
            filterable
            :options="zones"
            aria-label="Time zone of the gym"
            :input-props="{ 'aria-label': 'Time zone of the gym' }"
        />
    </FormField>
</template>

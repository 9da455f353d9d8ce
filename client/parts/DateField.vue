<script setup lang="ts">
import FormField from './FormField.vue';

defineProps<{ label: string; latest?: string; error?: string | undefined }>();
const value = defineModel<string>({ required: true });
</script>

<template>
    <FormField v-slot="{ inputProps }" :label="label" :error="error">
        <input v-bind="inputProps" v-model="value" type="date" :max="latest" class="date" />
    </FormField>
</template>

<style scoped>
.date {
    height: 40px;
    width: 100%;
    padding: 0 10px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font: inherit;
}
</style>

<script setup lang="ts">
import { computed, useId } from 'vue';

const props = defineProps<{ label: string; hint?: string | undefined; error?: string | undefined }>();

const id = useId();
const noteId = computed(() => (props.error || props.hint ? `${id}-note` : undefined));
const inputProps = computed(() => ({ id, 'aria-describedby': noteId.value, 'aria-invalid': props.error ? true : undefined }));
const status = computed(() => (props.error ? ('error' as const) : undefined));
</script>

<template>
    <div class="field">
        <label :for="id">{{ label }}</label>
        <slot :input-props="inputProps" :status="status" />
        <p v-if="error" :id="noteId" class="error" role="alert">{{ error }}</p>
        <p v-else-if="hint" :id="noteId" class="dim small">{{ hint }}</p>
    </div>
</template>

<style scoped>
.field {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 3px;
    align-content: start;
}

label {
    font-weight: 600;
}

.error {
    color: var(--color-refer);
    font-size: var(--type-small);
    font-weight: 600;
}
</style>

<script setup lang="ts">
/** How often something happened: one less, the count, one more. */
const props = defineProps<{ label: string; count: number }>();
const emit = defineEmits<{ count: [now: number] }>();
</script>

<template>
    <div class="stepper" role="group" :aria-label="label">
        <span>{{ label }}</span>
        <button type="button" :aria-label="`One less: ${label}`" :disabled="count === 0" @click="emit('count', props.count - 1)">−</button>
        <output>{{ count }}</output>
        <button type="button" :aria-label="`One more: ${label}`" @click="emit('count', props.count + 1)">+</button>
    </div>
</template>

<style scoped>
.stepper {
    display: grid;
    grid-template-columns: minmax(0, 1fr) var(--target) 28px var(--target);
    gap: 6px;
    align-items: center;
    font-weight: 600;
    text-align: left;
}

output {
    text-align: center;
}

button {
    height: var(--target);
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font: 650 var(--type-wide) / 1 var(--type-text);
    cursor: pointer;
}

button:disabled {
    opacity: 0.4;
}
</style>

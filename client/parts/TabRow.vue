<script setup lang="ts" generic="T extends string">
defineProps<{ label: string; tabs: readonly { value: T; label: string }[] }>();
const picked = defineModel<T>({ required: true });
</script>

<template>
    <div class="tabs" role="tablist" :aria-label="label">
        <button
            v-for="tab in tabs"
            :key="tab.value"
            type="button"
            role="tab"
            :aria-selected="picked === tab.value"
            @click="picked = tab.value"
        >
            {{ tab.label }}
        </button>
    </div>
</template>

<style scoped>
.tabs {
    display: flex;
    flex-wrap: wrap;
    gap: 0 var(--space-wide);
}

button {
    min-height: var(--dense);
    padding: 0;
    border: solid transparent;
    border-width: 3px 0;
    background: none;
    color: var(--color-slate);
    font: 600 var(--type-base) / 1 var(--type-text);
    cursor: pointer;
}

button[aria-selected='true'] {
    border-bottom-color: var(--color-timber);
    color: var(--color-graphite);
}

@media screen and (max-width: 720px) {
    button {
        min-height: var(--target);
    }
}
</style>

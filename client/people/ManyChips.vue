<script setup lang="ts" generic="T extends string">
const props = defineProps<{ label: string; words: Record<T, string> }>();
const picked = defineModel<T[]>({ required: true });

const chips = Object.keys(props.words) as T[];

function toggle(chip: T): void {
    picked.value = picked.value.includes(chip) ? picked.value.filter((c) => c !== chip) : [...picked.value, chip];
}
</script>

<template>
    <div class="chips" role="group" :aria-label="label">
        <button v-for="chip in chips" :key="chip" type="button" :aria-pressed="picked.includes(chip)" @click="toggle(chip)">{{ words[chip] }}</button>
    </div>
</template>

<style scoped>
.chips {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}

button {
    min-height: var(--target);
    padding: 0 12px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font: 600 15px/1.2 var(--type-text);
    cursor: pointer;
}

button[aria-pressed='true'] {
    background: var(--color-graphite);
    border-color: var(--color-graphite);
    color: var(--color-paper);
}
</style>

<script setup lang="ts" generic="T extends string">
import ChipRow from './ChipRow.vue';

const props = defineProps<{ label: string; words: Record<T, string> }>();
const picked = defineModel<T[]>({ required: true });

const chips = (Object.keys(props.words) as T[]).map((value) => ({ value, label: props.words[value] }));

function toggle(chip: T): void {
    picked.value = picked.value.includes(chip) ? picked.value.filter((c) => c !== chip) : [...picked.value, chip];
}
</script>

<template>
    <ChipRow :label="label" :chips="chips" :value="picked" @pick="toggle" />
</template>

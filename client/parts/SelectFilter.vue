<script setup lang="ts">
import { NSelect } from 'naive-ui';

/** One of a few that a list is narrowed or sorted by; where there may be none of them, what that means stands there. */
defineProps<{ label: string; options: readonly { value: string; label: string }[]; value: string; none?: string }>();
const emit = defineEmits<{ pick: [value: string] }>();
</script>

<template>
    <NSelect
        :virtual-scroll="false"
        class="filter"
        :clearable="none !== undefined"
        :value="value || null"
        :options="[...options]"
        :placeholder="none"
        :aria-label="label"
        @update:value="emit('pick', $event ?? '')"
    />
</template>

<style scoped>
.filter {
    width: 144px;
}

@media screen and (max-width: 1100px) {
    .filter {
        width: 116px;
    }
}

@media screen and (max-width: 720px) {
    .filter {
        width: calc(50vw - 24px);
    }
}
</style>

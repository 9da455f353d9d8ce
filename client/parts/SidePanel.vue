<script setup lang="ts">
import { NDrawer, NDrawerContent } from 'naive-ui';

defineProps<{ title: string }>();
const open = defineModel<boolean>('open', { required: true });
</script>

<template>
    <NDrawer v-model:show="open" width="min(520px, 100vw)" :aria-label="title">
        <NDrawerContent :title="title" closable>
            <slot />
        </NDrawerContent>
    </NDrawer>
</template>

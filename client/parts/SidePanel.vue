<script setup lang="ts">
import { NDrawer, NDrawerContent } from 'naive-ui';
import { useId, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';

defineProps<{ title: string }>();
const open = defineModel<boolean>('open', { required: true });

/** An open panel is a step in the history: Back closes it and stays on the page; one that follows another takes its place. */
const id = useId();
const route = useRoute();
const router = useRouter();

watch(
    open,
    (is) => {
        const shown = route.query.panel === id;
        if (is && !shown) {
            const there = { query: { ...route.query, panel: id }, hash: route.hash };
            void (route.query.panel === undefined ? router.push(there) : router.replace(there));
        } else if (!is && shown) {
            router.back();
        }
    },
    { immediate: true },
);
watch(
    () => route.query.panel,
    (now, before) => {
        if (before === id && now !== id) {
            open.value = false;
        }
    },
);
</script>

<template>
    <NDrawer v-model:show="open" width="min(520px, 100vw)" :aria-label="title">
        <NDrawerContent :title="title" closable>
            <slot />
            <template v-if="$slots.foot" #footer><slot name="foot" /></template>
        </NDrawerContent>
    </NDrawer>
</template>

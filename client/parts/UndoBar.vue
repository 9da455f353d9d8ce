<script setup lang="ts">
import { NButton } from 'naive-ui';
import type { Undoable } from '../composables/useUndo';

defineProps<{ action: Undoable | undefined }>();
const emit = defineEmits<{ undo: [] }>();
</script>

<template>
    <div class="bar" role="status" aria-live="polite">
        <div v-if="action" class="action">
            <span>{{ action.text }}</span>
            <NButton class="undo" @click="emit('undo')">Undo</NButton>
        </div>
    </div>
</template>

<style scoped>
.bar {
    position: fixed;
    left: 0;
    right: 0;
    bottom: calc(var(--space-wide) + var(--dock, 0px));
    display: grid;
    justify-items: center;
    pointer-events: none;
    z-index: 5000; /* over the panels, which stand at 2000 and up */
}

.action {
    pointer-events: auto;
    display: flex;
    align-items: center;
    gap: var(--space-wide);
    max-width: calc(100vw - 24px);
    padding: var(--space-small) var(--space-small) var(--space-small) var(--space-wide);
    border-radius: var(--radius-base);
    background: var(--color-graphite);
    color: var(--color-paper);
    box-shadow: 0 6px 20px var(--shade-deep);
}

.undo {
    min-width: 88px;
    height: var(--target);
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { useCautions } from '../composables/useCautions';

const props = defineProps<{ moments: Schemas['Caution']['moment'][] }>();

const cautions = useCautions();
void cautions.load();
const shown = computed(() => cautions.items.filter((c) => props.moments.includes(c.moment)));
</script>

<template>
    <aside v-if="shown.length > 0" class="cautions small" aria-label="Cautions">
        <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true">
            <path d="M10 2 19 18H1Z" fill="none" stroke="currentColor" stroke-width="1.8" stroke-linejoin="round" />
            <path d="M10 8v5M10 15v1.4" stroke="currentColor" stroke-width="2" />
        </svg>
        <ul>
            <li v-for="caution in shown" :key="caution.code">{{ caution.text }}</li>
        </ul>
    </aside>
</template>

<style scoped>
.cautions {
    display: grid;
    grid-template-columns: 20px 1fr;
    gap: var(--space-small);
    padding: var(--space-base);
    border-left: 4px solid var(--color-timber);
    background: var(--color-sunk);
    border-radius: 0 var(--radius-small) var(--radius-small) 0;
    color: var(--color-slate);
}

ul {
    list-style: none;
    display: grid;
    gap: var(--space-hair);
}
</style>

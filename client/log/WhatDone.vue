<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { mass, percent } from '../domain/units';

/** On what a set was done, what for, and what was carried. */
defineProps<{ set: Schemas['Set'] }>();
</script>

<template>
    <span>
        {{ set.setup_name ?? 'Dead hang' }}
        <em v-if="set.purpose !== 'work'">· {{ set.purpose === 'home' ? 'by themselves' : set.purpose }}</em>
        <small v-if="set.carried_kg !== null && set.carried_share !== null" class="dim">
            {{ mass(set.carried_kg) }}, {{ percent(set.carried_share) }}
        </small>
    </span>
</template>

<style scoped>
em {
    color: var(--color-bark);
    font-style: normal;
}

small {
    margin-left: var(--space-hair);
    white-space: nowrap;
}
</style>

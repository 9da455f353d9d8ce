<script setup lang="ts">
import type { Schemas } from '../domain/http';

defineProps<{ effects: Schemas['RuleEffects'] }>();
</script>

<template>
    <p v-if="effects.effects.length === 0">Of {{ effects.looked_at }} athletes nobody’s next session or call would change.</p>
    <template v-else>
        <p>{{ effects.effects.length }} of {{ effects.looked_at }} athletes:</p>
        <ul class="small">
            <li v-for="one in effects.effects" :key="one.athlete_id">
                <RouterLink :to="`/people/${one.athlete_id}/session`">{{ one.athlete_name }}</RouterLink>
                <span v-for="change in one.changes" :key="change">{{ change }}</span>
            </li>
        </ul>
    </template>
</template>

<style scoped>
ul {
    display: grid;
    gap: 4px;
    max-height: 220px;
    overflow: auto;
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: 160px minmax(0, 1fr);
    column-gap: var(--space-base);
}

li span {
    grid-column: 2;
}

a {
    grid-row: 1;
    font-weight: 600;
}
</style>

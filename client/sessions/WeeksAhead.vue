<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import StageDates from './StageDates.vue';

defineProps<{ id: string; calendar: Schemas['Calendar'] }>();
</script>

<template>
    <section class="card">
        <h2>Weeks ahead</h2>
        <ol class="days small" aria-label="Next sessions">
            <li v-for="on in calendar.sessions.slice(0, 6)" :key="on">{{ day(on) }}</li>
        </ol>
        <StageDates :calendar="calendar" />
        <RouterLink class="tap small" :to="`/people/${id}/weeks`">Calendar and time off</RouterLink>
    </section>
</template>

<style scoped src="./side.css"></style>

<style scoped>
ol {
    list-style: none;
}

.days {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
}

.days li {
    padding: 2px 7px;
    border: 1px solid var(--color-line);
    border-radius: var(--radius-small);
}
</style>

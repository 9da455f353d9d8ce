<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';

defineProps<{ id: string; calendar: Schemas['Calendar'] }>();
</script>

<template>
    <section class="card">
        <h2>Weeks ahead</h2>
        <ol class="days small" aria-label="Next sessions">
            <li v-for="on in calendar.sessions.slice(0, 6)" :key="on">{{ day(on) }}</li>
        </ol>
        <ul class="small" aria-label="Stages, about when">
            <li v-for="stage in calendar.stages" :key="stage.name">
                <span>{{ stage.name }}</span>
                <strong>{{ stage.to === null ? 'not foreseeable yet' : `about ${day(stage.to)}` }}</strong>
            </li>
        </ul>
        <p class="small dim">At this pace. A missed week moves it.</p>
        <RouterLink class="tap small" :to="`/people/${id}/weeks`">Calendar and time off</RouterLink>
    </section>
</template>

<style scoped src="./side.css"></style>

<style scoped>
ol,
ul {
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

ul strong {
    white-space: nowrap;
}

ul li {
    display: flex;
    justify-content: space-between;
    gap: var(--space-base);
}
</style>

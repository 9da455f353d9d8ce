<script setup lang="ts">
import { computed } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { useRead } from '../composables/useRead';

type Reminder = Schemas['Reminder'];

/** Where each is seen to. */
const seenTo: Record<Reminder['kind'], (one: Reminder) => string> = {
    screen: (one) => `/people/${one.athlete_id}/screens`,
    consent: (one) => `/people/${one.athlete_id}/consent`,
    inspection: (one) => `/kit?band=${one.band_id}`,
    away: (one) => `/people/${one.athlete_id}`,
    weighing: (one) => `/people/${one.athlete_id}/body`,
    goal: (one) => `/people/${one.athlete_id}/trend`,
};
const read = useRead(['reminders'], () => outcome(api.GET('/api/v1/reminders')));
const items = computed(() => read.value.value?.items ?? []);
</script>

<template>
    <details v-if="items.length > 0" class="card reminders">
        <summary>{{ items.length }} {{ items.length === 1 ? 'reminder' : 'reminders' }}</summary>
        <ul>
            <li v-for="one in items" :key="`${one.kind} ${one.athlete_id ?? one.band_id}`">
                <span class="dim">{{ one.todo }}</span>
                <RouterLink :to="seenTo[one.kind](one)">{{ one.name }}</RouterLink>
                <span>{{ one.text }}</span>
            </li>
        </ul>
    </details>
</template>

<style scoped>
.reminders {
    margin-bottom: var(--space-base);
}

ul {
    padding: var(--space-small) 0 0;
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: 130px 200px minmax(0, 1fr);
    gap: 0 var(--space-base);
    align-items: center;
    min-height: var(--target);
    border-top: 1px solid var(--color-line);
}

li a {
    display: flex;
    align-items: center;
    min-height: var(--target);
    font-weight: 650;
    text-decoration: none;
}

@media screen and (max-width: 720px) {
    li {
        grid-template-columns: 110px minmax(0, 1fr);
        padding: var(--space-small) 0;
    }

    li > :last-child {
        grid-column: 1 / -1;
    }
}
</style>

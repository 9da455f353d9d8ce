<script setup lang="ts">
import { computed } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { useRead } from '../composables/useRead';

type Reminder = Schemas['Reminder'];

/** What is to be done about each, and where. */
const kinds: Record<Reminder['kind'], { word: string; to: (one: Reminder) => string }> = {
    screen: { word: 'Screen', to: (one) => `/people/${one.athlete_id}/screens` },
    consent: { word: 'Ask for consent', to: (one) => `/people/${one.athlete_id}/consent` },
    inspection: { word: 'Look at the band', to: (one) => `/kit?band=${one.band_id}` },
    away: { word: 'Ask after', to: (one) => `/people/${one.athlete_id}` },
    weighing: { word: 'Weigh', to: (one) => `/people/${one.athlete_id}/body` },
    goal: { word: 'Goal reached', to: (one) => `/people/${one.athlete_id}/trend` },
};
const read = useRead(['reminders'], () => outcome(api.GET('/api/v1/reminders')));
const items = computed(() => read.value.value?.items ?? []);
</script>

<template>
    <details v-if="items.length > 0" class="card reminders">
        <summary>{{ items.length }} {{ items.length === 1 ? 'reminder' : 'reminders' }}</summary>
        <ul>
            <li v-for="one in items" :key="`${one.kind} ${one.athlete_id ?? one.band_id}`">
                <span class="dim">{{ kinds[one.kind].word }}</span>
                <RouterLink :to="kinds[one.kind].to(one)">{{ one.name }}</RouterLink>
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

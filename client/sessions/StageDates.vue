<script setup lang="ts">
import { aboutDay, spreadWords, strictName, whenWords } from '../trend/foretold';
import type { Schemas } from '../domain/http';

defineProps<{ calendar: Schemas['Calendar'] }>();
</script>

<template>
    <ul class="small" aria-label="What comes, about when">
        <li v-if="calendar.next">
            <span>{{ strictName(calendar.next.reps) }}</span>
            <strong>{{ whenWords(calendar.next) }}</strong>
            <span class="spread dim">{{ spreadWords(calendar.next.soonest_on, calendar.next.latest_on) }}</span>
        </li>
        <li v-for="stage in calendar.stages" :key="stage.name">
            <span>{{ stage.name }}, gate</span>
            <strong>{{ aboutDay(stage.to) }}</strong>
            <span class="spread dim">{{ spreadWords(stage.soonest, stage.latest) }}</span>
        </li>
    </ul>
    <p class="small dim">At this pace, eight times in ten within the days given. A missed week moves it; so does time off.</p>
</template>

<style scoped>
ul {
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 var(--space-base);
    padding: 3px 0;
}

strong {
    white-space: nowrap;
}

.spread {
    grid-column: 1 / -1;
    text-align: right;
}

.spread:empty {
    display: none;
}

@media print {
    li {
        grid-template-columns: minmax(0, 1fr) auto auto;
        padding: 1px 0;
    }

    .spread {
        grid-column: 3;
        min-width: 300px;
    }
}
</style>

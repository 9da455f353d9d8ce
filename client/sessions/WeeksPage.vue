<script setup lang="ts">
import { computed } from 'vue';
import PrintSheet from '../parts/PrintSheet.vue';
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import StageDates from './StageDates.vue';
import TimeOffCard from './TimeOffCard.vue';
import WeekGrid from './WeekGrid.vue';
import { useWhose } from '../composables/useWhose';

const props = defineProps<{ id: string }>();

const name = useWhose(() => props.id, 'weeks ahead');
const weeks = useRead(
    () => ['weeks', props.id],
    () => outcome(api.GET('/api/v1/athletes/{athlete}/weeks', { params: { path: { athlete: props.id } } })),
    { kept: false },
);
const shown = computed(() => weeks.value.value);
</script>

<template>
    <ReadNote :read="weeks" waits="Laying out the weeks…" />
    <PrintSheet
        v-if="shown"
        title="weeks ahead"
        paper="A4"
        printed
        :about="`as of ${day(shown.today)}`"
        :back="{ to: `/people/${id}`, name }"
    >
        <div class="sheet">
            <WeekGrid :weeks="shown" />
            <aside class="side">
                <section class="card">
                    <h2>What comes, about when</h2>
                    <StageDates :calendar="shown.calendar" />
                </section>
                <p class="no-print">
                    <a class="tap" :href="`/api/v1/athletes/${id}/sessions.ics`" download>The sessions for a calendar</a>
                </p>
                <TimeOffCard :athlete-id="id" :name="name" :weeks="shown" @changed="weeks.put($event)" />
            </aside>
        </div>
    </PrintSheet>
</template>

<style scoped src="./side.css"></style>

<style scoped>
.sheet {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 320px;
    gap: var(--space-wide);
    align-items: start;
}

@media print, screen and (max-width: 960px) {
    .sheet {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

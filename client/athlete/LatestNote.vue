<script setup lang="ts">
import { computed } from 'vue';
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import { useRead } from '../composables/useRead';
import { useDayOf } from '../composables/useToday';

/** What was written down last of an athlete, and the way to the rest. */
const props = defineProps<{ id: string }>();

const dayOf = useDayOf();
const notes = useRead(
    () => ['notes', props.id, 1],
    () => outcome(api.GET('/api/v1/athletes/{athlete}/notes', { params: { path: { athlete: props.id }, query: { page: 1 } } })),
    { kept: false },
);
const latest = computed(() => notes.value.value?.items[0]);
</script>

<template>
    <p v-if="latest" class="card note">
        <RouterLink :to="`/people/${id}/notes`">Note, {{ day(dayOf(latest.written_at)) }}</RouterLink>
        <span>{{ latest.text }}</span>
    </p>
</template>

<style scoped>
.note {
    display: flex;
    gap: var(--space-base);
}

a {
    flex: none;
}

span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>

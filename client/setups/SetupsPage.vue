<script setup lang="ts">
import { api, outcome } from '../domain/http';
import PageHead from '../parts/PageHead.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import ClassWork from './ClassWork.vue';
import SetupBuilder from './SetupBuilder.vue';

const props = defineProps<{ id: string }>();

const kit = useRead(['kit'], () => outcome(api.GET('/api/v1/kit')));
const athlete = useRead(['athlete', props.id], () =>
    outcome(api.GET('/api/v1/athletes/{athlete}', { params: { path: { athlete: props.id } } })),
);
</script>

<template>
    <ReadNote :read="kit" waits="Loading the kit…" />
    <ReadNote :read="athlete" waits="Loading the athlete…" />
    <template v-if="kit.value.value && athlete.value.value">
        <PageHead title="any set-up" :back="{ to: `/people/${id}`, name: athlete.value.value.name }" />
        <SetupBuilder :kit="kit.value.value" :athlete="athlete.value.value" @chosen="athlete.put($event)" />
        <ClassWork :athlete-id="id" />
    </template>
</template>

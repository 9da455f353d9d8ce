<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { api, mapResult, outcome, type Result, type Schemas } from '../domain/http';
import PageHead from '../parts/PageHead.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import AthleteForm from '../body/AthleteForm.vue';

const props = defineProps<{ id: string }>();
const router = useRouter();
const path = computed(() => ({ path: { athlete: props.id } }));
const read = () => outcome(api.GET('/api/v1/athletes/{athlete}', { params: path.value }));
const athlete = useRead(['athlete', props.id], read);
const start = computed(() => athlete.value.value && inputOf(athlete.value.value));

function inputOf(a: Schemas['Athlete']): Schemas['AthleteInput'] {
    return {
        name: a.name,
        kind: a.kind,
        mass_kg: a.mass_kg,
        stature_m: a.stature_m,
        reach_m: a.reach_source === 'measured' ? a.reach_m : null,
        tags: a.tags,
    };
}

const stored = async (): Promise<Result<Schemas['AthleteInput']>> => mapResult(await read(), inputOf);

async function save(input: Schemas['AthleteInput']): Promise<Result<unknown>> {
    const result = await outcome(api.PUT('/api/v1/athletes/{athlete}', { params: path.value, body: input }));
    if (result.ok) {
        await router.push(`/people/${props.id}`);
    }
    return result;
}
</script>

<template>
    <PageHead title="change" :back="{ to: `/people/${id}`, name: start?.name ?? 'Athlete' }" />
    <ReadNote :read="athlete" waits="Loading the athlete…" />
    <AthleteForm v-if="start" :start="start" verb="Save" :stored="stored" :save="save" @cancel="router.push(`/people/${id}`)" />
</template>

<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../parts/useRead';
import AthleteForm from './AthleteForm.vue';

const props = defineProps<{ id: string }>();
const router = useRouter();
const path = computed(() => ({ path: { athlete: props.id } }));
const athlete = useRead(['athlete', props.id], () => outcome(api.GET('/api/athletes/{athlete}', { params: path.value })));
const start = computed<Schemas['AthleteInput'] | undefined>(() => {
    const a = athlete.value.value;
    return a && { name: a.name, kind: a.kind, mass_kg: a.mass_kg, stature_m: a.stature_m, reach_m: a.reach_source === 'measured' ? a.reach_m : null, tags: a.tags };
});

async function save(input: Schemas['AthleteInput']): Promise<Result<unknown>> {
    const result = await outcome(api.PUT('/api/athletes/{athlete}', { params: path.value, body: input }));
    if (result.ok) {
        await router.push(`/people/${props.id}`);
    }
    return result;
}
</script>

<template>
    <div class="page-head"><h1>Change an athlete</h1></div>
    <ReadNote :read="athlete" waits="Loading the athlete…" />
    <AthleteForm v-if="start" :start="start" verb="Save" :save="save" @cancel="router.push(`/people/${id}`)" />
</template>

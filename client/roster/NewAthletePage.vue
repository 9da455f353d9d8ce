<script setup lang="ts">
import { v7 as uuidv7 } from 'uuid';
import { useRouter } from 'vue-router';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import AthleteForm from '../body/AthleteForm.vue';
import PageHead from '../parts/PageHead.vue';

const router = useRouter();
const id = uuidv7();

async function save(input: Schemas['AthleteInput']): Promise<Result<unknown>> {
    const result = await outcome(api.POST('/api/v1/athletes', { body: { id, ...input } }));
    if (result.ok) {
        await router.push(`/people/${id}`);
    }
    return result;
}
</script>

<template>
    <PageHead title="Add an athlete" :back="{ to: '/people', name: 'People' }" />
    <AthleteForm verb="Add athlete" :save="save" @cancel="router.push('/people')" />
</template>

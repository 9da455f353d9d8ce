<script setup lang="ts">
import { NButton } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import ConsentForm from '../consent/ConsentForm.vue';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';

const props = defineProps<{ id: string }>();

const params = { path: { athlete: props.id } };
const athlete = useRead(['athlete', props.id], () => outcome(api.GET('/api/v1/athletes/{athlete}', { params })));
const consent = useRead(['consent', props.id], () => outcome(api.GET('/api/v1/athletes/{athlete}/consent', { params })), { kept: false });
const name = computed(() => athlete.value.value?.name ?? 'The athlete');
const given = computed(() => (consent.value.value?.by ? consent.value.value : undefined));
const by = computed(() => (given.value?.by === 'guardian' ? `${given.value.guardian}, guardian` : name.value));
const again = ref(false);
const busy = ref(false);
const problem = shallowRef<Problem>();
let withdrawalId = uuidv7();

/** The athlete's page says it too. */
async function freshen(): Promise<void> {
    again.value = false;
    await Promise.all([consent.reload(), athlete.reload()]);
}

async function takeBack(): Promise<void> {
    busy.value = true;
    const result = await outcome(api.POST('/api/v1/athletes/{athlete}/consent/withdrawal', { params, body: { id: withdrawalId } }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        withdrawalId = uuidv7();
        await freshen();
    }
}
</script>

<template>
    <PageHead title="consent" :back="{ to: `/people/${id}`, name }" />
    <ReadNote :read="consent" waits="Looking for it…" />
    <div v-if="consent.value.value" class="columns">
        <section class="card stack" aria-label="Standing">
            <h2>{{ consent.value.value.text }}</h2>
            <ProblemNote v-if="problem" :problem="problem" />
            <template v-if="given">
                <p>{{ by }}, on {{ day(given.on ?? '') }}. Noted by {{ given.noted_by }}. Born {{ day(given.born_on ?? '') }}.</p>
                <details v-if="given.state !== 'given'">
                    <summary>The words agreed to</summary>
                    <p class="as-typed">{{ given.words }}</p>
                </details>
                <div class="row">
                    <NButton v-if="given.state === 'given' && !again" @click="again = true">Ask again</NButton>
                    <NButton :loading="busy" @click="takeBack">They take it back</NButton>
                </div>
            </template>
            <p v-else-if="consent.value.value.state === 'withdrawn'">
                On {{ day(consent.value.value.on ?? '') }}, noted by {{ consent.value.value.noted_by }}. What was kept until then stays
                until it is erased; a pause for pain stays until it is cleared.
            </p>
            <p class="small dim">
                Pain is taken down in any case, because it pauses the pulling. Handing out or erasing what is kept: on their page, More.
            </p>
            <RouterLink class="tap" to="/kept">What is kept, and why</RouterLink>
        </section>
        <section v-if="consent.value.value.state !== 'given' || again" class="card stack" aria-label="Ask for it">
            <h2>Let them read this</h2>
            <ConsentForm :key="consent.value.value.state" :athlete-id="id" :name="name" :born-on="given?.born_on" @agreed="freshen" />
        </section>
    </div>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(380px, 100%), 1fr));
    gap: var(--space-wide);
    align-items: start;
    max-width: 1080px;
}
</style>

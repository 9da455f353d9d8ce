<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { useClipboard } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import CautionBox from '../parts/CautionBox.vue';
import ChipRow from '../parts/ChipRow.vue';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QrCode from '../draw/QrCode.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useSession } from '../composables/useSession';
import { useDayOf, useHourOf } from '../composables/useToday';

const props = defineProps<{ id: string }>();

const session = useSession();
const [dayOf, hour] = [useDayOf(), useHourOf()];
const path = computed(() => ({ athlete: props.id }));
const athlete = useRead(['athlete', props.id], () => outcome(api.GET('/api/v1/athletes/{athlete}', { params: { path: path.value } })));
const link = useRead(['link', props.id], () => outcome(api.GET('/api/v1/athletes/{athlete}/link', { params: { path: path.value } })), {
    kept: false,
});
const address = computed(() => (link.value.value?.path ? `${location.origin}${link.value.value.path}` : undefined));
const clipboard = useClipboard({ legacy: true });

const lasts = [
    { value: 30, label: '30 days' },
    { value: 90, label: '90 days' },
    { value: 180, label: 'Half a year' },
    { value: 365, label: 'A year' },
];
const days = ref(180);
const busy = ref(false);
const asked = ref(false);
const problem = shallowRef<Problem>();
/** Sent again after a lost answer it is the same link. */
let nextId = uuidv7();

async function give(): Promise<void> {
    busy.value = true;
    const result = await outcome(
        api.POST('/api/v1/athletes/{athlete}/link', { params: { path: path.value }, body: { id: nextId, days: days.value } }),
    );
    busy.value = false;
    asked.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        nextId = uuidv7();
        link.put(result.value);
    }
}

async function end(): Promise<void> {
    busy.value = true;
    const result = await outcome(api.DELETE('/api/v1/athletes/{athlete}/link', { params: { path: path.value } }));
    busy.value = false;
    asked.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        link.put({ path: null, last_on: null, looks: [] });
    }
}

const tellWords: Record<Schemas['Me']['athletes_tell'][number], string> = {
    sets: 'log sets they did by themselves',
    pain: 'say that it hurts, which pauses the pulling at once',
    soreness: 'say how sore they are',
    coming: 'say whether they come to their classes',
};
const tells = computed(() => (session.me?.athletes_tell ?? []).map((tell) => tellWords[tell]));
</script>

<template>
    <PageHead title="own page" :back="{ to: `/people/${id}`, name: athlete.value.value?.name ?? 'Athlete' }" />
    <ProblemNote v-if="problem" :problem="problem" />
    <ReadNote v-if="!link.value.value" :read="link" waits="Looking for the link…" />
    <div v-else class="columns">
        <section class="card stack" aria-label="The link">
            <template v-if="address">
                <h2>The link</h2>
                <div class="given">
                    <QrCode :address="address" :width-px="196" />
                    <div class="stack">
                        <p>
                            Until {{ day(link.value.value.last_on ?? '') }} it opens without an account. Let them scan it, or send it to
                            them alone. It stands on their printed card too.
                        </p>
                        <NInput :value="address" readonly :input-props="{ 'aria-label': 'Address of the own page' }" />
                        <div class="row">
                            <NButton type="primary" @click="clipboard.copy(address)">
                                {{ clipboard.copied.value ? 'Copied' : 'Copy the link' }}
                            </NButton>
                            <a class="tap" :href="address" target="_blank" rel="noreferrer">Look at it</a>
                        </div>
                    </div>
                </div>
                <div v-if="asked" class="row" role="group" aria-label="End the link?">
                    <span>Whoever has it sees nothing any more. It cannot be brought back; a new one can be given.</span>
                    <NButton :loading="busy" @click="end">End it now</NButton>
                    <button type="button" class="quiet" @click="asked = false">Leave it</button>
                </div>
                <button v-else type="button" class="quiet" @click="asked = true">End this link</button>
            </template>
            <template v-else>
                <h2>{{ link.value.value.last_on ? `The link expired on ${day(link.value.value.last_on)}` : 'No link yet' }}</h2>
                <p>
                    With a link of their own they see their next session, their ladder and what they did, on any phone and without an
                    account.
                </p>
                <ChipRow label="How long it opens" show-label :chips="lasts" :value="days" @pick="days = $event" />
                <div class="row">
                    <NButton type="primary" :loading="busy" @click="give">Give a link</NButton>
                </div>
            </template>
        </section>
        <section class="card stack" aria-label="What they see">
            <h2>What they see</h2>
            <p>
                The next session with its drawings and cues, where they are on the ladder, the chance of the first strict pull-up, their
                sets and their best. Nothing of others, no screens, no notes.
            </p>
            <p v-if="tells.length > 0">They can {{ tells.join('; ') }}.</p>
            <p v-else>They can tell nothing there.</p>
            <RouterLink class="tap" to="/settings">What athletes may tell: Settings</RouterLink>
            <CautionBox class="small">Whoever has the link sees the page. End it when a phone is lost.</CautionBox>
            <h2>Looked at</h2>
            <p v-if="link.value.value.looks.length === 0" class="dim">Not by this link yet.</p>
            <ul v-else>
                <li v-for="look in link.value.value.looks" :key="look">{{ day(dayOf(look)) }}, {{ hour(look) }}</li>
            </ul>
        </section>
    </div>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
    gap: var(--space-wide);
    align-items: start;
}

.given {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-wide);
}

.given .stack {
    flex: 1;
    min-width: 220px;
}

ul {
    padding-left: 18px;
}
</style>

<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { watchDebounced } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import type { paths } from '../domain/api.gen';
import { download } from '../domain/files/download';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import DateField from '../parts/DateField.vue';
import PageHead from '../parts/PageHead.vue';
import PageTurner from '../parts/PageTurner.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import SelectFilter from '../parts/SelectFilter.vue';
import { useAddress } from '../composables/useAddress';
import { useRead } from '../composables/useRead';
import { useToday } from '../composables/useToday';
import { counted, linesOf } from './lines';
import WhatDone from './WhatDone.vue';
import { workbookOf } from '../domain/files/workbook';

type Query = NonNullable<paths['/api/v1/log']['get']['parameters']['query']>;

const SETTLE_MS = 250;

const today = useToday();
const address = useAddress({ page: '1', exercise: '', athlete: '', tag: '', purpose: '', from: '', to: '' });
const typed = ref(address.value.exercise);
watchDebounced(typed, (exercise) => address.set({ exercise, page: '1' }), { debounce: SETTLE_MS });
const page = computed({ get: () => Number(address.value.page) || 1, set: (n) => address.set({ page: String(n) }) });
const from = computed({
    get: () => address.value.from || (log.value.value?.from ?? ''),
    set: (on) => address.set({ from: on, page: '1' }),
});
const to = computed({ get: () => address.value.to || today.value, set: (on) => address.set({ to: on, page: '1' }) });

/** What is asked, without what was left open. */
const asked = computed((): Query =>
    Object.fromEntries(Object.entries(address.value).filter(([key, value]) => key !== 'page' && value.trim() !== '')),
);
const log = useRead(
    () => ['log', asked.value, page.value],
    () => outcome(api.GET('/api/v1/log', { params: { query: { ...asked.value, page: page.value } } })),
    { previous: true },
);

const items = computed(() => log.value.value?.items ?? []);
const lines = computed(() =>
    linesOf(
        items.value,
        (entry) => entry.set,
        (entry) => entry.athlete_id,
    ),
);
const tags = computed(() => (log.value.value?.tags ?? []).map((tag) => ({ value: tag, label: tag })));
const purposes = [
    { value: 'work', label: 'Work' },
    { value: 'home', label: 'By themselves' },
    { value: 'test', label: 'Tests' },
    { value: 'try', label: 'Tries' },
    { value: 'baseline', label: 'Baselines' },
];
const table = computed(() => `/api/v1/log.csv?${new URLSearchParams(asked.value as Record<string, string>).toString()}`);

const busy = ref(false);
const problem = shallowRef<Problem>();

async function takeWorkbook(): Promise<void> {
    busy.value = true;
    const csv = await outcome(api.GET('/api/v1/log.csv', { params: { query: asked.value } as object, parseAs: 'text' }));
    problem.value = csv.ok ? undefined : csv.problem;
    if (csv.ok) {
        download(await workbookOf(String(csv.value)), `log ${from.value} ${to.value}.xlsx`);
    }
    busy.value = false;
}
</script>

<template>
    <PageHead title="log" :back="{ to: '/people', name: 'People' }">
        <NInput
            v-model:value="typed"
            class="find"
            clearable
            placeholder="Exercise, band, bar"
            :input-props="{ 'aria-label': 'Exercise', maxlength: 80 }"
        />
        <SelectFilter
            v-if="tags.length > 0"
            label="Class"
            none="All classes"
            :options="tags"
            :value="address.value.tag"
            @pick="address.set({ tag: $event, page: '1' })"
        />
        <SelectFilter
            label="Done as"
            none="Everything"
            :options="purposes"
            :value="address.value.purpose"
            @pick="address.set({ purpose: $event, page: '1' })"
        />
        <a class="tap" :href="table" download>Table (CSV)</a>
        <NButton :loading="busy" @click="takeWorkbook">Spreadsheet (XLSX)</NButton>
    </PageHead>
    <div class="row days">
        <DateField v-model="from" label="From" :latest="today" />
        <DateField v-model="to" label="To" :latest="today" />
        <p v-if="address.value.athlete">
            Only {{ items[0]?.athlete_name ?? 'one athlete' }}.
            <button type="button" class="quiet" @click="address.set({ athlete: '', page: '1' })">Everybody</button>
        </p>
    </div>
    <ProblemNote v-if="problem" :problem="problem" />
    <ReadNote :read="log" waits="Looking through the log…" />
    <p v-if="log.value.value && items.length === 0" class="card">No sets match on these days.</p>
    <ul v-else-if="items.length > 0" class="card" aria-label="Log">
        <li v-for="line in lines" :key="line.key">
            <span class="when dim">{{ day(line.first.set.trained_on) }}</span>
            <RouterLink :to="`/people/${line.first.athlete_id}`">{{ line.first.athlete_name }}</RouterLink>
            <WhatDone :set="line.first.set" />
            <span class="counts">
                <b v-for="entry in line.all" :key="entry.set.id">{{ counted(entry.set) }}</b>
            </span>
        </li>
    </ul>
    <PageTurner v-model="page" :next="log.value.value?.next_page" back="Later" on="Earlier" />
</template>

<style scoped>
.find {
    width: 200px;
}

.days {
    align-items: end;
    margin-bottom: var(--space-base);
}

ul {
    padding: 0;
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: 110px 200px minmax(0, 1fr) auto;
    gap: 0 var(--space-base);
    align-items: center;
    min-height: var(--target);
    padding: var(--space-hair) var(--space-wide);
}

li + li {
    border-top: 1px solid var(--color-line);
}

li a {
    display: flex;
    align-items: center;
    min-height: var(--target);
    font-weight: 600;
    text-decoration: none;
}

.counts {
    display: flex;
    flex-wrap: wrap;
    justify-content: flex-end;
    gap: var(--space-base);
    font-size: var(--type-large);
}

@media screen and (max-width: 720px) {
    .find {
        width: calc(50vw - 24px);
    }

    li {
        grid-template-columns: minmax(0, 1fr) auto;
    }

    li > :nth-child(3) {
        grid-column: 1;
    }

    .counts {
        grid-row: 2;
        grid-column: 2;
    }
}
</style>

<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed, ref } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import ChipRow from '../parts/ChipRow.vue';
import PrintSheet from '../parts/PrintSheet.vue';
import SelectFilter from '../parts/SelectFilter.vue';
import TabRow from '../parts/TabRow.vue';
import { useAddress } from '../composables/useAddress';
import { useRead } from '../composables/useRead';
import BandReport from './BandReport.vue';
import ClassReport from './ClassReport.vue';
import MethodReport from './MethodReport.vue';
import SeasonReport from './SeasonReport.vue';
import { useSeason } from './useSeason';

type Range = Schemas['Trend']['range'];
type Report = 'athlete' | 'class' | 'bands' | 'methods';

/** What the log says, to read, to print and as tables. */
const REPORTS: { value: Report; label: string }[] = [
    { value: 'athlete', label: 'An athlete' },
    { value: 'class', label: 'A class' },
    { value: 'bands', label: 'Bands' },
    { value: 'methods', label: 'Calls and methods' },
];
const RANGES: { value: Range; label: string }[] = [
    { value: 'month', label: 'Month' },
    { value: 'season', label: 'Season' },
    { value: 'year', label: 'Year' },
    { value: 'all', label: 'All' },
];

const address = useAddress({ report: 'athlete', athlete: '', class: '', range: 'season' });
const report = computed({ get: () => address.value.report as Report, set: (to) => address.set({ report: to }) });
const range = computed(() => address.value.range as Range);
const search = ref('');
const people = useRead(
    () => ['athletes', 'to report', search.value],
    () => outcome(api.GET('/api/v1/athletes', { params: { query: search.value ? { search: search.value } : {} } })),
    { previous: true, enabled: () => report.value === 'athlete' },
);
const classes = useRead(['classes'], () => outcome(api.GET('/api/v1/classes')), { enabled: () => report.value === 'class' });
const athletes = computed(() => (people.value.value?.items ?? []).map((a) => ({ value: a.id, label: a.name })));
const groups = computed(() => (classes.value.value?.items ?? []).map((c) => ({ value: c.id, label: c.name })));
const athlete = computed(() => address.value.athlete || (athletes.value[0]?.value ?? ''));
const season = useSeason(athlete, range, () => report.value === 'athlete' && athlete.value !== '');
const named = (value: string | number): { value: string | number; label: string } => ({ value, label: season.value.value?.name ?? '' });
const group = computed(() => address.value.class || (groups.value[0]?.value ?? ''));
const table = computed(() => {
    const asked = `?range=${range.value}`;
    switch (report.value) {
        case 'athlete':
            return athlete.value && `/api/v1/athletes/${athlete.value}/report.csv${asked}`;
        case 'class':
            return group.value && `/api/v1/classes/${group.value}/report.csv${asked}`;
        default:
            return `/api/v1/reports/${report.value}.csv`;
    }
});
</script>

<template>
    <PrintSheet title="Reports" paper="A4" :back="{ to: '/people', name: 'People' }" printed>
        <template #actions>
            <a v-if="table" class="tap" :href="table" download>Table (CSV)</a>
        </template>
        <div class="row no-print choices">
            <TabRow v-model="report" label="Report" :tabs="REPORTS" />
            <NSelect
                v-if="report === 'athlete'"
                class="pick"
                filterable
                remote
                :value="athlete || null"
                :options="athletes"
                :fallback-option="named"
                :loading="people.busy.value"
                placeholder="Name"
                aria-label="Athlete"
                :input-props="{ 'aria-label': 'Athlete' }"
                :virtual-scroll="false"
                @search="search = $event.trim()"
                @update:value="address.set({ athlete: $event })"
            />
            <SelectFilter
                v-if="report === 'class'"
                class="pick"
                label="Class"
                :options="groups"
                :value="group"
                @pick="address.set({ class: $event })"
            />
            <ChipRow
                v-if="report === 'athlete' || report === 'class'"
                label="Over"
                :chips="RANGES"
                :value="range"
                @pick="address.set({ range: $event })"
            />
        </div>
        <SeasonReport v-if="report === 'athlete' && athlete" :athlete="athlete" :range="range" />
        <p v-else-if="report === 'athlete' && people.value.value" class="card">There is nobody to report on yet.</p>
        <ClassReport v-if="report === 'class' && group" :group="group" :range="range" />
        <p v-else-if="report === 'class' && classes.value.value" class="card">There are no classes yet.</p>
        <BandReport v-if="report === 'bands'" />
        <MethodReport v-if="report === 'methods'" />
    </PrintSheet>
</template>

<style scoped>
.choices {
    gap: var(--space-small) var(--space-wide);
    margin-bottom: var(--space-base);
}

.choices .pick {
    width: 220px;
}
</style>

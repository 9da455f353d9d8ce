<script setup lang="ts">
import { computed, ref } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import ChipRow from '../parts/ChipRow.vue';
import PrintSheet from '../parts/PrintSheet.vue';
import SelectFilter from '../parts/SelectFilter.vue';
import TabRow from '../parts/TabRow.vue';
import { useAddress } from '../composables/useAddress';
import { useRead } from '../composables/useRead';
import BandReport from './BandReport.vue';
import BesideReport from './BesideReport.vue';
import ClassReport from './ClassReport.vue';
import MethodReport from './MethodReport.vue';
import PickAthlete from './PickAthlete.vue';
import SeasonReport from './SeasonReport.vue';
import { useSeason } from './useSeason';

type Range = Schemas['Trend']['range'];
type Report = 'athlete' | 'beside' | 'class' | 'bands' | 'methods';

/** What the log says, to read, to print and as tables. */
const REPORTS: { value: Report; label: string }[] = [
    { value: 'athlete', label: 'An athlete' },
    { value: 'beside', label: 'Two athletes' },
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

const address = useAddress({ report: 'athlete', athlete: '', other: '', class: '', range: 'season' });
const report = computed({ get: () => address.value.report as Report, set: (to) => address.set({ report: to }) });
const range = computed(() => address.value.range as Range);
const athlete = computed({ get: () => address.value.athlete, set: (id) => address.set({ athlete: id }) });
const other = computed({ get: () => address.value.other, set: (id) => address.set({ other: id }) });
const isOf = (...those: Report[]): boolean => those.includes(report.value);
const season = useSeason(athlete, range, () => isOf('athlete', 'beside') && athlete.value !== '');
const others = useSeason(other, range, () => isOf('beside') && other.value !== '');
const nobody = ref(false);
const classes = useRead(['classes'], () => outcome(api.GET('/api/v1/classes')), { enabled: () => report.value === 'class' });
const groups = computed(() => (classes.value.value?.items ?? []).map((c) => ({ value: c.id, label: c.name })));
const group = computed(() => address.value.class || (groups.value[0]?.value ?? ''));
const table = computed(() => {
    const asked = `?range=${range.value}`;
    switch (report.value) {
        case 'athlete':
            return athlete.value && `/api/v1/athletes/${athlete.value}/report.csv${asked}`;
        case 'class':
            return group.value && `/api/v1/classes/${group.value}/report.csv${asked}`;
        case 'beside':
            return '';
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
            <PickAthlete
                v-if="isOf('athlete', 'beside')"
                v-model="athlete"
                label="Athlete"
                :name="season.value.value?.name"
                @nobody="nobody = true"
            />
            <PickAthlete
                v-if="report === 'beside' && athlete"
                v-model="other"
                label="Beside"
                :name="others.value.value?.name"
                :not="athlete"
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
                v-if="isOf('athlete', 'beside', 'class')"
                label="Over"
                :chips="RANGES"
                :value="range"
                @pick="address.set({ range: $event })"
            />
        </div>
        <SeasonReport v-if="report === 'athlete' && athlete" :athlete="athlete" :range="range" />
        <p v-else-if="nobody && isOf('athlete', 'beside')" class="card">There is nobody to report on yet.</p>
        <p v-if="report === 'beside' && athlete && !other" class="card">It takes two athletes.</p>
        <BesideReport v-if="report === 'beside' && athlete && other" :one="athlete" :other="other" :range="range" />
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

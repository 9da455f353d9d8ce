<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Schemas } from '../domain/http';
import ChipRow from '../parts/ChipRow.vue';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import MapColumns from './MapColumns.vue';
import MatchTexts from './MatchTexts.vue';
import PastImports from './PastImports.vue';
import RefusedLines from './RefusedLines.vue';
import { useImport } from './useImport';
import { countOf, fieldWords, kindNames, linesOf } from './words';

const past = ref<InstanceType<typeof PastImports>>();
const importing = useImport(() => past.value?.reload());
const kind = ref<Schemas['ImportKind']>('sets');
const kinds = Object.entries(kindNames).map(([value, label]) => ({ value: value as Schemas['ImportKind'], label }));
const box = ref<HTMLInputElement>();
const dry = computed(() => importing.dry.value);
const missing = computed(() => {
    const { columns = [], fields = [] } = dry.value?.import ?? {};
    return fields.filter((f) => f.needed && !columns.some((c) => c.field === f.field)).map((f) => fieldWords[f.field].toLowerCase());
});

const summary = computed(() => {
    if (!dry.value) {
        return '';
    }
    const { known, refused_count, ready } = dry.value;
    return `${[
        `${countOf(dry.value.import.kind, ready)} would come in`,
        ...(known > 0 ? [`${linesOf(known)} ${known === 1 ? 'is' : 'are'} here already`] : []),
        ...(refused_count > 0 ? [`${linesOf(refused_count)} would be left out`] : []),
    ].join(', ')}.`;
});

async function chosen(): Promise<void> {
    const file = box.value?.files?.[0];
    if (file) {
        await importing.take(file, kind.value);
        if (box.value) {
            box.value.value = ''; // so that the same file can be chosen again
        }
    }
}

const about = {
    people: 'A line each: name, bodyweight and height; reach and classes if they are known. They are screened here before they pull.',
    weighings: 'A line each: name, date and bodyweight.',
    sets: 'A line each: name, date, exercise and reps or seconds. What another gym’s gear took off, added or left to carry makes its share.',
    gear: 'A line each: name, kind (bar, rings, box, plate, weight) and its height, thickness or mass; rings with their strap marks.',
    bands: 'A line each: name, width, thickness and hung length. Readings are taken on the bench afterwards.',
};
</script>

<template>
    <PageHead title="Bring in" about="From a spreadsheet (xlsx) or a table of text (csv)" :back="{ to: '/people', name: 'People' }" />
    <ProblemNote v-if="importing.problem.value" :problem="importing.problem.value" />
    <section v-if="!dry" class="card stack" aria-label="Choose a file">
        <h2>What is in the file?</h2>
        <ChipRow label="What is in the file" :chips="kinds" :value="kind" @pick="kind = $event" />
        <p>{{ about[kind] }}</p>
        <p class="small dim">
            The first line names the columns. Nothing is stored before you have seen what becomes of each line, and all of it can be undone.
        </p>
        <div class="row">
            <NButton type="primary" :loading="importing.busy.value" @click="box?.click()">Choose a file</NButton>
            <input
                ref="box"
                class="unseen"
                type="file"
                accept=".csv,.txt,.tsv,.xlsx"
                aria-label="File to bring in"
                tabindex="-1"
                @change="chosen"
            />
        </div>
        <p v-if="importing.running.value" role="status">
            <template v-if="importing.running.value.state === 'running'">
                Bringing in {{ linesOf(importing.running.value.lines) }} of {{ importing.running.value.name }}:
                <progress :value="importing.running.value.lines_so_far" :max="importing.running.value.lines" aria-label="Lines so far" />
                {{ Math.floor((100 * importing.running.value.lines_so_far) / Math.max(1, importing.running.value.lines)) }} %
            </template>
            <template v-else-if="importing.running.value.state === 'stopped'">
                It stopped, and nothing of it was stored.
                <NButton size="small" @click="importing.bring()">Try again</NButton>
            </template>
            <b v-else>{{ countOf(importing.running.value.kind, importing.running.value.taken) }} came in.</b>
        </p>
    </section>
    <template v-else>
        <section class="card stack" aria-label="What becomes of it">
            <div class="card-head">
                <h2>{{ dry.import.name }}</h2>
                <span class="dim">{{ linesOf(dry.import.lines) }}</span>
            </div>
            <p role="status">
                <b>{{ summary }}</b>
                <template v-if="missing.length > 0">No column is taken for {{ missing.join(', ') }}.</template>
            </p>
            <div class="row">
                <NButton type="primary" :disabled="dry.ready === 0" :loading="importing.busy.value" @click="importing.bring()">
                    Bring in {{ countOf(dry.import.kind, dry.ready) }}
                </NButton>
                <NButton @click="importing.leave()">Another file</NButton>
            </div>
        </section>
        <div class="columns">
            <MapColumns :dry="dry" :busy="importing.busy.value" @map="importing.map" />
            <div class="stack">
                <MatchTexts v-if="dry.asked.length > 0" :dry="dry" @map="importing.map" />
                <RefusedLines v-if="dry.refused_count > 0" :dry="dry" />
            </div>
        </div>
    </template>
    <PastImports ref="past" />
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(480px, 100%), 1fr));
    gap: var(--space-wide);
    align-items: start;
    margin-top: var(--space-wide);
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { verdictWords } from '../domain/words';
import ChipRow from '../parts/ChipRow.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useLoad } from '../parts/useLoad';
import CallCard from './CallCard.vue';

type Verdict = Schemas['CallAnswer']['verdict'];

const page = ref(1);
const only = ref<Verdict | 'all'>('all');
const calls = useLoad(() => outcome(api.GET('/api/calls', { params: { query: { page: page.value } } })), [page]);
const ORDER: Verdict[] = ['refer', 'step-down', 'climb', 'stay'];

const items = computed(() => [...(calls.value.value?.items ?? [])].sort((a, b) => ORDER.indexOf(a.call.verdict) - ORDER.indexOf(b.call.verdict)));
const shown = computed(() => items.value.filter((c) => only.value === 'all' || c.call.verdict === only.value));
const filters = computed(() => [
    { value: 'all' as const, label: `All ${items.value.length}` },
    ...ORDER.map((v) => ({ value: v, label: `${verdictWords[v]} ${items.value.filter((c) => c.call.verdict === v).length}` })),
]);
</script>

<template>
    <div class="page-head">
        <h1>Calls</h1>
        <ChipRow v-if="items.length > 0" label="Show" :chips="filters" :value="only" @pick="only = $event" />
    </div>
    <ProblemNote v-if="calls.problem.value" :problem="calls.problem.value" retry @retry="calls.reload" />
    <p v-else-if="!calls.value.value" class="dim">Loading the calls…</p>
    <div v-else-if="items.length === 0" class="card stack">
        <h2>No calls are waiting</h2>
        <p>Log a set for an athlete and the call for next time stands here.</p>
    </div>
    <div v-else class="list">
        <CallCard v-for="call in shown" :key="call.id" :call="call" line @decided="calls.reload" />
        <p v-if="shown.length === 0" class="dim">None of these.</p>
    </div>
    <div v-if="page > 1 || calls.value.value?.next_page" class="row">
        <NButton :disabled="page === 1" @click="page--">Newer</NButton>
        <NButton :disabled="!calls.value.value?.next_page" @click="page++">Older</NButton>
    </div>
</template>

<style scoped>
.list {
    display: grid;
    gap: 6px;
}
</style>

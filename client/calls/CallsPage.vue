<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { api, outcome } from '../domain/http';
import { verdicts, verdictWord, type Verdict } from '../domain/words';
import ChipRow from '../parts/ChipRow.vue';
import PageTurner from '../parts/PageTurner.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../parts/useRead';
import CallCard from './CallCard.vue';

const page = ref(1);
const only = ref<Verdict | 'all'>('all');
const queue = useRead(
    () => ['calls', page.value, only.value],
    () => outcome(api.GET('/api/calls', { params: { query: { page: page.value, ...(only.value !== 'all' && { verdict: only.value }) } } })),
    { previous: true },
);
watch(only, () => (page.value = 1));

const calls = computed(() => queue.value.value?.items ?? []);
const waiting = computed(() => Object.values(queue.value.value?.waiting ?? {}).reduce((sum, n) => sum + n, 0));
const filters = computed(() => [
    { value: 'all' as const, label: `All ${waiting.value}` },
    ...verdicts.map((value) => ({ value, label: `${verdictWord(value)} ${queue.value.value?.waiting[value] ?? 0}` })),
]);
</script>

<template>
    <div class="page-head">
        <h1>Calls</h1>
        <ChipRow v-if="waiting > 0" label="Show" :chips="filters" :value="only" @pick="only = $event" />
    </div>
    <ReadNote :read="queue" waits="Loading the calls…" />
    <div v-if="queue.value.value && waiting === 0" class="card stack">
        <h2>No calls are waiting</h2>
        <p>Log a set for an athlete and the call for next time stands here.</p>
    </div>
    <div v-else-if="queue.value.value" class="list">
        <CallCard v-for="call in calls" :key="call.id" :call="call" line @decided="queue.reload" />
        <p v-for="one in queue.value.value.damaged" :key="one.id" class="card" role="alert">
            The call of
            <RouterLink :to="`/people/${one.id}`">{{ one.name }}</RouterLink>
            cannot be read any more; the fault is in the log. The next set makes it anew.
        </p>
        <p v-if="calls.length === 0" class="dim">None of these.</p>
    </div>
    <PageTurner v-model="page" :next="queue.value.value?.next_page" back="Earlier calls" on="Later calls" />
</template>

<style scoped>
.list {
    display: grid;
    gap: 6px;
}
</style>

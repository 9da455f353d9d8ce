<script setup lang="ts">
import { ref } from 'vue';
import { api, outcome } from '../domain/http';
import { verdictWord } from '../domain/words';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';

const open = ref(false);
const overrides = useRead(['overrides'], () => outcome(api.GET('/api/v1/calls/overrides')), { enabled: open });
</script>

<template>
    <details class="card" @toggle="open = ($event.target as HTMLDetailsElement).open">
        <summary>What was overridden, and how it turned out</summary>
        <ReadNote :read="overrides" waits="Counting…" />
        <p v-if="overrides.value.value?.rules.length === 0" class="dim">Nothing was decided in the last half year.</p>
        <table v-if="overrides.value.value && overrides.value.value.rules.length > 0" class="small">
            <thead>
                <tr>
                    <th scope="col">Call, by its rule</th>
                    <th scope="col">decided</th>
                    <th scope="col">overridden</th>
                    <th scope="col">the call after an override</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="rule in overrides.value.value.rules" :key="rule.verdict + rule.rule">
                    <th scope="row">{{ verdictWord(rule.verdict) }}, {{ rule.rule.replaceAll('-', ' ') }}</th>
                    <td>{{ rule.decided }}</td>
                    <td>{{ rule.overridden }}</td>
                    <td>{{ rule.then.map((t) => `${verdictWord(t.verdict).toLowerCase()} ${t.times}`).join(', ') || '—' }}</td>
                </tr>
            </tbody>
        </table>
    </details>
</template>

<style scoped>
table {
    width: 100%;
    border-collapse: collapse;
}

th,
td {
    padding: 6px var(--space-small);
    text-align: left;
}

tbody tr {
    border-top: 1px solid var(--color-line);
}
</style>

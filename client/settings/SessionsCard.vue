<script setup lang="ts">
import { NButton } from 'naive-ui';
import { shallowRef } from 'vue';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useDayOf, useHourOf } from '../composables/useToday';
import { agentWords } from './agents';

/** Where one is signed in. */
const sessions = useRead(['sessions'], () => outcome(api.GET('/api/v1/sessions')));
const [dayOf, hour] = [useDayOf(), useHourOf()];
const problem = shallowRef<Problem>();

async function end(session: string): Promise<void> {
    const result = await outcome(api.DELETE('/api/v1/sessions/{session}', { params: { path: { session } } }));
    problem.value = result.ok || result.problem.code === 'not-found' ? undefined : result.problem;
    await sessions.reload();
}
</script>

<template>
    <section class="card stack" aria-label="Where you are signed in">
        <h2>Where you are signed in</h2>
        <ReadNote :read="sessions" waits="Looking…" />
        <ProblemNote v-if="problem" :problem="problem" />
        <ul>
            <li v-for="one in sessions.value.value?.items ?? []" :key="one.id">
                <span>
                    <strong>{{ agentWords(one.agent) }}</strong>
                    <span class="small dim">
                        since {{ day(dayOf(one.began_at)) }}, last {{ day(dayOf(one.seen_at)) }} {{ hour(one.seen_at) }}
                    </span>
                </span>
                <span v-if="one.here" class="small">this one</span>
                <NButton v-else size="small" @click="end(one.id)">Sign out</NButton>
            </li>
        </ul>
    </section>
</template>

<style scoped>
ul {
    list-style: none;
}

li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-small);
    min-height: var(--target);
}

li > span:first-child {
    display: grid;
}
</style>

<script setup lang="ts">
import { shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useSession } from '../composables/useSession';
import { useDayOf } from '../composables/useToday';

type Log = Schemas['Me']['erased_log'];

/** What erasing an athlete does, and what was erased. */
const session = useSession();
const dayOf = useDayOf();
const erasures = useRead(['erasures'], () => outcome(api.GET('/api/v1/erasures')));
const problem = shallowRef<Problem>();
const chips: { value: Log; label: string }[] = [
    { value: 'anonymous', label: 'Stays, without a name' },
    { value: 'removed', label: 'Goes too' },
];
const state = (one: Schemas['Erasure']): string =>
    one.failed
        ? 'failed; nothing was erased. Order it again.'
        : one.ended_at === null
          ? 'waits'
          : `done, ${one.rows === 1 ? '1 entry' : `${one.rows} entries`}`;

async function settle(log: Log): Promise<void> {
    const result = await outcome(api.PUT('/api/v1/settings/erasure', { body: { log } }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        session.change(result.value);
    }
}
</script>

<template>
    <section class="card stack" aria-label="Erasure">
        <h2>Erasure</h2>
        <p>An athlete may ask for it: on their page, More, Erase. Name, health and links go. Their training:</p>
        <ProblemNote v-if="problem" :problem="problem" />
        <ChipRow label="Training of who is erased" :chips="chips" :value="session.me?.erased_log ?? null" @pick="settle" />
        <ReadNote :read="erasures" waits="Looking…" />
        <ul class="small">
            <li v-for="one in erasures.value.value?.items ?? []" :key="one.id">
                {{ day(dayOf(one.ordered_at)) }}, by {{ one.by }}: {{ state(one) }}
            </li>
        </ul>
    </section>
</template>

<style scoped>
ul {
    list-style: none;
}
</style>

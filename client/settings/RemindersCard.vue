<script setup lang="ts">
import { ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import ChipRow from '../parts/ChipRow.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useSession } from '../composables/useSession';

type Reminders = Schemas['Me']['reminders'];

const session = useSession();
const chips: { value: Reminders; label: string }[] = [
    { value: 'never', label: 'Never' },
    { value: 'mondays', label: 'On Mondays' },
    { value: 'every-day', label: 'Every morning' },
];
const busy = ref(false);
const problem = shallowRef<Problem>();

async function choose(reminders: Reminders): Promise<void> {
    busy.value = true;
    const result = await outcome(api.PUT('/api/v1/me/reminders', { body: { reminders } }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        session.change(result.value);
    }
}
</script>

<template>
    <section class="card stack" aria-label="Reminders by mail" :aria-busy="busy">
        <h2>Reminders by mail</h2>
        <ProblemNote v-if="problem" :problem="problem" />
        <ChipRow label="Reminders by mail" :chips="chips" :value="session.me?.reminders ?? 'never'" @pick="choose" />
        <p class="small dim">
            To {{ session.me?.email }}, from seven in the morning where the gym is: what waits to be decided, whom to screen, weigh or ask
            after, which bands to look at. Names and what to do, never why.
        </p>
    </section>
</template>

<script setup lang="ts">
import { ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useDayOf } from '../composables/useToday';
import { countOf, linesOf } from './words';

const imports = useRead(['imports'], () => outcome(api.GET('/api/v1/imports')));
const dayOf = useDayOf();
const busy = ref(false);
const problem = shallowRef<Problem>();
defineExpose({ reload: imports.reload });

async function undo(one: Schemas['Import']): Promise<void> {
    busy.value = true;
    const result = await outcome(api.POST('/api/v1/imports/{import}/undoing', { params: { path: { import: one.id } } }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    await imports.reload();
}

function words(one: Schemas['Import']): string {
    const came = `${countOf(one.kind, one.taken)} came in`;
    const rest = [
        one.known > 0 ? `${linesOf(one.known)} ${one.known === 1 ? 'was' : 'were'} here already` : '',
        one.refused > 0 ? `${linesOf(one.refused)} left out` : '',
    ];
    return {
        waiting: '',
        running: 'on its way in',
        stopped: 'stopped; nothing of it was stored',
        ended: [came, ...rest].filter(Boolean).join(', '),
        undone: `${came}, and was undone`,
    }[one.state];
}
</script>

<template>
    <section
        v-if="(imports.value.value?.items.length ?? 0) > 0 || imports.problem.value"
        class="card stack past"
        aria-label="Brought in before"
    >
        <h2>Brought in before</h2>
        <ReadNote :read="imports" waits="Looking what was brought in…" />
        <ProblemNote v-if="problem" :problem="problem" />
        <ul>
            <li v-for="one in imports.value.value?.items ?? []" :key="one.id">
                <span class="dim">{{ day(dayOf(one.made_at)) }}</span>
                <span>
                    <b>{{ one.name }}</b>
                    · {{ words(one) }}
                </span>
                <button v-if="one.state === 'ended' && one.taken > 0" type="button" class="quiet" :disabled="busy" @click="undo(one)">
                    Undo
                    <span class="unseen">{{ one.name }}</span>
                </button>
            </li>
        </ul>
        <p class="small dim">Undo takes back what came with a file; what was corrected since stays.</p>
    </section>
</template>

<style scoped>
.past {
    margin-top: var(--space-wide);
}

ul {
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: 96px minmax(0, 1fr) auto;
    gap: var(--space-base);
    align-items: center;
    min-height: var(--target);
}
</style>

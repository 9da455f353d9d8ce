<script setup lang="ts">
import { v7 as uuidv7 } from 'uuid';
import { shallowRef, useTemplateRef } from 'vue';
import MassPlot from '../draw/trend/MassPlot.vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day, shortLength, mass } from '../domain/units';
import CautionBox from '../parts/CautionBox.vue';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import ComputeAgain from '../log/outdated/ComputeAgain.vue';
import WeighForm from '../body/WeighForm.vue';

const props = defineProps<{ id: string }>();

const problem = shallowRef<Problem>();
const again = useTemplateRef('again');
const body = useRead(['body', props.id], () =>
    outcome(api.GET('/api/v1/athletes/{athlete}/body', { params: { path: { athlete: props.id } } })),
);

/** Sets since then were computed with another mass. */
function follow(now: Schemas['Body']): void {
    body.put(now);
    void again.value?.reload();
}

async function takeBack(weighing: string): Promise<void> {
    const result = await outcome(
        api.POST('/api/v1/athletes/{athlete}/weighings/{weighing}/withdrawal', {
            params: { path: { athlete: props.id, weighing } },
            body: { id: uuidv7() },
        }),
    );
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        follow(result.value);
    }
}
</script>

<template>
    <ReadNote :read="body" waits="Loading the body…" />
    <template v-if="body.value.value">
        <PageHead title="body" :back="{ to: `/people/${id}`, name: body.value.value.name }">
            <RouterLink v-if="$may('coach')" class="tap edit" :to="`/people/${id}/edit`">Change height or reach</RouterLink>
        </PageHead>
        <div class="columns">
            <section class="card stack" aria-label="Mass over time">
                <h2>Mass: {{ mass(body.value.value.mass_kg) }}</h2>
                <MassPlot v-if="body.value.value.weighings.length > 1" :weighings="body.value.value.weighings" />
                <p v-else class="small dim">One weighing so far. From the second on, the curve stands here.</p>
                <ProblemNote v-if="problem" :problem="problem" />
                <WeighForm :athlete-id="id" @weighed="follow($event)" />
                <ComputeAgain
                    ref="again"
                    :of="{ athlete: id }"
                    because="with a mass 1.5 % and more off what stands for their day"
                    @done="body.reload()"
                />
                <ul class="weighings small">
                    <li v-for="weighing in body.value.value.weighings.slice(0, 8)" :key="weighing.id">
                        <span>{{ day(weighing.weighed_on) }}</span>
                        <strong>{{ mass(weighing.mass_kg) }}</strong>
                        <button
                            v-if="body.value.value.weighings.length > 1"
                            type="button"
                            :aria-label="`Take back ${mass(weighing.mass_kg)} of ${day(weighing.weighed_on)}`"
                            @click="takeBack(weighing.id)"
                        >
                            ×
                        </button>
                    </li>
                </ul>
            </section>
            <section class="card stack" aria-label="Proportions">
                <h2>What everything is computed from</h2>
                <CautionBox v-if="body.value.value.reach_source === 'estimated'" class="small">
                    <p>
                        The reach is estimated from height, ± {{ shortLength(body.value.value.reach_sd_m) }}.
                        <RouterLink v-if="$may('coach')" :to="`/people/${id}/edit`">Measure it</RouterLink>
                        <template v-else>Measure it</template>
                        : floor to the middle of a closed fist overhead, shoes on. It replaces the estimate everywhere at once.
                    </p>
                </CautionBox>
                <table>
                    <thead>
                        <tr>
                            <th scope="col">Length</th>
                            <th scope="col">This athlete</th>
                            <th scope="col">Of height</th>
                            <th scope="col">From</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr>
                            <th scope="row">Height</th>
                            <td>{{ shortLength(body.value.value.stature_m) }}</td>
                            <td>1</td>
                            <td class="small dim">this athlete, measured</td>
                        </tr>
                        <tr v-for="p in body.value.value.proportions" :key="p.name">
                            <th scope="row">{{ p.name }}</th>
                            <td>{{ shortLength(p.length_m) }}</td>
                            <td>{{ p.per_stature === null ? '' : p.per_stature.toFixed(3) }}</td>
                            <td class="small dim">{{ p.source }}</td>
                        </tr>
                    </tbody>
                </table>
            </section>
        </div>
    </template>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: minmax(0, 460px) minmax(0, 1fr);
    gap: var(--space-wide);
    align-items: start;
}

.edit {
    font-weight: 600;
}

table {
    width: 100%;
    border-collapse: collapse;
}

th,
td {
    padding: 7px 8px 7px 0;
    border-bottom: 1px solid var(--color-line);
    text-align: left;
    vertical-align: baseline;
}

thead th {
    color: var(--color-dust);
    font-size: var(--type-small);
}

tbody th {
    font-weight: 600;
}

td:nth-child(2) {
    font-weight: 600;
    white-space: nowrap;
}

.weighings {
    list-style: none;
}

.weighings li {
    display: grid;
    grid-template-columns: 1fr auto 44px;
    align-items: center;
}

.weighings button {
    height: 36px;
    border: 0;
    background: none;
    color: var(--color-slate);
    font: inherit;
    cursor: pointer;
}

@media screen and (max-width: 1100px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

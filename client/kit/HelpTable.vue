<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import { figureText, inUse, type Kit } from '../domain/gear';
import { api, outcome, type Schemas } from '../domain/http';
import { mass, percent } from '../domain/units';
import ProblemNote from '../parts/ProblemNote.vue';
import { useRead } from '../composables/useRead';
import WhySteps from '../parts/marks/WhySteps.vue';

const props = defineProps<{ help: readonly Schemas['Help'][]; kit: Kit }>();
const athlete = defineModel<string | null>('athlete', { required: true });
const bar = defineModel<string | null>('bar', { required: true });

const search = ref('');
const roster = useRead(
    () => ['roster', { search: search.value }],
    () => outcome(api.GET('/api/v1/athletes', { params: { query: search.value ? { search: search.value } : {} } })),
    { previous: true },
);
const athletes = computed(() => (roster.value.value?.items ?? []).map((a) => ({ value: a.id, label: `${a.name}, ${mass(a.mass_kg)}` })));
watch(athletes, (list) => (athlete.value ??= list[0]?.value ?? null), { once: true });
const bars = computed(() => inUse(props.kit, 'bar').map((b) => ({ value: b.id, label: `${b.name}, ${figureText(b)}` })));
</script>

<template>
    <section class="stack help" aria-label="What it takes off">
        <div class="picks">
            <NSelect
                v-model:value="athlete"
                :virtual-scroll="false"
                filterable
                remote
                clearable
                :loading="roster.busy.value"
                :options="athletes"
                placeholder="What it takes off whom?"
                aria-label="Athlete"
                :input-props="{ 'aria-label': 'Athlete' }"
                @search="search = $event.trim()"
            />
            <NSelect v-model:value="bar" :virtual-scroll="false" clearable :options="bars" placeholder="Highest bar" aria-label="Bar" />
        </div>
        <ProblemNote v-if="roster.problem.value" :problem="roster.problem.value" retry @retry="roster.reload" />
        <table v-if="help.length > 0">
            <thead>
                <tr>
                    <th scope="col">Takes off</th>
                    <th scope="col">Bottom</th>
                    <th scope="col">Mean</th>
                    <th scope="col">Top</th>
                    <th scope="col">Carried share</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="h in help" :key="h.attach">
                    <th scope="row">at the {{ h.attach }}</th>
                    <template v-if="h.help_kg">
                        <td>{{ mass(h.help_kg.bottom) }}</td>
                        <td :data-help="h.attach">{{ mass(h.help_kg.mean) }}</td>
                        <td>{{ mass(h.help_kg.top) }}</td>
                        <td>{{ percent(h.share ?? 0) }} ± {{ (100 * (h.share_sd ?? 0)).toFixed(1) }}</td>
                    </template>
                    <td v-else colspan="4" class="reason small">{{ h.reason }}</td>
                </tr>
            </tbody>
        </table>
        <p v-else class="small dim">Choose an athlete to see what this band takes off at the foot and at the knee, bottom to top.</p>
        <details v-for="h in help.filter((one) => one.why)" :key="`why-${h.attach}`" class="small">
            <summary>Why? At the {{ h.attach }}</summary>
            <WhySteps :why="h.why!" />
        </details>
    </section>
</template>

<style scoped>
.help {
    /* As high as the two rows and their reasons: what stands below does not move under the thumb when they come. */
    min-height: 210px;
    gap: var(--space-small);
}

.picks {
    display: grid;
    grid-template-columns: 3fr 2fr;
    gap: var(--space-small);
}

table {
    width: 100%;
    border-collapse: collapse;
}

th,
td {
    padding: 4px 6px;
    border-bottom: 1px solid var(--color-line);
    text-align: right;
    white-space: nowrap;
}

thead th {
    color: var(--color-dust);
    font-size: var(--type-small);
}

th:first-child {
    padding-left: 0;
    text-align: left;
}

td {
    font-weight: 600;
}

.reason {
    font-weight: 400;
    text-align: left;
    white-space: normal;
}

@media screen and (max-width: 720px) {
    th,
    td {
        padding-inline: 2px;
        font-size: var(--type-small);
    }
}
</style>

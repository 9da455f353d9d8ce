<script setup lang="ts">
import { NButton, NProgress, NSelect } from 'naive-ui';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { strictName, whenWords } from '../trend/foretold';
import { summary, type Compared } from './compared';

const props = defineProps<{ id: string }>();

const ATHLETES = 60;
const AT_ONCE = 4;

const athlete = useRead(
    () => ['athlete', props.id],
    () => outcome(api.GET('/api/v1/athletes/{athlete}', { params: { path: { athlete: props.id } } })),
);
/** What is foretold from the log itself, so that nobody takes the model's weeks for it. */
const trend = useRead(
    () => ['trend', props.id, 'pull'],
    () => outcome(api.GET('/api/v1/athletes/{athlete}/trend', { params: { path: { athlete: props.id }, query: { pattern: 'pull' } } })),
);
const foretold = computed(() => trend.value.value?.forecasts.find((f) => f.verdict !== 'reached'));
const methods = useRead(['methods'], () => outcome(api.GET('/api/v1/methods')));
const options = computed(() => (methods.value.value?.methods ?? []).map((m) => ({ value: m.key, label: m.name })));
const picked = ref<[string, string]>(['band-taper', 'rows-first']);
const found = ref<[Compared[], Compared[]]>([[], []]);
const problem = shallowRef<Problem>();
const running = ref(false);
const done = computed(() => Math.round((100 * (found.value[0].length + found.value[1].length)) / (2 * ATHLETES)));
const name = (key: string): string => options.value.find((o) => o.value === key)?.label ?? key;
const columns = computed(() => found.value.map((those, i) => ({ name: name(picked.value[i as 0 | 1]), ...summary(those) })));
let stopped = false;

/** The same athletes for both, a few at a time, so that it shows how far it is and can be stopped. */
async function run(): Promise<void> {
    found.value = [[], []];
    problem.value = undefined;
    running.value = true;
    stopped = false;
    for (let from = 0; from < ATHLETES && !stopped; from += AT_ONCE) {
        for (const side of [0, 1] as const) {
            const body = { method: picked.value[side], from, count: AT_ONCE };
            const result = await outcome(
                api.POST('/api/v1/athletes/{athlete}/comparisons', { params: { path: { athlete: props.id } }, body }),
            );
            if (!result.ok || stopped) {
                problem.value = result.ok ? undefined : result.problem;
                stopped = true;
                break;
            }
            found.value[side].push(...result.value.athletes);
        }
    }
    running.value = false;
}

function stop(): void {
    stopped = true;
}

onScopeDispose(stop);
</script>

<template>
    <PageHead
        title="two methods compared"
        :back="{ to: `/people/${id}`, name: athlete.value.value?.name ?? 'Athlete' }"
        :about="`On ${ATHLETES} virtual athletes like them, a year each or to the first strict rep.`"
    />
    <ReadNote :read="methods" waits="Loading the methods…" />
    <div class="card stack">
        <div class="row">
            <NSelect
                v-model:value="picked[0]"
                class="pick"
                :virtual-scroll="false"
                :options="options"
                :disabled="running"
                aria-label="First method"
            />
            <span>against</span>
            <NSelect
                v-model:value="picked[1]"
                class="pick"
                :virtual-scroll="false"
                :options="options"
                :disabled="running"
                aria-label="Second method"
            />
            <NButton v-if="!running" type="primary" @click="run">Compare</NButton>
            <NButton v-else @click="stop">Stop</NButton>
        </div>
        <NProgress v-if="running || done > 0" :percentage="done" :show-indicator="true" aria-label="Done" />
        <ProblemNote v-if="problem" :problem="problem" retry @retry="run" />
        <table v-if="found[0].length > 0 && found[1].length > 0">
            <thead>
                <tr>
                    <td />
                    <th v-for="(c, i) in columns" :key="i" scope="col">{{ c.name }}</th>
                </tr>
            </thead>
            <tbody>
                <tr>
                    <th scope="row">Weeks to the first strict rep, half of them by</th>
                    <td v-for="(c, i) in columns" :key="i">
                        <strong>{{ c.weeks }}</strong>
                        <span class="dim">{{ c.interval }} weeks</span>
                    </td>
                </tr>
                <tr v-for="line in ['came', 'sessions', 'lowerings', 'failed', 'wasted'] as const" :key="line">
                    <th scope="row">
                        {{
                            {
                                came: 'Came to it within the year',
                                sessions: 'Sessions',
                                lowerings: 'Lowerings',
                                failed: 'Failed sets a session',
                                wasted: 'Sessions far too easy',
                            }[line]
                        }}
                    </th>
                    <td v-for="(c, i) in columns" :key="i">{{ c[line] }}</td>
                </tr>
            </tbody>
        </table>
        <p v-if="foretold" class="small">
            <strong>{{ strictName(foretold.reps) }}: {{ whenWords(foretold) }}.</strong>
            That is foretold from the log. The weeks above are the model’s, and say only how the two methods differ.
        </p>
        <p class="small dim">
            It is a model: it knows how strength answers to training only on average, nothing of joints, sleep or liking. It decides
            nothing.
        </p>
    </div>
</template>

<style scoped>
.pick {
    width: 230px;
}

table {
    width: 100%;
    border-collapse: collapse;
}

th,
td {
    padding: 8px;
    text-align: left;
}

tbody tr {
    border-top: 1px solid var(--color-line);
}

td .dim {
    margin-left: 8px;
}

tbody th {
    font-weight: 400;
}
</style>

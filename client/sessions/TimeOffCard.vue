<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import DateField from '../parts/DateField.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';

const props = defineProps<{ athleteId: string; name: string; weeks: Schemas['Weeks'] }>();
const emit = defineEmits<{ changed: [weeks: Schemas['Weeks']] }>();

const draft = reactive({ from: '', to: '', why: '', ofGym: false });
const errors = ref<Record<string, string | undefined>>({});
const problem = shallowRef<Problem>();
const busy = ref(false);
/** Time off that could not be sent keeps its id, so that sending it again stores it once. */
let id = uuidv7();

function isWhole(): boolean {
    errors.value = {
        from: draft.from ? undefined : 'Needed: the first day.',
        to: !draft.to ? 'Needed: the last day.' : draft.to < draft.from ? 'The last day is before the first.' : undefined,
        why: draft.why.trim() ? undefined : 'Needed: what for.',
    };
    return Object.values(errors.value).every((e) => e === undefined);
}

async function add(): Promise<void> {
    if (!isWhole()) {
        return;
    }
    busy.value = true;
    const result = await outcome(
        api.POST('/api/v1/athletes/{athlete}/time-off', {
            params: { path: { athlete: props.athleteId } },
            body: { id, from: draft.from, to: draft.to, why: draft.why.trim(), of_gym: draft.ofGym },
        }),
    );
    busy.value = false;
    problem.value = result.ok || result.problem.faults.length > 0 ? undefined : result.problem;
    if (result.ok) {
        id = uuidv7();
        Object.assign(draft, { from: '', to: '', why: '' });
        emit('changed', result.value);
    } else {
        errors.value = Object.fromEntries(['from', 'to', 'why'].map((key) => [key, faultText(result.problem.faults, `/${key}`)]));
    }
}

async function takeBack(off: string): Promise<void> {
    const result = await outcome(
        api.DELETE('/api/v1/athletes/{athlete}/time-off/{off}', { params: { path: { athlete: props.athleteId, off } } }),
    );
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        emit('changed', result.value);
    }
}
</script>

<template>
    <section class="card">
        <h2>Time off</h2>
        <ul v-if="weeks.time_off.length > 0" class="small">
            <li v-for="off in weeks.time_off" :key="off.id">
                <span>
                    <b>{{ off.why }}</b>
                    {{ day(off.from) }} – {{ day(off.to) }}, {{ off.of_gym ? 'the whole gym' : name }}
                </span>
                <button v-if="$may('coach')" type="button" class="quiet small no-print" @click="takeBack(off.id)">
                    Take back
                    <span class="unseen">: {{ off.why }}</span>
                </button>
            </li>
        </ul>
        <p v-else class="small dim">None noted. A closed gym or a holiday moves the sessions and the stages.</p>
        <ProblemNote v-if="problem" typed :problem="problem" />
        <form v-if="$may('coach')" class="stack no-print" novalidate @submit.prevent="add">
            <div class="pair">
                <DateField v-model="draft.from" label="From" :error="errors.from" />
                <DateField v-model="draft.to" label="To" :error="errors.to" />
            </div>
            <FormField v-slot="{ inputProps }" label="What for" :error="errors.why">
                <NInput
                    v-model:value="draft.why"
                    placeholder=""
                    :input-props="{ ...inputProps, maxlength: limits.TimeOffInput.why.longest }"
                />
            </FormField>
            <ChipRow
                label="Of"
                :chips="[
                    { value: 'athlete', label: name },
                    { value: 'gym', label: 'The whole gym' },
                ]"
                :value="draft.ofGym ? 'gym' : 'athlete'"
                @pick="draft.ofGym = $event === 'gym'"
            />
            <div><NButton attr-type="submit" :loading="busy">Note time off</NButton></div>
        </form>
    </section>
</template>

<style scoped src="./side.css"></style>

<style scoped>
ul {
    list-style: none;
}

li {
    display: flex;
    justify-content: space-between;
    gap: var(--space-small);
    padding: 4px 0;
}

.pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: var(--space-small);
}
</style>

<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { computed, ref, shallowRef, watch } from 'vue';
import type { Choice, Exercise } from '../domain/gear';
import { leads } from '../domain/leads';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import { parseNumber, percent, repsText } from '../domain/units';
import FormField from '../parts/FormField.vue';

type Answer = Schemas['RungList'];

const props = defineProps<{ athleteId: string; exercise: Exercise | undefined; kind: Choice['kind'] }>();
const emit = defineEmits<{ take: [exercise: Exercise] }>();

const QUESTIONS: Partial<Record<Choice['kind'], { label: string; unit: string; start: string }>> = {
    row: { label: 'Or: which heel mark for a carried share of', unit: '%', start: '55' },
    foot: { label: 'Or: which box or plates for a leg part of the travel of', unit: '%', start: '33' },
    band: { label: 'Or: which band for', unit: 'reps', start: '6' },
};

const text = ref('');
const answer = shallowRef<Result<Answer>>();
/** The answers, each led by what tells it apart. */
const names = computed(() => leads(answer.value?.ok ? answer.value.value.items.map((rung) => rung.name) : []));
const question = computed(() => QUESTIONS[props.kind]);

watch(
    () => props.kind,
    () => {
        text.value = question.value?.start ?? '';
        answer.value = undefined;
    },
    { immediate: true },
);

function call(wanted: number): Promise<Result<Answer>> | undefined {
    const path = { athlete: props.athleteId };
    const bar_id = props.exercise?.setup.bar_id;
    switch (props.kind) {
        case 'row':
            return outcome(api.GET('/api/v1/athletes/{athlete}/heel-mark', { params: { path, query: { share: wanted / 100 } } }));
        case 'foot':
            return bar_id
                ? outcome(
                      api.GET('/api/v1/athletes/{athlete}/standing-height', {
                          params: { path, query: { bar_id, leg_part: wanted / 100 } },
                      }),
                  )
                : undefined;
        default:
            return outcome(api.GET('/api/v1/athletes/{athlete}/for-reps', { params: { path, query: { reps: wanted } } }));
    }
}

const refusal = (detail: string): Result<Answer> => ({
    ok: false,
    problem: { code: 'invalid', detail: '', faults: [{ pointer: '', detail, value: null, low: null, high: null, unit: null }] },
});

async function ask(): Promise<void> {
    const wanted = parseNumber(text.value);
    if (typeof wanted !== 'number') {
        answer.value = refusal(`“${text.value}” is not a number.`);
        return;
    }
    answer.value = (await call(wanted)) ?? refusal('Choose the gear above first.');
    const first = answer.value?.ok ? answer.value.value.items[0] : undefined;
    if (first && props.kind === 'foot') {
        emit('take', first.exercise);
    }
}
</script>

<template>
    <form v-if="question" class="ask" @submit.prevent="ask">
        <FormField v-slot="{ inputProps }" :label="question.label">
            <div class="line">
                <NInput v-model:value="text" :input-props="{ ...inputProps, inputmode: 'decimal' }" placeholder="">
                    <template #suffix>{{ question.unit }}</template>
                </NInput>
                <NButton attr-type="submit">Find it</NButton>
            </div>
        </FormField>
        <p v-if="answer && !answer.ok" class="small wrong" role="alert">
            {{ answer.problem.faults.map((f) => f.detail).join(' ') || answer.problem.detail }}
        </p>
        <p v-else-if="answer?.ok && answer.value.items.length === 0" class="small wrong" role="alert">{{ answer.value.reason }}</p>
        <ul v-else-if="answer?.ok && kind !== 'foot'" class="answers">
            <li v-for="(rung, i) in answer.value.items" :key="rung.key">
                <button type="button" @click="emit('take', rung.exercise)">
                    <strong>{{ names[i]?.lead }}</strong>
                    <span class="small">{{ names[i]?.rest }}</span>
                    <span class="small">
                        {{ percent(rung.carried.share.mean) }}
                        <template v-if="rung.carried.friction !== null">, grip {{ rung.carried.friction.toFixed(1) }}</template>
                        <template v-if="rung.prediction">, {{ repsText(rung.prediction) }}</template>
                    </span>
                </button>
            </li>
        </ul>
    </form>
</template>

<style scoped>
.ask {
    display: grid;
    gap: var(--space-small);
    padding-top: var(--space-base);
    border-top: 1px solid var(--color-line);
}

.line {
    display: grid;
    grid-template-columns: 120px auto;
    gap: var(--space-small);
    justify-content: start;
}

.wrong {
    color: var(--color-refer);
    font-weight: 600;
}

.answers {
    list-style: none;
}

.answers button {
    display: grid;
    grid-template-columns: 1.2fr 1.4fr auto;
    align-items: center;
    gap: var(--space-small);
    width: 100%;
    min-height: var(--target);
    padding: 0 var(--space-small);
    border: 0;
    border-bottom: 1px solid var(--color-line);
    background: none;
    color: inherit;
    font: inherit;
    text-align: left;
    cursor: pointer;
}

.answers button:hover {
    background: var(--color-sunk);
}
</style>

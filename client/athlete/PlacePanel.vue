<script setup lang="ts">
import { NButton, NInput, NSelect } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { computed, reactive, ref, shallowRef, watch } from 'vue';
import { api, outcome } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import FaultList from '../parts/FaultList.vue';
import FormField from '../parts/FormField.vue';
import ReadNote from '../parts/ReadNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useRead } from '../composables/useRead';
import type { Athlete } from '../composables/useAthlete';
import { useLibrary } from '../composables/useLibrary';

const props = defineProps<{ athlete: Athlete }>();
const emit = defineEmits<{ placed: [] }>();
const open = defineModel<boolean>('open', { required: true });

const PER_WEEK = [
    { value: null, label: 'As the method has it' },
    ...[1, 2, 3, 4].map((n) => ({ value: n as number | null, label: String(n) })),
];

const draft = reactive({ method: '', stage: '', reason: '', perWeek: null as number | null, builder: null as string | null });
const error = ref<string>();
const problem = shallowRef<Problem>();
let id = uuidv7();
const methods = useRead(['methods'], () => outcome(api.GET('/api/v1/methods')), { enabled: open });
const library = useLibrary(open);
const history = useRead(
    () => ['place', props.athlete.id, open.value],
    () => outcome(api.GET('/api/v1/athletes/{athlete}/place', { params: { path: { athlete: props.athlete.id } } })),
    { enabled: open, kept: false },
);
watch(
    open,
    (is) => {
        if (is) {
            Object.assign(draft, {
                method: props.athlete.place.method,
                stage: props.athlete.place.stage,
                reason: '',
                perWeek: props.athlete.sessions_a_week,
                builder: props.athlete.builder?.key ?? null,
            });
            error.value = problem.value = undefined;
            id = uuidv7();
        }
    },
    { immediate: true },
);
const chosen = computed(() => methods.value.value?.methods.find((m) => m.key === draft.method));
const methodOptions = computed(() => (methods.value.value?.methods ?? []).map((m) => ({ value: m.key, label: m.name })));
const stageChips = computed(() => (chosen.value?.stages ?? []).map((s, i) => ({ value: s.key, label: `${i + 1} ${s.name}` })));
const isStrict = computed(() => chosen.value?.stages.find((s) => s.key === draft.stage)?.kind === 'strict');
const builderOptions = computed(() =>
    (library.value.value?.builders ?? []).map((b) => ({ value: b.key, label: `${b.name}, from ${b.from_reps} strict` })),
);
const builder = computed(() => library.value.value?.builders.find((b) => b.key === draft.builder));
/** Within a method a stage is skipped or set back for a reason. */
const needsReason = computed(() => draft.method === props.athlete.place.method && draft.stage !== props.athlete.place.stage);

function pickMethod(key: string): void {
    draft.method = key;
    draft.stage = key === props.athlete.place.method ? props.athlete.place.stage : (chosen.value?.stages[0]?.key ?? '');
}

async function submit(): Promise<void> {
    error.value = needsReason.value && !draft.reason.trim() ? 'Needed: why the stage is skipped or set back.' : undefined;
    if (error.value) {
        return;
    }
    const body = {
        id,
        method: draft.method,
        stage: draft.stage,
        reason: draft.reason.trim() || null,
        sessions_a_week: draft.perWeek,
        builder: isStrict.value ? draft.builder : null,
    };
    const result = await outcome(api.POST('/api/v1/athletes/{athlete}/place', { params: { path: { athlete: props.athlete.id } }, body }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        emit('placed');
    }
}
</script>

<template>
    <SidePanel v-model:open="open" :title="`Method of ${athlete.name}`">
        <p class="now">
            <RouterLink :to="`/methods/${athlete.place.method}`">{{ athlete.place.method_name }}</RouterLink>
            , stage {{ athlete.place.number }} of {{ athlete.place.of }},
            <b>{{ athlete.place.stage_name }}</b>
            since {{ day(athlete.place.since) }}. Gate: {{ athlete.place.gate }}.
        </p>
        <form v-if="$may('coach')" class="stack" @submit.prevent="submit">
            <ReadNote :read="methods" waits="Loading the methods…" />
            <FormField label="Method">
                <NSelect
                    :value="draft.method"
                    :virtual-scroll="false"
                    :options="methodOptions"
                    aria-label="Method"
                    @update:value="pickMethod"
                />
            </FormField>
            <p v-if="chosen" class="small dim">{{ chosen.idea }}</p>
            <ChipRow label="Stage" show-label :chips="stageChips" :value="draft.stage" @pick="draft.stage = $event" />
            <FormField v-if="isStrict" label="In the place of the strict work">
                <NSelect
                    v-model:value="draft.builder"
                    :options="builderOptions"
                    clearable
                    :virtual-scroll="false"
                    placeholder="What the method has"
                    aria-label="In the place of the strict work"
                />
            </FormField>
            <p v-if="isStrict && builder" class="small dim">
                {{ builder.idea }} {{ builder.lines.join(' · ') }}, for {{ builder.weeks.join('–') }} weeks.
            </p>
            <ChipRow label="A week" show-label :chips="PER_WEEK" :value="draft.perWeek" @pick="draft.perWeek = $event" />
            <FormField v-if="needsReason" v-slot="{ inputProps }" label="Reason" :error="error">
                <NInput
                    v-model:value="draft.reason"
                    :input-props="{ ...inputProps, maxlength: limits.PlaceInput.reason.longest }"
                    placeholder=""
                />
            </FormField>
            <FaultList v-if="problem" :problem="problem" />
            <div class="row">
                <NButton attr-type="submit" type="primary">Put on this stage</NButton>
                <NButton @click="open = false">Cancel</NButton>
            </div>
        </form>
        <RouterLink v-if="$may('coach')" class="tap" :to="`/people/${athlete.id}/compare`">
            Compare two methods for {{ athlete.name }}
        </RouterLink>
        <section v-if="history.value.value && history.value.value.moves.length > 0" class="history small">
            <h2>So far</h2>
            <ul>
                <li v-for="(move, i) in history.value.value.moves" :key="i">
                    <span class="dim">{{ day(move.since) }}</span>
                    <span>
                        {{ move.method_name }}, {{ move.stage_name }}
                        <span class="dim">
                            {{ move.by_call ? 'by an accepted call' : move.coach }}{{ move.reason ? ` · ${move.reason}` : '' }}
                        </span>
                    </span>
                </li>
            </ul>
        </section>
    </SidePanel>
</template>

<style scoped>
.now {
    margin-bottom: var(--space-base);
}

.history {
    margin-top: var(--space-broad);
}

ul {
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: 96px 1fr;
    padding: 4px 0;
}
</style>

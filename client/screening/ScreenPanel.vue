<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { computed, reactive, ref, shallowRef, watch } from 'vue';
import type { Result, Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { conditionWords, limitWords, overheadWords } from '../domain/words';
import ConsentForm from '../consent/ConsentForm.vue';
import CautionNote from '../parts/CautionNote.vue';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import ManyChips from '../parts/ManyChips.vue';
import PainRow from '../log/PainRow.vue';
import ScreenStanding from './ScreenStanding.vue';
import { toldPain, type PainDraft } from '../log/usePad';
import { useSession } from '../composables/useSession';
import type { Athlete } from '../composables/useAthlete';

type Input = Schemas['ScreeningInput'];

const props = defineProps<{ athlete: Athlete; screen: (found: Input) => Promise<Result<Athlete>> }>();
const emit = defineEmits<{ baseline: []; agreed: [] }>();
const open = defineModel<boolean>('open', { required: true });

const words = <T extends string>(of: Record<T, string>): { value: T; label: string }[] =>
    (Object.keys(of) as T[]).map((value) => ({ value, label: of[value] }));
const YES_NO = [
    { value: 'no' as const, label: 'No' },
    { value: 'yes' as const, label: 'Yes' },
];
const UNDER_18: { value: NonNullable<Input['under_18']>; label: string }[] = [
    { value: 'no', label: 'No' },
    { value: 'rules-met', label: 'Yes, local rules met' },
    { value: 'rules-open', label: 'Yes, not met yet' },
];
const fresh = () => ({
    overhead: null as Input['overhead'] | null,
    pain: undefined as PainDraft | null | undefined,
    numb: null as boolean | null,
    injured: null as boolean | null,
    conditions: [] as NonNullable<Input['conditions']>,
    cleared: false,
    under_18: null as NonNullable<Input['under_18']> | null,
    uneasy: null as boolean | null,
    further: [] as NonNullable<Input['further']>,
    note: '',
});
const session = useSession();
/** Whether to ask first whether the answers may be kept. */
const isMissing = computed(() => !['given', 'other-words', null].includes(props.athlete.screen.consent));
const draft = reactive(fresh());
const asked = [
    { key: 'numb', label: 'Numbness' },
    { key: 'injured', label: 'Recent injury' },
    { key: 'uneasy', label: 'Uneasy at height?' },
] as const;
const answered = (is: boolean | null): 'no' | 'yes' | null => (is === null ? null : is ? 'yes' : 'no');
const done = ref(false);
const busy = ref(false);
const error = ref<string>();
const problem = shallowRef<Problem>();
let id = uuidv7();

watch(open, (is) => {
    if (is) {
        Object.assign(draft, fresh());
        done.value = false;
        id = uuidv7();
    }
});

/** One tap for what nobody has; what was answered stays. */
function noneOfThese(): void {
    draft.pain ??= null;
    draft.numb ??= false;
    draft.injured ??= false;
    draft.uneasy ??= false;
    draft.under_18 ??= 'no';
}

async function save(): Promise<void> {
    const { overhead, numb, injured, conditions, cleared, under_18, uneasy, further, note } = draft;
    const told = draft.pain === undefined ? null : toldPain({ pain: draft.pain });
    if (overhead === null) {
        error.value = 'Needed: how far the arms come overhead.';
    } else if (draft.pain === undefined || numb === null || injured === null || uneasy === null || under_18 === null) {
        error.value = 'Needed: an answer to each question. “None of these” answers no to those still open.';
    } else if (draft.pain !== null && told === null) {
        error.value = 'Needed: where it hurts, and how much.';
    } else {
        error.value = undefined;
        await send({ id, overhead, pain: told, numb, injured, conditions, cleared, under_18, uneasy, further, note: note.trim() || null });
    }
}

async function send(found: Input): Promise<void> {
    busy.value = true;
    const result = await props.screen(found);
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    done.value = result.ok;
}
</script>

<template>
    <SidePanel v-model:open="open" :title="done ? 'What it leaves to do' : 'Look before loading'">
        <div v-if="done" class="stack">
            <ScreenStanding :screen="athlete.screen" whole />
            <div class="row">
                <NButton
                    v-if="athlete.screen.outcome === 'cleared' || athlete.screen.outcome === 'limited'"
                    type="primary"
                    size="large"
                    @click="emit('baseline')"
                >
                    Go on to the baseline
                </NButton>
                <NButton size="large" @click="open = false">Done</NButton>
            </div>
        </div>
        <details v-else-if="isMissing" :open="session.me?.consent === 'required'" class="consent">
            <summary>{{ athlete.screen.consent_text }}</summary>
            <ConsentForm :athlete-id="athlete.id" :name="athlete.name" @agreed="emit('agreed')" />
        </details>
        <form v-if="!done" class="stack" @submit.prevent="save">
            <ProblemNote v-if="problem" typed :problem="problem" />
            <fieldset>
                <legend>Both arms overhead, ribs down</legend>
                <ChipRow label="Arms overhead" :chips="words(overheadWords)" :value="draft.overhead" @pick="draft.overhead = $event" />
            </fieldset>
            <div><NButton @click="noneOfThese">None of these</NButton></div>
            <PainRow v-model="draft.pain" />
            <ChipRow
                v-for="a in asked"
                :key="a.key"
                :label="a.label"
                show-label
                :chips="YES_NO"
                :value="answered(draft[a.key])"
                @pick="draft[a.key] = $event === 'yes'"
            />
            <ChipRow label="Under 18" show-label :chips="UNDER_18" :value="draft.under_18" @pick="draft.under_18 = $event" />
            <fieldset>
                <legend>Any of these</legend>
                <ManyChips v-model="draft.conditions" label="Conditions" :words="conditionWords" />
            </fieldset>
            <ChipRow
                v-if="draft.conditions.length > 0"
                label="Cleared by a clinician"
                show-label
                :chips="YES_NO"
                :value="draft.cleared ? 'yes' : 'no'"
                @pick="draft.cleared = $event === 'yes'"
            />
            <details>
                <summary>Anything else?</summary>
                <div class="stack">
                    <ManyChips v-model="draft.further" label="Further limits" :words="limitWords" />
                    <FormField v-slot="{ inputProps, status }" label="Note">
                        <NInput
                            v-model:value="draft.note"
                            :input-props="{ ...inputProps, maxlength: limits.ScreeningInput.note.longest }"
                            :status="status"
                            placeholder=""
                        />
                    </FormField>
                </div>
            </details>
            <p v-if="error" class="error" role="alert">{{ error }}</p>
            <div class="row">
                <NButton attr-type="submit" type="primary" size="large" :loading="busy">Save the screen</NButton>
                <NButton size="large" @click="open = false">Cancel</NButton>
            </div>
            <CautionNote :moments="['screening']" />
        </form>
    </SidePanel>
</template>

<style scoped>
.consent {
    margin-bottom: var(--space-base);
    padding-bottom: var(--space-base);
    border-bottom: 1px solid var(--color-line);
}

.consent summary {
    font-weight: 600;
}

fieldset {
    display: grid;
    gap: 6px;
    min-width: 0;
    margin: 0;
    padding: 0;
    border: 0;
}

legend {
    padding: 0;
    font-weight: 600;
}

.error {
    color: var(--color-refer);
    font-weight: 600;
}

/* As wide as its longest question, so that the answers stand under one another. */
@media screen and (min-width: 721px) {
    form :deep(.label) {
        min-width: 106px;
    }
}
</style>

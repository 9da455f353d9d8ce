<script setup lang="ts">
import { NButton, NInput, NSelect } from 'naive-ui';
import { computed, reactive, ref } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import { percent } from '../domain/units';
import { verdicts, verdictWord, type Verdict } from '../domain/words';
import SidePanel from '../parts/SidePanel.vue';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useRead } from '../composables/useRead';

const props = defineProps<{ call: Schemas['KeptCall']; decide: (body: Schemas['DecisionInput']) => Promise<boolean> }>();
const open = defineModel<boolean>('open', { required: true });

const draft = reactive({ verdict: null as Verdict | null, rung: null as string | null, reason: '' });
const error = ref<string>();
const rungError = ref<string>();
const instead = useRead(
    () => ['instead', props.call.athlete_id, props.call.version],
    () => outcome(api.GET('/api/v1/athletes/{athlete}/instead', { params: { path: { athlete: props.call.athlete_id } } })),
    { enabled: open },
);
const isKept = (verdict: Verdict | null): boolean => verdict === props.call.call.verdict;
const moves = computed(() => draft.verdict === 'climb' || draft.verdict === 'step-down');
const needsRung = computed(() => moves.value || isKept(draft.verdict));
const from = computed(() => props.call.call.from.carried.share.mean);
const towards = computed(() => (draft.verdict === 'climb' ? 'to climb to' : 'to step down to'));
/** A climb goes to more, unless it is to another stage, and a step down to less; otherwise anything that fits. */
const changesStage = computed(() => isKept(draft.verdict) && props.call.call.stage_name !== null);
const rungs = computed(() =>
    (instead.value.value?.rungs ?? [])
        .map((r) => r.rung)
        .filter((r) =>
            draft.verdict === 'climb' && !changesStage.value
                ? r.carried.share.mean > from.value
                : draft.verdict === 'step-down'
                  ? r.carried.share.mean < from.value
                  : true,
        )
        .filter((r) => !isKept(draft.verdict) || r.key !== props.call.call.next?.key),
);
const words = computed(() =>
    verdicts
        .filter((v) => v !== 'refer')
        .map((value) => ({ value, label: isKept(value) ? `${verdictWord(value)}, another set-up` : verdictWord(value) })),
);
const options = computed(() => rungs.value.map((r) => ({ value: r.key, label: `${percent(r.carried.share.mean)} · ${r.name}` })));

async function submit(): Promise<void> {
    const exercise = rungs.value.find((r) => r.key === draft.rung)?.exercise ?? null;
    error.value = draft.verdict && draft.reason.trim() ? undefined : 'Needed: what instead, and why.';
    rungError.value = needsRung.value && exercise === null ? `Needed: the set-up ${moves.value ? towards.value : 'to go on'}.` : undefined;
    if (error.value || rungError.value || draft.verdict === null) {
        return;
    }
    if (
        await props.decide({ version: props.call.version, decision: 'overridden', verdict: draft.verdict, exercise, reason: draft.reason })
    ) {
        open.value = false;
    }
}
</script>

<template>
    <SidePanel v-model:open="open" :title="`Decide otherwise: ${call.athlete_name}`">
        <form class="stack" @submit.prevent="submit">
            <p class="small dim">Your reason is kept with the call.</p>
            <ProblemNote v-if="instead.problem.value" :problem="instead.problem.value" retry @retry="instead.reload" />
            <ChipRow label="Instead" show-label :chips="words" :value="draft.verdict" @pick="draft.verdict = $event" />
            <FormField :label="needsRung ? 'Set-up it goes to' : 'Set-up (optional; otherwise it stays)'" :error="rungError">
                <NSelect
                    v-model:value="draft.rung"
                    :virtual-scroll="false"
                    :options="options"
                    clearable
                    :placeholder="needsRung ? 'Choose one' : 'Same as now'"
                    aria-label="Set-up"
                />
            </FormField>
            <FormField v-slot="{ inputProps }" label="Reason" :error="error">
                <NInput
                    v-model:value="draft.reason"
                    type="textarea"
                    :autosize="{ minRows: 2 }"
                    placeholder=""
                    :input-props="{ ...inputProps, maxlength: limits.DecisionInput.reason.longest }"
                />
            </FormField>
            <div class="row">
                <NButton attr-type="submit" type="primary">Decide</NButton>
                <NButton @click="open = false">Cancel</NButton>
            </div>
        </form>
    </SidePanel>
</template>

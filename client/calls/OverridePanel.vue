<script setup lang="ts">
import { NButton, NInput, NSelect } from 'naive-ui';
import { computed, reactive, ref } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import { percent } from '../domain/units';
import { verdictWords } from '../domain/words';
import SidePanel from '../parts/SidePanel.vue';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useLoad } from '../parts/useLoad';

type Verdict = Schemas['Call']['verdict'];

const props = defineProps<{ call: Schemas['KeptCall']; decide: (body: Schemas['DecisionInput']) => Promise<boolean> }>();
const open = defineModel<boolean>('open', { required: true });

const draft = reactive({ verdict: null as Verdict | null, rung: null as string | null, reason: '' });
const error = ref<string>();
const scale = useLoad<Schemas['Scale'] | undefined>(
    async () => (open.value ? outcome(api.GET('/api/athletes/{athlete}/scale', { params: { path: { athlete: props.call.athlete_id } } })) : { ok: true, value: undefined }),
    [open],
);
const rungs = computed(() => [...props.call.call.between, ...(scale.value.value?.rungs ?? []).map((r) => r.rung)]);
const verdicts = computed(() =>
    (Object.entries(verdictWords) as [Verdict, string][]).filter(([v]) => v !== props.call.call.verdict && v !== 'refer').map(([value, label]) => ({ value, label })),
);
const options = computed(() => rungs.value.map((r) => ({ value: r.key, label: `${percent(r.carried.share.mean)} · ${r.name}` })));

async function submit(): Promise<void> {
    error.value = draft.verdict && draft.reason.trim() ? undefined : 'Needed: what instead, and why.';
    if (error.value || draft.verdict === null) {
        return;
    }
    const choice = rungs.value.find((r) => r.key === draft.rung)?.choice ?? null;
    if (await props.decide({ version: props.call.version, decision: 'overridden', verdict: draft.verdict, choice, reason: draft.reason })) {
        open.value = false;
    }
}
</script>

<template>
    <SidePanel v-model:open="open" :title="`Override: ${call.athlete_name}`">
        <form class="stack" @submit.prevent="submit">
            <p class="small dim">The call, your word and your reason are all kept.</p>
            <ProblemNote v-if="scale.problem.value" :problem="scale.problem.value" retry @retry="scale.reload" />
            <ChipRow label="Instead" show-label :chips="verdicts" :value="draft.verdict" @pick="draft.verdict = $event" />
            <FormField label="Set-up (optional; otherwise it stays)">
                <NSelect v-model:value="draft.rung" :virtual-scroll="false" :options="options" clearable placeholder="Same as now" aria-label="Set-up" />
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
                <NButton attr-type="submit" type="primary">Override</NButton>
                <NButton @click="open = false">Cancel</NButton>
            </div>
        </form>
    </SidePanel>
</template>

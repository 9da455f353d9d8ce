<script setup lang="ts">
import { NButton } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { reactive, ref, shallowRef, watch } from 'vue';
import type { Result, Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { gaveOutWords, symptomWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import { countChips } from '../log/counts';
import ChipRow from '../parts/ChipRow.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useToday } from '../composables/useToday';
import ManyChips from '../parts/ManyChips.vue';
import type { Athlete } from '../composables/useAthlete';

type Signal = Schemas['SignalInput'];

const props = defineProps<{ athlete: Athlete; tell: (told: Signal) => Promise<Result<Athlete>> }>();
const open = defineModel<boolean>('open', { required: true });

const today = useToday();
const fresh = () => ({
    soreness: null as number | null,
    symptoms: [] as NonNullable<Signal['symptoms']>,
    gave_out: null as NonNullable<Signal['gave_out']> | null,
    effort: null as number | null,
    takes_hold: null as boolean | null,
});
const draft = reactive(fresh());
const problem = shallowRef<Problem>();
const busy = ref(false);
let id = uuidv7();
const gaveOut = Object.entries(gaveOutWords).map(([value, label]) => ({ value: value as NonNullable<Signal['gave_out']>, label }));
const holds = [
    { value: true, label: 'Yes' },
    { value: false, label: 'No' },
];

watch(open, (is) => {
    if (is) {
        Object.assign(draft, fresh());
        problem.value = undefined;
        id = uuidv7();
    }
});

async function save(): Promise<void> {
    busy.value = true;
    const result = await props.tell({ id, on: today.value, ...draft });
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        open.value = false;
    }
}
</script>

<template>
    <SidePanel v-model:open="open" :title="`How is ${athlete.name}?`">
        <div class="stack">
            <p class="small dim">Answer what you know; leave the rest.</p>
            <h2>After the session</h2>
            <ChipRow label="What failed first?" show-label :chips="gaveOut" :value="draft.gave_out" @pick="draft.gave_out = $event" />
            <ChipRow label="How hard, out of 10" show-label :chips="countChips(10)" :value="draft.effort" @pick="draft.effort = $event" />
            <ChipRow
                label="Felt in the right place?"
                show-label
                :chips="holds.map((h) => ({ value: String(h.value), label: h.label }))"
                :value="draft.takes_hold === null ? null : String(draft.takes_hold)"
                @pick="draft.takes_hold = $event === 'true'"
            />
            <h2>Before the next, or the day after</h2>
            <ChipRow label="Soreness of 5" show-label :chips="countChips(5)" :value="draft.soreness" @pick="draft.soreness = $event" />
            <ManyChips v-model="draft.symptoms" label="Symptoms" :words="symptomWords" />
            <CautionNote v-if="draft.symptoms.length > 0 || (draft.soreness ?? 0) >= 4" :moments="['pain', 'lowering']" />
            <ProblemNote v-if="problem" typed :problem="problem" />
            <div class="row">
                <NButton type="primary" :loading="busy" @click="save">Note it</NButton>
                <NButton @click="open = false">Cancel</NButton>
            </div>
        </div>
    </SidePanel>
</template>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import { inUse } from '../domain/gear';
import type { Result, Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import CautionNote from '../parts/CautionNote.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import BaselineReps from './BaselineReps.vue';
import HangTimer from './HangTimer.vue';
import type { Athlete, SetInput } from './useAthlete';

const props = defineProps<{
    athlete: Athlete;
    kit: Schemas['KitResource'] | undefined;
    log: (set: SetInput) => Promise<Result<Schemas['SetResource']>>;
}>();
const emit = defineEmits<{ logged: [set: Schemas['SetResource']] }>();
const open = defineModel<boolean>('open', { required: true });

type Draft = Omit<SetInput, 'id' | 'performed_at' | 'purpose'>;

const busy = ref(false);
const problem = shallowRef<Problem>();
const unsent = shallowRef<SetInput>();
const gear = computed(() => ({
    bars: inUse(props.kit, 'bar'),
    bands: (props.kit?.bands ?? []).filter((b) => !b.retired),
}));

/** The same draft after a failure is the same set, so its id and moment stay. */
async function save(draft: Draft): Promise<boolean> {
    const same = unsent.value && JSON.stringify({ ...unsent.value, ...draft }) === JSON.stringify(unsent.value);
    const set = same ? unsent.value! : { id: uuidv7(), performed_at: new Date().toISOString(), purpose: 'baseline' as const, ...draft };
    busy.value = true;
    const result = await props.log(set);
    busy.value = false;
    unsent.value = result.ok ? undefined : set;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        emit('logged', result.value);
    }
    return result.ok;
}
</script>

<template>
    <SidePanel v-model:open="open" title="Baseline">
        <div class="stack">
            <CautionNote :moments="['screening', 'hanging']" />
            <ProblemNote v-if="problem" :problem="problem" />
            <BaselineReps :gear="gear" :busy="busy" :save="save" />
            <HangTimer title="Dead hang" :busy="busy" :save="save" />
            <div><NButton @click="open = false">Done</NButton></div>
        </div>
    </SidePanel>
</template>

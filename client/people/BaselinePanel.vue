<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import { bandsInUse, inUse } from '../domain/gear';
import type { Result, Schemas } from '../domain/http';
import CautionNote from '../parts/CautionNote.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import BaselineReps from './BaselineReps.vue';
import HangTimer from './HangTimer.vue';
import type { Athlete, SetInput } from './useAthlete';
import { useSetSender } from './useSetSender';

const props = defineProps<{
    athlete: Athlete;
    kit: Schemas['Kit'] | undefined;
    log: (set: SetInput) => Promise<Result<Schemas['Set']>>;
}>();
const emit = defineEmits<{ logged: [set: Schemas['Set']] }>();
const open = defineModel<boolean>('open', { required: true });

type Draft = Omit<SetInput, 'id' | 'performed_at' | 'purpose'>;

const { busy, problem, send } = useSetSender(props.log, (set) => emit('logged', set));
const gear = computed(() => ({
    bars: inUse(props.kit, 'bar'),
    bands: bandsInUse(props.kit),
}));

const save = (draft: Draft): Promise<boolean> => send({ purpose: 'baseline', ...draft });
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

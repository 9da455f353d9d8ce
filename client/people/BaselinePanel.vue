<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import { bandsInUse, inUse } from '../domain/gear';
import type { Schemas } from '../domain/http';
import type { SetDraft } from '../domain/queue';
import CautionNote from '../parts/CautionNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useSetQueue } from '../parts/useSetQueue';
import BaselineReps from './BaselineReps.vue';
import HangTimer from './HangTimer.vue';
import type { Athlete } from './useAthlete';

const props = defineProps<{
    athlete: Athlete;
    kit: Schemas['Kit'] | undefined;
}>();
const emit = defineEmits<{ logged: [id: string, text: string] }>();
const open = defineModel<boolean>('open', { required: true });

const queue = useSetQueue();
const gear = computed(() => ({
    bars: inUse(props.kit, 'bar'),
    bands: bandsInUse(props.kit),
}));

async function save(draft: Omit<SetDraft, 'purpose'>): Promise<boolean> {
    const made = await queue.add(props.athlete.id, { purpose: 'baseline', ...draft });
    if (made) {
        emit('logged', made.id, draft.hang_s ? `${Math.round(draft.hang_s)} s hang` : `${draft.clean_reps} clean`);
    }
    return made !== undefined;
}
</script>

<template>
    <SidePanel v-model:open="open" title="Baseline">
        <div class="stack">
            <CautionNote :moments="['screening', 'hanging']" />
            <BaselineReps :gear="gear" :busy="false" :save="save" />
            <HangTimer title="Dead hang" :busy="false" :save="save" />
            <div><NButton @click="open = false">Done</NButton></div>
        </div>
    </SidePanel>
</template>

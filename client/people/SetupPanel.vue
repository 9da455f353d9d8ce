<script setup lang="ts">
import { computed } from 'vue';
import type { Choice } from '../domain/gear';
import type { Result, Schemas } from '../domain/http';
import { momentsOf } from '../domain/moments';
import { askSetup } from '../domain/setups';
import CautionNote from '../parts/CautionNote.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useLoad } from '../parts/useLoad';
import HoldLog from './HoldLog.vue';
import SetupSheet from './SetupSheet.vue';
import type { SetInput } from './useAthlete';

const props = defineProps<{
    athleteId: string;
    rung: Schemas['Rung'] | undefined;
    paused: boolean;
    log: (set: SetInput) => Promise<Result<Schemas['Set']>>;
}>();
const emit = defineEmits<{ close: []; choose: [choice: Choice]; logged: [set: Schemas['Set']] }>();

const choice = computed(() => props.rung && JSON.stringify(props.rung.choice));
const setup = useLoad(() => askSetup(props.athleteId, choice.value), [choice]);
const shown = computed(() => (setup.busy.value ? undefined : setup.value.value));
</script>

<template>
    <SidePanel :open="rung !== undefined" :title="rung?.name ?? ''" @update:open="emit('close')">
        <div v-if="rung" class="stack">
            <ProblemNote v-if="setup.problem.value" :problem="setup.problem.value" retry @retry="setup.reload" />
            <p v-else-if="!shown" class="dim">Asking…</p>
            <SetupSheet v-else :athlete-id="athleteId" :setup="shown" @choose="emit('choose', $event)">
                <HoldLog v-if="rung.choice.kind === 'hold' && !paused" :choice="rung.choice" :log="log" @logged="emit('logged', $event)" />
            </SetupSheet>
            <CautionNote :moments="momentsOf(rung.choice.kind)" />
        </div>
    </SidePanel>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { Exercise } from '../domain/gear';
import type { Schemas } from '../domain/http';
import { momentsOf } from '../domain/kinds';
import { askSetup } from '../domain/setups';
import CautionNote from '../parts/CautionNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useRead } from '../composables/useRead';
import HoldLog from '../log/held/HoldLog.vue';
import SetupSheet from './SetupSheet.vue';

const props = defineProps<{
    athleteId: string;
    rung: Schemas['Rung'] | undefined;
    paused: boolean;
}>();
const emit = defineEmits<{ close: []; choose: [exercise: Exercise]; logged: [id: string, text: string] }>();

const exercise = computed(() => props.rung && JSON.stringify(props.rung.exercise));
const setup = useRead(
    () => ['setup', props.athleteId, exercise.value],
    () => askSetup(props.athleteId, exercise.value),
    { enabled: () => exercise.value !== undefined },
);
const shown = computed(() => setup.value.value);
</script>

<template>
    <SidePanel :open="rung !== undefined" :title="rung?.name ?? ''" @update:open="emit('close')">
        <div v-if="rung" class="stack">
            <ReadNote :read="setup" waits="Asking…" />
            <SetupSheet v-if="shown" :athlete-id="athleteId" :setup="shown" @choose="emit('choose', $event)">
                <HoldLog
                    v-if="rung.exercise.movement === 'hold' && !paused"
                    :athlete-id="athleteId"
                    :exercise="rung.exercise"
                    @logged="(id, text) => emit('logged', id, text)"
                />
            </SetupSheet>
            <CautionNote :moments="momentsOf(rung.exercise)" />
        </div>
    </SidePanel>
</template>

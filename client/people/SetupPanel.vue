<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import { momentsOf } from '../domain/moments';
import CautionNote from '../parts/CautionNote.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useLoad } from '../parts/useLoad';
import HoldLog from './HoldLog.vue';
import SetupSheet from './SetupSheet.vue';
import type { Choice, SetInput } from './useAthlete';

const props = defineProps<{
    athleteId: string;
    rung: Schemas['RungAnswer'] | undefined;
    log: (set: SetInput) => Promise<Result<Schemas['SetResource']>>;
}>();
const emit = defineEmits<{ close: []; choose: [choice: Choice]; logged: [set: Schemas['SetResource']] }>();

const query = computed(() => JSON.stringify(props.rung?.choice ?? null));
const setup = useLoad<Schemas['SetupResource'] | undefined>(
    async () =>
        props.rung
            ? await outcome(api.GET('/api/athletes/{athlete}/setup', { params: { path: { athlete: props.athleteId }, query: { choice: query.value } } }))
            : { ok: true, value: undefined },
    [query],
);
const shown = computed(() => (setup.busy.value ? undefined : setup.value.value));
</script>

<template>
    <SidePanel :open="rung !== undefined" :title="rung?.name ?? ''" @update:open="emit('close')">
        <div v-if="rung" class="stack">
            <ProblemNote v-if="setup.problem.value" :problem="setup.problem.value" retry @retry="setup.reload" />
            <p v-else-if="!shown" class="dim">Asking…</p>
            <SetupSheet v-else :setup="shown">
                <HoldLog v-if="rung.choice.kind === 'hold'" :choice="rung.choice" :log="log" @logged="emit('logged', $event)" />
                <div class="row">
                    <NButton v-if="rung.choice.kind !== 'hold'" type="primary" size="large" :disabled="shown.chosen" @click="emit('choose', rung.choice)">
                        {{ shown.chosen ? 'In use' : 'Put on this set-up' }}
                    </NButton>
                    <RouterLink class="card-link" :to="{ path: `/people/${athleteId}/card`, query: { choice: query } }">Print its card</RouterLink>
                </div>
            </SetupSheet>
            <CautionNote :moments="momentsOf(rung.choice.kind)" />
        </div>
    </SidePanel>
</template>

<style scoped>
.card-link {
    display: inline-flex;
    align-items: center;
    min-height: var(--target);
    padding: 0 var(--space-small);
    font-weight: 600;
}
</style>

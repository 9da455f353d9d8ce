<script setup lang="ts">
import { v7 as uuidv7 } from 'uuid';
import { ref, shallowRef } from 'vue';
import type { Result, Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import ProblemNote from '../parts/ProblemNote.vue';
import HangTimer from './HangTimer.vue';
import type { Choice, SetInput } from './useAthlete';

const props = defineProps<{ choice: Choice; log: (set: SetInput) => Promise<Result<Schemas['SetResource']>> }>();
const emit = defineEmits<{ logged: [set: Schemas['SetResource']] }>();

const busy = ref(false);
const problem = shallowRef<Problem>();
/** A hold that could not be sent keeps its id and its moment, so that sending it again stores it once. */
const unsent = shallowRef<SetInput>();

async function save({ hang_s }: Pick<SetInput, 'hang_s'>): Promise<boolean> {
    const same = unsent.value?.hang_s === hang_s ? unsent.value : undefined;
    const set = same ?? { id: uuidv7(), performed_at: new Date().toISOString(), purpose: 'work' as const, choice: props.choice, hang_s: hang_s ?? null };
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
    <ProblemNote v-if="problem" :problem="problem" />
    <HangTimer title="Log it in seconds" :busy="busy" :save="save" />
</template>

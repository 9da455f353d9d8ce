<script setup lang="ts">
import type { Choice } from '../domain/gear';
import type { Result, Schemas } from '../domain/http';
import ProblemNote from '../parts/ProblemNote.vue';
import HangTimer from './HangTimer.vue';
import type { SetInput } from './useAthlete';
import { useSetSender } from './useSetSender';

const props = defineProps<{ choice: Choice; log: (set: SetInput) => Promise<Result<Schemas['Set']>> }>();
const emit = defineEmits<{ logged: [set: Schemas['Set']] }>();

const { busy, problem, send } = useSetSender(props.log, (set) => emit('logged', set));

const save = ({ hang_s }: Pick<SetInput, 'hang_s'>): Promise<boolean> => send({ purpose: 'work', choice: props.choice, hang_s: hang_s ?? null });
</script>

<template>
    <ProblemNote v-if="problem" :problem="problem" />
    <HangTimer title="Log it in seconds" :busy="busy" :save="save" />
</template>

<script setup lang="ts">
import { seconds } from '../../domain/units';
import type { Exercise } from '../../domain/gear';
import { useCommandQueue } from '../../composables/useCommandQueue';
import HangTimer from './HangTimer.vue';

const props = defineProps<{ athleteId: string; exercise: Exercise }>();
const emit = defineEmits<{ logged: [id: string, text: string] }>();

const queue = useCommandQueue();

async function save({ hang_s }: { hang_s: number }): Promise<boolean> {
    const made = await queue.add(props.athleteId, { purpose: 'work', exercise: props.exercise, hang_s });
    if (made) {
        emit('logged', made.id, `${seconds(hang_s)} hold`);
    }
    return made !== undefined;
}
</script>

<template>
    <HangTimer title="Log it in seconds" :busy="false" :save="save" />
</template>

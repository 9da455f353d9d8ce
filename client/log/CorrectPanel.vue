<script setup lang="ts">
import { NButton } from 'naive-ui';
import { reactive, watch } from 'vue';
import { correctionOf, type Change } from '../domain/sets/correction';
import type { Schemas } from '../domain/http';
import { day, seconds } from '../domain/units';
import type { NoCountReason } from '../domain/words';
import ChipRow from '../parts/ChipRow.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useCommandQueue } from '../composables/useCommandQueue';
import NoCountRow from './NoCountRow.vue';
import SecondsForm from './held/SecondsForm.vue';
import { countChips, left, reserveChips } from './counts';

const props = defineProps<{ set: Schemas['Set'] | undefined; athleteId: string }>();
const emit = defineEmits<{ close: []; logged: [id: string, text: string] }>();

const counts = countChips(20);
const queue = useCommandQueue();
const draft = reactive({ clean: 0, reserve: null as number | null, noCounts: {} as Partial<Record<NoCountReason, number>> });

watch(
    () => props.set,
    (set) => set && Object.assign(draft, { clean: set.clean_reps ?? 0, reserve: set.reserve, noCounts: { ...set.no_counts } }),
    { immediate: true },
);

async function correct(change: Change, words: string): Promise<void> {
    const made = props.set && (await queue.add(props.athleteId, correctionOf(props.set, change)));
    if (made) {
        emit('logged', made.id, `the correction: ${words}`);
        emit('close');
    }
}

const save = (): Promise<void> =>
    correct(
        { clean_reps: draft.clean, ...left(draft.reserve), no_counts: { ...draft.noCounts } as Record<string, number> },
        `${draft.clean} clean`,
    );
</script>

<template>
    <SidePanel :open="set !== undefined" title="Correct a set" @update:open="emit('close')">
        <div v-if="set" class="stack">
            <p>
                {{ day(set.trained_on) }}, {{ set.setup_name ?? 'dead hang' }}:
                <strong>{{ set.hang_s === null ? `${set.clean_reps} clean` : seconds(set.hang_s) }}</strong>
            </p>
            <SecondsForm v-if="set.hang_s !== null" :seconds="set.hang_s" @keep="correct({ hang_s: $event }, `${seconds($event)} held`)" />
            <form v-else class="stack" @submit.prevent="save">
                <ChipRow label="Clean reps" show-label :chips="counts" :value="draft.clean" @pick="draft.clean = $event" />
                <ChipRow
                    label="In reserve"
                    show-label
                    :chips="reserveChips"
                    :unanswered="null"
                    :value="draft.reserve"
                    @pick="draft.reserve = $event"
                />
                <NoCountRow v-model="draft.noCounts" />
                <div class="row">
                    <NButton attr-type="submit" type="primary" size="large">Correct it</NButton>
                    <NButton size="large" @click="emit('close')">Cancel</NButton>
                </div>
            </form>
        </div>
    </SidePanel>
</template>

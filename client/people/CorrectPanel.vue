<script setup lang="ts">
import { NButton } from 'naive-ui';
import { reactive, watch } from 'vue';
import { correctionOf } from '../domain/correction';
import type { Schemas } from '../domain/http';
import { day, seconds } from '../domain/units';
import type { NoCountReason } from '../domain/words';
import ChipRow from '../parts/ChipRow.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useDeedQueue } from '../parts/useDeedQueue';
import NoCountRow from './NoCountRow.vue';
import { countChips, left, reserveChips } from './counts';

const props = defineProps<{ set: Schemas['Set'] | undefined; athleteId: string }>();
const emit = defineEmits<{ close: []; logged: [id: string, text: string] }>();

const counts = countChips(20);
const queue = useDeedQueue();
const draft = reactive({ clean: 0, reserve: null as number | null, noCounts: {} as Partial<Record<NoCountReason, number>>, open: true });

watch(
    () => props.set,
    (set) => set && Object.assign(draft, { clean: set.clean_reps ?? 0, reserve: set.reserve, noCounts: { ...set.no_counts } }),
);

async function save(): Promise<void> {
    const set = props.set;
    if (set?.exercise) {
        const made = await queue.add(
            props.athleteId,
            correctionOf(set, { clean_reps: draft.clean, ...left(draft.reserve), no_counts: { ...draft.noCounts } as Record<string, number> }),
        );
        if (made) {
            emit('logged', made.id, `the correction: ${draft.clean} clean`);
            emit('close');
        }
    }
}
</script>

<template>
    <SidePanel :open="set !== undefined" title="Correct a set" @update:open="emit('close')">
        <form v-if="set" class="stack" @submit.prevent="save">
            <p>
                {{ day(set.trained_on) }}, {{ set.setup_name ?? 'dead hang' }}:
                <strong>{{ set.hang_s === null ? `${set.clean_reps} clean` : seconds(set.hang_s) }}</strong>
            </p>
            <ChipRow label="Clean reps" show-label :chips="counts" :value="draft.clean" @pick="draft.clean = $event" />
            <ChipRow label="In reserve" show-label :chips="reserveChips" :value="draft.reserve" @pick="draft.reserve = $event" />
            <NoCountRow v-model="draft.noCounts" v-model:open="draft.open" />
            <div class="row">
                <NButton attr-type="submit" type="primary" size="large">Correct it</NButton>
                <NButton size="large" @click="emit('close')">Cancel</NButton>
            </div>
        </form>
    </SidePanel>
</template>

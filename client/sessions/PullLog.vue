<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { SetDraft } from '../domain/queue';
import { askedReps } from '../domain/sets/asked';
import ChipRow from '../parts/ChipRow.vue';
import QuantityField from '../parts/QuantityField.vue';
import { useCommandQueue } from '../composables/useCommandQueue';
import { useQuantity } from '../composables/useQuantity';
import { left, reserveChips } from '../log/counts';
import LogFrame from './LogFrame.vue';

/** A set of a pulling line of the session, on its own set-up, whatever is in use. */
const props = defineProps<{ id: string; block: Schemas['Block'] }>();

const queue = useCommandQueue();
const isHold = computed(() => props.block.rung?.exercise.movement === 'hold');
const unit = computed(() => (isHold.value ? 's' : 'reps'));
const range = computed(() => (isHold.value ? limits.SetInput.hang_s : limits.SetInput.clean_reps));
const { text: much, error, read } = useQuantity(unit, range, String(props.block.aim));
const reserve = ref<number | null>(props.block.to_failure ? 0 : null);
const done = ref(0);

async function log(): Promise<void> {
    const amount = read();
    const exercise = props.block.rung?.exercise;
    if (amount === undefined || exercise === undefined) {
        return;
    }
    const purpose = props.block.purpose ?? 'work';
    const { begun } = props.block;
    const set: SetDraft = isHold.value
        ? { purpose, exercise, hang_s: amount }
        : {
              purpose,
              exercise,
              clean_reps: Math.round(amount),
              ...(!begun && { asked_reps: askedReps(props.block), ...left(reserve.value) }),
          };
    const parts = begun ? [{ purpose, exercise: begun.exercise, clean_reps: begun.reps }, set] : [set];
    const kept = await queue.addAsOne(props.id, parts);
    if (kept.length === parts.length) {
        done.value += 1;
    }
}
</script>

<template>
    <LogFrame :block="block" :done="done">
        <form class="stack" novalidate @submit.prevent="log">
            <div class="row">
                <QuantityField
                    v-model="much"
                    :label="isHold ? 'Held' : block.begun ? `Clean, after ${block.begun.reps} on ${block.begun.name}` : 'Clean reps'"
                    :unit="unit"
                    :limits="range"
                    :error="error"
                />
                <NButton attr-type="submit" type="primary">Log set {{ done + 1 }}</NButton>
            </div>
            <p v-if="!isHold && !block.begun" class="small dim">In reserve</p>
            <ChipRow
                v-if="!isHold && !block.begun"
                label="In reserve"
                :chips="reserveChips"
                :unanswered="null"
                :value="reserve"
                @pick="reserve = $event"
            />
        </form>
    </LogFrame>
</template>

<style scoped>
.stack {
    gap: var(--space-small);
    padding: var(--space-hair) 0 var(--space-small);
}

.row {
    align-items: start;
}

.row > :first-child {
    max-width: 150px;
}
</style>

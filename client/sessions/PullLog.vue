<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import ChipRow from '../parts/ChipRow.vue';
import QuantityField from '../parts/QuantityField.vue';
import { useQuantity } from '../composables/useQuantity';
import { reserveChips } from '../log/counts';

/** How a set of a pulling line is told: how much, and what was left. */
const props = defineProps<{ block: Schemas['Block']; done: number }>();
const emit = defineEmits<{ log: [amount: number, reserve: number | null] }>();

const isHold = computed(() => props.block.rung?.exercise.movement === 'hold');
const unit = computed(() => (isHold.value ? 's' : 'reps'));
const range = computed(() => (isHold.value ? limits.SetInput.hang_s : limits.SetInput.clean_reps));
const { text: much, error, read } = useQuantity(unit, range, String(props.block.aim));
const reserve = ref<number | null>(props.block.to_failure ? 0 : null);

function log(): void {
    const amount = read();
    if (amount !== undefined) {
        emit('log', amount, reserve.value);
    }
}
</script>

<template>
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
        <ChipRow
            v-if="!isHold && !block.begun"
            label="In reserve"
            show-label
            :chips="reserveChips"
            :unanswered="null"
            :value="reserve"
            @pick="reserve = $event"
        />
    </form>
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

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { readQuantity } from '../domain/fields';
import type { Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import QuantityField from '../parts/QuantityField.vue';

/** How a set of work beside the pull is told: how much, and with what. */
const props = defineProps<{ block: Schemas['Block']; done: number }>();
const emit = defineEmits<{ log: [amount: number, loadKg: number | null] }>();

const MEASURES = {
    reps: { label: 'Reps', unit: 'reps', key: 'reps' },
    total_reps: { label: 'Reps', unit: 'reps', key: 'reps' },
    seconds: { label: 'Held', unit: 's', key: 'seconds' },
    metres: { label: 'Way', unit: 'm', key: 'metres' },
} as const;

const much = ref(String(props.block.amount.high));
const load = ref('');
const errors = ref<{ much?: string | undefined; load?: string | undefined }>({});
const measure = computed(() => MEASURES[props.block.amount.measure]);
const range = computed(() => limits.BesideInput[measure.value.key]);
/** As asked is one tap; the load stays for the next set. */
function log(): void {
    const amount = readQuantity(much.value, measure.value.unit, range.value, true);
    const kg = readQuantity(load.value, 'kg', limits.BesideInput.load_kg, false);
    errors.value = { much: amount.error, load: kg.error };
    if (amount.error === undefined && kg.error === undefined && amount.value !== undefined) {
        emit('log', amount.value, kg.value ?? null);
    }
}
</script>

<template>
    <form class="row" novalidate @submit.prevent="log">
        <QuantityField v-model="much" :label="measure.label" :unit="measure.unit" :limits="range" :error="errors.much" />
        <QuantityField v-model="load" label="Load" optional unit="kg" :limits="limits.BesideInput.load_kg" :error="errors.load" />
        <NButton attr-type="submit" type="primary">Log set {{ done + 1 }}</NButton>
    </form>
</template>

<style scoped>
.row {
    align-items: start;
    padding: var(--space-hair) 0 var(--space-small);
}

.row > * {
    max-width: 150px;
}
</style>

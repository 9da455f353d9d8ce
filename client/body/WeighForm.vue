<script setup lang="ts">
import { NButton } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import DateField from '../parts/DateField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QuantityField from '../parts/QuantityField.vue';
import { useQuantity } from '../composables/useQuantity';
import { useToday } from '../composables/useToday';

const props = defineProps<{ athleteId: string }>();
const emit = defineEmits<{ weighed: [body: Schemas['Body']] }>();

const range = limits.WeighingInput.mass_kg;
const today = useToday();
const on = ref(today.value);
const { text, error, read } = useQuantity('kg', range);
const problem = shallowRef<Problem>();
const busy = ref(false);
/** A weighing that could not be sent keeps its id, so that sending it again stores it once. */
let id = uuidv7();

async function submit(): Promise<void> {
    const mass_kg = read();
    if (mass_kg === undefined) {
        return;
    }
    busy.value = true;
    const body = { id, weighed_on: on.value, mass_kg };
    const result = await outcome(
        api.POST('/api/v1/athletes/{athlete}/weighings', { params: { path: { athlete: props.athleteId } }, body }),
    );
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        id = uuidv7();
        text.value = '';
        emit('weighed', result.value);
    } else {
        error.value = faultText(result.problem.faults, '/mass_kg', 'kg');
    }
}
</script>

<template>
    <form class="stack" novalidate @submit.prevent="submit">
        <ProblemNote v-if="problem" typed :problem="problem" />
        <div class="pair">
            <QuantityField v-model="text" label="Weighed today" unit="kg" :limits="range" :error="error" />
            <DateField v-model="on" label="On" :latest="today" />
            <NButton attr-type="submit" type="primary" :loading="busy">Note it</NButton>
        </div>
    </form>
</template>

<style scoped>
.pair {
    display: grid;
    grid-template-columns: 1fr 1fr auto;
    gap: var(--space-small);
    align-items: start;
}

.pair > button {
    margin-top: 24px;
}
</style>

<script setup lang="ts">
import { NButton, NDynamicTags, NInput, NRadio, NRadioGroup } from 'naive-ui';
import { reactive, shallowRef } from 'vue';
import { faultText, readQuantity } from '../domain/fields';
import type { Result, Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { toTyped } from '../domain/units';
import { kindWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QuantityField from '../parts/QuantityField.vue';
import { useLeaving } from '../parts/useLeaving';

type Input = Schemas['AthleteInput'];

const props = defineProps<{ start?: Input; verb: string; save: (input: Input) => Promise<Result<unknown>> }>();
const emit = defineEmits<{ cancel: [] }>();

const typed = reactive({
    name: props.start?.name ?? '',
    kind: props.start?.kind ?? ('gym' as Input['kind']),
    mass: props.start ? toTyped(props.start.mass_kg, 'kg') : '',
    stature: props.start ? toTyped(props.start.stature_m, 'cm') : '',
    reach: props.start?.reach_m ? toTyped(props.start.reach_m, 'cm') : '',
    tags: [...(props.start?.tags ?? [])],
});
const untouched = JSON.stringify(typed);
const leaving = useLeaving(() => JSON.stringify(typed) !== untouched);
const errors = reactive<{ name?: string | undefined; mass?: string | undefined; stature?: string | undefined; reach?: string | undefined }>({});
const problem = shallowRef<Problem>();
const busy = shallowRef(false);

async function submit(): Promise<void> {
    const mass = readQuantity(typed.mass, 'kg', limits.AthleteInput.mass_kg, true);
    const stature = readQuantity(typed.stature, 'cm', limits.AthleteInput.stature_m, true);
    const reach = readQuantity(typed.reach, 'cm', limits.AthleteInput.reach_m, false);
    Object.assign(errors, { name: typed.name.trim() ? undefined : 'Needed: a name.', mass: mass.error, stature: stature.error, reach: reach.error });
    problem.value = undefined;
    if (Object.values(errors).some(Boolean) || mass.value === undefined || stature.value === undefined) {
        return;
    }
    busy.value = true;
    leaving.free();
    const result = await props.save({ name: typed.name, kind: typed.kind, mass_kg: mass.value, stature_m: stature.value, reach_m: reach.value ?? null, tags: typed.tags });
    busy.value = false;
    if (!result.ok) {
        const { faults } = result.problem;
        problem.value = result.problem;
        Object.assign(errors, {
            name: faultText(faults, '/name'),
            mass: faultText(faults, '/mass_kg', 'kg'),
            stature: faultText(faults, '/stature_m', 'cm'),
            reach: faultText(faults, '/reach_m', 'cm'),
        });
    }
}
</script>

<template>
    <form class="form" novalidate @submit.prevent="submit">
        <div class="card stack">
            <ProblemNote v-if="problem" :problem="problem" />
            <FormField v-slot="{ inputProps, status }" label="Name" :error="errors.name">
                <NInput
                    v-model:value="typed.name"
                    :input-props="{ ...inputProps, maxlength: limits.AthleteInput.name.longest, autocomplete: 'off' }"
                    :status="status"
                    placeholder=""
                />
            </FormField>
            <div role="radiogroup" aria-label="Kind">
                <NRadioGroup v-model:value="typed.kind" name="kind">
                    <NRadio v-for="(word, kind) in kindWords" :key="kind" :value="kind" class="kind">{{ word }}</NRadio>
                </NRadioGroup>
            </div>
            <div class="pair">
                <QuantityField v-model="typed.mass" label="Bodyweight" unit="kg" :limits="limits.AthleteInput.mass_kg" :error="errors.mass" />
                <QuantityField v-model="typed.stature" label="Height" unit="cm" :limits="limits.AthleteInput.stature_m" :error="errors.stature" />
            </div>
            <QuantityField
                v-model="typed.reach"
                label="Measured reach"
                unit="cm"
                optional
                hint="1.05 to 1.35 × height: floor to the middle of a closed fist overhead, shoes on. Left empty it is estimated from height."
                :limits="{}"
                :error="errors.reach"
            />
            <FormField label="Classes" hint="Tuesday, Youth … to find people by; Enter after each.">
                <NDynamicTags
                    v-model:value="typed.tags"
                    :max="limits.AthleteInput.tags.most"
                    :input-props="{ maxlength: limits.AthleteInput.tags.longest, inputProps: { 'aria-label': 'Class' } }"
                >
                    <template #trigger="{ activate, disabled }">
                        <NButton dashed :disabled="disabled" @click="activate()">Add a class</NButton>
                    </template>
                </NDynamicTags>
            </FormField>
            <div class="row">
                <NButton attr-type="submit" type="primary" size="large" :loading="busy">{{ verb }}</NButton>
                <NButton size="large" @click="emit('cancel')">Cancel</NButton>
            </div>
        </div>
        <CautionNote :moments="['screening']" />
    </form>
</template>

<style scoped>
.form {
    display: grid;
    grid-template-columns: minmax(0, 560px) minmax(0, 380px);
    gap: var(--space-broad);
    align-items: start;
}

.pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: var(--space-base);
}

.kind {
    min-height: var(--target);
    align-items: center;
    margin-right: var(--space-wide);
}

@media (max-width: 720px) {
    .form {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

<script setup lang="ts">
import { NButton, NDynamicTags, NInput, NRadio, NRadioGroup } from 'naive-ui';
import { reactive, shallowRef } from 'vue';
import { faultText, readQuantity } from '../domain/fields';
import { mapResult, type Result, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { quantity, toTyped, type TypedUnit } from '../domain/units';
import { kindWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QuantityField from '../parts/QuantityField.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import { useElsewhere } from '../composables/useElsewhere';
import { useLeaving } from '../composables/useLeaving';

type Input = Schemas['AthleteInput'];

const props = defineProps<{
    start?: Input;
    verb: string;
    stored?: () => Promise<Result<Input>>;
    save: (input: Input) => Promise<Result<unknown>>;
}>();
const emit = defineEmits<{ cancel: [] }>();

const typedOf = (start?: Input) => ({
    name: start?.name ?? '',
    kind: start?.kind ?? ('gym' as Input['kind']),
    mass: start ? toTyped(start.mass_kg, 'kg') : '',
    stature: start ? toTyped(start.stature_m, 'cm') : '',
    reach: start?.reach_m ? toTyped(start.reach_m, 'cm') : '',
    tags: [...(start?.tags ?? [])],
});
type Typed = ReturnType<typeof typedOf>;

const readingsOf = ({ mass, stature, reach }: Typed) => ({
    mass: readQuantity(mass, 'kg', limits.AthleteInput.mass_kg, true),
    stature: readQuantity(stature, 'cm', limits.AthleteInput.stature_m, true),
    reach: readQuantity(reach, 'cm', limits.AthleteInput.reach_m, false),
});

function inputOf(from: Typed): Input | undefined {
    const { mass, stature, reach } = readingsOf(from);
    return mass.value === undefined || stature.value === undefined
        ? undefined
        : {
              name: from.name,
              kind: from.kind,
              mass_kg: mass.value,
              stature_m: stature.value,
              reach_m: reach.value ?? null,
              tags: from.tags,
          };
}

/** What a figure of the server becomes in this form. */
const asTyped = (start: Input): Input => inputOf(typedOf(start)) ?? start;

const typed = reactive(typedOf(props.start));
const untouched = JSON.stringify(typed);
const leaving = useLeaving(() => JSON.stringify(typed) !== untouched);
const errors = reactive<{ name?: string | undefined; mass?: string | undefined; stature?: string | undefined; reach?: string | undefined }>(
    {},
);
const problem = shallowRef<Problem>();
const busy = shallowRef(false);
const began = props.start && asTyped(props.start);
const elsewhere = useElsewhere<Input>({
    began: () => began,
    stored: async () => (props.stored ? mapResult(await props.stored(), asTyped) : { ok: true, value: undefined }),
});

function words(path: string, value: unknown): string {
    const measured = (word: string, unit: TypedUnit): string =>
        `${word} ${typeof value === 'number' ? quantity(value, unit) : 'not measured'}`;
    const all: Record<string, () => string> = {
        name: () => `Name ${String(value)}`,
        kind: () => kindWords[value as Input['kind']],
        mass_kg: () => measured('Bodyweight', 'kg'),
        stature_m: () => measured('Height', 'cm'),
        reach_m: () => measured('Reach', 'cm'),
        tags: () => `Classes ${(value as string[]).join(', ') || 'none'}`,
    };
    return all[path]?.() ?? path;
}

function takeTheirs(): void {
    Object.assign(typed, typedOf(elsewhere.take()));
}

async function submit(agreed = false): Promise<void> {
    const { mass, stature, reach } = readingsOf(typed);
    const input = inputOf(typed);
    Object.assign(errors, {
        name: typed.name.trim() ? undefined : 'Needed: a name.',
        mass: mass.error,
        stature: stature.error,
        reach: reach.error,
    });
    problem.value = undefined;
    if (Object.values(errors).some(Boolean) || input === undefined) {
        return;
    }
    busy.value = true;
    const result = await elsewhere.save(
        input,
        (body) => {
            leaving.free();
            return props.save(body);
        },
        agreed,
    );
    busy.value = false;
    if (result && !result.ok) {
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
    <form class="form" novalidate @submit.prevent="submit()">
        <div class="card stack">
            <ProblemNote v-if="problem" typed :problem="problem" />
            <SavedElsewhere :found="elsewhere.found.value" :words="words" @both="submit(true)" @theirs="takeTheirs" />
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
                <QuantityField
                    v-model="typed.mass"
                    label="Bodyweight"
                    unit="kg"
                    :limits="limits.AthleteInput.mass_kg"
                    :error="errors.mass"
                />
                <QuantityField
                    v-model="typed.stature"
                    label="Height"
                    unit="cm"
                    :limits="limits.AthleteInput.stature_m"
                    :error="errors.stature"
                />
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

@media screen and (max-width: 720px) {
    .form {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

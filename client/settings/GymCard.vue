<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { computed, reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, mapResult, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import TimeZoneField from '../parts/TimeZoneField.vue';
import { useElsewhere } from '../composables/useElsewhere';
import { useLeaving } from '../composables/useLeaving';
import { useSession } from '../composables/useSession';

const session = useSession();
const range = limits.SettingsInput;
type Input = Schemas['SettingsInput'];

const inputOf = (me: Schemas['Me'] | undefined): Input => ({
    gym_name: me?.gym_name ?? '',
    timezone: me?.timezone ?? '',
    mass_unit: me?.mass_unit ?? 'kg',
    length_unit: me?.length_unit ?? 'cm',
});
const known = computed(() => inputOf(session.me));
const began = known.value;
const typed = reactive({ ...known.value });
const busy = ref(false);
const saved = ref(false);
const problem = shallowRef<Problem>();
const error = (field: keyof typeof typed): string | undefined => faultText(problem.value?.faults ?? [], `/${field}`);
const elsewhere = useElsewhere<Input>({
    began: () => began,
    stored: async () => mapResult(await outcome(api.GET('/api/v1/me')), inputOf),
});
const labels: Record<string, string> = { gym_name: 'Gym', timezone: 'Time zone', mass_unit: 'Weights in', length_unit: 'Lengths in' };
const words = (path: string, value: unknown): string => `${labels[path]} ${String(value)}`;
useLeaving(() => JSON.stringify(typed) !== JSON.stringify(known.value));

async function submit(agreed = false): Promise<void> {
    busy.value = true;
    const result = await elsewhere.save({ ...typed }, (body) => outcome(api.PUT('/api/v1/settings', { body })), agreed);
    busy.value = false;
    saved.value = result?.ok ?? false;
    problem.value = result?.ok === false ? result.problem : undefined;
    if (result?.ok) {
        session.change(result.value);
        Object.assign(typed, inputOf(result.value));
    }
}

const takeTheirs = (): void => void Object.assign(typed, elsewhere.take());
</script>

<template>
    <form class="card stack" novalidate @submit.prevent="submit()">
        <h2>Gym</h2>
        <ProblemNote v-if="problem" typed :problem="problem" />
        <SavedElsewhere :found="elsewhere.found.value" :words="words" @both="submit(true)" @theirs="takeTheirs" />
        <FormField v-slot="{ inputProps, status }" label="Gym" :error="error('gym_name')">
            <NInput
                v-model:value="typed.gym_name"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: range.gym_name.longest }"
            />
        </FormField>
        <TimeZoneField v-model="typed.timezone" :error="error('timezone')" />
        <ChipRow
            label="Weights in"
            show-label
            :chips="[
                { value: 'kg', label: 'kilograms' },
                { value: 'lb', label: 'pounds' },
            ]"
            :value="typed.mass_unit"
            @pick="typed.mass_unit = $event"
        />
        <ChipRow
            label="Lengths in"
            show-label
            :chips="[
                { value: 'cm', label: 'centimetres' },
                { value: 'in', label: 'inches' },
            ]"
            :value="typed.length_unit"
            @pick="typed.length_unit = $event"
        />
        <div class="row">
            <NButton attr-type="submit" type="primary" :loading="busy">Save</NButton>
            <span v-if="saved" role="status">Saved.</span>
        </div>
        <p class="row">
            <RouterLink class="tap" to="/staff">Who works here</RouterLink>
            <RouterLink class="tap" to="/scripts">Scripts and webhooks</RouterLink>
            <RouterLink class="tap" to="/audit">What was done</RouterLink>
            <RouterLink v-if="session.me?.demo" class="tap" to="/mailbox">Mailbox of the demo</RouterLink>
        </p>
    </form>
</template>

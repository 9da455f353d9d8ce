<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { computed, reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, mapResult, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import { useElsewhere } from '../composables/useElsewhere';
import { useLeaving } from '../composables/useLeaving';
import { useSession } from '../composables/useSession';
import CoachesCard from './CoachesCard.vue';
import DeviceCard from './DeviceCard.vue';
import ExportCard from './ExportCard.vue';
import TellsCard from './TellsCard.vue';
import PasswordForm from './PasswordForm.vue';
import TimeZoneField from '../parts/TimeZoneField.vue';

const session = useSession();
const range = limits.SettingsInput;
type Input = Schemas['SettingsInput'];

const inputOf = (me: Schemas['Me'] | undefined): Input => ({
    gym_name: me?.gym_name ?? '',
    timezone: me?.timezone ?? '',
    coach_name: me?.name ?? '',
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
    stored: async () => mapResult(await outcome(api.GET('/api/me')), inputOf),
});
const labels: Record<string, string> = { gym_name: 'Gym', timezone: 'Time zone', coach_name: 'Your name' };
const words = (path: string, value: unknown): string => `${labels[path]} ${String(value)}`;
useLeaving(() => JSON.stringify(typed) !== JSON.stringify(known.value));

async function submit(agreed = false): Promise<void> {
    busy.value = true;
    const result = await elsewhere.save({ ...typed }, (body) => outcome(api.PUT('/api/settings', { body })), agreed);
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
    <PageHead title="Settings" />
    <p v-if="session.me?.demo" class="card demo">
        This is the demo: its people, gear and history are invented. For a gym of your own, stop it and run bin/steady start --empty in a
        fresh folder.
    </p>
    <div class="columns">
        <form class="card stack" novalidate @submit.prevent="submit()">
            <h2>Gym and coach</h2>
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
            <FormField v-slot="{ inputProps, status }" label="Your name" :error="error('coach_name')">
                <NInput
                    v-model:value="typed.coach_name"
                    :status="status"
                    placeholder=""
                    :input-props="{ ...inputProps, maxlength: range.coach_name.longest }"
                />
            </FormField>
            <div class="row">
                <NButton attr-type="submit" type="primary" :loading="busy">Save</NButton>
                <span v-if="saved" role="status">Saved.</span>
            </div>
        </form>
        <PasswordForm :email="session.me?.email ?? ''" />
        <CoachesCard />
        <TellsCard />
        <DeviceCard />
        <ExportCard />
    </div>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr));
    gap: var(--space-wide);
    align-items: start;
}

.demo {
    margin-bottom: var(--space-base);
}
</style>

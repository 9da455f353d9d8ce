<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { usualUnits } from '../domain/units';
import { useSession } from '../composables/useSession';
import TimeZoneField from '../parts/TimeZoneField.vue';
import FrontDoor from './FrontDoor.vue';

const session = useSession();
const range = limits.FoundingInput;
const typed = reactive({
    gym_name: '',
    timezone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    ...usualUnits(navigator.language),
    coach_name: '',
    email: '',
    password: '',
});
const busy = ref(false);
const problem = shallowRef<Problem>();
const error = (field: keyof typeof typed): string | undefined => faultText(problem.value?.faults ?? [], `/${field}`);

async function submit(): Promise<void> {
    busy.value = true;
    problem.value = await session.found({ ...typed });
    busy.value = false;
}
</script>

<template>
    <FrontDoor @submit="submit">
        <div>
            <h1>Your gym</h1>
            <p class="dim">Steady Rung begins empty. These can be changed later, but for the email.</p>
        </div>
        <ProblemNote v-if="problem" typed :problem="problem" />
        <FormField v-slot="{ inputProps, status }" label="Gym" :error="error('gym_name')">
            <NInput
                v-model:value="typed.gym_name"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: range.gym_name.longest, autocomplete: 'organization' }"
            />
        </FormField>
        <TimeZoneField v-model="typed.timezone" :error="error('timezone')" />
        <FormField v-slot="{ inputProps, status }" label="Your name" :error="error('coach_name')">
            <NInput
                v-model:value="typed.coach_name"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: range.coach_name.longest, autocomplete: 'name' }"
            />
        </FormField>
        <FormField v-slot="{ inputProps, status }" label="Email" :error="error('email')">
            <NInput
                v-model:value="typed.email"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, type: 'email', autocomplete: 'username' }"
            />
        </FormField>
        <FormField v-slot="{ inputProps, status }" label="Password" hint="Ten characters or more." :error="error('password')">
            <NInput
                v-model:value="typed.password"
                type="password"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, autocomplete: 'new-password' }"
            />
        </FormField>
        <NButton attr-type="submit" type="primary" size="large" :loading="busy" block>Make the gym</NButton>
    </FrontDoor>
</template>

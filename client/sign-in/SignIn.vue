<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useSession } from '../composables/useSession';
import FrontDoor from './FrontDoor.vue';

const session = useSession();
const email = ref('');
const password = ref('');
const busy = ref(false);
const problem = shallowRef<Problem>();

async function signIn(): Promise<void> {
    busy.value = true;
    problem.value = await session.signIn(email.value, password.value);
    busy.value = false;
}
</script>

<template>
    <FrontDoor @submit="signIn">
        <svg viewBox="0 0 64 64" width="56" height="56" aria-hidden="true">
            <path d="M18 4v56M46 4v56" stroke="var(--color-timber)" stroke-width="6" stroke-linecap="round" />
            <path d="M18 50h28M18 37h28" stroke="currentColor" stroke-width="4" />
            <path d="M18 20h28" stroke="currentColor" stroke-width="9" />
        </svg>
        <div>
            <h1>Steady Rung</h1>
            <p class="dim">From no pull-up to several strict ones.</p>
        </div>
        <p v-if="session.seen" class="small">You were signed out. What you typed is kept behind this page.</p>
        <ProblemNote v-if="problem" typed :problem="problem" />
        <FormField v-slot="{ inputProps }" label="Email">
            <NInput
                v-model:value="email"
                size="large"
                placeholder=""
                :input-props="{ ...inputProps, type: 'email', autocomplete: 'username' }"
            />
        </FormField>
        <FormField v-slot="{ inputProps }" label="Password">
            <NInput
                v-model:value="password"
                size="large"
                type="password"
                placeholder=""
                :input-props="{ ...inputProps, autocomplete: 'current-password' }"
            />
        </FormField>
        <NButton attr-type="submit" type="primary" size="large" :loading="busy" block>Sign in</NButton>
    </FrontDoor>
</template>

<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { nextTick, ref, shallowRef, useTemplateRef } from 'vue';
import { faultText } from '../domain/fields';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useSession } from '../composables/useSession';
import ForgottenPassword from './ForgottenPassword.vue';
import FrontDoor from './FrontDoor.vue';

/** On the floor it leaves the class in sight. */
defineProps<{ above?: boolean }>();

const session = useSession();
const email = ref('');
const password = ref('');
const code = ref('');
const codeAsked = ref(false);
const codeField = useTemplateRef('codeField');
const forgotten = ref(false);
const busy = ref(false);
const problem = shallowRef<Problem>();

async function signIn(): Promise<void> {
    busy.value = true;
    const refused = await session.signIn({ email: email.value, password: password.value, ...(codeAsked.value && { code: code.value }) });
    busy.value = false;
    const isFirst = refused?.code === 'code-needed' && !codeAsked.value;
    codeAsked.value ||= isFirst;
    problem.value = isFirst ? undefined : refused;
    await nextTick();
    codeField.value?.focus();
}
</script>

<template>
    <ForgottenPassword v-if="forgotten" :email="email" @back="forgotten = false" />
    <FrontDoor v-else :above="above" @submit="signIn">
        <template v-if="!above">
            <svg viewBox="0 0 64 64" width="56" height="56" aria-hidden="true">
                <path d="M18 4v56M46 4v56" stroke="var(--color-timber)" stroke-width="6" stroke-linecap="round" />
                <path d="M18 50h28M18 37h28" stroke="currentColor" stroke-width="4" />
                <path d="M18 20h28" stroke="currentColor" stroke-width="9" />
            </svg>
            <div>
                <h1>Steady Rung</h1>
                <p class="dim">From no pull-up to several strict ones.</p>
            </div>
        </template>
        <p v-if="session.seen" class="small">You were signed out. What you typed is kept behind this {{ above ? 'sheet' : 'page' }}.</p>
        <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
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
        <FormField
            v-if="codeAsked"
            v-slot="{ inputProps, status }"
            label="Code"
            hint="The six figures that your phone shows, or one of your recovery codes."
            :error="faultText(problem?.faults ?? [], '/code')"
        >
            <NInput
                ref="codeField"
                v-model:value="code"
                size="large"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: limits.SignInInput.code.longest, autocomplete: 'one-time-code' }"
            />
        </FormField>
        <NButton attr-type="submit" type="primary" size="large" :loading="busy" block>Sign in</NButton>
        <button type="button" class="quiet small" @click="forgotten = true">I forgot my password</button>
    </FrontDoor>
</template>

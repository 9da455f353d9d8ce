<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useSession } from '../composables/useSession';
import FrontDoor from './FrontDoor.vue';

/** By the link of an invitation or of a forgotten password; what stands behind its # is sent in a header and in no address. */
const headers = { 'Password-Link': location.hash.slice(1) };
const session = useSession();
const link = useRead(['password-link'], () => outcome(api.GET('/api/v1/password-link', { headers })));
const password = ref('');
const busy = ref(false);
const problem = shallowRef<Problem>();

async function choose(): Promise<void> {
    busy.value = true;
    const result = await outcome(api.PUT('/api/v1/password-link', { headers, body: { password: password.value } }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        await session.signIn({ email: link.value.value?.email ?? '', password: password.value });
        location.replace('/today'); // where a code is needed beside the password, it is asked for there
    }
    busy.value = false;
}
</script>

<template>
    <FrontDoor @submit="choose">
        <h1>{{ link.value.value?.purpose === 'invitation' ? `Welcome to ${link.value.value.gym_name}` : 'A new password' }}</h1>
        <ReadNote :read="link" waits="Looking at the link…" />
        <template v-if="link.value.value">
            <p v-if="link.value.value.purpose === 'invitation'">{{ link.value.value.name }}, choose the password you will sign in with.</p>
            <p v-else>For {{ link.value.value.email }} at {{ link.value.value.gym_name }}. You are signed out everywhere else.</p>
            <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
            <input class="unseen" type="email" autocomplete="username" tabindex="-1" aria-hidden="true" :value="link.value.value.email" />
            <FormField
                v-slot="{ inputProps, status }"
                label="Password"
                hint="Ten characters or more."
                :error="faultText(problem?.faults ?? [], '/password')"
            >
                <NInput
                    v-model:value="password"
                    size="large"
                    type="password"
                    :status="status"
                    placeholder=""
                    :input-props="{ ...inputProps, autocomplete: 'new-password' }"
                />
            </FormField>
            <NButton attr-type="submit" type="primary" size="large" :loading="busy" :disabled="!password" block>Choose and sign in</NButton>
        </template>
        <a v-else-if="link.problem.value" class="tap" href="/today">To the front page</a>
    </FrontDoor>
</template>

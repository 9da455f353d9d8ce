<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import QrCode from '../draw/QrCode.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useSession } from '../composables/useSession';

/** A code from a phone beside the password. */
const session = useSession();
const begun = shallowRef<Schemas['SecondFactor']>();
const recovery = shallowRef<string[]>();
const code = ref('');
const busy = ref(false);
const problem = shallowRef<Problem>();

async function take<T>(answer: Promise<Result<T>>): Promise<T | undefined> {
    busy.value = true;
    const result = await answer;
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        code.value = '';
        await session.reload();
    }
    return result.ok ? result.value : undefined;
}

async function begin(): Promise<void> {
    begun.value = await take(outcome(api.POST('/api/v1/second-factor')));
}

async function submit(): Promise<void> {
    const body = { code: code.value };
    if (session.me?.second_factor) {
        await take(outcome(api.POST('/api/v1/second-factor/end', { body })));
        return;
    }
    const told = await take(outcome(api.PUT('/api/v1/second-factor', { body })));
    if (told) {
        recovery.value = told.codes;
        begun.value = undefined;
    }
}
</script>

<template>
    <form class="card stack" novalidate aria-label="Second factor" @submit.prevent="submit">
        <h2>A code beside the password</h2>
        <ProblemNote v-if="problem && problem.faults.length === 0" :problem="problem" />
        <div v-if="recovery" class="codes" role="status">
            <p>
                <strong>It is on.</strong>
                Each of these signs you in once without the phone. Print them or write them down now; they are not shown again.
            </p>
            <ul>
                <li v-for="one in recovery" :key="one">{{ one }}</li>
            </ul>
            <NButton size="small" @click="recovery = undefined">I have them</NButton>
        </div>
        <template v-else-if="session.me?.second_factor">
            <p>On. {{ session.me.recovery_codes }} recovery codes are left. To end it, type a code.</p>
        </template>
        <template v-else-if="begun">
            <p>Let an app for codes on your phone read this, then type the six figures it shows.</p>
            <QrCode :address="begun.address" :width-px="180" />
            <p class="small dim">
                Or type this into it:
                <code>{{ begun.secret }}</code>
            </p>
        </template>
        <template v-else>
            <p>With it, a password that somebody saw opens nothing. Your phone makes the codes, without a network.</p>
            <div><NButton :loading="busy" @click="begin">Set it up</NButton></div>
        </template>
        <template v-if="!recovery && (begun || session.me?.second_factor)">
            <FormField v-slot="{ inputProps, status }" label="Code" :error="faultText(problem?.faults ?? [], '/code')">
                <NInput
                    v-model:value="code"
                    :status="status"
                    placeholder=""
                    :input-props="{
                        ...inputProps,
                        inputmode: begun ? 'numeric' : 'text',
                        maxlength: limits.CodeInput.code.longest,
                        autocomplete: 'one-time-code',
                    }"
                />
            </FormField>
            <div>
                <NButton attr-type="submit" :loading="busy" :disabled="!code">{{ begun ? 'Switch it on' : 'End it' }}</NButton>
            </div>
        </template>
    </form>
</template>

<style scoped>
.codes {
    display: grid;
    gap: var(--space-small);
    justify-items: start;
}

.codes ul {
    columns: 2;
    column-gap: var(--space-broad);
    list-style: none;
    font-family: ui-monospace, monospace;
    font-weight: 600;
}

code {
    overflow-wrap: anywhere;
}
</style>

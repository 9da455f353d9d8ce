<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { useClipboard } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import CautionBox from '../parts/CautionBox.vue';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import ManyChips from '../parts/ManyChips.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { scopeWords, type Scope } from './words';

const emit = defineEmits<{ given: [] }>();

const lasting = [
    { value: 30, label: '30 days' },
    { value: 90, label: '90 days' },
    { value: 365, label: 'a year' },
] as const;
const typed = reactive({ name: '', scopes: ['read'] as Scope[], days: 90 });
const busy = ref(false);
const problem = shallowRef<Problem>();
const told = shallowRef<{ name: string; token: string }>();
const error = (field: 'name' | 'scopes'): string | undefined => faultText(problem.value?.faults ?? [], `/${field}`);
/** Sent again after a lost answer it is the same token. */
let id = uuidv7();
const { copy, copied } = useClipboard({ legacy: true });

async function submit(): Promise<void> {
    busy.value = true;
    const result = await outcome(api.POST('/api/v1/tokens', { body: { id, ...typed } }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        told.value = { name: typed.name, token: result.value.token };
        id = uuidv7();
        typed.name = '';
        emit('given');
    }
}
</script>

<template>
    <form class="stack" novalidate @submit.prevent="submit">
        <h3>Let a script in</h3>
        <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
        <FormField
            v-slot="{ inputProps, status }"
            label="Name"
            hint="So that you know it again, like “Door counter”."
            :error="error('name')"
        >
            <NInput
                v-model:value="typed.name"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: limits.TokenInput.name.longest, autocomplete: 'off' }"
            />
        </FormField>
        <div class="choice">
            <p class="asks" aria-hidden="true">What it may do</p>
            <ManyChips v-model="typed.scopes" label="What it may do" :words="scopeWords" />
            <p v-if="error('scopes')" role="alert">{{ error('scopes') }}</p>
        </div>
        <CautionBox v-if="typed.scopes.includes('health')" class="small">
            A script that reads answers about health hands them on to wherever it runs. Let it only where the athletes know of it.
        </CautionBox>
        <ChipRow label="For" show-label :chips="lasting" :value="typed.days" @pick="typed.days = $event" />
        <div>
            <NButton attr-type="submit" type="primary" :loading="busy" :disabled="!typed.name || typed.scopes.length === 0">
                Make a token
            </NButton>
        </div>
        <div v-if="told" class="told-once" role="status">
            <p>
                <strong>{{ told.name }} is let in.</strong>
                Copy its token now: it is not shown again.
            </p>
            <code>{{ told.token }}</code>
            <div>
                <NButton size="small" @click="copy(told.token)">{{ copied ? 'Copied' : 'Copy the token' }}</NButton>
            </div>
        </div>
    </form>
</template>

<style scoped>
.choice {
    display: grid;
    gap: 3px;
}

.asks {
    font-weight: 600;
}
</style>

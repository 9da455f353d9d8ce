<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';

defineProps<{ email: string }>();

const typed = reactive({ present: '', next: '' });
const busy = ref(false);
const changed = ref(false);
const problem = shallowRef<Problem>();

async function submit(): Promise<void> {
    busy.value = true;
    const result = await outcome(api.PUT('/api/v1/password', { body: { present: typed.present, new: typed.next } }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    changed.value = result.ok;
    if (result.ok) {
        Object.assign(typed, { present: '', next: '' });
    }
}
</script>

<template>
    <form class="card stack" novalidate @submit.prevent="submit">
        <h2>Password</h2>
        <p class="small dim">Of {{ email }}. With a new one every other device is signed out.</p>
        <ProblemNote v-if="problem" typed :problem="problem" />
        <FormField v-slot="{ inputProps }" label="Present password">
            <NInput
                v-model:value="typed.present"
                type="password"
                placeholder=""
                :input-props="{ ...inputProps, autocomplete: 'current-password' }"
            />
        </FormField>
        <FormField
            v-slot="{ inputProps, status }"
            label="New password"
            hint="Ten characters or more."
            :error="faultText(problem?.faults ?? [], '/new')"
        >
            <NInput
                v-model:value="typed.next"
                type="password"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, autocomplete: 'new-password' }"
            />
        </FormField>
        <div class="row">
            <NButton attr-type="submit" type="primary" :loading="busy" :disabled="!typed.present || !typed.next">
                Change the password
            </NButton>
            <span v-if="changed" role="status">Changed.</span>
        </div>
    </form>
</template>

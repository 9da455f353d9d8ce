<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useLeaving } from '../composables/useLeaving';
import { useSession } from '../composables/useSession';

const session = useSession();
const name = ref(session.me?.name ?? '');
const busy = ref(false);
const saved = ref(false);
const problem = shallowRef<Problem>();
useLeaving(() => name.value !== session.me?.name);

async function submit(): Promise<void> {
    busy.value = true;
    const result = await outcome(api.PUT('/api/v1/me', { body: { name: name.value } }));
    busy.value = false;
    saved.value = result.ok;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        session.change(result.value);
        name.value = result.value.name;
    }
}
</script>

<template>
    <form class="card stack" novalidate @submit.prevent="submit">
        <h2>You</h2>
        <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
        <FormField v-slot="{ inputProps, status }" label="Your name" :error="faultText(problem?.faults ?? [], '/name')">
            <NInput
                v-model:value="name"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: limits.NameInput.name.longest }"
            />
        </FormField>
        <div class="row">
            <NButton attr-type="submit" :loading="busy">Save your name</NButton>
            <span v-if="saved" role="status">Saved.</span>
        </div>
    </form>
</template>

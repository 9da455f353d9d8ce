<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import FrontDoor from './FrontDoor.vue';

const props = defineProps<{ email: string }>();
const emit = defineEmits<{ back: [] }>();

const email = ref(props.email);
const busy = ref(false);
const asked = ref<string>();
const problem = shallowRef<Problem>();

async function ask(): Promise<void> {
    busy.value = true;
    const result = await outcome(api.POST('/api/v1/password-links', { body: { email: email.value } }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    asked.value = result.ok ? email.value : undefined;
}
</script>

<template>
    <FrontDoor @submit="ask">
        <div>
            <h1>A new password</h1>
            <p class="dim">A link is mailed to you. It works once, for one hour.</p>
        </div>
        <p v-if="asked" role="status">
            If {{ asked }} has an account here, the mail is on its way. None came? Ask the owner of your gym: they can hand you a link.
        </p>
        <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
        <FormField v-slot="{ inputProps, status }" label="Email" :error="faultText(problem?.faults ?? [], '/email')">
            <NInput
                v-model:value="email"
                size="large"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, type: 'email', autocomplete: 'username' }"
            />
        </FormField>
        <NButton attr-type="submit" type="primary" size="large" :loading="busy" :disabled="!email" block>Mail me a link</NButton>
        <button type="button" class="quiet small" @click="emit('back')">Back to signing in</button>
    </FrontDoor>
</template>

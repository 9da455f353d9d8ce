<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import type { Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ManyChips from '../parts/ManyChips.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { chosenOf, eventWords } from './words';

const props = defineProps<{
    /** The one to change; none for another one. */
    present?: Schemas['Webhook'];
    keep: (webhook: Schemas['WebhookInput']) => Promise<Problem | undefined>;
}>();

const typed = reactive({
    address: props.present?.address ?? '',
    events: chosenOf(props.present),
});
const busy = ref(false);
const problem = shallowRef<Problem>();
const error = (field: 'address' | 'events'): string | undefined => faultText(problem.value?.faults ?? [], `/${field}`);
let id = props.present?.id ?? uuidv7();

async function submit(): Promise<void> {
    busy.value = true;
    problem.value = await props.keep({ id, ...typed });
    busy.value = false;
    if (problem.value === undefined && !props.present) {
        id = uuidv7();
        Object.assign(typed, { address: '', events: [] });
    }
}
</script>

<template>
    <form class="stack" novalidate @submit.prevent="submit">
        <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
        <FormField v-slot="{ inputProps, status }" label="Address" hint="The full web address of your program." :error="error('address')">
            <NInput
                v-model:value="typed.address"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, type: 'url', maxlength: limits.WebhookInput.address.longest, autocomplete: 'off' }"
            />
        </FormField>
        <p class="asks" aria-hidden="true">What it is told of</p>
        <ManyChips v-model="typed.events" label="What it is told of" :words="eventWords" />
        <p v-if="error('events')" role="alert">{{ error('events') }}</p>
        <div>
            <NButton
                attr-type="submit"
                :type="present ? 'default' : 'primary'"
                :loading="busy"
                :disabled="!typed.address || typed.events.length === 0"
            >
                {{ present ? 'Change it' : 'Set it up' }}
            </NButton>
        </div>
    </form>
</template>

<style scoped>
.asks {
    margin-bottom: calc(3px - var(--space-small));
    font-weight: 600;
}
</style>

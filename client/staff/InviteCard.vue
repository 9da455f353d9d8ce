<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { useClipboard } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { computed, reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import type { Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useDayOf } from '../composables/useToday';
import { roles, roleWords, type Role } from './roles';

const props = defineProps<{
    invite: (body: Schemas['InvitationInput']) => Promise<Problem | undefined>;
    sent: { name: string; invitation: Schemas['Invitation'] } | undefined;
}>();

const dayOf = useDayOf();
const range = limits.InvitationInput;
const typed = reactive({ name: '', email: '', role: 'coach' as Role });
const chips = roles.map((value) => ({ value, label: roleWords[value].name }));
const busy = ref(false);
const problem = shallowRef<Problem>();
const error = (field: 'name' | 'email'): string | undefined => faultText(problem.value?.faults ?? [], `/${field}`);
/** Sent again after a lost answer it is the same invitation. */
let id = uuidv7();

async function submit(): Promise<void> {
    busy.value = true;
    problem.value = await props.invite({ id, ...typed });
    busy.value = false;
    if (problem.value === undefined) {
        id = uuidv7();
        Object.assign(typed, { name: '', email: '' });
    }
}

const address = computed(() => (props.sent ? location.origin + props.sent.invitation.path : ''));
const { copy, copied } = useClipboard({ source: address });
</script>

<template>
    <form class="card stack" novalidate @submit.prevent="submit">
        <h2>Invite somebody</h2>
        <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
        <FormField v-slot="{ inputProps, status }" label="Name" :error="error('name')">
            <NInput
                v-model:value="typed.name"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: range.name.longest, autocomplete: 'off' }"
            />
        </FormField>
        <FormField v-slot="{ inputProps, status }" label="Email" :error="error('email')">
            <NInput
                v-model:value="typed.email"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, type: 'email', maxlength: range.email.longest, autocomplete: 'off' }"
            />
        </FormField>
        <ChipRow label="As" show-label :chips="chips" :value="typed.role" @pick="typed.role = $event" />
        <div>
            <NButton attr-type="submit" type="primary" :loading="busy" :disabled="!typed.name || !typed.email">Send the invitation</NButton>
        </div>
        <div v-if="sent" class="told-once" role="status">
            <p>
                <strong>{{ sent.name }} is invited.</strong>
                The mail is on its way. You can hand the link over yourself as well; it works once, until
                {{ day(dayOf(sent.invitation.expires_at)) }}, and is not shown again.
            </p>
            <code>{{ address }}</code>
            <div>
                <NButton size="small" @click="copy()">{{ copied ? 'Copied' : 'Copy the link' }}</NButton>
            </div>
        </div>
    </form>
</template>

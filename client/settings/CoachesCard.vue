<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';

/** Who coaches here; each with an account of their own, so that the log says who logged what. */
const coaches = useRead(['coaches'], () => outcome(api.GET('/api/coaches')));
const range = limits.CoachInput;
const typed = reactive({ name: '', email: '', password: '' });
const busy = ref(false);
const added = ref<string>();
const problem = shallowRef<Problem>();
const error = (field: keyof typeof typed): string | undefined => faultText(problem.value?.faults ?? [], `/${field}`);
/** Sent again after a lost answer it is the same coach. */
let id = uuidv7();

async function submit(): Promise<void> {
    busy.value = true;
    const result = await outcome(api.POST('/api/coaches', { body: { id, ...typed } }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    added.value = result.ok ? typed.name : undefined;
    if (result.ok) {
        coaches.put(result.value);
        id = uuidv7();
        Object.assign(typed, { name: '', email: '', password: '' });
    }
}
</script>

<template>
    <form class="card stack" novalidate @submit.prevent="submit">
        <h2>Coaches</h2>
        <ReadNote :read="coaches" waits="Looking who coaches here…" />
        <p v-if="coaches.value.value">{{ coaches.value.value.items.map((c) => c.name).join(', ') }}</p>
        <ProblemNote v-if="problem" typed :problem="problem" />
        <FormField v-slot="{ inputProps, status }" label="Name of one more" :error="error('name')">
            <NInput
                v-model:value="typed.name"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: range.name.longest, autocomplete: 'off' }"
            />
        </FormField>
        <FormField v-slot="{ inputProps, status }" label="Their email" :error="error('email')">
            <NInput
                v-model:value="typed.email"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: range.email.longest, autocomplete: 'off' }"
            />
        </FormField>
        <FormField
            v-slot="{ inputProps, status }"
            label="A password to begin with"
            hint="Ten characters or more; they change it themselves."
            :error="error('password')"
        >
            <NInput
                v-model:value="typed.password"
                type="password"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, autocomplete: 'new-password' }"
            />
        </FormField>
        <div class="row">
            <NButton attr-type="submit" type="primary" :loading="busy" :disabled="!typed.name || !typed.email || !typed.password">
                Add the coach
            </NButton>
            <span v-if="added" role="status">{{ added }} can sign in.</span>
        </div>
    </form>
</template>

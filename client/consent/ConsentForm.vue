<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import ChipRow from '../parts/ChipRow.vue';
import DateField from '../parts/DateField.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useSession } from '../composables/useSession';

type Input = Schemas['ConsentInput'];

/** The words are shown as they are asked now, and sent as they were shown. */
const props = defineProps<{ athleteId: string; name: string; bornOn?: string | null }>();
const emit = defineEmits<{ agreed: [] }>();

const session = useSession();
const typed = reactive({ born_on: props.bornOn ?? '', by: 'athlete' as Input['by'], guardian: '' });
const busy = ref(false);
const problem = shallowRef<Problem>();
const error = (field: string): string | undefined => faultText(problem.value?.faults ?? [], `/${field}`);
const whose: { value: Input['by']; label: string }[] = [
    { value: 'athlete', label: props.name },
    { value: 'guardian', label: 'A guardian' },
];
let id = uuidv7();

async function submit(): Promise<void> {
    busy.value = true;
    const guardian = typed.by === 'guardian' && typed.guardian.trim() ? typed.guardian.trim() : null;
    const body = { id, born_on: typed.born_on, by: typed.by, guardian, words: session.me?.consent_words ?? '' };
    const result = await outcome(api.POST('/api/v1/athletes/{athlete}/consent', { params: { path: { athlete: props.athleteId } }, body }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        id = uuidv7();
        emit('agreed');
    } else if (error('words')) {
        await session.reload();
    }
}
</script>

<template>
    <form class="stack" novalidate aria-label="Consent" @submit.prevent="submit">
        <blockquote class="as-typed">{{ session.me?.consent_words }}</blockquote>
        <ProblemNote v-if="problem && (problem.faults.length === 0 || error('words'))" typed :problem="problem" />
        <DateField v-model="typed.born_on" label="Birthday" :error="error('born_on')" />
        <div>
            <ChipRow label="Who agrees" show-label :chips="whose" :value="typed.by" @pick="typed.by = $event" />
            <p v-if="error('by')" class="error" role="alert">{{ error('by') }}</p>
        </div>
        <FormField v-if="typed.by === 'guardian'" v-slot="{ inputProps, status }" label="Guardian’s name" :error="error('guardian')">
            <NInput
                v-model:value="typed.guardian"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: limits.ConsentInput.guardian.longest, autocomplete: 'off' }"
            />
        </FormField>
        <div>
            <NButton attr-type="submit" type="primary" :loading="busy" :disabled="typed.born_on === ''">
                {{ typed.by === 'guardian' ? 'The guardian has read it and agrees' : `${name} has read it and agrees` }}
            </NButton>
        </div>
    </form>
</template>

<style scoped>
blockquote {
    margin: 0;
    padding: var(--space-small) var(--space-base);
    border-left: 3px solid var(--color-line);
}

.error {
    color: var(--color-refer);
    font-size: var(--type-small);
    font-weight: 600;
}
</style>

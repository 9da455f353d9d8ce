<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import type { Result } from '../domain/http';
import { limits } from '../domain/limits.gen';
import { isUndoable } from '../domain/pain';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import { painWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useSession } from '../composables/useSession';
import { useTick } from '../composables/useTick';
import type { Athlete } from '../composables/useAthlete';

const props = defineProps<{ athlete: Athlete; clear: (id: string, note: string) => Promise<Result<unknown>> }>();
const emit = defineEmits<{ undo: [toldId: string] }>();

const session = useSession();
const now = useTick(1000);
/** Told by whoever is here, a moment ago. */
const mistaken = computed(() => {
    const { pain_source: source } = props.athlete;
    return isUndoable(source, session.coachId, now.value) ? source.told_id : undefined;
});

const note = ref('');
const error = ref<string>();
const problem = shallowRef<Problem>();
let id = uuidv7();

async function submit(): Promise<void> {
    error.value = note.value.trim() ? undefined : 'Needed: who looked at it, and what was found.';
    if (error.value) {
        return;
    }
    const result = await props.clear(id, note.value);
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok || result.problem.code === 'id-taken') {
        id = uuidv7();
    }
}
</script>

<template>
    <section class="card paused stack" aria-label="Pulling is paused">
        <h2>Pulling is paused</h2>
        <p v-if="athlete.pain && athlete.paused_on">{{ painWords(athlete.pain) }}, on {{ day(athlete.paused_on) }}.</p>
        <div v-if="mistaken"><NButton @click="emit('undo', mistaken)">Undo: no pain, tapped by mistake</NButton></div>
        <CautionNote :moments="['pain']" />
        <p v-if="!$may('health')" class="small">A coach clears it, with a note.</p>
        <form v-else class="stack" @submit.prevent="submit">
            <ProblemNote v-if="problem" :problem="problem" />
            <FormField v-slot="{ inputProps, status }" label="Clearing note" :error="error">
                <NInput
                    v-model:value="note"
                    type="textarea"
                    :autosize="{ minRows: 2 }"
                    :input-props="{ ...inputProps, maxlength: limits.ClearanceInput.note.longest }"
                    :status="status"
                    placeholder=""
                />
            </FormField>
            <div><NButton attr-type="submit">Clear with this note</NButton></div>
        </form>
    </section>
</template>

<style scoped>
.paused {
    border: 2px solid var(--color-refer);
}
</style>

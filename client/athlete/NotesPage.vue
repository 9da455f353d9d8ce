<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import FormField from '../parts/FormField.vue';
import PageHead from '../parts/PageHead.vue';
import PageTurner from '../parts/PageTurner.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useLeaving } from '../composables/useLeaving';
import { useRead } from '../composables/useRead';
import { useDayOf, useHourOf } from '../composables/useToday';
import { useWhose } from '../composables/useWhose';

/** What coaches write down of an athlete in their own words; it stays off the device. */
const props = defineProps<{ id: string }>();

const name = useWhose(() => props.id, 'notes');
const [dayOf, hour] = [useDayOf(), useHourOf()];
const page = ref(1);
const path = () => ({ athlete: props.id });
const notes = useRead(
    () => ['notes', props.id, page.value],
    () => outcome(api.GET('/api/v1/athletes/{athlete}/notes', { params: { path: path(), query: { page: page.value } } })),
    { kept: false, previous: true },
);
const text = ref('');
const busy = ref(false);
const problem = shallowRef<Problem>();
const asking = ref<string>();
/** Sent again after a lost answer it is the same note. */
let nextId = uuidv7();
useLeaving(() => text.value.trim() !== '');

async function settle(answer: Promise<Result<Schemas['NotePage']>>): Promise<boolean> {
    busy.value = true;
    const result = await answer;
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        page.value = 1;
        notes.put(result.value);
    }
    return result.ok;
}

async function write(): Promise<void> {
    const body = { id: nextId, text: text.value };
    if (await settle(outcome(api.POST('/api/v1/athletes/{athlete}/notes', { params: { path: path() }, body })))) {
        nextId = uuidv7();
        text.value = '';
    }
}

async function takeAway(note: string): Promise<void> {
    await settle(outcome(api.DELETE('/api/v1/athletes/{athlete}/notes/{note}', { params: { path: { ...path(), note } } })));
    asking.value = undefined;
}
</script>

<template>
    <PageHead
        title="notes"
        :back="{ to: `/people/${id}`, name: name || 'Athlete' }"
        about="In your own words, for everybody who works here."
    />
    <div class="stack">
        <form v-if="$may('log')" class="card stack" novalidate @submit.prevent="write">
            <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
            <FormField
                v-slot="{ inputProps, status }"
                label="Write a note"
                hint="Pain goes to the pad, where it pauses the pulling; answers about health go into a screen."
                :error="faultText(problem?.faults ?? [], '/text')"
            >
                <NInput
                    v-model:value="text"
                    type="textarea"
                    :autosize="{ minRows: 2, maxRows: 8 }"
                    :status="status"
                    placeholder=""
                    :input-props="{ ...inputProps, maxlength: limits.NoteInput.text.longest }"
                />
            </FormField>
            <div>
                <NButton attr-type="submit" type="primary" :loading="busy" :disabled="text.trim() === ''">Keep it</NButton>
            </div>
        </form>
        <ReadNote :read="notes" waits="Reading the notes…" />
        <p v-if="notes.value.value?.items.length === 0" class="card">Nothing was written down yet.</p>
        <ul v-else-if="notes.value.value" class="card" aria-label="Notes">
            <li v-for="note in notes.value.value.items" :key="note.id">
                <p class="text">{{ note.text }}</p>
                <p class="small dim">{{ note.by }}, {{ day(dayOf(note.written_at)) }} {{ hour(note.written_at) }}</p>
                <template v-if="$may('coach')">
                    <div v-if="asking === note.id" class="row">
                        <NButton size="small" type="primary" @click="takeAway(note.id)">Take it away for good</NButton>
                        <NButton size="small" @click="asking = undefined">Cancel</NButton>
                    </div>
                    <NButton v-else size="small" quaternary @click="asking = note.id">Take away…</NButton>
                </template>
            </li>
        </ul>
        <PageTurner v-model="page" :next="notes.value.value?.next_page" back="Later" on="Earlier" />
    </div>
</template>

<style scoped>
ul {
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 var(--space-base);
    align-items: center;
    padding-block: var(--space-small);
}

li + li {
    border-top: 1px solid var(--color-line);
}

.text {
    grid-column: 1 / -1;
    overflow-wrap: anywhere;
    white-space: pre-wrap;
}
</style>

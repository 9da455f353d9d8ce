<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { computed, ref } from 'vue';
import { api, outcome } from '../domain/http';
import { clock, day, percent } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import PrintSheet from '../parts/PrintSheet.vue';
import ReadNote from '../parts/ReadNote.vue';
import UndoBar from '../parts/UndoBar.vue';
import { useAddress } from '../composables/useAddress';
import { useRead } from '../composables/useRead';
import { useWorkoutLog } from './useWorkoutLog';

/** The pulls of a class workout: typed once, split for everybody who comes, logged set by set. */
const props = defineProps<{ class: string; on: string }>();

const SETS = [
    { value: '30', label: 'Whole rounds' },
    { value: '', label: 'Up to 10' },
    { value: '7', label: 'Up to 7' },
    { value: '5', label: 'Up to 5' },
];

const LONGEST = 80;

const address = useAddress({ task: '', set: '' });
const typed = ref(address.value.task);
const workout = useRead(
    () => ['workout', props.class, props.on, address.value.task, address.value.set],
    () =>
        outcome(
            api.GET('/api/v1/classes/{class}/days/{on}/workout', {
                params: {
                    path: { class: props.class, on: props.on },
                    query: { task: address.value.task, ...(address.value.set && { set: Number(address.value.set) }) },
                },
            }),
        ),
    { kept: false, enabled: () => address.value.task !== '' },
);
const shown = computed(() => workout.value.value);
const problem = computed(() => (workout.problem.value?.code === 'invalid' ? workout.problem.value.faults[0]?.detail : undefined));
const empty = ref(false);
const error = computed(() => (empty.value ? 'Type the pulls of the workout first.' : problem.value));
const log = useWorkoutLog(shown);

function split(): void {
    empty.value = typed.value.trim() === '';
    if (!empty.value) {
        address.set({ task: typed.value.trim() });
    }
}
</script>

<template>
    <PrintSheet :title="shown?.task ?? 'class workout'" paper="A4" printed :about="day(on)" :back="{ to: '/today', name: 'Today' }">
        <form class="ask no-print" @submit.prevent="split">
            <FormField
                v-slot="{ inputProps, status }"
                label="Pulls of the workout"
                hint="21-15-9 pull-ups · 5 rounds, 10 pulls"
                :error="error"
            >
                <NInput
                    v-model:value="typed"
                    :status="status"
                    placeholder=""
                    :input-props="{ ...inputProps, maxlength: LONGEST, autocomplete: 'off' }"
                />
            </FormField>
            <NButton attr-type="submit" type="primary">Split it</NButton>
            <div class="field">
                <span aria-hidden="true">In a row</span>
                <ChipRow label="In a row" :chips="SETS" :value="address.value.set" @pick="address.set({ set: $event })" />
            </div>
        </form>
        <ReadNote v-if="address.value.task !== '' && !problem" :read="workout" waits="Splitting it for everybody…" />
        <template v-if="shown && !problem">
            <p v-if="shown.parts.length === 0">Nobody is listed for this class.</p>
            <ul v-else class="parts">
                <li v-for="part in shown.parts" :key="part.athlete_id" :aria-label="part.name">
                    <RouterLink class="name" :to="`/people/${part.athlete_id}`">{{ part.name }}</RouterLink>
                    <div class="what">
                        <b>{{ part.setup_name ?? part.variation ?? 'No pulls today' }}</b>
                        <span v-if="part.setup_name" class="small dim">
                            {{ part.variation }}
                            <template v-if="part.share !== null">· {{ percent(part.share) }} of bodyweight</template>
                        </span>
                        <span v-if="part.partners.length > 0" class="small">in turn with {{ part.partners.join(' and ') }}</span>
                        <span v-if="part.note" class="small note">{{ part.note }}</span>
                    </div>
                    <ol class="rounds" :aria-label="`Sets of ${part.name}`">
                        <li v-for="(round, r) in log.rounds(part)" :key="r">
                            <button
                                v-for="(set, s) in round"
                                :key="set.at"
                                type="button"
                                :class="{ done: set.isDone, next: set.isNext }"
                                :disabled="!set.isNext || part.exercise === null"
                                :aria-label="`Round ${r + 1}, set ${s + 1}: ${set.reps} pulls${set.isDone ? ', done' : ''}`"
                                @click="log.done(part, set.reps)"
                            >
                                {{ set.reps }}
                            </button>
                        </li>
                    </ol>
                    <span v-if="part.lasts_s !== null" class="lasts">about {{ clock(part.lasts_s) }} min</span>
                </li>
            </ul>
            <p class="small dim">
                {{ shown.rounds.length }} rounds, {{ shown.rounds.reduce((a, b) => a + b, 0) }} pulls, no more than {{ shown.set }} in a
                row. Two are left in each set and 20 s lie between two: ours, for a workout is no test. Bands are for strict reps, never for
                swinging. A tap on the next count logs that set.
            </p>
        </template>
    </PrintSheet>
    <UndoBar :action="log.undo.offered.value" @undo="log.undo.take" />
</template>

<style scoped src="./workout.css"></style>

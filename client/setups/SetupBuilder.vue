<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import type { Kit } from '../domain/gear';
import { api, outcome, type Schemas } from '../domain/http';
import { everyKind, kinds, momentsOf } from '../domain/kinds';
import type { Problem } from '../domain/problems';
import { askSetup } from '../domain/setups';
import CautionBox from '../parts/CautionBox.vue';
import CautionNote from '../parts/CautionNote.vue';
import ChipRow from '../parts/ChipRow.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useRead } from '../composables/useRead';
import SetupSheet from '../ladder/SetupSheet.vue';
import AskInstead from './AskInstead.vue';
import MannerForm from './MannerForm.vue';
import SetupForm from './SetupForm.vue';
import { adopt, useSetupDraft } from './useSetupDraft';

type Athlete = Schemas['Athlete'];

const props = defineProps<{ kit: Kit; athlete: Athlete }>();
const emit = defineEmits<{ chosen: [athlete: Athlete] }>();

const SETTLE_MS = 150;

const { draft: start, exercise } = useSetupDraft(props.kit);
const draft = ref(start);
if (props.athlete.rung) {
    adopt(draft.value, props.athlete.rung.exercise);
}
const offered = everyKind.map((value) => ({ value, label: kinds[value].name }));
const wanted = computed(() => exercise.value && JSON.stringify(exercise.value));
const settled = ref(wanted.value);
watch(wanted, (now, _before, onCleanup) => {
    const timer = setTimeout(() => (settled.value = now), SETTLE_MS);
    onCleanup(() => clearTimeout(timer));
});
const setup = useRead(
    () => ['setup', props.athlete.id, settled.value],
    () => askSetup(props.athlete.id, settled.value),
    { previous: true },
);
const refusal = computed(() => setup.problem.value?.faults.map((f) => f.detail).join(' '));
const problem = shallowRef<Problem>();

async function choose(): Promise<void> {
    if (!exercise.value) {
        return;
    }
    const result = await outcome(
        api.PUT('/api/v1/athletes/{athlete}/setup', { params: { path: { athlete: props.athlete.id } }, body: exercise.value }),
    );
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        emit('chosen', result.value);
        await setup.reload();
    }
}
</script>

<template>
    <ChipRow class="kinds" label="Kind of set-up" :chips="offered" :value="draft.kind" @pick="draft.kind = $event" />
    <div class="columns">
        <section class="card stack" aria-label="Put it together">
            <SetupForm v-model="draft" :kit="kit" />
            <MannerForm v-model="draft" :kit="kit" />
            <AskInstead :athlete-id="athlete.id" :exercise="exercise" :kind="draft.kind" @take="adopt(draft, $event)" />
            <CautionNote :moments="exercise ? momentsOf(exercise) : []" />
        </section>
        <section class="card stack" aria-label="What it is">
            <ProblemNote v-if="problem" :problem="problem" />
            <CautionBox v-if="refusal" stops role="alert">
                <p>
                    <strong>Cannot be.</strong>
                    {{ refusal }}
                </p>
            </CautionBox>
            <ProblemNote v-else-if="setup.problem.value" :problem="setup.problem.value" retry @retry="setup.reload" />
            <p v-else-if="!exercise" class="dim">Something is missing on the left: choose the gear and its figures.</p>
            <template v-else-if="setup.value.value">
                <h2>{{ setup.value.value.name }}</h2>
                <SetupSheet :athlete-id="athlete.id" :setup="setup.value.value" @choose="choose" />
            </template>
            <p v-else class="dim">Asking…</p>
        </section>
    </div>
</template>

<style scoped>
.kinds {
    margin-bottom: var(--space-wide);
}

.columns {
    display: grid;
    grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
    gap: var(--space-wide);
    align-items: start;
}

@media screen and (max-width: 860px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

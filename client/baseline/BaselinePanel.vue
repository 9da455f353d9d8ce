<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import { serverTime } from '../domain/clock';
import { bandsInUse, inUse, type Exercise } from '../domain/gear';
import { api, outcome, type Schemas } from '../domain/http';
import type { SetDraft } from '../domain/queue';
import { likely, seconds } from '../domain/units';
import CautionNote from '../parts/CautionNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useRead } from '../composables/useRead';
import { useCommandQueue } from '../composables/useCommandQueue';
import BaselineNext from './BaselineNext.vue';
import BaselineReps from './BaselineReps.vue';
import BaselineSteps from './BaselineSteps.vue';
import HangTimer from '../log/held/HangTimer.vue';
import type { Athlete } from '../composables/useAthlete';

const props = defineProps<{
    athlete: Athlete;
    kit: Schemas['Kit'] | undefined;
}>();
const emit = defineEmits<{ logged: [id: string, text: string]; choose: [exercise: Exercise] }>();
const open = defineModel<boolean>('open', { required: true });

const queue = useCommandQueue();
const gear = computed(() => ({
    bars: inUse(props.kit, 'bar'),
    bands: bandsInUse(props.kit),
}));
const passed = ref<string[]>([]);
const restedFrom = ref<number>();
/** What comes next follows from the log, so a baseline can be left and taken up again on any device. */
const guide = useRead(
    () => ['baseline', props.athlete.id, passed.value.join(',')],
    () =>
        outcome(
            api.GET('/api/v1/athletes/{athlete}/baseline', {
                params: { path: { athlete: props.athlete.id }, query: passed.value.length > 0 ? { passed: passed.value.join(',') } : {} },
            }),
        ),
    { enabled: () => open.value, previous: true },
);
const next = computed(() => guide.value.value?.steps.find((s) => s.state === 'next'));
const start = computed(() => guide.value.value?.start ?? undefined);
const waiting = computed(() => queue.pending.some((w) => w.athleteId === props.athlete.id));

watch(
    () => props.athlete.id,
    () => (passed.value = []),
);

async function save(draft: SetDraft): Promise<boolean> {
    const made = await queue.add(props.athlete.id, draft);
    if (made) {
        restedFrom.value = serverTime.nowMs();
        emit('logged', made.id, draft.hang_s ? `${seconds(draft.hang_s)} hang` : `${draft.clean_reps} clean`);
    }
    return made !== undefined;
}

const other = (draft: Omit<SetDraft, 'purpose'>): Promise<boolean> => save({ purpose: 'baseline', ...draft });
</script>

<template>
    <SidePanel v-model:open="open" title="Baseline">
        <div class="stack">
            <ReadNote :read="guide" waits="Looking what comes next…" />
            <template v-if="guide.value.value">
                <BaselineNext
                    v-if="next"
                    :key="next.step"
                    :line="next"
                    :rested-from="restedFrom"
                    :save="save"
                    @pass="passed = [...passed, next.step]"
                />
                <section v-else class="card stack" aria-label="Where to begin">
                    <h2>That is the baseline</h2>
                    <template v-if="start">
                        <p>
                            Put on
                            <strong>{{ start.name }}</strong>
                            <template v-if="start.prediction">, expect {{ likely(start.prediction) }}</template>
                            .
                        </p>
                        <div>
                            <NButton type="primary" size="large" @click="(emit('choose', start.exercise), (open = false))">
                                Put on this
                            </NButton>
                        </div>
                    </template>
                    <p v-else>Nothing was seen that a load could be chosen from.</p>
                </section>
                <p v-if="waiting" class="small dim" role="status">Logged here, on its way; the next step follows when it has arrived.</p>
                <BaselineSteps :steps="guide.value.value.steps" />
            </template>
            <CautionNote :moments="['screening', 'hanging']" />
            <details>
                <summary>Another set-up, another hang</summary>
                <div class="stack">
                    <BaselineReps :gear="gear" :busy="false" :save="other" />
                    <HangTimer title="Dead hang" :save="other" />
                </div>
            </details>
            <div><NButton @click="open = false">Done</NButton></div>
        </div>
    </SidePanel>
</template>

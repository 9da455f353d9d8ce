<script setup lang="ts">
import { NButton } from 'naive-ui';
import { useTitle } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import CallCard from '../decisions/CallCard.vue';
import PastCalls from '../decisions/PastCalls.vue';
import type { Exercise } from '../domain/gear';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import ForecastLine from '../trend/ForecastLine.vue';
import CallMark from '../parts/marks/CallMark.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import UndoBar from '../parts/UndoBar.vue';
import { useKeys } from '../composables/useKeys';
import { useRead } from '../composables/useRead';
import { useToday } from '../composables/useToday';
import { useUndo } from '../composables/useUndo';
import AfterPanel from './AfterPanel.vue';
import AthleteHead from './AthleteHead.vue';
import BaselinePanel from '../baseline/BaselinePanel.vue';
import CapacityPanel from './CapacityPanel.vue';
import CorrectPanel from '../log/CorrectPanel.vue';
import GearNotes from './GearNotes.vue';
import HoldPad from '../log/held/HoldPad.vue';
import LogPad from '../log/LogPad.vue';
import StartHere from './StartHere.vue';
import PausedCard from '../screening/PausedCard.vue';
import LatestNote from './LatestNote.vue';
import PlaceLine from './PlaceLine.vue';
import ScaleCard from '../ladder/ScaleCard.vue';
import ScreenCard from '../screening/ScreenCard.vue';
import ScreenPanel from '../screening/ScreenPanel.vue';
import SetLog from '../log/SetLog.vue';
import SetupPanel from '../ladder/SetupPanel.vue';
import { useAthlete, type Movement } from '../composables/useAthlete';

const props = defineProps<{ id: string }>();
const router = useRouter();
const page = useAthlete(() => props.id);
const kit = useRead(['kit'], () => outcome(api.GET('/api/v1/kit')));
const day = useToday();
const undo = useUndo();
const problem = shallowRef<Problem>();
const opened = shallowRef<Schemas['Rung']>();
const explained = ref<Movement>();
const baselineOpen = ref(false);
const screenOpen = ref(false);
const afterOpen = ref(false);
const correcting = shallowRef<Schemas['Set']>();
const pastOpen = ref(false);
const placing = ref(false);

const athlete = page.athlete.value;
useTitle(() => `${athlete.value?.name ?? 'Athlete'} · Steady Rung`);
/** Sets that count as one each: the end of a mixed set belongs to its beginning. */
const counted = computed(() => page.sets.value.filter((s) => s.purpose === 'work' && s.clean_reps !== null && s.part_of === null));
const heldToday = computed(() => page.sets.value.filter((s) => s.trained_on === day.value));
const today = computed(() => counted.value.filter((s) => s.trained_on === day.value && s.setup_key === athlete.value?.rung?.key));

/** While pulling is paused only what was done before the pain is taken down, that day, and only when asked for. */
const beforePain = ref(false);
const padOpen = computed(() => !athlete.value?.paused_on || (beforePain.value && athlete.value.paused_on === day.value));

async function choose(exercise: Exercise): Promise<void> {
    const result = await page.choose(exercise);
    problem.value = result.ok ? undefined : result.problem;
    opened.value = undefined;
}

async function archive(archived: boolean): Promise<void> {
    const result = await outcome(
        api.PUT('/api/v1/athletes/{athlete}/archive', { params: { path: { athlete: props.id } }, body: { archived } }),
    );
    problem.value = result.ok ? undefined : result.problem;
    await page.reload();
}

/** A mixed set is taken back whole, its end first; what hurt goes with the set. */
function logged(id: string, text: string, first?: string, hurt = false): void {
    undo.offer({
        text: `Logged ${text}.`,
        undo: async () => {
            await page.takeBack(id);
            if (hurt) {
                await page.undoPain(id);
            }
            if (first !== undefined) {
                await page.takeBack(first);
            }
        },
    });
}

/** What the ladder of the lane in use is made of. */
const onLadder = computed(() => {
    const ladder = Object.values(page.ladders.value.value ?? {}).find((l): l is Schemas['Ladder'] => 'now' in l && l.now !== null);
    return ladder ? [...(ladder.below ? [ladder.below] : []), ...ladder.rungs.map((r) => r.rung)] : [];
});

async function tellPain(pain: Schemas['Pain']): Promise<Problem | undefined> {
    const result = await page.tellPain(pain);
    return result.ok ? undefined : result.problem;
}

async function beside(step: 1 | -1): Promise<void> {
    const roster = await outcome(api.GET('/api/v1/athletes', { params: { query: {} } }));
    const ids = roster.ok ? roster.value.items.map((a) => a.id) : [];
    const next = ids[ids.indexOf(props.id) + step];
    if (next !== undefined) {
        await router.push(`/people/${next}`);
    }
}

useKeys((key) => {
    const actions: Record<string, () => unknown> = {
        u: undo.take,
        arrowleft: () => beside(-1),
        arrowright: () => beside(1),
        escape: () => router.push('/people'),
    };
    const action = actions[key.toLowerCase()];
    void action?.();
    return action !== undefined;
});
</script>

<template>
    <ReadNote :read="page.athlete" waits="Loading the athlete…" />
    <template v-if="athlete">
        <AthleteHead
            :athlete="athlete"
            @baseline="baselineOpen = true"
            @edit="router.push(`/people/${id}/edit`)"
            @archive="archive"
            @place="placing = true"
            @why="explained = $event"
        >
            <PlaceLine v-model:open="placing" :athlete="athlete" @placed="page.reload" />
        </AthleteHead>
        <ProblemNote v-if="problem" :problem="problem" class="gap" />
        <ProblemNote v-if="kit.problem.value" :problem="kit.problem.value" class="gap" retry @retry="kit.reload" />
        <div class="columns">
            <ScaleCard
                class="scale-column"
                :page="page"
                :athlete="athlete"
                :kit="kit.value.value"
                @open="opened = $event"
                @show="page.shown.value = $event"
                @length="page.mostRungs.value = $event"
            />
            <div class="stack work-column">
                <CallCard v-if="athlete.call" :key="athlete.call.id" :call="athlete.call" @decided="page.reload" @open="opened = $event" />
                <p v-else-if="athlete.decided" class="card decided">
                    <CallMark :verdict="athlete.decided.override_verdict ?? athlete.decided.call.verdict" />
                    {{ athlete.decided.decision === 'accepted' ? 'accepted today' : 'overridden today' }}
                </p>
                <PausedCard v-if="athlete.paused_on" :athlete="athlete" :clear="page.clear" @undo="page.undoPain" />
                <ScreenCard :athlete="athlete" @screen="screenOpen = true" />
                <GearNotes :athlete="athlete" :kit="kit.value.value" />
                <HoldPad
                    v-if="athlete.rung && padOpen && athlete.rung.exercise.movement === 'hold'"
                    :athlete-id="id"
                    :rung="athlete.rung"
                    :standard="athlete.standard"
                    :today="heldToday"
                    @logged="logged"
                />
                <LogPad
                    v-else-if="athlete.rung && padOpen"
                    :athlete-id="id"
                    :rung="athlete.rung"
                    :standard="athlete.standard"
                    :done="today"
                    :tell-pain="tellPain"
                    :ladder="onLadder"
                    :lowering="athlete.lowerings_left ?? undefined"
                    :next="athlete.call?.call.next ?? undefined"
                    @logged="logged"
                />
                <div v-else-if="athlete.paused_on === day">
                    <NButton @click="beforePain = true">Log a set that was done before the pain</NButton>
                </div>
                <StartHere
                    v-else-if="!athlete.rung && !athlete.rung_lost"
                    :athlete="athlete"
                    :ladders="page.ladders.value.value"
                    @baseline="baselineOpen = true"
                    @choose="choose"
                />
            </div>
            <div class="stack log-column">
                <SetLog
                    :sets="page.sets.value"
                    :older="page.older.value"
                    @older="page.loadOlder"
                    @take-back="page.takeBack"
                    @correct="correcting = $event"
                />
                <LatestNote :id="id" />
                <ForecastLine v-if="athlete.capacity" :id="id" />
                <button v-if="!athlete.archived" type="button" class="quiet small" @click="afterOpen = true">
                    How was it? Soreness, effort, what failed first…
                </button>
                <details
                    v-if="athlete.capacity || athlete.row_capacity"
                    class="card"
                    @toggle="pastOpen = ($event.target as HTMLDetailsElement).open"
                >
                    <summary>Earlier calls</summary>
                    <PastCalls v-if="pastOpen" :athlete-id="id" />
                </details>
            </div>
        </div>
        <SetupPanel
            :athlete-id="id"
            :rung="opened"
            :paused="athlete.paused_on !== null"
            @close="opened = undefined"
            @choose="choose"
            @logged="logged"
        />
        <CapacityPanel :athlete="athlete" :movement="explained" @close="explained = undefined" />
        <ScreenPanel
            v-model:open="screenOpen"
            :athlete="athlete"
            :screen="page.screen"
            @baseline="baselineOpen = true"
            @agreed="page.reload"
        />
        <BaselinePanel v-model:open="baselineOpen" :athlete="athlete" :kit="kit.value.value" @logged="logged" @choose="choose" />
        <AfterPanel v-model:open="afterOpen" :athlete="athlete" :tell="page.tell" />
        <CorrectPanel :set="correcting" :athlete-id="id" @close="correcting = undefined" @logged="logged" />
        <UndoBar :action="undo.offered.value" @undo="undo.take" />
    </template>
</template>

<style scoped src="./athlete-page.css"></style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef } from 'vue';
import { lowered, timesOf } from '../domain/sets/lowered';
import type { Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { isWholeSet, waitingSet, type Waiting } from '../domain/queue';
import { likely as likelyText, mass, percent } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import DateField from '../parts/DateField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useOnce } from '../composables/useOnce';
import LikelyCounts from './LikelyCounts.vue';
import LoweringCaps from './held/LoweringCaps.vue';
import LoweringTimes from './held/LoweringTimes.vue';
import MixedSet from './MixedSet.vue';
import SeenRow from './SeenRow.vue';
import SetsToday from './SetsToday.vue';
import { toldPain, usePad } from './usePad';
import { useTaking } from './useTaking';
import { countChips, lastTimeWords, left, reserveChips } from './counts';
import { useLastTime } from './useLastTime';

const props = defineProps<{
    athleteId: string;
    rung: Schemas['Rung'];
    standard: Schemas['Standard'];
    done: readonly Schemas['Set'][];
    tellPain: (pain: Schemas['Pain']) => Promise<Problem | undefined>;
    /** What a mixed set can begin on, and what is next. */
    ladder?: readonly Schemas['Rung'][];
    next?: Schemas['Rung'] | undefined;
    /** What the caps leave, where the set-up in use is a lowering. */
    lowering?: Schemas['LoweringLeft'] | undefined;
}>();
const emit = defineEmits<{ logged: [id: string, text: string, first?: string, hurt?: boolean] }>();

const counts = countChips(15);

const { queue, today, otherDay, on, take, takeMixed } = useTaking(
    () => props.athleteId,
    (...made) => emit('logged', ...made),
);
const once = useOnce();
const [problem, others] = [shallowRef<Problem>(), ref(false)];
/** On a phone what is seldom needed waits behind a tap. */
const unfolded = ref(false);
const mixedOpen = ref(false);
/** Of this exercise alone: what is done on another one says nothing of it. */
const isOnThis = (w: Waiting): boolean => JSON.stringify(waitingSet(w)?.exercise) === JSON.stringify(props.rung.exercise);
const waiting = computed(() => queue.pending.filter((w) => w.athleteId === props.athleteId && isWholeSet(w) && isOnThis(w)));
const lastTime = useLastTime(
    () => props.athleteId,
    () => props.rung.exercise,
);
const before = computed(() => lastTime.value.value?.reps ?? []);
const last = computed(() => before.value[props.done.length + waiting.value.length] ?? before.value.at(-1) ?? null);
/** A shorter one was a slip of the thumb. */
const LEAST_SPLIT_S = 0.3;

const isLowering = computed(() => props.rung.exercise.movement === 'lowering');
const pad = usePad(
    () => logClean(asGiven.value),
    (elapsedS, halfS) => {
        const one = lowered(elapsedS, halfS);
        if (isLowering.value) {
            draft.lowered = one.seconds >= LEAST_SPLIT_S ? [...draft.lowered, one] : draft.lowered;
        } else {
            void take({ purpose: 'work', hang_s: one.seconds }, `${one.seconds} s hang`);
        }
    },
);
const draft = pad.draft;
/** What Enter logs: what was typed or timed, else what is asked. */
const asGiven = computed(() => pad.count.value ?? (draft.lowered.length || props.standard.gate_reps));
const painOpen = computed(() => draft.pain !== null && toldPain(draft) === null);
const noCountsOpen = computed({ get: () => pad.mode.value === 'no-count', set: (open) => (pad.mode.value = open ? 'no-count' : 'count') });

function logClean(clean: number): void {
    if (painOpen.value) {
        return;
    }
    once(() => {
        const pain = toldPain(draft);
        void take(
            {
                purpose: 'work',
                exercise: props.rung.exercise,
                clean_reps: clean,
                no_counts: { ...draft.noCounts } as Record<string, number>,
                ...(draft.faults.length > 0 && { faults: [...draft.faults] }),
                ...left(draft.reserve),
                asked_reps: props.standard.gate_reps,
                ...timesOf(draft.lowered.slice(0, clean)),
                pain,
            },
            `${clean} clean${pain ? ', with pain: pulling is paused' : ''}`,
        );
        others.value = false;
        pad.clear();
    });
}

async function mix(parts: { rung: Schemas['Rung']; clean: number }[]): Promise<void> {
    mixedOpen.value = !(await takeMixed(parts));
}

async function tellOnly(): Promise<void> {
    const pain = toldPain(draft);
    problem.value = pain === null ? undefined : await props.tellPain(pain);
    if (pain !== null && problem.value === undefined) {
        pad.clear();
    }
}
</script>

<template>
    <section class="card pad" aria-label="Log a set">
        <header class="card-head">
            <div>
                <h2>{{ rung.name }}</h2>
                <p class="small dim">
                    carries {{ mass(rung.carried.carried_kg.mean) }}, {{ percent(rung.carried.share.mean) }}
                    <template v-if="rung.prediction">· {{ likelyText(rung.prediction) }}</template>
                </p>
                <p v-if="lastTime.value.value?.on" class="small dim">{{ lastTimeWords(lastTime.value.value) }}</p>
            </div>
            <SetsToday :done="done" :waiting="waiting" :sets="standard.sets" />
        </header>
        <LoweringCaps v-if="lowering" :left="lowering" :next="asGiven" />
        <LoweringTimes v-if="isLowering" v-model="draft.lowered" :hold="pad.hold" :asked="rung.exercise.seconds ?? 3" @log="logClean" />
        <LikelyCounts
            :prediction="rung.prediction"
            :last="last"
            :aim="standard.gate_reps"
            :picked="pad.count.value ?? (draft.lowered.length || null)"
            :busy="painOpen"
            @log="logClean"
            @other="others = !others"
        />
        <div v-if="others || pad.count.value !== null" class="row typed">
            <ChipRow label="Clean reps" :chips="counts" :value="pad.count.value" @pick="pad.pick" />
            <NButton v-if="pad.count.value !== null" type="primary" size="large" :disabled="painOpen" @click="logClean(pad.count.value)">
                Log {{ pad.count.value }}
            </NButton>
        </div>
        <ChipRow
            label="In reserve"
            show-label
            :chips="reserveChips"
            :unanswered="null"
            :value="draft.reserve"
            :class="{ asked: pad.mode.value === 'reserve' }"
            @pick="draft.reserve = $event"
        />
        <button type="button" class="fold quiet small" :aria-expanded="unfolded" @click="unfolded = !unfolded">
            {{ unfolded ? 'Less' : 'No-count, pain, another day…' }}
        </button>
        <div class="stack more" :class="{ shown: unfolded || painOpen || noCountsOpen }">
            <SeenRow v-model="draft" v-model:no-counts-open="noCountsOpen">
                <p v-if="pad.hold.holding.value && !isLowering" class="watch" role="timer">{{ pad.hold.elapsedS.value.toFixed(1) }} s</p>
                <span class="row seldom">
                    <button
                        v-if="ladder && ladder.length > 0"
                        type="button"
                        class="quiet"
                        :aria-expanded="mixedOpen"
                        @click="mixedOpen = !mixedOpen"
                    >
                        Mixed set…
                    </button>
                    <button type="button" class="quiet" :aria-pressed="otherDay" @click="otherDay = !otherDay">
                        {{ otherDay ? 'Log for today' : 'For another day…' }}
                    </button>
                </span>
                <template #pain>
                    <p v-if="painOpen" class="small ask">Say where and how much, then log the set or tell the pain alone.</p>
                    <ProblemNote v-if="problem" typed :problem="problem" />
                    <div><NButton size="large" :disabled="painOpen" @click="tellOnly">Tell the pain without a set</NButton></div>
                </template>
            </SeenRow>
            <DateField v-if="otherDay" v-model="on" label="Done on" :latest="today" />
            <MixedSet v-if="mixedOpen" :now="rung" :next="next" :rungs="ladder ?? []" :busy="painOpen" @log="mix" />
        </div>
    </section>
</template>

<style scoped>
.pad {
    display: grid;
    gap: 10px;
}

.typed {
    align-items: end;
}

.asked {
    outline: 2px solid var(--color-timber);
    outline-offset: 4px;
    border-radius: var(--radius-small);
}

.ask {
    color: var(--color-refer);
    font-weight: 600;
}

.fold {
    display: none;
}

.seldom {
    margin-left: auto;
}

h2 {
    font-size: var(--type-wide);
}

@media screen and (max-width: 720px) {
    .card-head h2 {
        font-size: var(--type-base);
    }

    .pad {
        order: 9;
        position: sticky;
        bottom: var(--dock, 0px);
        z-index: 2;
        max-height: 50dvh;
        overflow-y: auto;
        gap: var(--space-small);
        margin: 0 calc(-1 * var(--space-base));
        border-radius: var(--radius-base) var(--radius-base) 0 0;
        box-shadow: 0 -2px 8px var(--shade-soft);
    }

    .fold {
        display: block;
    }

    .more:not(.shown) {
        display: none;
    }
}

.watch {
    margin-left: auto;
    font: 700 var(--type-title) / 1 var(--type-text);
}
</style>

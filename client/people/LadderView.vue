<script setup lang="ts">
import { computed } from 'vue';
import LadderLanes, { type LaneShown } from '../draw/LadderLanes.vue';
import type { Schemas } from '../domain/http';
import ProblemNote from '../parts/ProblemNote.vue';
import type { Load } from '../parts/useLoad';
import LadderLegend from './LadderLegend.vue';
import type { Athlete, Ladders } from './useAthlete';

type Ladder = Schemas['Ladder'];

const props = defineProps<{ ladders: Load<Ladders>; athlete: Athlete }>();
const emit = defineEmits<{ open: [rung: Schemas['Rung']] }>();

/** The rung in use stands below the ladder that leads up from it; the call's next rung is drawn if the ladder has another. */
function ofLadder(title: string, ladder: Ladder, capacity: LaneShown['capacity']): LaneShown {
    const rungs = ladder.rungs.map(({ rung, step }) => ({ rung, step, chosen: false }));
    const now = ladder.now ? [{ rung: ladder.now, step: null, chosen: true }] : [];
    const next = props.athlete.call?.call.next;
    const all = [...now, ...rungs];
    const extra = next && ladder.now && !all.some((r) => r.rung.key === next.key) ? [{ rung: next, step: props.athlete.call?.call.change_share ?? null, chosen: false }] : [];
    return { title, capacity, rungs: [...all, ...extra].sort((a, b) => a.rung.carried.share.mean - b.rung.carried.share.mean) };
}

const ORDER = ['hold:hang', 'lowering', 'hold:top'];

/** Hangs lowest, then lowerings, then holds at the top; the longer the higher. */
function bySeconds(rungs: readonly Schemas['ScaleRung'][]): Schemas['ScaleRung'][] {
    const place = ({ rung }: Schemas['ScaleRung']): number => ORDER.findIndex((start) => rung.key.startsWith(start)) * 1000 + (rung.choice.seconds ?? 0);
    return [...rungs].sort((a, b) => place(a) - place(b));
}

const lanes = computed((): LaneShown[] => {
    const ladders = props.ladders.value.value;
    return ladders
        ? [
              ofLadder('Row', ladders.row, props.athlete.row_capacity),
              { title: 'Lower & hold', capacity: null, compact: true, rungs: bySeconds(ladders.lower.rungs).map(({ rung, chosen }) => ({ rung, step: null, chosen })) },
              ofLadder('Pull', ladders.pull, props.athlete.capacity),
          ]
        : [];
});
const largest = computed(() => {
    const ladders = props.ladders.value.value;
    return ladders ? [ladders.pull, ladders.row].flatMap((l) => l.rungs.filter((r) => r.rung.name === l.largest_step_to).map((r) => r.rung.key)) : [];
});
</script>

<template>
    <ProblemNote v-if="ladders.problem.value" :problem="ladders.problem.value" retry @retry="ladders.reload" />
    <p v-else-if="!ladders.value.value" class="dim">Looking through every set-up this kit allows…</p>
    <template v-else>
        <LadderLanes :lanes="lanes" :next-key="athlete.call?.call.next?.key" :largest-keys="largest" @open="emit('open', $event)" />
        <LadderLegend :pull="ladders.value.value.pull" :row="ladders.value.value.row" />
    </template>
</template>

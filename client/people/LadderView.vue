<script setup lang="ts">
import { computed } from 'vue';
import LadderLanes, { type LaneShown } from '../draw/LadderLanes.vue';
import type { Schemas } from '../domain/http';
import ReadNote from '../parts/ReadNote.vue';
import type { Read } from '../parts/useRead';
import LadderLegend from './LadderLegend.vue';
import type { Athlete, Ladders } from './useAthlete';

type Ladder = Schemas['Ladder'];

const props = defineProps<{ ladders: Read<Ladders>; athlete: Athlete }>();
const emit = defineEmits<{ open: [rung: Schemas['Rung']] }>();

/** The rung in use stands between the one below and the ladder that leads up from it; before one is in use, what was tried and where to begin. */
function ofLadder(title: string, ladder: Ladder, capacity: LaneShown['capacity']): LaneShown {
    const apart = [ladder.below, ...(props.athlete.rung ? [] : [ladder.tried, ladder.start])].filter((r) => r !== null);
    const shown: LaneShown['rungs'] = [
        ...(ladder.now ? [{ rung: ladder.now, step: null, chosen: true }] : []),
        ...ladder.rungs.map(({ rung, step }) => ({ rung, step, chosen: false })),
    ];
    for (const rung of apart) {
        if (!shown.some((r) => r.rung.key === rung.key)) {
            shown.push({ rung, step: null, chosen: false });
        }
    }
    return { title, capacity, rungs: shown.sort((a, b) => a.rung.carried.share.mean - b.rung.carried.share.mean) };
}

/** What is counted in seconds, the easiest first. */
const ORDER = ['hang', 'lowering', 'top'] as const;

/** Hangs lowest, then lowerings, then holds at the top; the longer the higher. */
function bySeconds(rungs: readonly Schemas['ScaleRung'][]): Schemas['ScaleRung'][] {
    const place = ({ rung: { choice } }: Schemas['ScaleRung']): number => ORDER.findIndex((o) => o === (choice.at ?? choice.kind)) * 1000 + (choice.seconds ?? 0);
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
    return ladders ? [ladders.pull, ladders.row].flatMap((l) => (l.largest_step_to === null ? [] : [l.largest_step_to])) : [];
});
</script>

<template>
    <ReadNote :read="ladders" waits="Looking through every set-up this kit allows…" />
    <template v-if="ladders.value.value">
        <LadderLanes :lanes="lanes" :next-key="athlete.call?.call.next?.key" :largest-keys="largest" @open="emit('open', $event)" />
        <LadderLegend :pull="ladders.value.value.pull" :row="ladders.value.value.row" />
    </template>
</template>

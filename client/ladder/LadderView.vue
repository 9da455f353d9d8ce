<script setup lang="ts">
import { computed, ref } from 'vue';
import LaneLadder, { type RungShown } from '../draw/LaneLadder.vue';
import type { Schemas } from '../domain/http';
import ReadNote from '../parts/ReadNote.vue';
import TabRow from '../parts/TabRow.vue';
import type { Read } from '../composables/useRead';
import LadderLegend from './LadderLegend.vue';
import SecondsStrip from './SecondsStrip.vue';
import type { Athlete, Ladders } from '../composables/useAthlete';

type Ladder = Schemas['Ladder'];

const props = defineProps<{ ladders: Read<Ladders>; athlete: Athlete }>();
const emit = defineEmits<{ open: [rung: Schemas['Rung']] }>();

const LANES = [
    { value: 'pull', label: 'Pull' },
    { value: 'row', label: 'Row' },
    { value: 'pulldown', label: 'Pull-down' },
] as const;
type LaneName = (typeof LANES)[number]['value'];

/** The lane in use, until another is tapped. */
const tapped = ref<LaneName>();
const used = computed(() => LANES.find(({ value }) => props.ladders.value.value?.[value].now !== null)?.value ?? 'pull');
const lane = computed({
    get: () => tapped.value ?? (props.ladders.value.value ? used.value : 'pull'),
    set: (to) => (tapped.value = to),
});
const ladder = computed((): Ladder | undefined => props.ladders.value.value?.[lane.value]);

/** Nobody climbs to where no rep is expected yet. */
const LEAST_REPS = 1;

/**
 * The rung in use stands between the one below and the ladder that leads up from it; before one is in use, what was tried and where to
 * begin. Nothing is likely while pulling is paused.
 */
const rungs = computed((): RungShown[] => {
    const of = ladder.value;
    if (!of) {
        return [];
    }
    const shown: RungShown[] = [
        ...(of.now ? [{ rung: of.now, step: null, chosen: true }] : []),
        ...of.rungs.map(({ rung, step }) => ({ rung, step, chosen: false })),
    ];
    for (const rung of [of.below, ...(props.athlete.rung ? [] : [of.tried, of.start])].filter((r) => r !== null)) {
        if (!shown.some((r) => r.rung.key === rung.key)) {
            shown.push({ rung, step: null, chosen: false });
        }
    }
    const likely = (r: RungShown): RungShown => (props.athlete.paused_on ? { ...r, rung: { ...r.rung, prediction: null } } : r);
    const sorted = shown.map(likely).sort((a, b) => a.rung.carried.share.mean - b.rung.carried.share.mean);
    return sorted.map((r, i) =>
        r.chosen && i > 0 ? { ...r, step: r.rung.carried.share.mean - (sorted[i - 1]?.rung.carried.share.mean ?? 0) } : r,
    );
});
const middle = computed(() => ladder.value?.start?.key ?? rungs.value.find((r) => (r.rung.prediction?.reps ?? 0) < LEAST_REPS)?.rung.key);
</script>

<template>
    <TabRow v-model="lane" class="lanes" label="Lane" :tabs="LANES" />
    <ReadNote :read="ladders" waits="Looking through every set-up this kit allows…" />
    <template v-if="ladder && ladders.value.value">
        <LaneLadder
            v-if="rungs.length > 0"
            :key="lane"
            :rungs="rungs"
            :next-key="athlete.call?.call.next?.key"
            :largest-key="ladder.largest_step_to"
            :middle-key="middle"
            @open="emit('open', $event)"
        />
        <p v-else class="dim">
            {{
                athlete.screen.outcome === null || athlete.screen.outcome === 'cleared'
                    ? 'Nothing in the kit fits here.'
                    : 'Nothing here is allowed until cleared.'
            }}
        </p>
        <SecondsStrip :rungs="ladders.value.value.lower.rungs" :best-hang-s="athlete.best_hang_s" @open="emit('open', $event)" />
        <LadderLegend v-if="ladder.rungs.length > 0" :ladder="ladder" />
    </template>
    <div v-else class="room" />
</template>

<style scoped>
/* What loads keeps its room. */
.room {
    min-height: 470px;
}

/* Under a thumb the two rungs that matter come first; the other lanes stand below them. */
@media screen and (max-width: 720px) {
    .lanes {
        order: 1;
        margin: var(--space-small) 0 0;
    }

    .room {
        min-height: 280px;
    }
}
</style>

<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import type { Tile } from '../../domain/floor/tile';
import ChipRow from '../../parts/ChipRow.vue';
import type { Turns } from '../useTurns';
import AthleteRow from './AthleteRow.vue';
import AthleteTile from './AthleteTile.vue';
import StationNotes from './StationNotes.vue';
import type { Stopwatches } from './useStopwatches';
import type { TileCommands } from './useTileCommands';

/** The class by athletes: a tile each; a row each on a phone, and where they are many. */
const props = defineProps<{
    tiles: readonly Tile[];
    commands: TileCommands;
    watches: Stopwatches;
    nowMs: number;
    turns: Turns;
    /** Gear that is out of use today. */
    out: ReadonlySet<string>;
    coachName: (id: string | null) => string;
    /** Who is chosen by the keyboard, and the count that was typed. */
    chosenId: string | undefined;
    byKey: boolean;
    typed: number | null;
}>();
const emit = defineEmits<{ choose: [tile: Tile]; open: [tile: Tile]; keepBoth: [setId: string]; here: [tile: Tile] }>();

const MANY = 16;

const isNarrow = useMediaQuery('(max-width: 720px)');
const isLow = useMediaQuery('(max-height: 500px)');
const isCompact = computed(() => isNarrow.value || isLow.value || props.tiles.length >= MANY);
const shown = ref<'all' | 'up'>('all');
const isUp = (tile: Tile): boolean => tile.turn === 'up' && props.turns.waitsAt.value(tile) === undefined;
const active = computed(() => props.tiles.filter((t) => t.turn === 'up' || t.turn === 'rest'));
const up = computed(() => active.value.filter(isUp));
const filters = computed(() => [
    { value: 'all' as const, label: `All ${active.value.length}` },
    { value: 'up' as const, label: `Up now ${up.value.length}` },
]);
const listed = computed(() => (shown.value === 'up' ? up.value : active.value));
/** Twenty fit a screen: as many columns as leave no fifth row. */
const isWide = useMediaQuery('(min-width: 1100px)');
const columns = computed(() => (!isWide.value ? undefined : props.tiles.length > 16 ? 5 : props.tiles.length > 6 ? 4 : 3));
const rows = computed(() => (columns.value === undefined ? undefined : Math.ceil(props.tiles.length / columns.value)));

/** The first tiles are drawn at once and the others right after, so that no task holds the page up. */
const FIRST = 5;
const drawn = ref(FIRST);
watch([() => props.tiles.length, drawn], ([all, now]) => all > now && setTimeout(() => (drawn.value = now + FIRST)), { immediate: true });
</script>

<template>
    <template v-if="isCompact">
        <ChipRow class="filter" label="Who is shown" :chips="filters" :value="shown" @pick="shown = $event" />
        <div class="rows">
            <AthleteRow
                v-for="tile in listed"
                :key="tile.athlete.id"
                :tile="tile"
                :commands="commands"
                :watches="watches"
                :now-ms="nowMs"
                :is-up="isUp(tile)"
                :waits-at="turns.waitsAt.value(tile)"
                :collision="turns.collisionOf(tile)"
                :out="out"
                :chosen="byKey && chosenId === tile.athlete.id"
                :typed="chosenId === tile.athlete.id ? typed : null"
                @choose="emit('choose', tile)"
                @open="emit('open', tile)"
            />
        </div>
        <p v-if="listed.length === 0" class="dim">{{ shown === 'up' ? 'Nobody is up now.' : 'Nobody has a set left to do.' }}</p>
        <StationNotes
            :tiles="tiles"
            :commands="commands"
            :coach-name="coachName"
            @open="emit('open', $event)"
            @keep-both="emit('keepBoth', $event)"
        />
    </template>
    <div
        v-else
        class="tiles"
        :class="{ fixed: columns !== undefined }"
        :style="columns === undefined ? {} : { gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`, '--rows': rows }"
    >
        <AthleteTile
            v-for="tile in tiles.slice(0, drawn)"
            :key="tile.athlete.id"
            :tile="tile"
            :commands="commands"
            :watches="watches"
            :now-ms="nowMs"
            :chosen="byKey && chosenId === tile.athlete.id"
            :typed="chosenId === tile.athlete.id ? typed : null"
            :collision="turns.collisionOf(tile)"
            :waits-at="turns.waitsAt.value(tile)"
            :out="out"
            :coach-name="coachName"
            @choose="emit('choose', tile)"
            @open="emit('open', tile)"
            @keep-both="emit('keepBoth', $event)"
            @here="emit('here', tile)"
        />
    </div>
</template>

<style scoped>
.filter {
    margin-bottom: 6px;
}

/* Down one column and then the next, as a list is read. */
.rows {
    columns: 340px 3;
    column-gap: 16px;
}

.tiles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(236px, 100%), 1fr));
    gap: 8px;
}

.fixed {
    grid-auto-rows: minmax(calc((100dvh - 56px - 60px - 8px - 8px * (var(--rows) - 1)) / max(3, var(--rows))), auto);
    --tile-height: 0;
}

@media screen and (min-width: 1100px) and (max-height: 860px) {
    .fixed {
        grid-auto-rows: minmax(0, calc((100dvh - 56px - 60px - 8px - 8px * (max(3, var(--rows)) - 1)) / max(3, var(--rows))));
    }
}
</style>

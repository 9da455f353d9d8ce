<script setup lang="ts">
import type { Collision, Way } from '../../domain/floor/collisions';
import type { Entry, Place } from '../../domain/floor/stations';
import type { Tile } from '../../domain/floor/tile';
import CollisionNote from './CollisionNote.vue';
import StationColumn from './StationColumn.vue';
import StationNotes from './StationNotes.vue';
import { useReorder } from './useReorder';
import type { Stopwatches } from './useStopwatches';
import type { TileCommands } from './useTileCommands';

/** The class by bars, rings, machines and the floor: whose turn it is on each, and what is hung up in between. */
defineProps<{
    places: readonly Place[];
    free: readonly string[];
    collisions: readonly Collision[];
    tiles: readonly Tile[];
    coachName: (id: string | null) => string;
    commands: TileCommands;
    watches: Stopwatches;
    nowMs: number;
    /** Gear that is out of use today. */
    out: ReadonlySet<string>;
    hour: (ms: number) => string;
    /** Who is chosen by the keyboard, and the count that was typed. */
    chosenId: string | undefined;
    typed: number | null;
}>();
const emit = defineEmits<{
    open: [tile: Tile];
    move: [moved: Entry, before: Entry | undefined];
    take: [way: Way];
    keepBoth: [setId: string];
}>();

const reorder = useReorder((moved, before) => emit('move', moved, before));
</script>

<template>
    <CollisionNote v-for="one in collisions" :key="one.key" class="collision" :collision="one" :hour="hour" @take="emit('take', $event)" />
    <p v-if="reorder.picked.value" class="picked" role="status">
        Tap whom {{ reorder.picked.value.tile.athlete.name }} is to go before, or the handle again to leave it.
    </p>
    <div class="board">
        <StationColumn
            v-for="place in places"
            :key="place.id"
            :place="place"
            :commands="commands"
            :watches="watches"
            :now-ms="nowMs"
            :out="out"
            :reorder="reorder"
            :chosen-id="chosenId"
            :typed="typed"
            @open="emit('open', $event)"
        />
    </div>
    <p v-if="free.length > 0" class="free dim">Free: {{ free.join(', ') }}</p>
    <StationNotes
        :tiles="tiles"
        :commands="commands"
        :coach-name="coachName"
        @open="emit('open', $event)"
        @keep-both="emit('keepBoth', $event)"
    />
</template>

<style scoped>
.collision,
.picked {
    margin-bottom: 8px;
}

.picked {
    color: var(--color-bark);
    font-weight: 600;
}

.board {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(216px, 100%), 1fr));
    gap: 8px;
    align-items: start;
}

.free {
    margin-top: 10px;
    font-size: var(--type-base);
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import { calledName, type Tile } from '../../domain/floor/tile';
import { useCommandQueue } from '../../composables/useCommandQueue';
import TileNotes from './TileNotes.vue';
import type { TileCommands } from './useTileCommands';

/** Beside the stations: what can be undone, what must be settled, and who is at none of them. */
const props = defineProps<{ tiles: readonly Tile[]; commands: TileCommands; coachName: (id: string | null) => string }>();
const emit = defineEmits<{ open: [tile: Tile]; keepBoth: [setId: string] }>();

const queue = useCommandQueue();
const undoable = computed(() =>
    props.tiles.flatMap((tile) => {
        const undo = props.commands.undoable(tile.athlete.id);
        return undo ? [{ tile, ...undo }] : [];
    }),
);
const unsettled = computed(() =>
    props.tiles.filter((tile) => tile.twice !== undefined || queue.refused.some((w) => w.athleteId === tile.athlete.id)),
);
const elsewhere = computed(() =>
    (
        [
            ['first', 'Not ready'],
            ['done', 'Done'],
            ['away', 'Not here'],
        ] as const
    )
        .map(([turn, words]) => ({ words, tiles: props.tiles.filter((t) => t.turn === turn) }))
        .filter(({ tiles }) => tiles.length > 0),
);
</script>

<template>
    <div class="undo" role="status">
        <button v-for="one in undoable" :key="one.tile.athlete.id" type="button" class="key best" @click="one.undo">
            Undo {{ one.words }}, {{ calledName(one.tile) }}
        </button>
    </div>
    <section v-for="tile in unsettled" :key="tile.athlete.id" class="unsettled" :aria-label="tile.athlete.name">
        <b>{{ calledName(tile) }}</b>
        <TileNotes :tile="tile" :commands="commands" :coach-name="coachName" @keep-both="emit('keepBoth', $event)" />
    </section>
    <p v-for="group in elsewhere" :key="group.words" class="elsewhere">
        <span class="dim">{{ group.words }}</span>
        <button v-for="tile in group.tiles" :key="tile.athlete.id" type="button" class="key" @click="emit('open', tile)">
            {{ calledName(tile) }}
        </button>
    </p>
</template>

<style scoped src="../keys.css"></style>
<style scoped>
.undo {
    position: fixed;
    right: 16px;
    bottom: 16px;
    z-index: 5;
    display: grid;
    gap: 6px;
}

@media screen and (max-width: 760px) {
    .undo {
        bottom: 96px; /* above the places */
    }
}

.unsettled {
    margin-top: 8px;
    padding: 6px 12px;
    border: 1px solid var(--color-down);
    border-radius: var(--radius-small);
}

.elsewhere {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    margin-top: 8px;
}
</style>

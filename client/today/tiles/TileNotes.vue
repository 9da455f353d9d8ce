<script setup lang="ts">
import { computed } from 'vue';
import { commandWords } from '../../domain/commandWords';
import { countWords, type Tile } from '../../domain/floor/tile';
import { refusalWords } from '../../domain/problems';
import { useCommandQueue } from '../../composables/useCommandQueue';
import type { TileCommands } from './useTileCommands';

/** What a coach must settle of one athlete: a set that may be logged twice, and what the server would not take. */
const props = defineProps<{ tile: Tile; commands: TileCommands; coachName: (id: string | null) => string }>();
const emit = defineEmits<{ keepBoth: [setId: string] }>();

const queue = useCommandQueue();
/** It stays here with the reason, until somebody sends it again or drops it. */
const refused = computed(() => queue.refused.find((w) => w.athleteId === props.tile.athlete.id));
const twice = computed(() => {
    const [a, b] = props.tile.twice ?? [];
    if (!a || !b) {
        return '';
    }
    const of = a.setup_name === null || a.setup_name === props.tile.now?.rung?.name ? '' : `${a.setup_name}: `;
    return (
        of +
        (a.by === b.by
            ? `${countWords(a)} and ${countWords(b)}, on two devices`
            : `${props.coachName(a.by)} ${countWords(a)}, ${props.coachName(b.by)} ${countWords(b)}`)
    );
});
</script>

<template>
    <p v-if="refused?.problem" class="note refused" role="alert">
        <span class="whole">Not stored: {{ commandWords(refused.command) }}. {{ refusalWords(refused.problem) }}</span>
        <button type="button" class="plain" @click="queue.sendAgain(refused.id)">Send again</button>
        <button type="button" class="plain" @click="queue.drop(refused.id)">Drop it</button>
    </p>
    <p v-if="tile.twice" class="note" role="status">
        <span class="whole">Logged twice? {{ twice }}</span>
        <button type="button" class="plain" @click="commands.takeBack(tile.athlete.id, tile.twice[1])">Keep the first</button>
        <button type="button" class="plain" @click="emit('keepBoth', tile.twice[1].id)">Both</button>
    </p>
</template>

<style scoped src="./tile.css"></style>

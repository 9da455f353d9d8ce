<script setup lang="ts">
import { computed } from 'vue';
import type { Tile } from '../../domain/floor/tile';
import { gaveOutWords } from '../../domain/words';
import ChipRow from '../../parts/ChipRow.vue';
import { countChips } from '../../log/counts';
import type { TileCommands } from '../tiles/useTileCommands';

/** What an athlete tells of the session and the days before, one tap each. */
const props = defineProps<{ tile: Tile; commands: TileCommands; on: string }>();

type GaveOut = keyof typeof gaveOutWords;

const gaveOut = Object.entries(gaveOutWords).map(([value, label]) => ({ value: value as GaveOut, label }));
const felt = [
    { value: 'true', label: 'Yes' },
    { value: 'false', label: 'No' },
];
const athlete = computed(() => props.tile.athlete);

const signal = (say: Parameters<TileCommands['signal']>[2]): void => void props.commands.signal(athlete.value.id, props.on, say);

/** Told of the session before: the next call follows. */
function tookHold(takes_hold: boolean): void {
    void props.commands.signal(athlete.value.id, athlete.value.trained_before_on ?? props.on, { takes_hold });
}
</script>

<template>
    <section class="stack" aria-label="Told">
        <ChipRow
            v-if="athlete.trained_before_on"
            label="Sore since last time, of 5"
            show-label
            :chips="countChips(5)"
            :value="athlete.soreness"
            @pick="signal({ soreness: $event })"
        />
        <ChipRow
            v-if="athlete.trained_before_on"
            label="Last time felt in the right place?"
            show-label
            :chips="felt"
            :value="athlete.took_hold === null ? null : String(athlete.took_hold)"
            @pick="tookHold($event === 'true')"
        />
        <ChipRow label="What failed first?" show-label :chips="gaveOut" :value="athlete.gave_out" @pick="signal({ gave_out: $event })" />
        <ChipRow
            label="How hard, out of 10"
            show-label
            :chips="countChips(10, 1)"
            :value="athlete.effort"
            @pick="signal({ effort: $event })"
        />
        <ChipRow
            v-if="athlete.kind !== 'gym'"
            label="Wall day"
            show-label
            :chips="[{ value: on, label: 'Climbed today' }]"
            :value="athlete.wall_on"
            @pick="signal({ wall_day: true })"
        />
    </section>
</template>

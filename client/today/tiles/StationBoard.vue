<script setup lang="ts">
import type { Clash, Place } from '../../domain/floor/stations';
import { calledName, type Tile } from '../../domain/floor/tile';
import { clock } from '../../domain/units';
import TileAction from './TileAction.vue';
import type { Stopwatches } from './useStopwatches';
import type { TileCommands } from './useTileCommands';

/** Bars, rings and machines: who is on each, who is next, and what is hitched anew in between. */
const props = defineProps<{
    places: readonly Place[];
    free: readonly string[];
    clashes: readonly Clash[];
    commands: TileCommands;
    watches: Stopwatches;
    nowMs: number;
    /** Gear that is out of use today. */
    out: ReadonlySet<string>;
}>();
const emit = defineEmits<{ open: [tile: Tile] }>();

/** What is done there; the name of the place itself stands above. */
const what = (tile: Tile, place: Place): string =>
    (tile.now?.rung?.name ?? '').replace(`, ${place.name}`, '').replace(`${place.name}, `, '');
const needsOut = ({ now }: Tile): boolean => [now?.rung?.station, ...(now?.rung?.bands ?? [])].some((id) => id && props.out.has(id));
const rest = (tile: Tile, nowMs: number): string => clock(Math.max(0, ((tile.restEndsAt ?? nowMs) - nowMs) / 1000));
</script>

<template>
    <ul v-if="clashes.length > 0" class="clashes" role="status">
        <li v-for="clash in clashes" :key="`${clash.band} ${clash.who[1].athlete.id}`">
            <b>{{ clash.name }}</b>
            is wanted by {{ calledName(clash.who[0]) }} and {{ calledName(clash.who[1])
            }}{{ clash.apartS > 0 ? `, ${clash.apartS} s apart` : ' at once' }}: let one go first.
        </li>
    </ul>
    <div class="board">
        <section v-for="place in places" :key="place.id" :aria-label="place.name" :class="{ out: place.isOut }">
            <h2>{{ place.name }}</h2>
            <p v-if="place.isOut" class="note">out of use today</p>
            <div v-for="tile in place.on" :key="tile.athlete.id" class="on">
                <button type="button" class="who" @click="emit('open', tile)">
                    <b>{{ calledName(tile) }}</b>
                    <span>{{ what(tile, place) }}</span>
                    <span v-if="needsOut(tile)" class="note">broken or missing today: switch</span>
                </button>
                <TileAction :tile="tile" :commands="commands" :watches="watches" :typed="null" />
            </div>
            <p v-if="place.on.length === 0" class="dim free">free now</p>
            <p v-if="place.hitch.off.length + place.hitch.on.length > 0" class="hitch">
                <template v-if="place.hitch.off.length > 0">Take off {{ place.hitch.off.join(', ') }}</template>
                <template v-if="place.hitch.on.length > 0">
                    {{ place.hitch.off.length > 0 ? ' · ' : '' }}Hang up {{ place.hitch.on.join(', ') }}
                </template>
            </p>
            <ol v-if="place.next.length > 0">
                <li v-for="tile in place.next" :key="tile.athlete.id">
                    <button type="button" class="who" @click="emit('open', tile)">
                        <b>{{ calledName(tile) }}</b>
                        <span>{{ what(tile, place) }}</span>
                        <span v-if="needsOut(tile)" class="note">broken or missing today: switch</span>
                    </button>
                    <span class="rest" role="timer">{{ rest(tile, nowMs) }}</span>
                </li>
            </ol>
        </section>
    </div>
    <p v-if="free.length > 0" class="free dim">Free: {{ free.join(', ') }}</p>
</template>

<style scoped>
.clashes {
    margin-bottom: 8px;
    padding: 8px 12px;
    border: 1.5px solid var(--color-down);
    border-radius: var(--radius-small);
    color: var(--color-down);
    list-style: none;
}

.board {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(290px, 100%), 1fr));
    gap: 10px;
    align-items: start;
}

section {
    display: grid;
    gap: 8px;
    padding: 12px;
    border: 1px solid var(--color-line);
    border-radius: var(--radius-base);
    background: var(--color-card);
}

.out {
    border-style: dashed;
}

.on {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(96px, 120px);
    gap: 8px;
    padding: 6px 6px 6px 10px;
    border-radius: var(--radius-small);
    box-shadow: inset 0 0 0 2px var(--color-graphite);
}

.who {
    display: grid;
    align-content: center;
    min-width: 0;
    min-height: 44px;
    padding: 0;
    border: 0;
    background: none;
    color: inherit;
    font: inherit;
    text-align: left;
    cursor: pointer;
}

.who b {
    font: 650 var(--type-large) var(--type-display);
}

.who span:not(.note) {
    color: var(--color-slate);
    font-size: var(--type-small);
    line-height: 1.25;
}

.hitch {
    padding: 5px 10px;
    border: 1px dashed var(--color-timber);
    border-radius: var(--radius-small);
    color: var(--color-bark);
    font-size: var(--type-base);
    font-weight: 600;
}

ol {
    display: grid;
    gap: 2px;
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px;
    align-items: center;
}

.clashes li {
    display: block;
}

.rest {
    color: var(--color-bark);
    font: 650 var(--type-title) / 1 var(--type-display);
}

.note {
    color: var(--color-down);
    font-weight: 600;
}

.free {
    font-size: var(--type-base);
}

.board + .free {
    margin-top: 12px;
}
</style>

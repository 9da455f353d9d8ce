<script setup lang="ts">
import { computed } from 'vue';
import { changeoverWords } from '../../domain/floor/changeover';
import { FLOOR, setWords, whatWords, type Entry, type Place } from '../../domain/floor/stations';
import { calledName, needsOut, type Tile } from '../../domain/floor/tile';
import { clock } from '../../domain/units';
import TileAction from './TileAction.vue';
import type { Reorder } from './useReorder';
import type { Stopwatches } from './useStopwatches';
import type { TileCommands } from './useTileCommands';

/** One bar, pair of rings or machine, or the floor: who is up, what is changed before the next, and the queue. */
const props = defineProps<{
    place: Place;
    commands: TileCommands;
    watches: Stopwatches;
    nowMs: number;
    /** Gear that is out of use today. */
    out: ReadonlySet<string>;
    reorder: Reorder;
    chosenId: string | undefined;
    typed: number | null;
}>();
const emit = defineEmits<{ open: [tile: Tile] }>();

const SHOWN = 4;
const OVER_S = 30;

const before = computed(() => changeoverWords(props.place.before));
const then = computed(() => changeoverWords(props.place.then));
const shown = computed(() => props.place.queue.slice(0, SHOWN));
const more = computed(() => props.place.queue.length - shown.value.length);
const freeInS = computed(() => {
    const first = props.place.queue[0];
    return first ? Math.max(0, (Math.max(first.atMs, first.isNext ? (first.tile.restEndsAt ?? 0) : 0) - props.nowMs) / 1000) : 0;
});

const what = (entry: Entry): string => whatWords(entry, props.place);

/** Rest that is left, how long somebody has been ready, or when a later set is due. */
function when(entry: Entry): { text: string; isLate: boolean } {
    const restedMs = entry.tile.restEndsAt ?? props.nowMs;
    if (!entry.isNext) {
        const inMin = Math.round((entry.atMs - props.nowMs) / 60_000);
        return { text: inMin > 0 ? `in ${inMin} min` : '', isLate: false };
    }
    const overS = (props.nowMs - restedMs) / 1000;
    return overS < 0
        ? { text: clock(-overS), isLate: false }
        : overS < OVER_S
          ? { text: 'ready', isLate: false }
          : { text: `${clock(overS)} over`, isLate: true };
}

function tap(entry: Entry): void {
    if (!props.reorder.drop(props.place, entry)) {
        emit('open', entry.tile);
    }
}
</script>

<template>
    <section :aria-label="place.name" :class="{ out: place.isOut }">
        <h2>{{ place.name }}</h2>
        <p v-if="place.isOut" class="note">out of use today</p>
        <p v-if="before && place.now.length > 0" class="hitch">{{ before }}</p>
        <div
            v-for="entry in place.now"
            :key="entry.key"
            :class="['now', { open: place.id === FLOOR, chosen: chosenId === entry.tile.athlete.id }]"
            :data-now="entry.tile.athlete.id"
            :data-athlete="entry.tile.athlete.id"
        >
            <button type="button" class="who" @click="tap(entry)">
                <b>{{ calledName(entry.tile) }}</b>
                <span class="set">{{ setWords(entry) }}</span>
                <span class="what">{{ what(entry) }}</span>
                <span v-if="needsOut(entry.line, out)" class="note">broken or missing today: switch</span>
            </button>
            <div class="keys">
                <TileAction
                    :tile="entry.tile"
                    :commands="commands"
                    :watches="watches"
                    :typed="chosenId === entry.tile.athlete.id ? typed : null"
                />
                <button type="button" class="more" :aria-label="`Another count or note for ${entry.tile.athlete.name}`" @click="tap(entry)">
                    ⋯
                </button>
            </div>
        </div>
        <p v-if="place.now.length === 0 && place.id !== FLOOR" class="dim free">
            {{ freeInS > 0 ? `free, next in ${clock(freeInS)}` : 'free now' }}
        </p>
        <p v-if="then" class="hitch">
            <span v-if="place.now.length > 0" class="dim">Then</span>
            {{ then }}
        </p>
        <ol v-if="shown.length > 0">
            <li
                v-for="entry in shown"
                :key="entry.key"
                :data-entry="entry.key"
                :class="{ picked: reorder.picked.value?.key === entry.key, later: !entry.isNext }"
            >
                <button type="button" class="who" @click="tap(entry)">
                    <b>{{ calledName(entry.tile) }}</b>
                    <span class="rest" :class="{ late: when(entry).isLate }" role="timer">{{ when(entry).text }}</span>
                    <span class="what">{{ what(entry) }} · {{ setWords(entry) }}</span>
                    <span v-if="needsOut(entry.line, out)" class="note">broken or missing today: switch</span>
                </button>
                <button
                    v-if="place.id !== FLOOR && place.queue.length > 1"
                    type="button"
                    class="handle"
                    :aria-label="`Move ${calledName(entry.tile)}, ${setWords(entry)}`"
                    :aria-pressed="reorder.picked.value?.key === entry.key"
                    @click="reorder.pick(entry)"
                    @pointerdown="reorder.press(place, entry, $event)"
                    @keydown.up.prevent.stop="reorder.nudge(place, entry, -1)"
                    @keydown.down.prevent.stop="reorder.nudge(place, entry, 1)"
                >
                    ⇅
                </button>
            </li>
        </ol>
        <p v-if="more > 0" class="dim small">{{ more }} more {{ more === 1 ? 'set' : 'sets' }} after these</p>
    </section>
</template>

<style scoped src="./station.css"></style>

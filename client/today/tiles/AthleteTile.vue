<script setup lang="ts">
import { computed } from 'vue';
import type { Collision } from '../../domain/floor/collisions';
import { calledName, capWords, countWords, knownWords, needsOut, type Tile } from '../../domain/floor/tile';
import { clock, day } from '../../domain/units';
import SetDots from './SetDots.vue';
import TileAction from './TileAction.vue';
import TileNotes from './TileNotes.vue';
import type { Stopwatches } from './useStopwatches';
import type { TileCommands } from './useTileCommands';

const props = defineProps<{
    tile: Tile;
    commands: TileCommands;
    watches: Stopwatches;
    nowMs: number;
    chosen: boolean;
    typed: number | null;
    collision: Collision | undefined;
    /** Where somebody rested waits for their turn; none where they are up. */
    waitsAt: string | undefined;
    /** Names of gear that is out today. */
    out: ReadonlySet<string>;
    coachName: (id: string | null) => string;
}>();
const emit = defineEmits<{ open: []; choose: []; keepBoth: [setId: string]; here: [] }>();

const SORE_DAYS = 3;

const athlete = computed(() => props.tile.athlete);
const line = computed(() => props.tile.now);
const leftMs = computed(() => (props.tile.restEndsAt ?? 0) - props.nowMs);
const part = computed(() => (props.tile.restS > 0 ? Math.min(1, Math.max(0, 1 - leftMs.value / (props.tile.restS * 1000))) : 1));
const undo = computed(() => props.commands.undoable(athlete.value.id));
const concern = computed(() => athlete.value.sheet.concern);
const link = computed(() => `/people/${athlete.value.id}${concern.value?.kind === 'screen' ? '/screens' : ''}`);
const lasts = computed(() => knownWords(props.tile));
const wall = computed(() => (athlete.value.wall_on ? `wall ${day(athlete.value.wall_on)}` : undefined));
/** Asked before the first set, as long as nobody told. */
const sore = computed(() => {
    const { trained_before_on: before, soreness, sets } = athlete.value;
    return before !== null && soreness === null && sets.length === 0 && props.nowMs - Date.parse(before) < SORE_DAYS * 86_400_000
        ? `Sore from ${day(before)}? 0–5`
        : undefined;
});
/** What comes after the sets that are left of this line. */
const then = computed(() => {
    const next = props.tile.lines[props.tile.lines.findIndex((l) => l === line.value) + 1];
    return next && next.left > 0 ? (next.rung?.name ?? next.line.name) : undefined;
});
const last = computed(() =>
    props.tile.lines
        .map((l) => l.sets.map(countWords).join(' '))
        .filter(Boolean)
        .join(' · '),
);
</script>

<template>
    <article
        class="tile"
        :class="[`is-${tile.turn === 'up' && waitsAt ? 'ready' : tile.turn}`, { chosen }]"
        :aria-label="athlete.name"
        :data-athlete="athlete.id"
        @pointerdown="emit('choose')"
        @focusin="emit('choose')"
    >
        <header>
            <button type="button" class="name" :aria-label="`${athlete.name}: more`" @click="emit('open')">{{ calledName(tile) }}</button>
            <SetDots v-if="line && (tile.turn === 'up' || tile.turn === 'rest')" :line="line" />
        </header>

        <TileNotes :tile="tile" :commands="commands" :coach-name="coachName" @keep-both="emit('keepBoth', $event)" />
        <template v-if="tile.turn === 'away'">
            <p class="what">not here</p>
            <div class="foot"><button type="button" class="small plain" @click="emit('here')">Here after all</button></div>
        </template>
        <template v-else-if="tile.turn === 'first'">
            <p class="what">{{ concern?.text ?? 'Pulling is paused. A licensed clinician first.' }}</p>
            <div class="foot">
                <button v-if="undo" type="button" class="plain undo" @click="undo.undo">Undo {{ undo.words }}</button>
                <RouterLink class="plain" :to="link">
                    {{ concern?.kind === 'screen' ? 'Screen' : concern?.kind === 'baselines' ? 'Baselines' : 'Open' }}
                </RouterLink>
            </div>
        </template>
        <template v-else-if="tile.turn === 'done'">
            <p class="what">
                done
                <template v-if="last">· {{ last }}</template>
            </p>
            <div class="foot">
                <button v-if="undo" type="button" class="plain undo" @click="undo.undo">Undo {{ undo.words }}</button>
                <button v-else-if="athlete.gave_out === null" type="button" class="plain" @click="emit('open')">What failed first?</button>
            </div>
        </template>
        <template v-else-if="line">
            <div v-if="!tile.twice" class="about">
                <p class="what">
                    {{ line.rung?.name ?? line.line.name }}
                    <span v-if="line.line.purpose === 'try'" class="mark">strict try, fresh</span>
                    <span v-else-if="line.line.purpose === 'test'" class="mark">test</span>
                    <span v-if="line.line.begun">{{ line.line.begun.reps }} on {{ line.line.begun.name }} first</span>
                    <span v-if="line.line.remark" class="dim">{{ line.line.remark }}</span>
                </p>
                <button v-if="undo" type="button" class="plain undo" @click="undo.undo">Undo {{ undo.words }}</button>
            </div>
            <p v-if="needsOut(line, out)" class="note">out of use today: switch</p>
            <p v-else-if="collision" class="note">{{ collision.what }}</p>
            <p v-else-if="waitsAt && tile.turn === 'up'" class="note quiet">ready, waits for {{ waitsAt }}</p>
            <p v-else-if="capWords(tile)" class="note">{{ capWords(tile) }}</p>
            <p v-else-if="lasts ?? sore ?? wall" class="note quiet">{{ lasts ?? sore ?? wall }}</p>
            <p v-if="then && !tile.twice" class="then">then {{ then }}</p>
            <div class="foot">
                <span v-if="tile.turn === 'rest'" class="counts" role="timer" :aria-label="`Rest of ${athlete.name}`">
                    {{ clock(leftMs / 1000) }}
                </span>
                <TileAction :tile="tile" :commands="commands" :watches="watches" :typed="chosen ? typed : null" />
                <button type="button" class="more" :aria-label="`Another count or note for ${athlete.name}`" @click="emit('open')">
                    ⋯
                </button>
            </div>
            <i v-if="tile.turn === 'rest'" class="bar" aria-hidden="true"><i :style="{ width: `${100 * part}%` }" /></i>
        </template>
    </article>
</template>

<style scoped src="./tile.css"></style>

<script setup lang="ts">
import { computed } from 'vue';
import type { Tile } from '../../domain/floor/tile';
import { timesOf } from '../../domain/sets/lowered';
import { seconds } from '../../domain/units';
import PressButton from '../../parts/PressButton.vue';
import type { Stopwatches } from './useStopwatches';
import type { TileCommands } from './useTileCommands';

/** What one tap does at a tile: logs the set as asked, or runs the stopwatch. */
const props = defineProps<{ tile: Tile; commands: TileCommands; watches: Stopwatches; typed: number | null }>();

const id = computed(() => props.tile.athlete.id);
const line = computed(() => props.tile.now);
const running = computed(() => props.watches.running(id.value));
const lowered = computed(() => props.watches.lowered(id.value));
const halfS = computed(() => props.watches.halfS(id.value));
const unit = computed(() => ({ reps: '', total_reps: '', seconds: ' s', metres: ' m' })[line.value?.line.amount.measure ?? 'reps']);
const aim = computed(() => props.typed ?? props.tile.aim);
/** Of lowerings the watch stays under the thumb until the set is logged: several are timed, one after another. */
const timed = computed(() => {
    if (running.value) {
        return { big: props.watches.elapsedS(id.value).toFixed(1), small: 's, let go or tap' };
    }
    if (line.value?.way === 'hold') {
        return { big: String(props.tile.aim), small: 's, hold to time' };
    }
    const each = seconds(line.value?.rung?.exercise.seconds ?? 3);
    return lowered.value.length === 0
        ? { big: 'Time', small: `hold while they lower, ${aim.value} × ${each}${inAll.value}` }
        : { big: 'Next', small: lowered.value.map((l) => l.seconds.toFixed(1)).join(' ') + ' s' };
});
const inAll = computed(() => (line.value?.inAll ? `, ${line.value.inAll.so_far} of ${line.value.inAll.of} so far` : ''));
const none = computed(() => line.value?.way === 'lowering' && props.tile.loweringsLeft <= 0);
/** A mixed set: the reps it begins with, and what follows on this. */
const begun = computed(() => (line.value?.line.begun ? `${line.value.line.begun.reps} + ` : ''));
const name = computed(() => props.tile.athlete.name);

function log(): void {
    void (line.value?.way === 'beside' ? props.commands.logBeside(props.tile, aim.value) : props.commands.log(props.tile, aim.value));
}

function logLowered(): void {
    const those = [...lowered.value];
    props.watches.clear(id.value);
    void props.commands.log(props.tile, those.length, timesOf(those));
}
</script>

<template>
    <p v-if="none" class="none small" role="status">
        No lowering is left today: {{ tile.athlete.sheet.lowerings.a_session }} a session are the cap.
    </p>
    <span v-else-if="line && (line.way === 'hold' || line.way === 'lowering')" class="split">
        <PressButton class="go watch" :class="{ on: running }" @press="watches.press(id)" @release="watches.release(id)">
            <b>{{ timed.big }}</b>
            <small>{{ timed.small }}</small>
            <span class="unseen">for {{ name }}</span>
        </PressButton>
        <button
            v-if="running && line.way === 'lowering'"
            type="button"
            class="go log"
            :disabled="halfS !== null"
            @pointerdown.prevent="watches.half(id)"
        >
            <b>½</b>
            <small>{{ halfS === null ? 'half way' : `${halfS.toFixed(1)} s` }}</small>
            <span class="unseen">for {{ name }}</span>
        </button>
        <button v-else-if="lowered.length > 0" type="button" class="go log" @click="logLowered">
            <b>{{ lowered.length }}</b>
            <small>log</small>
            <span class="unseen">for {{ name }}</span>
        </button>
    </span>
    <button v-else-if="line" type="button" class="go" :class="{ typed: typed !== null }" @click="log">
        <b>{{ begun }}{{ aim }}{{ unit }}</b>
        <small>{{ typed === null ? 'as asked' : 'log it' }}{{ line.line.per_side ? ', each side' : '' }}{{ inAll }}</small>
        <span class="unseen">for {{ name }}</span>
    </button>
</template>

<style scoped>
.go {
    min-width: 0;
    min-height: 56px;
    border: 1.5px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: none;
    color: inherit;
    font: inherit;
    touch-action: manipulation;
    cursor: pointer;
}

.go {
    display: flex;
    flex: 1;
    flex-wrap: wrap;
    align-items: center;
    justify-content: center;
    gap: 0 7px;
    padding: 2px 8px;
}

.log {
    flex: none;
    min-width: 64px;
}

.watch {
    border-color: var(--color-timber);
    touch-action: none;
    user-select: none;
}

.watch.on,
.typed {
    background: var(--color-timber) !important;
    color: var(--color-ink) !important;
}

.watch.on small,
.typed small {
    color: var(--color-ink) !important;
}

.split {
    display: flex;
    flex: 1;
    gap: 6px;
}

.none {
    flex: 1;
    align-self: center;
    color: var(--color-down);
    font-weight: 600;
}

b {
    font: 700 var(--tile-aim, var(--type-title)) / 1 var(--type-display);
}

small {
    color: var(--color-dust);
    font-size: var(--type-small);
    font-weight: 600;
    line-height: 1.15;
}
</style>

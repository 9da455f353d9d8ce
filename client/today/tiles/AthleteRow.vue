<script setup lang="ts">
import { computed } from 'vue';
import type { Collision } from '../../domain/floor/collisions';
import { calledName, capWords, knownWords, needsOut, type Tile } from '../../domain/floor/tile';
import { clock } from '../../domain/units';
import TileAction from './TileAction.vue';
import type { Stopwatches } from './useStopwatches';
import type { TileCommands } from './useTileCommands';

/** One athlete in one row: who, what and where, the rest, and the one tap. The rest of it opens by the name. */
const props = defineProps<{
    tile: Tile;
    commands: TileCommands;
    watches: Stopwatches;
    nowMs: number;
    /** Whether it is their turn. */
    isUp: boolean;
    waitsAt: string | undefined;
    collision: Collision | undefined;
    /** Gear that is out of use today. */
    out: ReadonlySet<string>;
    chosen: boolean;
    typed: number | null;
}>();
const emit = defineEmits<{ open: []; choose: [] }>();

const line = computed(() => props.tile.now);
const leftS = computed(() => ((props.tile.restEndsAt ?? 0) - props.nowMs) / 1000);
const sets = computed(() => (line.value && line.value.line.sets > 1 ? `${line.value.done + 1} of ${line.value.line.sets}` : ''));
const note = computed(() =>
    needsOut(line.value, props.out)
        ? 'out of use today: switch'
        : (props.collision?.what ??
          capWords(props.tile) ??
          knownWords(props.tile) ??
          (line.value?.line.purpose === 'try' ? 'strict try, fresh' : undefined)),
);
const when = computed(() => (leftS.value > 0 ? clock(leftS.value) : props.isUp ? 'now' : props.waitsAt ? 'waits' : 'ready'));
</script>

<template>
    <article
        class="row"
        :class="{ up: isUp, chosen }"
        :aria-label="tile.athlete.name"
        :data-athlete="tile.athlete.id"
        @pointerdown="emit('choose')"
        @focusin="emit('choose')"
    >
        <button type="button" class="more" @click="emit('open')">
            <span class="who">
                <b>{{ calledName(tile) }}</b>
                <small>{{ sets }}</small>
            </span>
            <span class="what">{{ line?.rung?.name ?? line?.line.name }}</span>
            <span v-if="note" class="note">{{ note }}</span>
            <span class="unseen">: another count or note</span>
        </button>
        <span class="when" :class="{ rests: leftS > 0 }" role="timer" :aria-label="`Rest of ${tile.athlete.name}`">{{ when }}</span>
        <TileAction class="act" :tile="tile" :commands="commands" :watches="watches" :typed="typed" />
    </article>
</template>

<style scoped>
.row {
    --tile-aim: var(--type-wide);

    display: grid;
    grid-template-columns: minmax(0, 1fr) auto 116px;
    gap: 8px;
    align-items: center;
    padding: 3px 4px 3px 8px;
    border: 2px solid transparent;
    border-bottom: 1px solid var(--color-line);
    break-inside: avoid;
}

/* Boxed rows stand apart; the others are a list. */
.row.up {
    margin-bottom: 4px;
    border: 2px solid var(--color-graphite);
    border-radius: var(--radius-small);
    background: var(--color-card);
}

.row.chosen {
    outline: 3px solid var(--color-bark);
}

.more {
    display: grid;
    align-content: center;
    min-height: 52px;
    padding: 0;
    border: 0;
    background: none;
    color: inherit;
    font: inherit;
    text-align: left;
    cursor: pointer;
}

.who b {
    font: 650 var(--type-large) / 1.15 var(--type-display);
}

.who small {
    margin-left: 6px;
    color: var(--color-dust);
    font-weight: 600;
}

.what,
.note {
    color: var(--color-slate);
    font-size: var(--type-small);
    line-height: 1.2;
    overflow-wrap: anywhere;
}

.note {
    color: var(--color-down);
    font-weight: 600;
}

.when {
    min-width: 44px;
    color: var(--color-dust);
    font-size: var(--type-small);
    font-weight: 600;
    text-align: right;
}

.when.rests {
    color: var(--color-bark);
    font: 650 var(--type-wide) / 1 var(--type-display);
}

.act {
    min-height: 52px;
}
</style>

<script setup lang="ts">
import { useWakeLock } from '@vueuse/core';
import { computed, defineAsyncComponent, nextTick, onMounted, ref, watch } from 'vue';
import { isStation } from '../domain/floor/stations';
import type { SheetRung, Tile } from '../domain/floor/tile';
import { isAway } from '../domain/problems';
import ReadNote from '../parts/ReadNote.vue';
import { useEver } from '../composables/useEver';
import type { Read } from '../composables/useRead';
import { useHourOf } from '../composables/useToday';
import AthleteBoard from './tiles/AthleteBoard.vue';
import FloorBar from './FloorBar.vue';
import type { FloorPanel } from './panels/floorPanel';
import NoClass from './NoClass.vue';
import { useClasses } from './useClasses';
import { useFloor } from './useFloor';
import { useFloorKeys } from './useFloorKeys';
import { useRestBell } from './useRestBell';
import { useTurns } from './useTurns';
import { useStopwatches } from './tiles/useStopwatches';
import { useTileCommands } from './tiles/useTileCommands';

/** What is not seen at once is loaded when it is asked for; it is on the device already. */
const FirstDay = defineAsyncComponent(() => import('../first-day/FirstDay.vue'));
const FloorPad = defineAsyncComponent(() => import('./pad/FloorPad.vue'));
const FloorPanels = defineAsyncComponent(() => import('./panels/FloorPanels.vue'));
const StationBoard = defineAsyncComponent(() => import('./tiles/StationBoard.vue'));

const { classes, held, pick, isPickRead } = useClasses();
const floor = useFloor(() => held.value);
const { tiles, places, collisions, nowMs } = floor;
const turns = useTurns(floor);
const { by } = turns;
const hour = useHourOf();
const commands = useTileCommands();
const bell = useRestBell(() => tiles.value);
const awake = useWakeLock();
onMounted(() => void awake.request('screen').catch(() => undefined)); // refused, or none: the bar says so
const panel = ref<FloorPanel>();
const openId = ref<string>();
const [padAsked, panelAsked] = [useEver(() => openId.value !== undefined), useEver(() => panel.value !== undefined)];
const openTile = computed(() => tiles.value.find((t) => t.athlete.id === openId.value));
const tileOfId = (id: string): Tile | undefined => tiles.value.find((t) => t.athlete.id === id);

/** A hold is logged as it ends; a lowering is one of several. */
const watches = useStopwatches((id, seconds) => {
    const tile = tileOfId(id);
    if (tile?.now?.way !== 'hold') {
        return false;
    }
    void commands.logHeld(tile, seconds);
    return true;
});
const keys = useFloorKeys({
    tiles: () => (by.value === 'athlete' ? tiles.value : places.value.flatMap((p) => p.now.map((e) => e.tile))),
    everybody: () => tiles.value,
    commands,
    watches,
    open: (tile) => (openId.value = tile.athlete.id),
    find: () => (panel.value = 'find'),
    isOpen: () => openId.value !== undefined || panel.value !== undefined,
});
/** Either can be undone for ten seconds, like a set. */
function put(tile: Tile, rung: SheetRung | undefined): void {
    const { rung: before, line } = tile.now ?? {};
    floor.switchTo(tile, rung);
    commands.offer(tile.athlete.id, 'the switch', async () =>
        floor.switchTo(tile, before && before.key !== line?.rung?.key ? before : undefined),
    );
}

function away({ athlete }: Tile): void {
    void floor.coming(athlete.id, false);
    commands.offer(athlete.id, 'away', () => floor.coming(athlete.id, true));
}

const leftOver = computed(() => floor.day.value.value?.left_over ?? []);
const out = computed(() => new Set(floor.gear.value.filter((g) => g.out).map((g) => g.id)));
const free = computed(() =>
    floor.gear.value.filter((g) => isStation(g) && !g.out && !places.value.some((p) => p.id === g.id)).map((g) => g.name),
);
/** What was read before does while the server is away; the bar says so. */
const isKnown = (read: Omit<Read<unknown>, 'put'>): boolean =>
    read.value.value !== undefined && (read.problem.value === undefined || isAway(read.problem.value));
watch(
    () => keys.chosenId.value,
    (id) =>
        void nextTick(
            () => id && keys.byKey.value && document.querySelector(`[data-athlete="${id}"]`)?.scrollIntoView({ block: 'nearest' }),
        ),
);
</script>

<template>
    <ReadNote v-if="!isKnown(classes)" :read="classes" waits="Looking for today's class…" />
    <template v-if="classes.value.value && isPickRead">
        <FloorBar
            v-model:by="by"
            v-model:sound="bell.sound.value"
            v-model:buzz="bell.buzz.value"
            :held="held"
            :list="classes.value.value"
            :tiles="tiles"
            :now-ms="nowMs"
            :is-alone="floor.isAlone.value"
            :timetable="floor.timetable.value"
            :can-buzz="bell.canBuzz"
            :awake="awake"
            @pick="pick"
            @open="panel = $event"
        />
        <template v-if="!held">
            <FirstDay v-if="$may('coach')" />
            <NoClass :list="classes.value.value" />
        </template>
        <template v-else>
            <ReadNote v-if="!isKnown(floor.day)" :read="floor.day" waits="Writing everybody's session…" />
            <p v-if="floor.day.value.value && tiles.length === 0" class="card empty">
                Nobody comes to this class yet. Give athletes a tag of it, or
                <button type="button" class="quiet" @click="panel = 'who'">add a walk-in</button>
                .
            </p>
            <p v-if="leftOver.length > 0" class="over" role="status">
                {{ leftOver.length }} more {{ leftOver.length === 1 ? 'is' : 'are' }} down for this class:
                {{ leftOver.map((a) => a.name).join(', ') }}. A floor holds 24.
                <button type="button" class="quiet" @click="panel = 'who'">Who is here</button>
            </p>
            <AthleteBoard
                v-if="tiles.length > 0 && by === 'athlete'"
                :tiles="tiles"
                :commands="commands"
                :watches="watches"
                :now-ms="nowMs"
                :turns="turns"
                :out="out"
                :coach-name="floor.coachName"
                :chosen-id="keys.chosenId.value"
                :by-key="keys.byKey.value"
                :typed="keys.typed.value"
                @choose="keys.choose($event.athlete.id)"
                @open="openId = $event.athlete.id"
                @keep-both="floor.keepBoth"
                @here="floor.coming($event.athlete.id, true)"
            />
            <StationBoard
                v-else-if="tiles.length > 0"
                :out="out"
                :places="places"
                :free="free"
                :tiles="tiles"
                :coach-name="floor.coachName"
                :collisions="collisions"
                :hour="hour"
                :commands="commands"
                :watches="watches"
                :now-ms="nowMs"
                :chosen-id="keys.byKey.value ? keys.chosenId.value : undefined"
                :typed="keys.typed.value"
                @open="openId = $event.athlete.id"
                @move="floor.moveBefore"
                @take="turns.take"
                @keep-both="floor.keepBoth"
            />
            <FloorPad
                v-if="padAsked"
                :tile="openTile"
                :commands="commands"
                :on="held.on"
                :coach-name="floor.coachName"
                @close="openId = undefined"
                @switch="openTile && put(openTile, $event)"
                @away="openTile && away(openTile)"
            />
            <FloorPanels v-if="panelAsked" v-model="panel" :floor="floor" :held="held" :left-over="leftOver" @open="openId = $event" />
        </template>
    </template>
</template>

<style scoped>
.empty,
.over {
    margin: 8px 0;
}

.over {
    color: var(--color-down);
    font-weight: 600;
}
</style>

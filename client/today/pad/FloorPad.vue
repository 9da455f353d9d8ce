<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { FloorSet } from '../../domain/floor/overlay';
import type { SheetRung, Tile } from '../../domain/floor/tile';
import { likely } from '../../domain/units';
import SidePanel from '../../parts/SidePanel.vue';
import { useHourOf } from '../../composables/useToday';
import BesideOnSheet from './BesideOnSheet.vue';
import HowItWent from './HowItWent.vue';
import InsteadList from './InsteadList.vue';
import LineNowCard from './LineNowCard.vue';
import MixedOnFloor from './MixedOnFloor.vue';
import PainOnSheet from './PainOnSheet.vue';
import ShortSet from './ShortSet.vue';
import SetOnSheet from './SetOnSheet.vue';
import SetStrip from './SetStrip.vue';
import SetsOfDay from './SetsOfDay.vue';
import type { TileCommands } from '../tiles/useTileCommands';

/** Everything of one athlete that is not the one tap, on one screen; it speaks of one set, and stays open until it is closed. */
const props = defineProps<{ tile: Tile | undefined; commands: TileCommands; on: string; coachName: (id: string | null) => string }>();
const emit = defineEmits<{ close: []; switch: [rung: SheetRung | undefined]; away: [] }>();

const hour = useHourOf();
const open = computed(() => props.tile !== undefined);
/** While something comes first nothing is to be done: what was done before it is taken down on the athlete's page. */
const line = computed(() => (props.tile?.turn === 'first' ? undefined : props.tile?.now));
const view = ref<'set' | 'pain' | 'instead'>('set');
/** The second in which the set was done that it speaks of; none: the one to do. */
const about = ref<number>();
/** Grows with every pick, so that keys are laid out anew then and only then. */
const picks = ref(0);

const secondOf = (set: { performed_at: string }): number => Math.floor(Date.parse(set.performed_at) / 1000);
const sets = computed(() => (props.tile?.athlete.sets ?? []).filter((s) => s.part_of === null));
const set = computed(() => sets.value.find((s) => secondOf(s) === about.value));
const isHeld = computed(() => (set.value ? set.value.clean_reps === null : line.value?.way === 'hold'));
const todo = computed(() => {
    const { value: now } = line;
    if (!now || now.way === 'beside') {
        return sets.value.length > 0 && now ? 'next' : undefined;
    }
    return set.value ? 'next' : `set ${now.done + 1} of ${now.line.sets}`;
});
const undo = computed(() => props.tile && props.commands.undoable(props.tile.athlete.id));
const what = computed(() => {
    if (set.value) {
        return `${set.value.setup_name ?? nameOf(set.value)}, logged ${hour(set.value.performed_at)}`;
    }
    const rung = line.value?.rung;
    return [rung?.name ?? line.value?.line.name, rung?.prediction && likely(rung.prediction)].filter(Boolean).join(' · ');
});
const cautions = computed(() => line.value?.line.cautions.length ?? 0);

function nameOf(of: FloorSet): string {
    const its = props.tile?.lines.find((l) => l.sets.includes(of));
    return its?.rung?.name ?? its?.line.name ?? 'A set';
}

function speakOf(of: FloorSet | undefined): void {
    about.value = of && secondOf(of);
    picks.value += 1;
    view.value = 'set';
}

watch(
    () => props.tile?.athlete.id,
    () => speakOf(props.tile?.turn === 'rest' || props.tile?.turn === 'done' ? props.tile.last : undefined),
    { immediate: true },
);

async function log(count: number): Promise<void> {
    const { tile, commands } = props;
    const made = tile && (await (isHeld.value ? commands.logHeld(tile, count) : commands.log(tile, count, { picked: true })));
    about.value = made && secondOf(made);
}

async function mixed(first: Parameters<TileCommands['logMixed']>[1], then: number): Promise<void> {
    const made = props.tile && (await props.commands.logMixed(props.tile, first, then));
    about.value = made && secondOf(made);
}

function put(rung: SheetRung | undefined): void {
    emit('switch', rung);
    speakOf(undefined);
}
</script>

<template>
    <SidePanel :open="open" :title="tile?.athlete.name ?? ''" @update:open="emit('close')">
        <div v-if="tile" class="stack pad">
            <template v-if="view === 'pain' || tile.turn === 'first'">
                <PainOnSheet :tile="tile" :commands="commands" :on="on" />
            </template>
            <InsteadList v-else-if="view === 'instead' && line" :line="line" @put="put" />
            <template v-else>
                <div class="what">
                    <p>{{ what }}</p>
                    <button v-if="line?.rung && !set" type="button" class="quiet" @click="view = 'instead'">Switch…</button>
                    <button v-if="undo" type="button" class="key undo" @click="undo.undo">Undo {{ undo.words }}</button>
                </div>
                <SetStrip :sets="sets" :picked="set" :todo="todo" :coach-name="coachName" @pick="speakOf" />
                <ShortSet v-if="set" :set="set" :tile="tile" @put="put" />
                <BesideOnSheet v-if="!set && line?.way === 'beside'" :key="line.line.line" :tile="tile" :line="line" :commands="commands" />
                <SetOnSheet
                    v-else-if="set || line"
                    :key="`${tile.athlete.id} ${picks}`"
                    :set="set"
                    :is-held="isHeld"
                    :tile="tile"
                    :commands="commands"
                    @log="log"
                />
                <details v-if="line">
                    <summary>
                        The set-up and its drawing{{ cautions > 0 ? `, ${cautions} ${cautions === 1 ? 'caution' : 'cautions'}` : '' }}
                    </summary>
                    <LineNowCard :key="`${tile.athlete.id} ${line.rung?.key}`" :athlete-id="tile.athlete.id" :line="line" />
                </details>
                <MixedOnFloor v-if="line?.way === 'reps' && line.line.others.length > 0" :key="line.line.line" :line="line" @log="mixed" />
                <details :open="tile.turn === 'done'">
                    <summary>How it went</summary>
                    <HowItWent :tile="tile" :commands="commands" :on="on" />
                </details>
            </template>
            <details>
                <summary>
                    All of today{{ tile.setsLeft > 0 ? `, ${tile.setsLeft} ${tile.setsLeft === 1 ? 'set' : 'sets'} left` : '' }}
                </summary>
                <SetsOfDay :tile="tile" :coach-name="coachName" @correct="speakOf" />
            </details>
            <RouterLink class="tap" :to="`/people/${tile.athlete.id}`">Page of {{ tile.athlete.name }}</RouterLink>
        </div>
        <template #foot>
            <div v-if="tile" class="foot">
                <button v-if="view === 'set' && tile.turn !== 'first'" type="button" class="key pain" @click="view = 'pain'">Pain…</button>
                <button v-else-if="tile.turn !== 'first'" type="button" class="key" @click="view = 'set'">Back</button>
                <button type="button" class="key" @click="(emit('away'), emit('close'))">Away</button>
                <button type="button" class="key" @click="emit('close')">Close</button>
            </div>
        </template>
    </SidePanel>
</template>

<style scoped src="../keys.css"></style>
<style scoped src="./pad.css"></style>

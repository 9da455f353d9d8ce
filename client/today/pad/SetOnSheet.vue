<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core';
import { computed, onScopeDispose, reactive, ref } from 'vue';
import type { Change } from '../../domain/sets/correction';
import type { FloorSet } from '../../domain/floor/overlay';
import type { Tile } from '../../domain/floor/tile';
import { faultWords, noCountWordsTo, type NoCountReason } from '../../domain/words';
import ChipRow from '../../parts/ChipRow.vue';
import { useSession } from '../../composables/useSession';
import { left, reserveChips } from '../../log/counts';
import SecondsForm from '../../log/held/SecondsForm.vue';
import CountKeys from './CountKeys.vue';
import CountStepper from './CountStepper.vue';
import type { TileCommands } from '../tiles/useTileCommands';

/** One set as it was seen. The one to do is logged by its count; each tap then tells more, and a moment later the log has it as a correction. */
const props = defineProps<{ set: FloorSet | undefined; isHeld: boolean; tile: Tile; commands: TileCommands }>();
const emit = defineEmits<{ log: [count: number] }>();

type Fault = keyof typeof faultWords;

const KEEP_MS = 900;
/** What is seen most often stands first; the others are behind "More…" until they were seen. */
const OFTEN: ReadonlySet<string> = new Set(['short-at-top', 'short-at-bottom', 'shoulders-up', 'legs-kick', 'chin-reaches', 'hips-sag']);

const told = reactive<{ change: Change | undefined }>({ change: undefined });
const seen = computed(() => ({ ...props.set, ...told.change }));
const all = ref(false);
const session = useSession();
const noCounts = computed(() => (seen.value.no_counts ?? {}) as Partial<Record<NoCountReason, number>>);
const reasons = computed(() =>
    (Object.entries(noCountWordsTo(session.me?.pull_top)) as [NoCountReason, string][]).filter(
        ([reason]) => all.value || OFTEN.has(reason) || noCounts.value[reason],
    ),
);
const saw = computed(() => (seen.value.faults ?? []) as Fault[]);
const faults = computed(() =>
    (Object.entries(faultWords) as [Fault, string][])
        .filter(([fault]) => all.value || OFTEN.has(fault) || saw.value.includes(fault))
        .map(([value, label]) => ({ value, label })),
);
const figure = computed(() => (props.set === undefined ? null : (seen.value.clean_reps ?? seen.value.hang_s ?? null)));

function keep(): void {
    const { change } = told;
    told.change = undefined;
    if (change && props.set) {
        void props.commands.correct(props.tile, props.set, change);
    }
}
const soon = useDebounceFn(keep, KEEP_MS);

function tell(change: Change): void {
    told.change = { ...told.change, ...change };
    void soon();
}

function count(value: number): void {
    if (props.set === undefined) {
        emit('log', value);
    } else {
        tell(props.isHeld ? { hang_s: value } : { clean_reps: value });
    }
}

const toggle = (fault: Fault): void =>
    tell({ faults: saw.value.includes(fault) ? saw.value.filter((f) => f !== fault) : [...saw.value, fault] });

onScopeDispose(keep);
</script>

<template>
    <CountKeys
        :aim="set === undefined ? tile.aim : (set.clean_reps ?? set.hang_s ?? tile.aim)"
        :asked="set === undefined"
        :value="figure"
        :is-held="isHeld"
        @pick="count"
    />
    <SecondsForm v-if="isHeld && set && seen.hang_s != null" :seconds="seen.hang_s" @keep="tell({ hang_s: $event })" />
    <p v-if="!set" class="small dim">Tap the count and the set is logged; then say more of it here.</p>
    <div class="stack more" :inert="!set" :class="{ waits: !set }">
        <template v-if="!isHeld">
            <ChipRow
                class="reserve"
                label="In reserve"
                show-label
                :chips="reserveChips"
                :unanswered="null"
                :value="set ? (seen.reserve ?? null) : []"
                @pick="tell(left($event))"
            />
            <div class="stack tight" role="group" aria-label="Did not count">
                <span class="small dim" aria-hidden="true">Did not count</span>
                <CountStepper
                    v-for="[reason, label] in reasons"
                    :key="reason"
                    :label="label"
                    :count="noCounts[reason] ?? 0"
                    @count="tell({ no_counts: { ...noCounts, [reason]: $event } })"
                />
            </div>
        </template>
        <ChipRow label="What you saw" show-label :chips="faults" :value="saw" @pick="toggle" />
        <div class="card-head">
            <button v-if="!all" type="button" class="quiet" @click="all = true">More to say of it…</button>
            <button v-if="set" type="button" class="quiet" @click="commands.takeBack(tile.athlete.id, set)">Take it back</button>
        </div>
    </div>
</template>

<style scoped>
.more {
    gap: var(--space-small);
}

.reserve {
    gap: 5px;
}

.reserve :deep(button) {
    flex: 1 1 0;
    padding: 0;
}

.waits {
    opacity: 0.45;
}

.tight {
    gap: 4px;
}
</style>

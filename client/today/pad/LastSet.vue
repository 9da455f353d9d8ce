<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core';
import { computed, onScopeDispose, reactive } from 'vue';
import type { Change } from '../../domain/sets/correction';
import type { FloorSet } from '../../domain/floor/overlay';
import { countWords, type Tile } from '../../domain/floor/tile';
import { faultWords, noCountWordsTo, type NoCountReason } from '../../domain/words';
import ChipRow from '../../parts/ChipRow.vue';
import { useHourOf } from '../../composables/useToday';
import { useSession } from '../../composables/useSession';
import { countChips, left, reserveChips } from '../../log/counts';
import SecondsForm from '../../log/held/SecondsForm.vue';
import type { TileCommands } from '../tiles/useTileCommands';

/** A set of today as it was seen: each tap tells more of it, and a moment later the log has it as a correction. */
const props = defineProps<{ set: FloorSet; tile: Tile; commands: TileCommands }>();

const KEEP_MS = 900;

const counts = countChips(15);
const told = reactive<{ change: Change | undefined }>({ change: undefined });
const seen = computed(() => ({ ...props.set, ...told.change }));
const hour = useHourOf();
const at = computed(() => hour(props.set.performed_at));
const session = useSession();
const words = computed(() => noCountWordsTo(session.me?.pull_top));
const noCounts = computed(() =>
    Object.entries(words.value).map(([value, label]) => ({
        value: value as NoCountReason,
        label: seen.value.no_counts?.[value] ? `${label} ${seen.value.no_counts[value]}` : label,
    })),
);
const faults = Object.entries(faultWords).map(([value, label]) => ({ value: value as keyof typeof faultWords, label }));

function keep(): void {
    const { change } = told;
    told.change = undefined;
    if (change) {
        void props.commands.correct(props.tile, props.set, change);
    }
}
const soon = useDebounceFn(keep, KEEP_MS);

function tell(change: Change): void {
    told.change = { ...told.change, ...change };
    void soon();
}

function addNoCount(reason: NoCountReason): void {
    const now = (seen.value.no_counts ?? {}) as Record<string, number>;
    tell({ no_counts: { ...now, [reason]: (now[reason] ?? 0) + 1 } });
}

function toggleFault(fault: keyof typeof faultWords): void {
    const now = (seen.value.faults ?? []) as (keyof typeof faultWords)[];
    tell({ faults: now.includes(fault) ? now.filter((f) => f !== fault) : [...now, fault] });
}

onScopeDispose(keep);
</script>

<template>
    <section class="card last" aria-label="Set just logged">
        <h2>
            {{ set.id === tile.last?.id ? 'The last set' : 'That set' }}: {{ countWords(seen) }}
            <small class="dim">{{ at }}</small>
        </h2>
        <template v-if="set.clean_reps !== null">
            <ChipRow
                label="In reserve"
                show-label
                :chips="reserveChips"
                :unanswered="null"
                :value="seen.reserve ?? null"
                @pick="tell(left($event))"
            />
            <ChipRow label="No-count" show-label :chips="noCounts" :value="null" @pick="addNoCount" />
        </template>
        <ChipRow label="Faults" show-label :chips="faults" :value="seen.faults ?? []" @pick="toggleFault" />
        <details v-if="set.clean_reps !== null">
            <summary>It was another count</summary>
            <ChipRow label="Clean reps of that set" :chips="counts" :value="seen.clean_reps ?? null" @pick="tell({ clean_reps: $event })" />
        </details>
        <details v-else-if="seen.hang_s != null">
            <summary>It was another time</summary>
            <SecondsForm :seconds="seen.hang_s" @keep="tell({ hang_s: $event })" />
        </details>
        <button type="button" class="quiet" @click="commands.takeBack(tile.athlete.id, set)">Take it back</button>
    </section>
</template>

<style scoped>
.last {
    display: grid;
    gap: 8px;
    padding: 10px 14px;
}

h2 {
    font-size: var(--type-large);
}

summary {
    min-height: 44px;
    align-content: center;
}
</style>

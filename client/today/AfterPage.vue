<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed } from 'vue';
import { v7 as uuidv7 } from 'uuid';
import CallRow from '../decisions/CallRow.vue';
import { withWaiting } from '../domain/floor/overlay';
import { countWords, tileOf, type Tile } from '../domain/floor/tile';
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import { gaveOutWords, verdicts } from '../domain/words';
import { countChips } from '../log/counts';
import CallMark from '../parts/marks/CallMark.vue';
import ChipRow from '../parts/ChipRow.vue';
import PageHead from '../parts/PageHead.vue';
import ReadNote from '../parts/ReadNote.vue';
import { dayKey } from '../composables/reads';
import { useCommandQueue } from '../composables/useCommandQueue';
import { useRead } from '../composables/useRead';

/** After a class: who did what, what was left, what gave out, how hard it was; and its calls, decided here. */
const props = defineProps<{ class: string; on: string }>();

const queue = useCommandQueue();
const path = () => ({ class: props.class, on: props.on });
const floor = useRead(
    () => dayKey(props.class, props.on),
    () => outcome(api.GET('/api/v1/classes/{class}/days/{on}', { params: { path: path() } })),
);

const tiles = computed(() => (floor.value.value ? withWaiting(floor.value.value, queue.waiting).map((a) => tileOf(a, 0)) : []));
const came = computed(() => tiles.value.filter((t) => t.athlete.sets.length + t.athlete.beside.length > 0));
const missing = computed(() => tiles.value.filter((t) => t.athlete.sets.length + t.athlete.beside.length === 0));
const whose = computed(() => came.value.map((t) => t.athlete.id).join(','));
const calls = useRead(
    () => ['calls', 'of', whose.value],
    () => outcome(api.GET('/api/v1/calls', { params: { query: { athletes: whose.value } } })),
    { enabled: () => whose.value !== '', previous: true },
);
const mine = computed(() => calls.value.value?.items ?? []);
/** By verdict, the most urgent first. */
const byVerdict = computed(() =>
    verdicts
        .map((verdict) => ({ verdict, calls: mine.value.filter((c) => c.call.verdict === verdict) }))
        .filter((group) => group.calls.length > 0),
);
const gaveOut = Object.entries(gaveOutWords).map(([value, label]) => ({ value: value as keyof typeof gaveOutWords, label }));
const efforts = countChips(10, 1);
const done = (tile: Tile): string[] =>
    tile.lines
        .filter((l) => l.done > 0)
        .map(
            (l) =>
                `${l.rung?.name ?? l.line.name}: ${l.sets.length > 0 ? l.sets.map(countWords).join(' ') : `${l.done} of ${l.line.sets}`}`,
        );
/** What else was done: all of it, where nothing was written. */
const extra = (tile: Tile): string => tile.extra.map((s) => `${s.setup_name ?? 'A set'}: ${countWords(s)}`).join(', ');
const told = ({ athlete }: Tile): string =>
    [athlete.gave_out && `${gaveOutWords[athlete.gave_out]} failed first`, athlete.effort && `${athlete.effort} of 10`]
        .filter(Boolean)
        .join(', ');
const isWide = useMediaQuery('(min-width: 961px)');
const left = (tile: Tile): string[] =>
    tile.lines.filter((l) => l.left > 0).map((l) => `${l.line.name}${l.done > 0 ? `, ${l.left} of ${l.line.sets} sets` : ''}`);
/** Why somebody could not: pulling is paused, or something comes before the first set. */
const whyNot = ({ athlete }: Tile): string | undefined =>
    athlete.paused ? 'pulling is paused' : athlete.sheet.concern?.text.replace(/\.$/, '');
const tell = (id: string, told: { gave_out?: keyof typeof gaveOutWords; effort?: number }): void =>
    void queue.tell(id, { signal: { id: uuidv7(), on: props.on, ...told } });
</script>

<template>
    <PageHead :title="`${floor.value.value?.class.name ?? 'The class'}, ${day(on)}`" :back="{ to: '/today', name: 'Today' }" />
    <ReadNote :read="floor" waits="Reading the class…" />
    <div v-if="floor.value.value" class="stack">
        <section v-if="mine.length > 0" class="card calls" aria-label="Calls of this class">
            <h2>Calls of this class</h2>
            <template v-for="group in byVerdict" :key="group.verdict">
                <h3><CallMark :verdict="group.verdict" /></h3>
                <ul>
                    <CallRow v-for="call in group.calls" :key="call.id" :call="call" :chosen="false" @decided="calls.reload()" />
                </ul>
            </template>
        </section>
        <section class="card" aria-label="Who did what">
            <h2>{{ came.length }} trained</h2>
            <p v-if="came.length === 0" class="dim">Nothing was logged of this class yet.</p>
            <article v-for="tile in came" :key="tile.athlete.id" :aria-label="tile.athlete.name">
                <RouterLink class="tap name" :to="`/people/${tile.athlete.id}`">{{ tile.athlete.name }}</RouterLink>
                <div>
                    <p v-for="line in done(tile)" :key="line">{{ line }}</p>
                    <p v-if="tile.extra.length > 0">{{ tile.lines.some((l) => l.done > 0) ? 'besides: ' : '' }}{{ extra(tile) }}</p>
                    <p v-if="left(tile).length > 0" class="small dim">left: {{ left(tile).join('; ') }}</p>
                </div>
                <details class="told" :open="isWide">
                    <summary>{{ told(tile) || 'What failed first, and how hard?' }}</summary>
                    <ChipRow
                        label="What failed first?"
                        show-label
                        :chips="gaveOut"
                        :value="tile.athlete.gave_out"
                        @pick="tell(tile.athlete.id, { gave_out: $event })"
                    />
                    <ChipRow
                        label="How hard, out of 10"
                        show-label
                        :chips="efforts"
                        :value="tile.athlete.effort"
                        @pick="tell(tile.athlete.id, { effort: $event })"
                    />
                </details>
            </article>
            <p class="small dim">How sore they are is asked at their next class, a tap on each name.</p>
        </section>
        <section v-if="missing.length > 0" class="card" aria-label="Who did not train">
            <h2>{{ missing.length }} did not train</h2>
            <p>
                {{ missing.map((t) => `${t.athlete.name}${whyNot(t) ? ` (${whyNot(t)})` : ''}`).join(', ') }}
            </p>
        </section>
    </div>
</template>

<style scoped>
article {
    display: grid;
    grid-template-columns: 170px minmax(0, 1fr) minmax(0, 560px);
    gap: 4px 16px;
    align-items: start;
    padding: 10px 0;
    border-top: 1px solid var(--color-line);
}

h2 {
    margin-bottom: 6px;
}

.name {
    font-weight: 650;
    text-decoration: none;
}

.told[open] {
    display: grid;
    gap: 6px;
}

summary {
    min-height: var(--target);
    align-content: center;
    color: var(--color-slate);
}

@media screen and (min-width: 961px) {
    summary {
        display: none;
    }
}

.calls {
    padding: 12px 0 0;
}

.calls h2,
.calls h3 {
    padding: 0 16px;
}

.calls h3 {
    margin-top: 8px;
}

.calls ul {
    list-style: none;
}

@media screen and (max-width: 960px) {
    article {
        grid-template-columns: minmax(0, 1fr);
    }
}

@media print {
    .told {
        display: none;
    }
}
</style>

<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import { useRoute } from 'vue-router';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import { floorWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import ChipRow from '../parts/ChipRow.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import UndoBar from '../parts/UndoBar.vue';
import { useUndo } from '../composables/useUndo';
import BandBench from './BandBench.vue';
import GearEditor from './GearEditor.vue';
import InspectionLog from './InspectionLog.vue';
import KitList, { type Open } from './KitList.vue';

const kit = useRead(['kit'], () => outcome(api.GET('/api/v1/kit')));
const route = useRoute();
const asked = typeof route.query.band === 'string' ? ({ kind: 'band', id: route.query.band } as const) : undefined;
const picked = ref<Open | undefined>(asked);
/** Whom the bench helps stays chosen from band to band. */
const athlete = ref<string | null>(null);
const bar = ref<string | null>(null);
const detail = ref<HTMLElement>();

const open = computed((): Open => picked.value ?? { kind: 'band', id: kit.value.value?.bands[0]?.id ?? null });
const band = computed(() => kit.value.value?.bands.find((b) => b.id === open.value.id));
const gear = computed(() => kit.value.value?.gear.find((g) => g.id === open.value.id));

/** A new editor for each pick; saving keeps the one that is open, with what was typed meanwhile. */
const picks = ref(0);

function pick(what: Open): void {
    picked.value = what;
    picks.value++;
    if (window.matchMedia('(max-width: 720px)').matches) {
        detail.value?.scrollIntoView();
    }
}

const floors = (Object.keys(floorWords) as (keyof typeof floorWords)[]).map((value) => ({ value, label: floorWords[value] }));
const floorProblem = shallowRef<Problem>();

async function putFloor(floor: keyof typeof floorWords): Promise<void> {
    const result = await outcome(api.PUT('/api/v1/kit/floor', { body: { floor } }));
    floorProblem.value = result.ok ? undefined : result.problem;
    await kit.reload();
}

const retired = useUndo();

async function reopen(): Promise<void> {
    await kit.reload();
    picks.value++;
}

function saved(id: string): void {
    picked.value = { kind: open.value.kind, id };
}
</script>

<template>
    <h1 class="unseen">Kit</h1>
    <ReadNote :read="kit" waits="Loading the kit…" />
    <div v-if="kit.value.value" class="columns">
        <div class="stack">
            <KitList :kit="kit.value.value" :open="open" @pick="pick" />
            <section class="card stack floor" aria-label="Floor" :inert="!$may('kit')">
                <h2>Floor under the rows</h2>
                <ChipRow label="What the floor is of" :chips="floors" :value="kit.value.value.floor" @pick="putFloor" />
                <p class="small dim">Slippery here? Block the heels: rows that would slip stand in a ladder only then.</p>
                <ProblemNote v-if="floorProblem" :problem="floorProblem" />
            </section>
        </div>
        <div ref="detail" class="stack" :class="{ beside: open.kind !== 'band' }">
            <template v-if="open.kind === 'band'">
                <BandBench
                    :key="`band-${picks}`"
                    v-model:athlete="athlete"
                    v-model:bar="bar"
                    :band="band"
                    :kit="kit.value.value"
                    @saved="saved"
                    @reopen="reopen"
                    @retired="retired.offer"
                />
                <InspectionLog v-if="band" :key="`log-${band.id}`" :band="band" />
                <CautionNote :moments="['band']" />
            </template>
            <template v-else>
                <GearEditor
                    :key="`${open.kind}-${picks}`"
                    :kind="open.kind"
                    :gear="gear"
                    @saved="saved"
                    @reopen="reopen"
                    @retired="retired.offer"
                />
                <CautionNote :moments="['gear']" />
            </template>
        </div>
    </div>
    <UndoBar :action="retired.offered.value" @undo="retired.take" />
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: minmax(0, 290px) minmax(0, 1fr);
    gap: var(--space-wide);
    align-items: start;
}

/* What is picked far down the list is seen where one looks. */
@media screen and (min-width: 721px) {
    .beside {
        position: sticky;
        top: var(--space-base);
        max-height: calc(100dvh - 2 * var(--space-base));
        overflow-y: auto;
    }
}

@media screen and (max-width: 720px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

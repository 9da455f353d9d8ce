<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { api, outcome } from '../domain/http';
import CautionNote from '../parts/CautionNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../parts/useRead';
import BandBench from './BandBench.vue';
import GearEditor from './GearEditor.vue';
import InspectionLog from './InspectionLog.vue';
import KitList, { type Open } from './KitList.vue';

const kit = useRead(['kit'], () => outcome(api.GET('/api/kit')));
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

async function saved(id: string): Promise<void> {
    await kit.reload();
    picked.value = { kind: open.value.kind, id };
}
</script>

<template>
    <h1 class="unseen">Kit</h1>
    <ReadNote :read="kit" waits="Loading the kit…" />
    <div v-if="kit.value.value" class="columns">
        <KitList :kit="kit.value.value" :open="open" @pick="pick" />
        <div ref="detail" class="stack">
            <template v-if="open.kind === 'band'">
                <BandBench :key="`band-${picks}`" v-model:athlete="athlete" v-model:bar="bar" :band="band" :kit="kit.value.value" @saved="saved" />
                <InspectionLog v-if="band" :key="`log-${band.id}`" :band="band" @inspected="kit.reload" />
                <CautionNote :moments="['band']" />
            </template>
            <template v-else>
                <GearEditor :key="`${open.kind}-${picks}`" :kind="open.kind" :gear="gear" @saved="saved" />
                <CautionNote :moments="['gear']" />
            </template>
        </div>
    </div>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: minmax(0, 290px) minmax(0, 1fr);
    gap: var(--space-wide);
    align-items: start;
}

@media (max-width: 720px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { api, outcome } from '../domain/http';
import { length } from '../domain/units';
import { statusWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useLoad } from '../parts/useLoad';
import BandEditor from './BandEditor.vue';
import BarEditor from './BarEditor.vue';

const kit = useLoad(() => outcome(api.GET('/api/kit')));
const bars = computed(() => kit.value.value?.bars ?? []);
const bands = computed(() => kit.value.value?.bands ?? []);

const open = ref<{ kind: 'bar' | 'band'; id: string | null }>();
const bar = computed(() => bars.value.find((b) => b.id === open.value?.id));
const band = computed(() => bands.value.find((b) => b.id === open.value?.id) ?? (open.value ? undefined : bands.value[0]));
const shownKind = computed(() => open.value?.kind ?? (bands.value.length > 0 ? 'band' : undefined));

async function saved(id: string): Promise<void> {
    await kit.reload();
    open.value = { kind: shownKind.value ?? 'band', id };
}
</script>

<template>
    <div class="page-head"><h1>Kit</h1></div>
    <ProblemNote v-if="kit.problem.value" :problem="kit.problem.value" retry @retry="kit.reload" />
    <p v-else-if="!kit.value.value" class="dim">Loading the kit…</p>
    <div v-else class="columns">
        <div class="stack">
            <section class="card" aria-label="Bands">
                <div class="page-head head">
                    <h2>Bands</h2>
                    <NButton @click="open = { kind: 'band', id: null }">Add a band</NButton>
                </div>
                <p v-if="bands.length === 0" class="dim">
                    No bands yet. Add one: width, thickness and hung length are enough for an estimate; readings of a hanging scale make it sure.
                </p>
                <ul class="list">
                    <li v-for="item in bands" :key="item.id">
                        <button type="button" :aria-current="item.id === band?.id && shownKind === 'band'" @click="open = { kind: 'band', id: item.id }">
                            <svg viewBox="0 0 26 26" width="26" height="26" aria-hidden="true">
                                <path d="M9 3v20M17 3v20" stroke="var(--color-graphite)" :stroke-width="Math.max(1.2, item.width_mm / 14)" />
                            </svg>
                            <strong>{{ item.name }}</strong>
                            <span class="small dim">{{ item.retired ? 'Retired' : statusWords[item.curve.status] }}</span>
                        </button>
                    </li>
                </ul>
            </section>
            <section class="card" aria-label="Bars">
                <div class="page-head head">
                    <h2>Bars</h2>
                    <NButton @click="open = { kind: 'bar', id: null }">Add a bar</NButton>
                </div>
                <p v-if="bars.length === 0" class="dim">No bars yet. Add one with its height above the floor.</p>
                <ul class="list">
                    <li v-for="item in bars" :key="item.id">
                        <button type="button" :aria-current="item.id === bar?.id" @click="open = { kind: 'bar', id: item.id }">
                            <svg viewBox="0 0 26 26" width="26" height="26" aria-hidden="true">
                                <path d="M2 7h22M5 7v17M21 7v17" fill="none" stroke="var(--color-graphite)" stroke-width="2" />
                            </svg>
                            <strong>{{ item.name }}</strong>
                            <span class="small dim">{{ item.retired ? 'Retired' : length(item.height_m) }}</span>
                        </button>
                    </li>
                </ul>
            </section>
        </div>
        <div class="stack">
            <BarEditor v-if="shownKind === 'bar'" :key="`bar-${open?.id}`" :bar="bar" @saved="saved" />
            <BandEditor v-else-if="shownKind === 'band'" :key="`band-${band?.id}`" :band="band" @saved="saved" />
            <CautionNote :moments="shownKind === 'bar' ? ['gear'] : ['band']" />
        </div>
    </div>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: minmax(260px, 340px) minmax(0, 1fr);
    gap: var(--space-wide);
    align-items: start;
}

.head {
    margin-bottom: var(--space-small);
}

.list {
    list-style: none;
}

.list button {
    display: grid;
    grid-template-columns: 30px 1fr auto;
    align-items: center;
    gap: var(--space-small);
    width: 100%;
    min-height: var(--target);
    padding: 0 8px;
    border: 0;
    border-radius: var(--radius-small);
    background: none;
    color: inherit;
    font: inherit;
    text-align: left;
    cursor: pointer;
}

.list button:hover {
    background: var(--color-sunk);
}

.list button[aria-current='true'] {
    background: var(--color-ply);
}

.list button[aria-current='true'] .dim {
    color: var(--color-slate);
}

@media (max-width: 720px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

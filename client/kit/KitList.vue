<script setup lang="ts">
import { NButton } from 'naive-ui';
import { figureText, gearKinds, gearWords, type GearKind, type Kit } from '../domain/gear';
import { statusWords } from '../domain/words';

export type Open = { kind: GearKind | 'band'; id: string | null };

defineProps<{ kit: Kit; open: Open | undefined }>();
const emit = defineEmits<{ pick: [open: Open] }>();

const PATHS: Record<GearKind, string> = {
    bar: 'M2 7h22M5 7v17M21 7v17',
    rings: 'M8 2v10M18 2v10M8 12a4 4 0 1 0 .1 0M18 12a4 4 0 1 0 .1 0',
    box: 'M4 10h18v13H4z',
    plate: 'M3 17h20v5H3z',
    weight: 'M13 4a9 9 0 1 0 .1 0M13 11a2 2 0 1 0 .1 0',
    machine: 'M6 3v20M20 3v20M6 3h14M10 14h6v8h-6zM13 3v11',
};
</script>

<template>
    <nav class="card list" aria-label="Gear">
        <section aria-label="Bands">
            <div class="card-head">
                <h2>Bands</h2>
                <NButton v-if="$may('kit')" size="small" aria-label="Add a band" @click="emit('pick', { kind: 'band', id: null })">
                    Add
                </NButton>
            </div>
            <p v-if="kit.bands.length === 0" class="dim small">
                No bands yet. Width, thickness and hung length are enough for an estimate; readings of a hanging scale make it sure.
            </p>
            <ul>
                <li v-for="item in kit.bands" :key="item.id">
                    <button
                        type="button"
                        :aria-current="open?.kind === 'band' && item.id === open.id"
                        @click="emit('pick', { kind: 'band', id: item.id })"
                    >
                        <svg viewBox="0 0 26 26" width="24" height="24" aria-hidden="true">
                            <path d="M9 3v20M17 3v20" stroke="var(--color-graphite)" :stroke-width="Math.max(1.2, item.width_mm / 14)" />
                        </svg>
                        <strong>{{ item.name }}</strong>
                        <span class="small dim">
                            <b v-if="!item.retired && item.wear.due" class="due">due ·</b>
                            {{ item.retired ? 'Retired' : statusWords[item.curve.status] }}
                        </span>
                    </button>
                </li>
            </ul>
        </section>
        <section v-for="kind in gearKinds" :key="kind" :aria-label="gearWords[kind].many">
            <div class="card-head">
                <h2>{{ gearWords[kind].many }}</h2>
                <NButton
                    v-if="$may('kit')"
                    size="small"
                    :aria-label="`Add a ${gearWords[kind].one}`"
                    @click="emit('pick', { kind, id: null })"
                >
                    Add
                </NButton>
            </div>
            <ul>
                <li v-for="item in kit.gear.filter((g) => g.figures.kind === kind)" :key="item.id">
                    <button type="button" :aria-current="item.id === open?.id" @click="emit('pick', { kind, id: item.id })">
                        <svg viewBox="0 0 26 26" width="24" height="24" aria-hidden="true">
                            <path :d="PATHS[kind]" fill="none" stroke="var(--color-graphite)" stroke-width="2" />
                        </svg>
                        <strong>{{ item.name }}</strong>
                        <span class="small dim">{{ item.retired ? 'Retired' : figureText(item) }}</span>
                    </button>
                </li>
            </ul>
        </section>
    </nav>
</template>

<style scoped>
.list {
    display: grid;
    gap: var(--space-base);
    padding: var(--space-base);
}

ul {
    list-style: none;
}

li button {
    display: grid;
    grid-template-columns: 26px 1fr auto;
    align-items: center;
    gap: var(--space-small);
    width: 100%;
    min-height: 40px;
    padding: 0 6px;
    border: 0;
    border-radius: var(--radius-small);
    background: none;
    color: inherit;
    font: inherit;
    text-align: left;
    cursor: pointer;
}

li button:hover {
    background: var(--color-sunk);
}

li button[aria-current='true'] {
    background: var(--color-ply);
}

li button[aria-current='true'] .dim {
    color: var(--color-slate);
}

.due {
    color: var(--color-down);
}

@media screen and (max-width: 720px) {
    li button {
        min-height: var(--target);
    }
}
</style>

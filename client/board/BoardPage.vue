<script setup lang="ts">
import { useWakeLock, useWindowSize } from '@vueuse/core';
import { computed, onMounted } from 'vue';
import { wallKept } from '../domain/floor/board';
import { hourIn } from '../domain/units';
import { useTick } from '../composables/useTick';
import BoardColumn from './BoardColumn.vue';
import EnterCode from './EnterCode.vue';
import { useBoard } from './useBoard';

/** A class on the wall: athletes find themselves, and nobody can change anything. */
const TICK_MS = 500;
const PAGE_MS = 12_000;
/** A column as wide as a name of this size needs, in parts of the screen's height. */
const LEAST_WIDTH = 0.4;
const LETTER_WIDTH = 0.049;
const PADDING = 0.07;

const wall = useBoard();
const nowMs = useTick(TICK_MS);
const { width, height } = useWindowSize();
const awake = useWakeLock();
onMounted(() => void awake.request('screen').catch(() => undefined)); // a screen that is set to stay on needs none

const held = computed(() => wall.board.value?.class);
const placed = computed(() => (held.value?.id, wallKept()));
const columns = computed(() => (wall.board.value ? placed.value(wall.board.value, nowMs.value) : []));
const longest = computed(() => Math.max(0, ...(wall.board.value?.athletes ?? []).map((a) => a.name?.length ?? 0)));
const fit = computed(() =>
    Math.max(1, Math.floor(width.value / (height.value * Math.max(LEAST_WIDTH, longest.value * LETTER_WIDTH + PADDING)))),
);
const pages = computed(() => Math.ceil(columns.value.length / fit.value));
const page = computed(() => (pages.value > 1 ? Math.floor(nowMs.value / PAGE_MS) % pages.value : 0));
/** About as many on each, so that no page stands half empty. */
const from = (of: number): number => Math.floor((of * columns.value.length) / Math.max(1, pages.value));
const shown = computed(() => columns.value.slice(from(page.value), from(page.value + 1)));

const hour = (moment: number | string): string => hourIn(wall.board.value?.timezone, moment);
const begins = computed(() => (held.value && Date.parse(held.value.starts_at) > nowMs.value ? `begins ${hour(held.value.starts_at)}` : ''));
</script>

<template>
    <main class="wall by-night">
        <EnterCode v-if="!wall.hasCode.value" :problem="wall.problem.value" @enter="wall.enter" />
        <p v-else-if="!wall.board.value" class="waits" role="status">
            {{ wall.isAlone.value ? 'No connection. Trying again…' : 'Opening the board…' }}
        </p>
        <template v-else>
            <header>
                <h1>{{ held?.name }}</h1>
                <p v-if="wall.isAlone.value" class="alone" role="status">no connection: as it was last</p>
                <p v-else class="hint">{{ begins || 'find your name; ask if unsure' }}</p>
                <p v-if="pages > 1" class="page">page {{ page + 1 }} of {{ pages }}</p>
                <time>{{ hour(nowMs) }}</time>
            </header>
            <p v-if="columns.length === 0" class="waits">Nobody has a set left to do.</p>
            <div v-else class="columns" :style="{ gridTemplateColumns: `repeat(${shown.length}, minmax(0, 1fr))` }">
                <BoardColumn v-for="column in shown" :key="column.key" :column="column" :now-ms="nowMs" />
            </div>
        </template>
    </main>
</template>

<style scoped src="./board.css"></style>

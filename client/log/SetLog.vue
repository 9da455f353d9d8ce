<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { NButton, NPopover } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import { noCountWords, painWords, type NoCountReason } from '../domain/words';
import { counted, linesOf } from './lines';
import WhatDone from './WhatDone.vue';

type LoggedSet = Schemas['Set'];

const props = defineProps<{ sets: readonly LoggedSet[]; older: boolean }>();
const emit = defineEmits<{ older: []; takeBack: [setId: string]; correct: [set: LoggedSet] }>();

const lines = computed(() => linesOf(props.sets, (set) => set));

/** The last sessions are what a coach looks at; the rest is a tap away. */
const LAST = { usual: 3, wide: 12 };
const wide = useMediaQuery('(min-width: 1600px) and (min-height: 1000px)');
const whole = ref(false);
const shown = computed(() => (whole.value ? lines.value : lines.value.slice(0, LAST[wide.value ? 'wide' : 'usual'])));

const missedCount = (set: LoggedSet): number => Object.values(set.no_counts).reduce((sum, n) => sum + n, 0);
const missed = (set: LoggedSet): string =>
    Object.entries(set.no_counts)
        .map(([reason, n]) => `${noCountWords[reason as NoCountReason]} ${n}`)
        .join(', ');
</script>

<template>
    <section class="card log" aria-label="Log">
        <h2 class="unseen">Log</h2>
        <p v-if="sets.length === 0" class="dim">Nothing logged yet.</p>
        <ul class="lines">
            <li v-for="line in shown" :key="line.key">
                <span class="when">{{ day(line.first.trained_on) }}</span>
                <WhatDone class="what" :set="line.first" />
                <span class="sets">
                    <NPopover v-for="set in line.all" :key="set.id" trigger="click" placement="bottom">
                        <template #trigger>
                            <button type="button" :class="{ pain: set.pain }">
                                <span aria-hidden="true">{{ counted(set) }}</span>
                                <i v-if="set.pain" aria-hidden="true">!</i>
                                <small v-if="missed(set)" aria-hidden="true">−{{ missedCount(set) }}</small>
                                <span class="unseen">
                                    {{
                                        `${counted(set)}${set.pain ? ', with pain' : ''}${missed(set) ? `, ${missedCount(set)} not counted` : ''}, open`
                                    }}
                                </span>
                            </button>
                        </template>
                        <div class="stack">
                            <p>
                                <strong>{{ counted(set) }} {{ set.hang_s === null ? 'clean' : 'hang' }}</strong>
                                <template v-if="set.splits_s.length > 0">
                                    , {{ set.splits_s.map((s) => Math.round(s)).join(' ') }} s down{{
                                        set.uneven > 0 ? `, ${set.uneven} uneven` : ''
                                    }}
                                </template>
                                <template v-if="set.hang_s === null">
                                    , {{ set.to_failure ? 'to failure' : `${set.reserve ?? 'unknown'} in reserve` }}
                                </template>
                                <template v-if="set.asked_reps !== null">; {{ set.asked_reps }} asked</template>
                            </p>
                            <p v-if="set.taught">{{ set.taught }}</p>
                            <p v-if="missed(set)">No-counts: {{ missed(set) }}</p>
                            <p v-if="set.pain">{{ painWords(set.pain) }}{{ set.pain_undone ? '; undone, tapped by mistake' : '' }}</p>
                            <p v-if="set.note">{{ set.note }}</p>
                            <p v-if="set.damaged" role="alert">Part of this set cannot be read any more.</p>
                            <div class="row">
                                <NButton v-if="!set.damaged" size="small" @click="emit('correct', set)">Correct</NButton>
                                <NButton size="small" @click="emit('takeBack', set.id)">Take back</NButton>
                            </div>
                        </div>
                    </NPopover>
                </span>
            </li>
        </ul>
        <button v-if="!whole && (lines.length > shown.length || older)" type="button" class="quiet small" @click="whole = true">
            The whole log
        </button>
        <NButton v-else-if="older" class="older" @click="emit('older')">Older sets</NButton>
    </section>
</template>

<style scoped>
.log {
    padding-block: 6px 0;
}

.lines {
    list-style: none;
}

.lines li {
    display: grid;
    grid-template-columns: 84px minmax(150px, 1fr) minmax(0, auto);
    min-height: 32px;
    align-items: center;
    gap: var(--space-small);
    border-bottom: 1px solid var(--color-line);
}

.when {
    color: var(--color-dust);
    font-size: var(--type-small);
}

.sets small {
    display: block;
}

.sets button small {
    color: var(--color-dust);
    font-size: var(--type-small);
    font-weight: 400;
}

.sets {
    display: flex;
    flex-wrap: wrap;
    justify-content: flex-end;
    gap: 2px;
}

.sets button {
    min-width: 36px;
    height: 32px;
    border: 1px solid transparent;
    border-radius: var(--radius-small);
    background: none;
    color: inherit;
    font: 700 var(--type-large) / 1 var(--type-text);
    white-space: nowrap;
    cursor: pointer;
}

.sets button:hover {
    border-color: var(--color-line);
}

.pain {
    color: var(--color-refer);
}

i {
    font-style: normal;
}

.older {
    margin-block: var(--space-small);
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { serverTime } from '../domain/clock';
import type { Schemas } from '../domain/http';
import type { SetDraft } from '../domain/queue';
import { clock, mass } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import HangTimer from '../log/held/HangTimer.vue';
import { countChips, left, reserveChips } from '../log/counts';

const props = defineProps<{ line: Schemas['BaselineLine']; restedFrom: number | undefined; save: (draft: SetDraft) => Promise<boolean> }>();
const emit = defineEmits<{ pass: [] }>();

const MOST_REPS = 20;
const TICK_MS = 500;
const LEAST_S = 1;
const counts = countChips(MOST_REPS);
const clean = ref<number | null>(null);
const reserve = ref<number | null>(0);
const now = ref(serverTime.nowMs());
useIntervalFn(() => (now.value = serverTime.nowMs()), TICK_MS);

const restS = computed(() => (props.restedFrom === undefined ? 0 : Math.max(0, props.line.rest_s - (now.value - props.restedFrom) / 1000)));
const WORDS = { 'top-hold': { noun: 'hold', verb: 'hold' }, lowering: { noun: 'lowering', verb: 'lower' } };
const words = computed(() => (props.line.step in WORDS ? WORDS[props.line.step as keyof typeof WORDS] : { noun: 'hang', verb: 'hang' }));
const tried = computed(() => props.line.step === 'chin-up' || props.line.step === 'pull-up');

/** A lowering is one rep of as many seconds as it lasted; what is under a second was a drop. */
async function timed({ hang_s: lasted }: { hang_s: number }): Promise<boolean> {
    const exercise = props.line.rung?.exercise;
    if (props.line.step === 'lowering' && exercise) {
        return props.save({
            purpose: 'baseline',
            exercise: { ...exercise, seconds: Math.max(LEAST_S, Number(lasted.toFixed(1))) },
            clean_reps: lasted < LEAST_S ? 0 : 1,
        });
    }
    return props.save({ purpose: 'baseline', hang_s: lasted, ...(exercise ? { exercise } : {}) });
}

async function reps(): Promise<void> {
    if (clean.value !== null && props.line.rung) {
        await props.save({
            purpose: tried.value ? 'try' : 'baseline',
            exercise: props.line.rung.exercise,
            clean_reps: clean.value,
            ...left(reserve.value),
        });
    }
}
</script>

<template>
    <section class="card stack next" aria-label="Next step">
        <header>
            <h2>{{ line.title }}</h2>
            <p v-if="restS > 0" class="rest" role="timer">rest {{ clock(restS) }}</p>
        </header>
        <p v-if="line.rung" class="on">
            <strong>{{ line.rung.name }}</strong>
            <span class="small dim">carries {{ mass(line.rung.carried.carried_kg.mean) }}</span>
        </p>
        <p class="small dim">{{ line.how }}</p>
        <HangTimer v-if="line.timed" v-bind="words" :save="timed" />
        <template v-else>
            <ChipRow label="Clean reps" :chips="counts" :value="clean" @pick="clean = $event" />
            <ChipRow label="In reserve" show-label :chips="reserveChips" :unanswered="null" :value="reserve" @pick="reserve = $event" />
            <div>
                <NButton type="primary" size="large" :disabled="clean === null" @click="reps">Log {{ clean ?? '' }} clean</NButton>
            </div>
        </template>
        <button type="button" class="quiet small" @click="emit('pass')">Skip this step</button>
    </section>
</template>

<style scoped>
.next {
    border: 1.5px solid var(--color-graphite);
}

header {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
}

.rest {
    font: 700 var(--type-wide) / 1 var(--type-text);
    font-variant-numeric: tabular-nums;
}

.on {
    display: grid;
}
</style>

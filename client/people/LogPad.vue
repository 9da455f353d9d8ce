<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, reactive, shallowRef } from 'vue';
import type { Result, Schemas } from '../domain/http';
import { expectation, mass, percent } from '../domain/units';
import type { NoCountReason } from '../domain/words';
import ChipRow from '../parts/ChipRow.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useKeys } from '../parts/useKeys';
import NoCountRow from './NoCountRow.vue';
import PainRow from './PainRow.vue';
import type { SetInput } from './useAthlete';
import { useDigits } from './useDigits';
import { useSetSender } from './useSetSender';

const props = defineProps<{
    athleteId: string;
    rung: Schemas['Rung'];
    standard: Schemas['Standard'];
    done: readonly Schemas['Set'][];
    log: (set: SetInput) => Promise<Result<Schemas['Set']>>;
}>();
const emit = defineEmits<{ logged: [set: Schemas['Set']] }>();

const MOST_REPS = 30;
const counts = Array.from({ length: 13 }, (_, i) => ({ value: i, label: String(i) }));
const reserves = [{ value: null, label: '?' }, ...Array.from({ length: 6 }, (_, i) => ({ value: i, label: String(i) }))];

const digits = useDigits(MOST_REPS);
const untouched = () => ({ reserve: null as number | null, noCounts: {} as Partial<Record<NoCountReason, number>>, pain: null as Schemas['Pain'] | null });
const draft = reactive(untouched());
const { busy, problem, unsent, send, drop } = useSetSender(props.log, (set) => emit('logged', set), { keepAt: `steady-rung.unsent.${props.athleteId}` });
/** A set that is on its first way is not yet one that could not be sent. */
const stuck = computed(() => (problem.value !== undefined || !busy.value ? unsent.value : undefined));
/** What the large button says of itself. */
const onTap = computed(() => {
    if (busy.value && unsent.value) {
        return `storing ${unsent.value.clean_reps}…`;
    }
    return digits.value.value === null ? 'as asked: one tap' : 'log it';
});
const noCountRow = shallowRef<InstanceType<typeof NoCountRow>>();
const clean = computed(() => digits.value.value ?? props.standard.gate_reps);

function logClean(cleanReps: number): void {
    if (busy.value || unsent.value) {
        return;
    }
    void send({
        purpose: 'work',
        choice: props.rung.choice,
        clean_reps: cleanReps,
        no_counts: { ...draft.noCounts } as Record<string, number>,
        reserve: draft.reserve,
        pain: draft.pain,
    });
    startNextSet();
}

/** At once: what is tapped while the last set is on its way belongs to the next. */
function startNextSet(): void {
    digits.clear();
    Object.assign(draft, untouched());
}

useKeys((key) => {
    if (/^\d$/.test(key)) {
        digits.type(Number(key));
    } else if (key === 'Enter') {
        logClean(clean.value);
    } else if (key.toLowerCase() === 'n') {
        noCountRow.value?.focus();
    } else {
        return false;
    }
    return true;
});
</script>

<template>
    <section class="card pad" aria-label="Log a set">
        <header class="page-head head">
            <div>
                <h2>{{ rung.name }}</h2>
                <p class="small dim">
                    carries {{ mass(rung.carried.carried_kg.mean) }}, {{ percent(rung.carried.share.mean) }}
                    <template v-if="rung.prediction">· expect {{ expectation(rung.prediction) }}</template>
                </p>
            </div>
            <p class="done" role="group" aria-label="Sets today">
                <span v-for="set in [...done].reverse()" :key="set.id">{{ set.clean_reps }}</span>
                <i v-for="n in Math.max(0, standard.sets - done.length)" :key="`left-${n}`" class="left" />
            </p>
        </header>
        <div v-if="stuck" class="stack">
            <ProblemNote v-if="problem" :problem="problem" />
            <p>
                <strong>Not stored yet: {{ stuck.clean_reps }} clean.</strong>
                {{ ' ' }}
                <template v-if="!problem || problem.code === 'offline'">It is kept on this device, and goes by itself when the network is back.</template>
            </p>
            <div class="row">
                <NButton type="primary" size="large" :loading="busy" @click="send(stuck)">Try again</NButton>
                <NButton size="large" @click="drop">Drop it</NButton>
            </div>
        </div>
        <template v-else>
            <div class="count">
                <button type="button" class="prescribed" :disabled="busy" @click="logClean(clean)">
                    <b>{{ clean }}</b>
                    clean
                    <small>{{ onTap }}</small>
                </button>
                <ChipRow class="grid" label="Clean reps" :chips="counts" :value="digits.value.value" @pick="digits.set" />
            </div>
            <ChipRow label="In reserve" show-label :chips="reserves" :value="draft.reserve" @pick="draft.reserve = $event" />
            <NoCountRow ref="noCountRow" v-model="draft.noCounts" />
            <PainRow v-model="draft.pain" />
        </template>
    </section>
</template>

<style scoped>
.pad {
    display: grid;
    gap: var(--space-base);
}

.head {
    margin: 0;
    flex-wrap: nowrap;
}

.done {
    display: flex;
    gap: 8px;
    font: 700 22px/1 var(--type-text);
}

.left {
    width: 18px;
    height: 18px;
    border: 2px dashed var(--color-timber);
    border-radius: 50%;
}

.count {
    display: grid;
    grid-template-columns: 150px 1fr;
    gap: var(--space-base);
}

.prescribed {
    display: grid;
    place-content: center;
    justify-items: center;
    min-height: 96px;
    border: 0;
    border-radius: var(--radius-base);
    background: var(--color-graphite);
    color: var(--color-paper);
    font: 600 16px/1.1 var(--type-text);
    cursor: pointer;
}

.prescribed b {
    font-size: var(--type-figure);
    line-height: 1;
}

.prescribed small {
    color: var(--color-ply);
    font-weight: 400;
}

.prescribed:disabled {
    opacity: 0.6;
}

@media (max-width: 720px) {
    .count {
        grid-template-columns: 110px 1fr;
    }
}
</style>

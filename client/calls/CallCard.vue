<script setup lang="ts">
import { NButton } from 'naive-ui';
import { useTimeoutFn } from '@vueuse/core';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { likely, mass, percent, signedMass, signedPercent } from '../domain/units';
import { confidenceWords } from '../domain/words';
import CallMark from '../parts/CallMark.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useOnce } from '../parts/useOnce';
import CallReasons from './CallReasons.vue';
import GateMarks from './GateMarks.vue';
import OverridePanel from './OverridePanel.vue';

const props = defineProps<{ call: Schemas['KeptCall']; line?: boolean }>();
const emit = defineEmits<{ decided: [call: Schemas['KeptCall'] | undefined]; open: [rung: Schemas['Rung']] }>();

const UNDO_MS = 10_000;

const busy = ref(false);
const once = useOnce();
/** The call as it was decided here a moment ago: it stays in its place, and can be taken back. */
const settled = shallowRef<Schemas['KeptCall']>();
const undoable = useTimeoutFn(() => emit('decided', settled.value), UNDO_MS, { immediate: false });
const overriding = ref(false);
const open = ref(false);
const problem = shallowRef<Problem>();
const made = computed(() => props.call.call);
const moves = computed(() => made.value.next !== null && made.value.next.key !== made.value.from.key);

async function decide(body: Schemas['DecisionInput']): Promise<boolean> {
    busy.value = true;
    const result = await outcome(api.PUT('/api/calls/{call}/decision', { params: { path: { call: props.call.id } }, body }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        settled.value = result.value;
        undoable.start();
    } else if (result.problem.code === 'call-changed' || result.problem.code === 'call-decided') {
        emit('decided', undefined);
    }
    return result.ok;
}

async function takeBack(): Promise<void> {
    undoable.stop();
    const result = await outcome(api.DELETE('/api/calls/{call}/decision', { params: { path: { call: props.call.id } } }));
    problem.value = result.ok ? undefined : result.problem;
    settled.value = undefined;
}

/** Leaving does not lose the word: whoever shows the list reads it anew. */
onScopeDispose(() => settled.value && emit('decided', settled.value));
</script>

<template>
    <section class="card call" :class="{ line, settled }" :aria-label="`Call for ${call.athlete_name}`">
        <div class="top">
            <CallMark :verdict="made.verdict" :large="!line" />
            <RouterLink v-if="line" class="athlete" :to="`/people/${call.athlete_id}`">{{ call.athlete_name }}</RouterLink>
            <div v-if="made.next" class="next">
                <strong v-if="line">{{ made.next.name }}</strong>
                <button v-else type="button" class="why" :aria-label="`${made.next.name}: why?`" @click="emit('open', made.next)">{{ made.next.name }}</button>
                <span class="small">
                    {{ mass(made.next.carried.carried_kg.mean) }}, {{ percent(made.next.carried.share.mean) }}
                    <template v-if="moves && made.change_kg !== null && made.change_share !== null">
                        ({{ signedMass(made.change_kg) }}, {{ signedPercent(made.change_share) }})
                    </template>
                    <template v-if="made.next.prediction">· {{ likely(made.next.prediction) }}</template>
                </span>
            </div>
            <p v-else-if="line" class="next small">{{ made.reasons[0]?.text }}</p>
            <div v-if="settled" class="row deeds" role="status">
                <strong>{{ settled.decision === 'accepted' ? 'Accepted' : 'Overridden' }}</strong>
                <NButton v-if="undoable.isPending.value" @click="takeBack">Undo</NButton>
            </div>
            <div v-else class="row deeds">
                <NButton type="primary" :loading="busy" @click="once(() => void decide({ version: call.version, decision: 'accepted' }))">Accept</NButton>
                <NButton v-if="made.verdict !== 'refer'" :quaternary="!line" @click="overriding = true">Override…</NButton>
                <NButton v-if="line" :aria-expanded="open" @click="open = !open">Why</NButton>
            </div>
        </div>
        <ProblemNote v-if="problem" :problem="problem" />
        <GateMarks v-if="!line && made.verdict !== 'refer'" :reasons="made.reasons" />
        <CallReasons v-if="line && open" :call="made" :changed="call.changed" />
        <details v-else-if="!line" :open="call.changed !== null">
            <summary class="small">Why, and what would change it · confidence {{ confidenceWords[made.confidence].toLowerCase() }}</summary>
            <CallReasons :call="made" :changed="call.changed" />
        </details>
        <OverridePanel v-model:open="overriding" :call="call" :decide="decide" />
    </section>
</template>

<style scoped>
.call {
    display: grid;
    gap: var(--space-small);
}

.top {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: var(--space-hair) var(--space-base);
}

.line {
    padding: 7px var(--space-base);
}

.line .top {
    display: grid;
    grid-template-columns: 120px 190px 1fr auto;
}

.settled .athlete,
.settled .next {
    text-decoration: line-through;
    opacity: 0.7;
}

.athlete {
    overflow-wrap: anywhere;
    font-size: 16px;
    font-weight: 600;
    text-decoration: none;
}

.next {
    display: grid;
}

.call:not(.line) .deeds {
    flex-wrap: nowrap;
    margin-left: auto;
}

.call:not(.line) .top {
    flex-wrap: nowrap;
}

.call:not(.line) .next {
    flex: 1 1 0;
    min-width: 0;
}

.call:not(.line) {
    gap: 0;
    padding-bottom: var(--space-small);
}

summary {
    display: flex;
    align-items: center;
    min-height: var(--target);
    color: var(--color-slate);
    cursor: pointer;
}

@media (max-width: 720px) {
    .call:not(.line) .top {
        flex-wrap: wrap;
    }

    .call:not(.line) .next {
        flex-basis: 180px;
    }
}

@media (max-width: 960px) {
    .line .top {
        grid-template-columns: auto 1fr;
    }

    .line .next,
    .line .deeds {
        grid-column: 1 / -1;
    }
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Schemas } from '../domain/http';
import { callWord, confidenceWords, decisionWords } from '../domain/words';
import CallMark from '../parts/CallMark.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useOnce } from '../composables/useOnce';
import CallReasons from './CallReasons.vue';
import GateMarks from './GateMarks.vue';
import NextFigures from './NextFigures.vue';
import OverridePanel from './OverridePanel.vue';
import { useDecision } from './useDecision';

const props = defineProps<{ call: Schemas['KeptCall'] }>();
const emit = defineEmits<{ decided: [call: Schemas['KeptCall'] | undefined]; open: [rung: Schemas['Rung']] }>();

const once = useOnce();
const word = useDecision(
    () => props.call,
    (call) => emit('decided', call),
);
const { busy, problem, settled, undoable } = word;
const overriding = ref(false);
const made = computed(() => props.call.call);
</script>

<template>
    <section class="card call" :class="{ settled }" :aria-label="`Call for ${call.athlete_name}`">
        <div class="top">
            <CallMark :verdict="made.verdict" :word="callWord(made)" large />
            <div v-if="made.next" class="next">
                <button type="button" class="why" :aria-label="`${made.next.name}: why?`" @click="emit('open', made.next)">
                    {{ made.next.name }}
                </button>
                <NextFigures :call="made" :next="made.next">
                    <b v-if="made.stage_name">next stage, {{ made.stage_name }} ·</b>
                </NextFigures>
            </div>
            <div v-if="settled" class="row actions" role="status">
                <strong>{{ decisionWords(settled) }}</strong>
                <NButton v-if="undoable" @click="word.takeBack">Undo</NButton>
            </div>
            <div v-else class="row actions">
                <NButton type="primary" :loading="busy" @click="once(() => void word.accept())">Accept</NButton>
                <NButton v-if="made.verdict !== 'refer'" @click="overriding = true">Otherwise…</NButton>
            </div>
        </div>
        <ProblemNote v-if="problem" :problem="problem" />
        <GateMarks v-if="made.verdict !== 'refer'" :reasons="made.reasons" />
        <details :open="call.changed !== null">
            <summary class="small">Why? · {{ confidenceWords[made.confidence].toLowerCase() }}</summary>
            <CallReasons :call="made" :changed="call.changed" />
        </details>
        <OverridePanel v-model:open="overriding" :call="call" :decide="word.decide" />
    </section>
</template>

<style scoped>
.call {
    display: grid;
    padding-bottom: var(--space-small);
}

.top {
    display: flex;
    align-items: center;
    gap: var(--space-hair) var(--space-base);
}

.settled .next {
    text-decoration: line-through;
    opacity: 0.7;
}

.next {
    display: grid;
    flex: 1 1 0;
    min-width: 0;
}

.actions {
    flex-wrap: nowrap;
    margin-left: auto;
}

summary {
    display: flex;
    align-items: center;
    min-height: var(--target);
    color: var(--color-slate);
    cursor: pointer;
}

@media (max-width: 720px) {
    .top {
        flex-wrap: wrap;
    }

    .next {
        flex-basis: 180px;
    }
}
</style>

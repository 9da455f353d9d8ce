<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, watch } from 'vue';
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
/** Changed gear is said without being asked. */
const whyOpen = ref(false);
watch(
    () => props.call.id,
    () => (whyOpen.value = props.call.changed !== null),
    { immediate: true },
);
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
        </div>
        <ProblemNote v-if="problem" :problem="problem" />
        <GateMarks v-if="made.verdict !== 'refer'" :reasons="made.reasons" />
        <div class="foot">
            <button type="button" class="quiet small" :aria-expanded="whyOpen" @click="whyOpen = !whyOpen">
                Why? · {{ confidenceWords[made.confidence].toLowerCase() }}
            </button>
            <div v-if="settled" class="row actions" role="status">
                <strong>{{ decisionWords(settled) }}</strong>
                <NButton v-if="undoable" @click="word.takeBack">Undo</NButton>
            </div>
            <div v-else class="row actions">
                <NButton type="primary" :loading="busy" @click="once(() => void word.accept())">Accept</NButton>
                <NButton v-if="made.verdict !== 'refer'" @click="overriding = true">Otherwise…</NButton>
            </div>
        </div>
        <CallReasons v-if="whyOpen" :call="made" :changed="call.changed" />
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
    padding-bottom: var(--space-small);
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

.foot {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-base);
    min-height: var(--target);
}

.actions {
    flex-wrap: nowrap;
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import type { Schemas } from '../domain/http';
import { callWord, confidenceWords, decisionWords } from '../domain/words';
import CallMark from '../parts/marks/CallMark.vue';
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
const whyOpen = ref(false);
watch(
    () => props.call.id,
    () => (whyOpen.value = false),
);
const made = computed(() => props.call.call);
/** As many as lie beside the link to all of them. */
const MARKS = 2;
</script>

<template>
    <section class="card call" :class="{ settled }" :aria-label="`Call for ${call.athlete_name}`">
        <CallMark :verdict="made.verdict" :word="callWord(made)" large />
        <div class="next">
            <template v-if="made.next">
                <button type="button" class="why" :aria-label="`${made.next.name}: why?`" @click="emit('open', made.next)">
                    {{ made.next.name }}
                </button>
                <NextFigures :call="made" :next="made.next">
                    <b v-if="made.stage_name">next stage, {{ made.stage_name }} ·</b>
                </NextFigures>
            </template>
        </div>
        <div v-if="settled" class="row actions" role="status">
            <strong>{{ decisionWords(settled) }}</strong>
            <NButton v-if="undoable && $may('coach')" @click="word.takeBack">Undo</NButton>
        </div>
        <div v-else-if="$may('coach')" class="row actions">
            <NButton type="primary" :loading="busy" @click="once(() => void word.accept())">Accept</NButton>
            <button v-if="made.verdict !== 'refer'" type="button" class="quiet" @click="overriding = true">Otherwise…</button>
        </div>
        <GateMarks v-if="made.verdict !== 'refer'" class="marks" :reasons="made.reasons.slice(0, MARKS)" />
        <button type="button" class="quiet small why-so" :aria-expanded="whyOpen" @click="whyOpen = !whyOpen">
            Why? · {{ confidenceWords[made.confidence].toLowerCase() }}
        </button>
        <ProblemNote v-if="problem" class="whole" :problem="problem" />
        <p v-if="call.changed" class="small changed whole">{{ call.changed }}</p>
        <CallReasons v-if="whyOpen" class="whole" :call="made" />
        <OverridePanel v-model:open="overriding" :call="call" :decide="word.decide" />
    </section>
</template>

<style scoped>
.call {
    display: grid;
    grid-template: minmax(48px, auto) minmax(var(--target), auto) / auto minmax(0, 1fr) auto;
    align-items: center;
    gap: var(--space-small) var(--space-base);
    padding: var(--space-base) var(--space-wide) var(--space-small);
}

.settled .next {
    text-decoration: line-through;
    opacity: 0.7;
}

.next {
    display: grid;
    min-width: 0;
}

.actions {
    flex-wrap: nowrap;
    justify-content: flex-end;
    gap: var(--space-base);
}

.marks {
    grid-column: 1 / 3;
}

.why-so {
    grid-column: 3;
    justify-self: end;
}

.whole {
    grid-column: 1 / -1;
}

.changed {
    color: var(--color-bark);
    font-weight: 600;
}

@media screen and (max-width: 1100px) {
    .call {
        grid-template: auto / auto minmax(0, 1fr);
        gap: 2px var(--space-base);
    }

    .actions {
        justify-content: flex-start;
    }

    .next {
        grid-row: 2;
        grid-column: 1 / -1;
    }

    .marks {
        grid-row: 3;
        grid-column: 1 / -1;
    }

    .why-so {
        grid-column: 2;
        grid-row: 4;
    }
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Schemas } from '../domain/http';
import ProblemNote from '../parts/ProblemNote.vue';
import { useOnce } from '../composables/useOnce';
import CallReasons from './CallReasons.vue';
import { marksOf } from './marks';
import NextFigures from './NextFigures.vue';
import OverridePanel from './OverridePanel.vue';
import RowMarks from './RowMarks.vue';
import { decisionWords } from '../domain/words';
import { useDecision } from './useDecision';

const props = defineProps<{ call: Schemas['KeptCall']; chosen: boolean }>();
const emit = defineEmits<{ decided: [call: Schemas['KeptCall'] | undefined]; choose: [] }>();

const once = useOnce();
const word = useDecision(
    () => props.call,
    (call) => emit('decided', call),
);
const { busy, problem, settled, undoable } = word;
const overriding = ref(false);
const open = ref(false);
const made = computed(() => props.call.call);
const moves = computed(() => made.value.next !== null && made.value.next.key !== made.value.from.key);
const mark = computed(() => marksOf(made.value.reasons)[0]);

const accept = (): void => {
    if (!settled.value) {
        once(() => void word.accept());
    }
};
const other = (): void => {
    overriding.value = made.value.verdict !== 'refer';
};
const why = (): void => {
    open.value = !open.value;
};

defineExpose({
    id: computed(() => props.call.id),
    accept,
    other,
    why,
    undo: word.takeBack,
    waits: computed(() => settled.value === undefined),
});
</script>

<template>
    <li
        :class="{ settled, chosen }"
        :aria-label="`Call for ${call.athlete_name}`"
        :aria-current="chosen || undefined"
        @pointerenter="emit('choose')"
        @focusin="emit('choose')"
    >
        <RouterLink class="athlete" :to="`/people/${call.athlete_id}`">{{ call.athlete_name }}</RouterLink>
        <RowMarks class="marks" :mark="mark" :fallback="made.reasons[0]?.text ?? ''" />
        <div class="next">
            <template v-if="made.next">
                <span>
                    <template v-if="moves">
                        {{ made.from.name }}
                        <span aria-label="then">→</span>
                    </template>
                    <b>{{ made.next.name }}</b>
                    <template v-if="made.stage_name">· next stage, {{ made.stage_name }}</template>
                </span>
                <NextFigures class="dim" :call="made" :next="made.next" />
            </template>
            <span v-else>pulling is paused until it is cleared with a note</span>
        </div>
        <div v-if="settled" class="actions" role="status">
            <span>{{ decisionWords(settled) }}</span>
            <NButton v-if="undoable && $may('coach')" @click="word.takeBack">Undo</NButton>
        </div>
        <div v-else class="actions no-print">
            <NButton v-if="$may('coach')" :type="chosen ? 'primary' : 'default'" :loading="busy" @click="accept">Accept</NButton>
            <NButton v-if="made.verdict !== 'refer' && $may('coach')" quaternary @click="other">Otherwise…</NButton>
            <NButton quaternary :aria-expanded="open" @click="why">Why</NButton>
        </div>
        <ProblemNote v-if="problem" class="whole" :problem="problem" />
        <CallReasons v-if="open" class="whole" :call="made" :changed="call.changed" />
        <OverridePanel v-model:open="overriding" :call="call" :decide="word.decide" />
    </li>
</template>

<style scoped>
li {
    display: grid;
    grid-template-columns: 170px 270px minmax(0, 1fr) auto;
    align-items: center;
    gap: 2px var(--space-wide);
    min-height: 60px;
    padding: 6px var(--space-base) 6px var(--space-wide);
}

.chosen {
    background: var(--color-sunk);
}

.athlete {
    display: flex;
    align-items: center;
    min-height: var(--target);
    overflow-wrap: anywhere;
    font-size: var(--type-base);
    font-weight: 650;
    text-decoration: none;
}

.next span[aria-label] {
    margin: 0 0.3em;
}

.next {
    display: grid;
    min-width: 0;
    overflow-wrap: anywhere;
}

.actions {
    display: flex;
    align-items: center;
    justify-content: flex-end;
    gap: var(--space-small);
    min-width: 216px;
}

.settled .athlete,
.settled .next {
    text-decoration: line-through;
    opacity: 0.7;
}

.whole {
    grid-column: 1 / -1;
    padding-bottom: var(--space-small);
}

/* Two rows to a call: where there are two columns of them, on a tablet and on paper. */
@media print, screen and (max-width: 1100px), screen and (min-width: 1600px) {
    li {
        grid-template-columns: minmax(0, 5fr) minmax(0, 8fr);
    }

    .actions {
        grid-column: 2;
        justify-content: flex-start;
        margin-left: calc(-1 * var(--space-hair));
    }

    .next {
        grid-row: 1;
        grid-column: 2;
    }

    .marks {
        grid-row: 2;
        grid-column: 1;
    }
}

@media screen and (max-width: 720px) {
    li {
        grid-template-columns: minmax(0, 1fr);
        padding: var(--space-base);
    }

    .next,
    .marks,
    .actions {
        grid-row: auto;
        grid-column: 1;
    }
}
</style>

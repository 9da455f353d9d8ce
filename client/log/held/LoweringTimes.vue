<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import { isUneven, type Lowered } from '../../domain/sets/lowered';
import { seconds } from '../../domain/units';
import HoldButton from './HoldButton.vue';
import type { useHold } from './useHold';

/** Each lowering of the set so far, and what is asked of it: so many seconds, and an even way down, which a tap half way shows. */
const props = defineProps<{ hold: ReturnType<typeof useHold>; asked: number }>();
const timed = defineModel<Lowered[]>({ required: true });
defineEmits<{ log: [count: number] }>();

const fast = computed(() => timed.value.filter((l) => l.seconds < props.asked).length);
const uneven = computed(() => timed.value.filter(isUneven).length);
const told = (l: Lowered): string => `${l.seconds} s${l.half === null ? '' : isUneven(l) ? ', uneven' : ', even'}`;
</script>

<template>
    <div class="times">
        <HoldButton :hold="hold" rests="hold down while they lower" runs="let go at the bottom" />
        <ol aria-label="Seconds of each lowering">
            <li v-if="hold.holding.value">
                <button type="button" class="half" :disabled="hold.halfS.value !== null" @pointerdown.prevent="hold.half">
                    {{ hold.halfS.value === null ? 'Half way' : `half at ${hold.halfS.value.toFixed(1)} s` }}
                </button>
            </li>
            <li v-for="(one, i) in timed" :key="i" :class="{ fast: one.seconds < asked || isUneven(one) }">
                <button type="button" :aria-label="`Drop lowering ${i + 1}, ${told(one)}`" @click="timed = timed.filter((_, n) => n !== i)">
                    {{ told(one) }}
                </button>
            </li>
            <li v-if="timed.length > 0">
                <NButton type="primary" size="large" @click="$emit('log', timed.length)">Log {{ timed.length }}</NButton>
            </li>
            <li v-else-if="!hold.holding.value" class="small dim">
                Each is asked to last {{ seconds(asked) }}, evenly. Time as many as you like, and tap half way: the log keeps both.
            </li>
        </ol>
        <p v-if="fast > 0" class="small note" role="status">{{ fast }} of {{ timed.length }} faster than {{ seconds(asked) }}.</p>
        <p v-if="uneven > 0" class="small note" role="status">
            {{ uneven }} of {{ timed.length }} uneven: one half took less than a third. Uneven ones meet no gate.
        </p>
    </div>
</template>

<style scoped>
.times {
    display: grid;
    grid-template-columns: minmax(140px, 190px) minmax(0, 1fr);
    gap: var(--space-small) var(--space-base);
    align-items: start;
}

ol {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
    min-height: 64px;
    list-style: none;
}

li > button:not(.n-button) {
    min-width: var(--target);
    height: var(--target);
    padding: 0 8px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font: 600 var(--type-base) / 1 var(--type-text);
    cursor: pointer;
}

li.fast > button:not(.n-button) {
    border-style: dashed;
    color: var(--color-refer);
}

.note {
    grid-column: 1 / -1;
    color: var(--color-refer);
    font-weight: 600;
}
</style>

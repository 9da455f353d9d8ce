<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import { day } from '../../domain/units';
import ProblemNote from '../../parts/ProblemNote.vue';
import { useComputeAgain, type Of } from './useComputeAgain';

/** An offer to compute again what was logged before a correction; nothing where nothing is touched. */
const props = defineProps<{ of: Of; because: string }>();
const emit = defineEmits<{ done: [] }>();

const { outdated, order, problem, compute, undo, goOn, reload } = useComputeAgain(props.of, () => emit('done'));
defineExpose({ reload });

const count = (n: number): string => (n === 1 ? '1 set' : `${n} sets`);
const touched = computed(() => {
    const now = outdated.value;
    if (!now || now.sets === 0 || now.from === null || now.until === null) {
        return undefined;
    }
    const days = now.from === now.until ? `on ${day(now.from)}` : `from ${day(now.from)} to ${day(now.until)}`;
    const whose = 'band' in props.of ? ` of ${now.athletes === 1 ? 'one athlete' : `${now.athletes} athletes`}` : '';
    const verb = now.sets === 1 ? 'was' : 'were';
    return `${count(now.sets)}${whose}, ${days}, ${verb} computed ${props.because}.`;
});
const running = computed(() => order.value?.state === 'running');
const ended = computed(() => {
    const last = order.value;
    if (last?.state !== 'ended') {
        return undefined;
    }
    const left = last.left_out > 0 ? ` ${count(last.left_out)} stayed: the set-up cannot be built any more.` : '';
    return `${count(last.done)} ${last.undoes ? 'put back as before' : 'computed again'}.${left}`;
});
</script>

<template>
    <div v-if="(touched || order) && $may('coach')" class="again small" role="status" aria-live="polite">
        <p v-if="running && order">Computing again: {{ order.done }} of {{ count(order.sets) }}.</p>
        <p v-else-if="order?.state === 'stopped'">
            It stopped after {{ count(order.done) }}.
            <NButton size="small" @click="goOn">Go on</NButton>
        </p>
        <template v-else>
            <p v-if="ended">
                {{ ended }}
                <button v-if="order && !order.undoes && order.done > 0" type="button" class="quiet" @click="undo">Undo</button>
            </p>
            <p v-if="touched">
                {{ touched }} Their capacity, calls and forecasts follow from it.
                <NButton size="small" @click="compute">Compute again</NButton>
            </p>
        </template>
        <ProblemNote v-if="problem" :problem="problem" />
    </div>
</template>

<style scoped>
.again {
    display: grid;
    gap: var(--space-small);
    padding: var(--space-small) var(--space-base);
    background: var(--color-sunk);
    border-radius: var(--radius-small);
}
</style>

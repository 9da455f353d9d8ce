<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { clock, day, intervalText, mass, percent, secondsRange } from '../domain/units';
import { askedReps } from '../domain/sets/asked';
import { useOnce } from '../composables/useOnce';
import BesideLog from './BesideLog.vue';
import PullLog from './PullLog.vue';
import type { LineShown } from './useDone';
import { useLineLog } from './useLineLog';

const props = defineProps<{ id: string; shown: LineShown; active: boolean }>();
const emit = defineEmits<{ logged: [count: number]; change: []; putBack: [] }>();

const block = computed(() => props.shown.block);
/** Of a mixed set, what it begins with. */
const begun = computed(() => (block.value.begun ? `${block.value.begun.reps} + ` : ''));
const count = computed(
    () =>
        `${block.value.sets} × ${begun.value}${block.value.amount.measure === 'total_reps' ? `(${block.value.amount.words})` : block.value.amount.words}`,
);
/** Sets tire: the first likely count, and the last where it is another. */
const likely = computed((): string[] => {
    const { expected, seconds } = block.value;
    const counts = [expected[0], expected.at(-1)].filter((p) => p !== undefined).map(intervalText);
    return [...new Set(seconds ? [secondsRange(seconds.low80, seconds.high80)] : counts)];
});
const load = computed(() => {
    const carried = block.value.rung?.carried;
    return carried ? `${mass(carried.carried_kg.mean)}, ${percent(carried.share.mean)}` : '';
});
const about = computed(() =>
    [
        block.value.begun ? `${block.value.begun.reps} on ${block.value.begun.name}, then on this, no rest between` : '',
        load.value,
        block.value.tempo,
        block.value.to_failure ? 'to failure' : '',
        block.value.per_side ? 'each side' : '',
        block.value.group ? `round ${block.value.group}` : '',
    ]
        .filter(Boolean)
        .join(' · '),
);
const hand = computed(() => {
    const { by_hand, school } = block.value;
    return by_hand
        ? `By hand, ${by_hand.lasts ? 'from now on' : 'for the next session'}${school ? `; the method asks ${school}` : ''}.`
        : '';
});
const card = computed(() => {
    const exercise = block.value.rung?.exercise;
    return exercise ? { path: `/people/${props.id}/card`, query: { exercise: JSON.stringify(exercise) } } : undefined;
});

const once = useOnce();
const log = useLineLog(() => props.id);
const open = ref(false);
const left = computed(() => Math.max(0, block.value.sets - props.shown.counts.length));
/** What one tap logs: as asked, where that is all there is to tell. */
const asked = computed(() => {
    const { rung, amount, to_failure, begun } = block.value;
    const isTold = rung !== null && rung.exercise.movement !== 'hold' && amount.measure === 'reps' && !to_failure && begun === null;
    return isTold ? askedReps(block.value) : undefined;
});

function kept(is: boolean, amount: number): void {
    if (is) {
        emit('logged', Math.floor(amount));
        open.value = left.value > 1 && open.value;
    }
}

const pull = async (amount: number, reserve: number | null): Promise<void> => kept(await log.pull(block.value, amount, reserve), amount);
const beside = async (amount: number, kg: number | null): Promise<void> => kept(await log.beside(block.value, amount, kg), amount);
</script>

<template>
    <li :class="{ active, done: left === 0 }">
        <strong class="count">{{ count }}</strong>
        <div class="what">
            <RouterLink v-if="card" class="name" :to="card">{{ block.name }}</RouterLink>
            <span v-else class="name">{{ block.name }}</span>
            <span class="small dim">
                {{ about }}
                <button v-if="block.line && $may('coach')" type="button" class="quiet small no-print" @click="emit('change')">
                    Change
                    <span class="unseen">: {{ block.name }}</span>
                </button>
            </span>
            <span class="small cues">{{ block.cues.join(' ') }}</span>
            <span v-if="block.note" class="small note">{{ block.note }}</span>
            <span v-if="block.by_hand" class="small hand">
                {{ hand }}
                <button v-if="$may('coach')" type="button" class="quiet small no-print" @click="emit('putBack')">
                    Back to the method
                    <span class="unseen">: {{ block.name }}</span>
                </button>
            </span>
        </div>
        <span class="figure last" :title="shown.lastOn === null ? '' : day(shown.lastOn)">
            <span class="head">last time</span>
            {{ shown.last.join(' ') || '–' }}
        </span>
        <span class="figure likely">
            <span class="head">likely</span>
            <b v-for="(one, k) in likely" :key="k">{{ k === 0 ? one : `last ${one}` }}</b>
        </span>
        <span class="figure">
            <span class="head">rest</span>
            {{ block.rest_s === 0 ? 'none' : clock(block.rest_s) }}
        </span>
        <span class="boxes" :class="{ shown: active }" aria-hidden="true">
            <i v-for="(n, k) in shown.counts" :key="k" class="full">{{ n }}</i>
            <i v-for="k in left" :key="`left-${k}`" />
        </span>
        <div class="acts no-print">
            <span v-if="left === 0" class="all" role="status">
                <span aria-hidden="true">✓</span>
                <span class="unseen">done:</span>
                {{ shown.counts.join(' ') }}
            </span>
            <NButton v-else-if="active && asked !== undefined" type="primary" class="ask" @click="once(() => void pull(asked!, null))">
                Log {{ asked }}
            </NButton>
            <NButton v-else :type="active ? 'primary' : 'default'" :aria-expanded="open" @click="open = !open">
                {{ shown.counts.length === 0 ? 'Log' : `${shown.counts.length} of ${block.sets}` }}
                <span class="unseen">: {{ block.name }}</span>
            </NButton>
            <button v-if="active && asked !== undefined" type="button" class="quiet small" :aria-expanded="open" @click="open = !open">
                Other…
                <span class="unseen">: {{ block.name }}</span>
            </button>
        </div>
        <div v-if="open && left > 0" class="form no-print">
            <BesideLog v-if="block.accessory" :block="block" :done="shown.counts.length" @log="beside" />
            <PullLog v-else-if="block.rung" :block="block" :done="shown.counts.length" @log="pull" />
        </div>
    </li>
</template>

<style scoped src="./session-line.css"></style>

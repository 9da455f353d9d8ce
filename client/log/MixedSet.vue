<script setup lang="ts">
import { NButton, NSelect } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Schemas } from '../domain/http';
import { nextHarder, ofLane } from '../domain/sets/mixed';
import { percent } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import { countChips } from './counts';

type Rung = Schemas['Rung'];

const props = defineProps<{ now: Rung; next: Rung | undefined; rungs: readonly Rung[]; busy: boolean }>();
const emit = defineEmits<{ log: [parts: { rung: Rung; clean: number }[]] }>();

const MOST = 12;

const carried = (rung: Rung) => ({ key: rung.key, exercise: rung.exercise, share: rung.carried.share.mean });
const first = ref(nextHarder(carried(props.now), (props.next ? [props.next, ...props.rungs] : props.rungs).map(carried))?.key ?? null);
const counts = ref<(number | null)[]>([null, null]);
const chips = countChips(MOST, 1);
const options = computed(() =>
    ofLane(carried(props.now), props.rungs.map(carried))
        .flatMap(({ key }) => (key === props.now.key ? [] : props.rungs.filter((r) => r.key === key)))
        .map((r) => ({ value: r.key, label: `${percent(r.carried.share.mean)} · ${r.name}` })),
);
const begun = computed(() => props.rungs.find((r) => r.key === first.value));

const pick = (part: 0 | 1, count: number): void => void (counts.value = counts.value.map((c, i) => (i === part ? count : c)));

function log(): void {
    const [before, after] = counts.value;
    if (begun.value && typeof before === 'number' && typeof after === 'number') {
        emit('log', [
            { rung: begun.value, clean: before },
            { rung: props.now, clean: after },
        ]);
        counts.value = [null, null];
    }
}
</script>

<template>
    <div class="stack mixed" role="group" aria-label="Mixed set">
        <p class="small dim">A set begun on one set-up and ended, without rest, on this one. Its end counts for no gate.</p>
        <NSelect v-model:value="first" :options="options" :virtual-scroll="false" placeholder="Begun on" aria-label="Begun on" />
        <ChipRow label="Clean at first" show-label :chips="chips" :value="counts[0] ?? null" @pick="pick(0, $event)" />
        <ChipRow label="Then on this" show-label :chips="chips" :value="counts[1] ?? null" @pick="pick(1, $event)" />
        <div>
            <NButton type="primary" size="large" :disabled="busy || !begun || counts.includes(null)" @click="log">
                Log the mixed set
            </NButton>
        </div>
    </div>
</template>

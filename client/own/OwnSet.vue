<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import type { Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import CautionBox from '../parts/CautionBox.vue';
import ChipRow from '../parts/ChipRow.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { mainOf } from './words';

const props = defineProps<{ lines: readonly Schemas['OwnLine'][]; busy: boolean; problem: Problem | undefined }>();
const emit = defineEmits<{ log: [set: Omit<Schemas['HomeSetInput'], 'id' | 'performed_at'>, words: string] }>();
const open = defineModel<boolean>('open', { required: true });

const { clean_reps: reps, hang_s: held } = limits.HomeSetInput;
const STEP_S = 5;

const picked = ref(mainOf(props.lines));
const line = computed(() => props.lines[picked.value]);
const chips = computed(() => props.lines.map(({ name, sets }, value) => ({ value, label: sets === 1 ? `${name}, once` : name })));
const isHold = computed(() => line.value?.exercise?.movement === 'hold');
const count = ref(0);
const reserve = ref<number | null>(null);
watch([line, open], () => ([count.value, reserve.value] = [line.value?.aim ?? 0, null]), { immediate: true });

const step = computed(() => (isHold.value ? STEP_S : 1));
const change = (by: number): number => (count.value = Math.min(isHold.value ? held.high : reps.high, Math.max(0, count.value + by)));
const unit = computed(() => (isHold.value ? 'seconds' : count.value === 1 ? 'clean rep' : 'clean reps'));
const reserves = [0, 1, 2, 3].map((value) => ({ value, label: value === 3 ? '3 or more' : String(value) }));

function log(): void {
    const exercise = line.value?.exercise;
    if (!exercise) {
        return;
    }
    const counted = isHold.value
        ? { clean_reps: null, hang_s: count.value, reserve: null }
        : { clean_reps: count.value, hang_s: null, reserve: reserve.value };
    emit('log', { exercise, ...counted }, `${count.value} ${unit.value}`);
}
</script>

<template>
    <SidePanel v-model:open="open" title="I did a set">
        <div class="stack">
            <ProblemNote v-if="problem" typed :problem="problem" />
            <ChipRow v-if="chips.length > 1" label="On what" :chips="chips" :value="picked" @pick="picked = $event" />
            <p v-else>{{ line?.name }}</p>
            <div class="count" role="group" aria-label="How many">
                <button type="button" :aria-label="`${step} fewer`" @click="change(-step)">−</button>
                <output>
                    <b>{{ count }}</b>
                    {{ unit }}
                </output>
                <button type="button" :aria-label="`${step} more`" @click="change(step)">+</button>
            </div>
            <p class="small dim">Only whole reps from straight arms to the top count, as your coach would count them.</p>
            <template v-if="!isHold">
                <ChipRow label="How many more would have gone" show-label :chips="reserves" :value="reserve" @pick="reserve = $event" />
            </template>
            <CautionBox v-if="line && line.cautions.length > 0" class="small">
                <ul>
                    <li v-for="caution in line.cautions" :key="caution.text">{{ caution.text }}</li>
                </ul>
            </CautionBox>
            <NButton type="primary" size="large" block :loading="busy" @click="log">Log {{ count }} {{ unit }}</NButton>
        </div>
    </SidePanel>
</template>

<style scoped>
.count {
    display: grid;
    grid-template-columns: 76px minmax(0, 1fr) 76px;
    gap: var(--space-small);
    align-items: center;
}

.count button {
    height: 76px;
    border: 1.5px solid var(--color-edge);
    border-radius: var(--radius-base);
    background: var(--color-card);
    color: inherit;
    font: 650 var(--type-title) / 1 var(--type-display);
    cursor: pointer;
}

output {
    display: grid;
    justify-items: center;
}

output b {
    font: 700 var(--type-key) / 1 var(--type-display);
}
</style>

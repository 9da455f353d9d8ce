<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import { readQuantity } from '../domain/fields';
import { api, outcome } from '../domain/http';
import { limits } from '../domain/limits.gen';
import { shown, toTyped, unitOf } from '../domain/units';
import { scaleStateWords } from '../domain/words';
import QuantityField from '../parts/QuantityField.vue';
import { useSession } from '../composables/useSession';
import SimulatedPull from './SimulatedPull.vue';
import TracePlot from './TracePlot.vue';
import type { BandDraft } from './useBandDraft';
import { useScaleStream } from './useScaleStream';

const props = defineProps<{ draft: BandDraft }>();
const emit = defineEmits<{ live: [spot: { lengthM: number; forceKg: number } | undefined] }>();

const scale = useScaleStream();
const text = ref('');
const stream = scale.stream;
/** Once it said so it stays: an answer that is missed must not take the controls away. */
const simulated = ref(false);
const length = computed(() => readQuantity(text.value, 'cm', limits.PointInput.length_m, true));
const state = computed(() =>
    stream.value?.connected === false
        ? 'No scale answers. Type the readings below.'
        : stream.value
          ? scaleStateWords[stream.value.state]
          : 'Asking the scale…',
);
const session = useSession();
/** A simulated scale measures nothing but the demo's bands. */
const isTrial = computed(() => simulated.value && session.me?.demo !== true);
const keepable = computed(
    () => !isTrial.value && stream.value?.state === 'steady' && length.value.value !== undefined && (stream.value.force_kg ?? 0) > 0,
);

watch([stream, length], () => {
    simulated.value ||= stream.value?.simulated === true;
    const forceKg = stream.value?.force_kg;
    const lengthM = length.value.value;
    emit('live', lengthM !== undefined && typeof forceKg === 'number' ? { lengthM, forceKg } : undefined);
});

function keep(): void {
    const forceKg = stream.value?.force_kg;
    if (length.value.value !== undefined && typeof forceKg === 'number') {
        props.draft.keepPoint(length.value.value, forceKg);
        text.value = ''; // the next force belongs to another length
    }
}

const zero = (): Promise<unknown> => outcome(api.PUT('/api/v1/bench/scale/zero'));

function stop(): void {
    scale.stop();
    emit('live', undefined);
}
</script>

<template>
    <section class="panel" aria-label="Hanging scale">
        <div v-if="!scale.listening.value" class="row">
            <NButton @click="scale.listen">Listen to the scale</NButton>
            <span class="small dim">or type the readings below</span>
        </div>
        <template v-else>
            <div class="reading">
                <b>{{ typeof stream?.force_kg === 'number' ? shown(stream.force_kg, 'kg').toFixed(2) : '—' }}</b>
                <span>{{ unitOf('kg') }}</span>
                <span v-if="typeof stream?.sd_kg === 'number'" class="small dim">± {{ shown(stream.sd_kg, 'kg').toFixed(2) }}</span>
                <TracePlot :trace="stream?.trace_kg ?? []" />
                <button type="button" class="off small" @click="zero">Zero</button>
                <button type="button" class="off small" @click="stop">Stop</button>
            </div>
            <p class="state small" :class="stream?.state" role="status">{{ state }}</p>
            <p v-if="simulated" class="small">
                <strong>Simulated</strong>
                {{ isTrial ? '· to try the bench out; nothing it reads is kept' : '· the demo’s own scale' }}
            </p>
            <SimulatedPull v-if="simulated" :draft="draft" @pulled="text = toTyped($event, 'cm')" />
            <div class="keep">
                <QuantityField v-model="text" label="Length in use" unit="cm" :limits="{}" :error="text ? length.error : undefined" />
                <NButton type="primary" :disabled="!keepable" @click="keep">Keep this reading</NButton>
            </div>
        </template>
    </section>
</template>

<style scoped>
.panel {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-small);
    padding: var(--space-base);
    border: 1px solid var(--color-line);
    border-radius: var(--radius-small);
    background: var(--color-sunk);
}

.reading {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 6px;
}

.reading b {
    min-width: 92px;
    font-size: var(--type-title);
    line-height: 1;
    text-align: right;
}

.off {
    align-self: center;
    min-height: 36px;
    padding: 0 8px;
    border: 0;
    background: none;
    color: inherit;
    font: inherit;
    text-decoration: underline;
    cursor: pointer;
}

.state {
    font-weight: 600;
}

.steady {
    color: var(--color-climb);
}

.silent,
.repeating,
.jumping {
    color: var(--color-refer);
}

.keep {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: var(--space-small);
    align-items: start;
}

.keep > button {
    margin-top: 24px;
}
</style>

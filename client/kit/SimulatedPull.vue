<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { length } from '../domain/units';
import type { BandDraft } from './useBandDraft';

const props = defineProps<{ draft: BandDraft }>();
const emit = defineEmits<{ pulled: [lengthM: number] }>();

const MOST_STRETCH = 2.6;
const STEP_M = 0.01;
/** Not too often while the slider moves. */
const SETTLE_MS = 120;

const lengthM = ref<number>();
const fault = ref<NonNullable<Schemas['HangInput']['fault']>>('none');
const faults = [
    { value: 'none', label: 'works' },
    { value: 'silent', label: 'falls silent' },
    { value: 'repeat', label: 'repeats itself' },
    { value: 'jump', label: 'jumps' },
];
const hungM = computed(() => props.draft.value()?.hung_length_m);

watch([lengthM, fault], (_now, _before, onCleanup) => {
    const band = props.draft.value();
    const pulledM = lengthM.value ?? hungM.value;
    if (band === undefined || pulledM === undefined) {
        return;
    }
    const timer = setTimeout(
        () => void outcome(api.PUT('/api/v1/bench/scale/hang', { body: { band, length_m: pulledM, fault: fault.value } })),
        SETTLE_MS,
    );
    onCleanup(() => clearTimeout(timer));
});

function pull(toM: number): void {
    lengthM.value = toM;
    emit('pulled', toM);
}
</script>

<template>
    <div class="pull small">
        <span>Simulated: pull to {{ length(lengthM ?? hungM ?? 0) }}</span>
        <input
            v-if="hungM"
            class="slider"
            type="range"
            :value="lengthM ?? hungM"
            :min="hungM"
            :max="hungM * MOST_STRETCH"
            :step="STEP_M"
            aria-label="Pull to"
            @input="pull(Number(($event.target as HTMLInputElement).value))"
        />
        <NSelect v-model:value="fault" size="small" class="fault" :options="faults" :virtual-scroll="false" aria-label="The scale" />
    </div>
</template>

<style scoped>
.pull {
    display: grid;
    grid-template-columns: max-content 1fr 116px;
    gap: var(--space-small) var(--space-base);
    align-items: center;
}

.slider {
    width: 100%;
    min-width: 80px;
    min-height: 36px;
    accent-color: var(--color-graphite);
}

@media screen and (max-width: 720px) {
    .pull {
        grid-template-columns: 1fr 132px;
    }

    .slider {
        grid-column: 1 / -1;
        grid-row: 2;
    }
}
</style>

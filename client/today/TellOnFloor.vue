<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Tile } from '../domain/floor/tile';
import { gaveOutWords, symptomWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import ChipRow from '../parts/ChipRow.vue';
import PainRow from '../people/PainRow.vue';
import { toldPain, type PadDraft } from '../people/usePad';
import type { TileDeeds } from './useTileDeeds';

/** What an athlete tells on the floor, one tap each: pain, symptoms, soreness, what gave out, effort, a wall day. */
const props = defineProps<{ tile: Tile; deeds: TileDeeds; on: string }>();

type GaveOut = keyof typeof gaveOutWords;
type Symptom = keyof typeof symptomWords;

const upTo = (most: number, from = 0) => Array.from({ length: most + 1 - from }, (_, n) => ({ value: n + from, label: String(n + from) }));
const gaveOut = Object.entries(gaveOutWords).map(([value, label]) => ({ value: value as GaveOut, label }));
const symptoms = Object.entries(symptomWords).map(([value, label]) => ({ value: value as Symptom, label }));
const athlete = computed(() => props.tile.athlete);
const pain = ref<PadDraft['pain']>(null);
const told = ref(false);

/** With place and degree it is told, and pulling pauses at once. */
watch(pain, (now) => {
    const full = toldPain({ pain: now });
    if (full) {
        void props.deeds.tellPain(athlete.value.id, full);
        pain.value = null;
        told.value = true;
    }
});

const signal = (say: Parameters<TileDeeds['signal']>[2]): void => void props.deeds.signal(athlete.value.id, props.on, say);

function symptom(which: Symptom): void {
    signal({ symptoms: [which] });
    told.value = true;
}
</script>

<template>
    <section class="stack" aria-label="Told">
        <PainRow v-model="pain" />
        <p v-if="told" class="paused" role="status">Told. Pulling is paused until a licensed clinician has looked at it and you clear it with a note.</p>
        <ChipRow label="Symptoms" show-label :chips="symptoms" :value="null" @pick="symptom" />
        <CautionNote v-if="told" :moments="['pain', 'lowering']" />
        <ChipRow v-if="athlete.trained_before_on" label="Sore since last time, of 5" show-label :chips="upTo(5)" :value="athlete.soreness" @pick="signal({ soreness: $event })" />
        <ChipRow label="Gave out first" show-label :chips="gaveOut" :value="athlete.gave_out" @pick="signal({ gave_out: $event })" />
        <ChipRow label="Effort of 10" show-label :chips="upTo(10, 1)" :value="athlete.effort" @pick="signal({ effort: $event })" />
        <ChipRow
            v-if="athlete.kind !== 'gym'"
            label="Wall day"
            show-label
            :chips="[{ value: on, label: 'Climbed today' }]"
            :value="athlete.wall_on"
            @pick="signal({ wall_day: true })"
        />
    </section>
</template>

<style scoped>
.paused {
    color: var(--color-refer);
    font-weight: 600;
}
</style>

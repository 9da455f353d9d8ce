<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Tile } from '../../domain/floor/tile';
import type { Schemas } from '../../domain/http';
import { gaveOutWords, painPlaceWords, symptomWords } from '../../domain/words';
import { isUndoable } from '../../domain/pain';
import CautionNote from '../../parts/CautionNote.vue';
import ChipRow from '../../parts/ChipRow.vue';
import { useSession } from '../../composables/useSession';
import { useTick } from '../../composables/useTick';
import type { TileCommands } from '../tiles/useTileCommands';

/** What an athlete tells on the floor, one tap each: pain, symptoms, soreness, what gave out, effort, a wall day. */
const props = defineProps<{ tile: Tile; commands: TileCommands; on: string }>();

type GaveOut = keyof typeof gaveOutWords;
type Place = Schemas['Pain']['place'];
type Symptom = keyof typeof symptomWords;

const upTo = (most: number, from = 0) => Array.from({ length: most + 1 - from }, (_, n) => ({ value: n + from, label: String(n + from) }));
const gaveOut = Object.entries(gaveOutWords).map(([value, label]) => ({ value: value as GaveOut, label }));
const felt = [
    { value: 'true', label: 'Yes' },
    { value: 'false', label: 'No' },
];
const symptoms = Object.entries(symptomWords).map(([value, label]) => ({ value: value as Symptom, label }));
const athlete = computed(() => props.tile.athlete);
const places = Object.entries(painPlaceWords).map(([value, label]) => ({ value: value as Place, label }));
const hurts = ref<Place | null>(null);
const told = ref(false);
const session = useSession();
const now = useTick(1000);
/** Told by whoever is here, a moment ago. */
const mistaken = computed(() => {
    const { pain_source: source } = athlete.value;
    return isUndoable(source, session.coachId, now.value) ? source.told_id : undefined;
});

function undo(toldId: string): void {
    void props.commands.undoPain(athlete.value.id, toldId);
    hurts.value = null;
    told.value = false;
}

/** Its place is enough to pause pulling at once; the degree is asked for then. */
function pain(place: Place, level: number | null = null): void {
    void props.commands.tellPain(athlete.value.id, { place, level });
    hurts.value = level === null ? place : null;
    told.value = true;
}

const signal = (say: Parameters<TileCommands['signal']>[2]): void => void props.commands.signal(athlete.value.id, props.on, say);

/** Told of the session before: the next call follows. */
function tookHold(takes_hold: boolean): void {
    void props.commands.signal(athlete.value.id, athlete.value.trained_before_on ?? props.on, { takes_hold });
}

function symptom(which: Symptom): void {
    signal({ symptoms: [which] });
    told.value = true;
}
</script>

<template>
    <section class="stack" aria-label="Told">
        <ChipRow label="Pain, where" show-label :chips="places" :value="hurts" @pick="pain($event)" />
        <ChipRow v-if="hurts" label="How bad, of 10" show-label :chips="upTo(10, 1)" :value="null" @pick="pain(hurts, $event)" />
        <p v-if="told" class="paused" role="status">
            Noted. No pulling until a licensed clinician has looked at it and you clear it with a note.
        </p>
        <button v-if="mistaken" type="button" class="key" @click="undo(mistaken)">Undo: no pain, tapped by mistake</button>
        <ChipRow label="Symptoms" show-label :chips="symptoms" :value="null" @pick="symptom" />
        <CautionNote v-if="told" :moments="['pain', 'lowering']" />
        <ChipRow
            v-if="athlete.trained_before_on"
            label="Sore since last time, of 5"
            show-label
            :chips="upTo(5)"
            :value="athlete.soreness"
            @pick="signal({ soreness: $event })"
        />
        <ChipRow
            v-if="athlete.trained_before_on"
            label="Last time felt in the right place?"
            show-label
            :chips="felt"
            :value="athlete.took_hold === null ? null : String(athlete.took_hold)"
            @pick="tookHold($event === 'true')"
        />
        <ChipRow label="What failed first?" show-label :chips="gaveOut" :value="athlete.gave_out" @pick="signal({ gave_out: $event })" />
        <ChipRow label="How hard, out of 10" show-label :chips="upTo(10, 1)" :value="athlete.effort" @pick="signal({ effort: $event })" />
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

<style scoped src="../keys.css"></style>
<style scoped>
.paused {
    color: var(--color-refer);
    font-weight: 600;
}
</style>

<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Tile } from '../../domain/floor/tile';
import type { Schemas } from '../../domain/http';
import { isUndoable } from '../../domain/pain';
import { painPlaceWords, symptomWords } from '../../domain/words';
import CautionNote from '../../parts/CautionNote.vue';
import ChipRow from '../../parts/ChipRow.vue';
import { useSession } from '../../composables/useSession';
import { useTick } from '../../composables/useTick';
import { countChips } from '../../log/counts';
import type { TileCommands } from '../tiles/useTileCommands';

/** That something hurts, and where: its place is enough to pause pulling at once. For ten minutes whoever told it can undo it. */
const props = defineProps<{ tile: Tile; commands: TileCommands; on: string }>();

type Place = Schemas['Pain']['place'];
type Symptom = keyof typeof symptomWords;

const places = Object.entries(painPlaceWords).map(([value, label]) => ({ value: value as Place, label }));
const symptoms = Object.entries(symptomWords).map(([value, label]) => ({ value: value as Symptom, label }));
const hurts = ref<Place | null>(null);
const told = ref(false);
const session = useSession();
const now = useTick(1000);
const mistaken = computed(() => {
    const { pain_source: source } = props.tile.athlete;
    return isUndoable(source, session.coachId, now.value) ? source.told_id : undefined;
});

function undo(toldId: string): void {
    void props.commands.undoPain(props.tile.athlete.id, toldId);
    hurts.value = null;
    told.value = false;
}

/** The degree is asked for afterwards. */
function pain(place: Place, level: number | null = null): void {
    void props.commands.tellPain(props.tile.athlete.id, { place, level });
    hurts.value = level === null ? place : null;
    told.value = true;
}

function symptom(which: Symptom): void {
    void props.commands.signal(props.tile.athlete.id, props.on, { symptoms: [which] });
    told.value = true;
}
</script>

<template>
    <section class="stack" aria-label="Pain">
        <CautionNote v-if="told" :moments="['pain', 'lowering']" />
        <p v-if="told" class="paused" role="status">
            Noted. No pulling until a licensed clinician has looked at it and you clear it with a note.
        </p>
        <button v-if="mistaken" type="button" class="key" @click="undo(mistaken)">Undo: no pain, tapped by mistake</button>
        <ChipRow v-if="hurts" label="How bad, of 10" show-label :chips="countChips(10, 1)" :value="null" @pick="pain(hurts, $event)" />
        <ChipRow label="Pain, where" show-label :chips="places" :value="hurts" @pick="pain($event)" />
        <ChipRow label="Symptoms" show-label :chips="symptoms" :value="null" @pick="symptom" />
    </section>
</template>

<style scoped src="../keys.css"></style>
<style scoped>
.paused {
    color: var(--color-refer);
    font-weight: 600;
}
</style>

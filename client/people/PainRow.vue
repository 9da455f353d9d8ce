<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { painPlaceWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import ChipRow from '../parts/ChipRow.vue';

type Pain = Schemas['Pain'];

const pain = defineModel<Pain | null>({ required: true });

const USUAL_LEVEL = 3;
const places = Object.entries(painPlaceWords).map(([value, label]) => ({ value: value as Pain['place'], label }));
const levels = Array.from({ length: 10 }, (_, i) => ({ value: i + 1, label: String(i + 1) }));
const answer = computed(() => (pain.value === null ? 'no' : 'yes'));

function say(word: 'no' | 'yes'): void {
    pain.value = word === 'no' ? null : (pain.value ?? { place: 'shoulder', level: USUAL_LEVEL });
}
</script>

<template>
    <div class="pain">
        <ChipRow
            label="Pain"
            show-label
            :chips="[
                { value: 'no', label: 'No pain' },
                { value: 'yes', label: 'Pain' },
            ]"
            :value="answer"
            @pick="say"
        />
        <template v-if="pain">
            <ChipRow label="Where" show-label :chips="places" :value="pain.place" @pick="pain = { ...pain, place: $event }" />
            <ChipRow label="Level of 10" show-label :chips="levels" :value="pain.level" @pick="pain = { ...pain, level: $event }" />
            <CautionNote :moments="['pain']" />
        </template>
    </div>
</template>

<style scoped>
.pain {
    display: grid;
    gap: var(--space-small);
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import { painPlaceWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import ChipRow from '../parts/ChipRow.vue';
import type { PainDraft } from './usePad';

/** Null is no pain; undefined, that nobody asked yet. */
const pain = defineModel<PainDraft | null | undefined>({ required: true });

const places = Object.entries(painPlaceWords).map(([value, label]) => ({ value: value as NonNullable<PainDraft['place']>, label }));
const levels = Array.from({ length: 10 }, (_, i) => ({ value: i + 1, label: String(i + 1) }));
const answers = [
    { value: 'no' as const, label: 'No pain' },
    { value: 'yes' as const, label: 'Pain' },
];
const answer = computed(() => {
    if (pain.value === undefined) {
        return null;
    }
    return pain.value === null ? ('no' as const) : ('yes' as const);
});

function say(word: 'no' | 'yes'): void {
    pain.value = word === 'no' ? null : (pain.value ?? { place: null, level: null });
}
</script>

<template>
    <div class="pain">
        <ChipRow label="Pain" show-label :chips="answers" :value="answer" unanswered="no" @pick="say" />
        <template v-if="pain">
            <ChipRow label="Where" show-label :chips="places" :value="pain.place" @pick="pain = { ...pain, place: $event }" />
            <ChipRow label="Level of 10" show-label :chips="levels" :value="pain.level" @pick="pain = { ...pain, level: $event }" />
            <slot />
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

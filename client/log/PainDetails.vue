<script setup lang="ts">
import { painPlaceWords } from '../domain/words';
import CautionNote from '../parts/CautionNote.vue';
import ChipRow from '../parts/ChipRow.vue';
import type { PainDraft } from './usePad';

/** Where it hurts and how much. */
const pain = defineModel<PainDraft>({ required: true });

const places = Object.entries(painPlaceWords).map(([value, label]) => ({ value: value as NonNullable<PainDraft['place']>, label }));
const levels = Array.from({ length: 10 }, (_, i) => ({ value: i + 1, label: String(i + 1) }));
</script>

<template>
    <ChipRow label="Where" show-label :chips="places" :value="pain.place" @pick="pain = { ...pain, place: $event }" />
    <ChipRow label="Level of 10" show-label :chips="levels" :value="pain.level" @pick="pain = { ...pain, level: $event }" />
    <slot />
    <CautionNote :moments="['pain']" />
</template>

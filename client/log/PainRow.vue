<script setup lang="ts">
import { computed } from 'vue';
import ChipRow from '../parts/ChipRow.vue';
import PainDetails from './PainDetails.vue';
import type { PainDraft } from './usePad';

/** Null is no pain; undefined, that nobody asked yet. */
const pain = defineModel<PainDraft | null | undefined>({ required: true });

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
        <PainDetails v-if="pain" v-model="pain" />
    </div>
</template>

<style scoped>
.pain {
    display: grid;
    gap: var(--space-small);
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { faultWords } from '../domain/words';
import ManyChips from '../parts/ManyChips.vue';
import NoCountRow from './NoCountRow.vue';
import PainDetails from './PainDetails.vue';
import type { PadDraft } from './usePad';

/** What was seen of a set beside its count, each behind a button until it is wanted. */
const draft = defineModel<PadDraft>({ required: true });
const noCountsOpen = defineModel<boolean>('noCountsOpen', { required: true });

const seenOpen = ref(false);
const missed = computed(() => Object.values(draft.value.noCounts).reduce((sum, n) => sum + n, 0));
</script>

<template>
    <div class="row buttons">
        <NButton size="large" :aria-expanded="noCountsOpen" @click="noCountsOpen = !noCountsOpen">
            No-count
            <b v-if="missed > 0">{{ missed }}</b>
        </NButton>
        <NButton size="large" :aria-expanded="seenOpen" @click="seenOpen = !seenOpen">
            What I saw
            <b v-if="draft.faults.length > 0">{{ draft.faults.length }}</b>
        </NButton>
        <NButton size="large" :aria-pressed="draft.pain !== null" @click="draft.pain = draft.pain ? null : { place: null, level: null }">
            Pain
        </NButton>
        <slot />
    </div>
    <NoCountRow v-if="noCountsOpen" v-model="draft.noCounts" />
    <ManyChips v-if="seenOpen" v-model="draft.faults" label="What I saw" :words="faultWords" />
    <PainDetails v-if="draft.pain" v-model="draft.pain"><slot name="pain" /></PainDetails>
</template>

<style scoped>
b {
    margin-left: 6px;
    padding: 1px 7px;
    border-radius: var(--radius-base);
    background: var(--color-graphite);
    color: var(--color-paper);
}
</style>

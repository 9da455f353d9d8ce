<script setup lang="ts">
import { computed } from 'vue';
import { chanceWords } from '../domain/units';
import { useTrend } from './useTrend';
import { strictName, whenWords } from './foretold';

const props = defineProps<{ id: string }>();

const trend = useTrend(() => props.id);
const next = computed(() => trend.value.value?.forecasts.find((f) => f.verdict !== 'reached'));
</script>

<template>
    <p v-if="next" class="card foretold">
        <RouterLink class="tap" :to="`/people/${id}/trend`">{{ strictName(next.reps) }}</RouterLink>
        <span v-if="next.verdict === 'dated'">
            <b>{{ chanceWords(next.within_4) }}</b>
            within 4 weeks,
            <b>{{ chanceWords(next.within_12) }}</b>
            within 12
        </span>
        <b v-else>{{ whenWords(next) }}</b>
    </p>
</template>

<style scoped>
.foretold {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 var(--space-wide);
    padding-block: 2px;
}
</style>

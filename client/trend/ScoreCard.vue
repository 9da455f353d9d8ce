<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { chanceWords } from '../domain/units';

defineProps<{ scores: readonly Schemas['ForecastScore'][] }>();
</script>

<template>
    <section class="card stack" aria-label="How past forecasts did">
        <h2>How past forecasts did</h2>
        <p v-if="scores.length === 0" class="small dim">
            No first rep was foretold long enough ago in this gym to be held against what came.
        </p>
        <ul v-else class="small">
            <li v-for="s in scores" :key="s.chance">
                “{{ chanceWords(s.chance) }} within {{ s.weeks }} weeks”: {{ s.came }} of {{ s.said }} came.
            </li>
        </ul>
    </section>
</template>

<style scoped>
ul {
    list-style: none;
}
</style>

<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { linesOf } from './words';

defineProps<{ dry: Schemas['DryRun'] }>();
</script>

<template>
    <section class="card stack" aria-label="Lines left out">
        <h2>{{ linesOf(dry.refused_count) }} left out</h2>
        <ol>
            <li v-for="one in dry.refused" :key="one.line">
                <b>Line {{ one.line }}</b>
                {{ one.why }}
            </li>
        </ol>
        <p v-if="dry.refused_count > dry.refused.length" class="small dim">
            And {{ linesOf(dry.refused_count - dry.refused.length) }} more. Mend the file, or leave them out.
        </p>
    </section>
</template>

<style scoped>
ol {
    display: grid;
    gap: var(--space-hair);
    max-height: 420px;
    overflow-y: auto;
    list-style: none;
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import { momentWords } from '../domain/words';
import { useCautions } from '../composables/useCautions';
import PageHead from '../parts/PageHead.vue';

const cautions = useCautions();
void cautions.load();
const groups = computed(() =>
    Object.entries(momentWords).map(([moment, words]) => ({ words, items: cautions.items.filter((c) => c.moment === moment) })),
);
</script>

<template>
    <PageHead title="Cautions" />
    <p class="lead">These stand where they matter, too. They defer to licensed clinicians, to the makers of the gear and to local codes.</p>
    <div class="groups">
        <section v-for="group in groups" :key="group.words" class="card stack">
            <h2>{{ group.words }}</h2>
            <ul>
                <li v-for="caution in group.items" :key="caution.code">{{ caution.text }}</li>
            </ul>
        </section>
    </div>
</template>

<style scoped>
.lead {
    margin-bottom: var(--space-wide);
    max-width: 70ch;
}

.groups {
    columns: 360px;
    column-gap: var(--space-wide);
}

.groups section {
    margin-bottom: var(--space-wide);
    break-inside: avoid;
}

ul {
    display: grid;
    gap: var(--space-small);
    padding-left: 18px;
}
</style>

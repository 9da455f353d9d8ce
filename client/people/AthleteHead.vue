<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { length, mass, percent, percentRange, seconds } from '../domain/units';
import { kindWords } from '../domain/words';
import type { Athlete, Movement } from './useAthlete';

const props = defineProps<{ athlete: Athlete }>();
const emit = defineEmits<{ baseline: []; edit: []; archive: [archived: boolean]; why: [movement: Movement] }>();

interface Fact {
    name: string;
    value: string;
    why?: Movement;
}

const known = (c: Schemas['Capacity']): string => `${percent(c.share)} (${percentRange(c.low80, c.high80)})`;
const facts = computed((): Fact[] => {
    const a = props.athlete;
    return [
        { name: 'Bodyweight', value: mass(a.mass_kg) },
        { name: 'Height', value: length(a.stature_m) },
        { name: a.reach_source === 'measured' ? 'Reach, measured' : 'Reach, estimated', value: length(a.reach_m) },
        a.capacity ? { name: 'Pull capacity (80 %)', value: known(a.capacity), why: 'pull' } : { name: 'Pull capacity (80 %)', value: 'no baseline' },
        ...(a.row_capacity ? [{ name: 'Row capacity (80 %)', value: known(a.row_capacity), why: 'row' as const }] : []),
        { name: 'Best dead hang', value: a.best_hang_s === null ? 'none yet' : seconds(a.best_hang_s) },
    ];
});
</script>

<template>
    <div class="head">
        <div>
            <h1>{{ athlete.name }}</h1>
            <p class="dim small">{{ [kindWords[athlete.kind], ...athlete.tags, ...(athlete.archived ? ['archived'] : [])].join(' · ') }}</p>
        </div>
        <dl class="facts">
            <div v-for="fact in facts" :key="fact.name">
                <dt>{{ fact.name }}</dt>
                <dd>
                    <button v-if="fact.why" type="button" class="why" :aria-label="`${fact.name}, ${fact.value}: why?`" @click="emit('why', fact.why)">{{ fact.value }}</button>
                    <template v-else>{{ fact.value }}</template>
                </dd>
            </div>
        </dl>
        <div class="row no-print">
            <NButton :disabled="athlete.paused_on !== null" @click="emit('baseline')">Baseline</NButton>
            <RouterLink v-slot="{ navigate }" :to="`/people/${athlete.id}/body`" custom><NButton @click="navigate">Body</NButton></RouterLink>
            <RouterLink v-slot="{ navigate }" :to="`/people/${athlete.id}/card`" custom><NButton @click="navigate">Card</NButton></RouterLink>
            <NButton @click="emit('edit')">Change</NButton>
            <NButton @click="emit('archive', !athlete.archived)">{{ athlete.archived ? 'Bring back' : 'Archive' }}</NButton>
        </div>
    </div>
</template>

<style scoped>
.head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: var(--space-small) var(--space-broad);
    margin-bottom: var(--space-base);
}

.facts {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-hair) var(--space-broad);
    margin-right: auto;
}

dt {
    color: var(--color-dust);
    font-size: 12px;
}

dd {
    font-weight: 600;
}

@media (max-width: 720px) {
    .facts {
        display: grid;
        grid-template-columns: repeat(3, 1fr);
        gap: var(--space-hair) var(--space-base);
        font-size: var(--type-small);
    }
}
</style>

<script setup lang="ts">
import type { Schemas } from '../../domain/http';
import { day, mass, metres, speed } from '../../domain/units';

defineProps<{ why: Schemas['Why'] }>();

const DECIMALS: Record<string, number> = { '%': 1, reps: 1, '°': 0 };
const IN_UNITS_OF_GYM: Record<string, (value: number) => string> = { kg: mass, m: metres, 'cm/s': speed };
const inWords = ({ value, unit }: Schemas['Step']): string =>
    IN_UNITS_OF_GYM[unit]?.(value) ?? `${value.toFixed(DECIMALS[unit] ?? 2)} ${unit}`;
</script>

<template>
    <ol class="steps" tabindex="0" aria-label="How it came about">
        <li v-for="step in why.steps" :key="step.label">
            <span class="label">{{ step.label }}</span>
            <strong>{{ inWords(step) }}</strong>
            <span class="how small">
                {{ step.how }}
                <template v-if="step.source">· {{ step.source }}</template>
            </span>
        </li>
    </ol>
    <template v-if="why.sets.length > 0">
        <h3>The sets behind it</h3>
        <ul class="sets small">
            <li v-for="set in why.sets" :key="set.id">{{ day(set.on) }} · {{ set.words }}</li>
        </ul>
    </template>
    <p v-for="line in why.uncertainties" :key="line" class="small">{{ line }}</p>
    <p v-if="why.remedies.length > 0" class="small">
        <strong>To be surer:</strong>
        {{ why.remedies.join(' ') }}
    </p>
</template>

<style scoped>
.steps {
    list-style: none;
}

.steps li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 var(--space-base);
    padding: 6px 0;
    border-bottom: 1px solid var(--color-line);
}

h3 {
    margin-top: var(--space-small);
    font-size: var(--type-base);
}

.sets {
    display: grid;
    gap: 2px;
    list-style: none;
}

.label {
    font-weight: 600;
}

.how {
    grid-column: 1 / -1;
    color: var(--color-dust);
}
</style>

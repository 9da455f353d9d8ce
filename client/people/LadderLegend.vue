<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';

const props = defineProps<{ pull: Schemas['Ladder']; row: Schemas['Ladder'] }>();

const lanes = computed(() =>
    [
        { name: 'Pull', ladder: props.pull },
        { name: 'Row', ladder: props.row },
    ].filter(({ ladder }) => ladder.rungs.length > 0),
);
const points = (share: number): string => `${(100 * share).toFixed(1)} %`;
</script>

<template>
    <div class="legend small">
        <p v-for="{ name, ladder } in lanes" :key="name">
            <strong>{{ name }}:</strong>
            largest step {{ points(ladder.largest_step) }}, to {{ ladder.rungs.find((r) => r.rung.key === ladder.largest_step_to)?.rung.name ?? 'the goal' }}; chosen from
            {{ ladder.candidates }} set-ups.
            <span v-if="!ladder.reaches_goal">This kit does not reach the goal.</span>
            <span v-if="ladder.advice" class="advice">{{ ladder.advice }}</span>
        </p>
        <details>
            <summary>Why this ladder?</summary>
            <p v-for="{ name, ladder } in lanes" :key="name">
                {{ name }}: from {{ points(ladder.from_share) }} ({{ ladder.now ? 'the set-up in use' : 'what eight reps are expected on' }}) to {{ points(ladder.to_share) }},
                through {{ ladder.candidates }} set-ups that this gear allows and that fit. The smallest possible largest step; of the ways that have it the fewest set-ups, then
                the surest. Every step is at least 2 % of bodyweight. Bands stretched over 2.5 times their length are left out, and help that is only known to be somewhere in more
                than 12 %.
            </p>
        </details>
    </div>
</template>

<style scoped>
.legend {
    display: grid;
    gap: 3px;
    margin-top: var(--space-small);
    color: var(--color-slate);
}

.advice {
    color: var(--color-bark);
    font-weight: 600;
}
</style>

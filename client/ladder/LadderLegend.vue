<script setup lang="ts">
import type { Schemas } from '../domain/http';

defineProps<{ ladder: Schemas['Ladder'] }>();

const points = (share: number): string => `${(100 * share).toFixed(1)} %`;
</script>

<template>
    <details class="legend small">
        <summary>
            Biggest step {{ points(ladder.largest_step) }} · {{ ladder.candidates }} set-ups compared{{
                ladder.reaches_goal ? '' : ' · your gear stops short of the goal'
            }}
        </summary>
        <p v-if="ladder.advice" class="advice">{{ ladder.advice }}</p>
        <p>
            The largest step leads to {{ ladder.rungs.find((r) => r.rung.key === ladder.largest_step_to)?.rung.name ?? 'the goal' }}. From
            {{ points(ladder.from_share) }} ({{ ladder.now ? 'the set-up in use' : 'what eight reps are expected on' }}) to
            {{ points(ladder.to_share) }}, through the set-ups that this gear allows and that fit: the smallest possible largest step; of
            the ways that have it the fewest set-ups, then the surest. Every step is at least 2 % of bodyweight. Left out: bands stretched
            over 2.5 times their length or likely to lift off, heels that slip, and help that is only known to be somewhere in more than 12
            %.
        </p>
    </details>
</template>

<style scoped>
.legend {
    color: var(--color-slate);
}

summary {
    display: flex;
    align-items: center;
    min-height: var(--target);
    cursor: pointer;
}

.advice {
    color: var(--color-bark);
    font-weight: 600;
}
</style>

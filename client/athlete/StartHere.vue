<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Exercise } from '../domain/gear';
import { likely, mass, percent } from '../domain/units';
import type { Athlete, Ladders } from '../composables/useAthlete';

const props = defineProps<{ athlete: Athlete; ladders: Ladders | undefined }>();
const emit = defineEmits<{ baseline: []; choose: [exercise: Exercise] }>();

/** The screen allows no load. */
const barred = computed(() => props.athlete.screen.outcome === 'refer' || props.athlete.screen.outcome === 'not-yet');

/** Where to begin in each lane that was tried. */
const starts = computed(() => (props.ladders ? [props.ladders.pull, props.ladders.row] : []).flatMap((l) => (l.start ? [l.start] : [])));
</script>

<template>
    <section class="card stack start-here" aria-label="Where to begin">
        <h2>No set-up yet</h2>
        <p v-if="!athlete.capacity && !athlete.row_capacity">
            Start with a baseline, about twenty minutes. Then every set-up shows the reps to expect.
        </p>
        <template v-else-if="starts.length > 0">
            <p>From the baseline, this is where to begin:</p>
            <div v-for="start in starts" :key="start.key" class="start">
                <div>
                    <strong>{{ start.name }}</strong>
                    <p class="small dim">
                        carries {{ mass(start.carried.carried_kg.mean) }}, {{ percent(start.carried.share.mean) }}
                        <template v-if="start.prediction">· {{ likely(start.prediction) }}</template>
                    </p>
                </div>
                <NButton v-if="$may('coach')" type="primary" @click="emit('choose', start.exercise)">Put on this</NButton>
            </div>
        </template>
        <p v-else-if="$may('coach')">Open a set-up on the scale and put {{ athlete.name }} on it.</p>
        <div v-if="!athlete.paused_on && !barred">
            <NButton :type="athlete.capacity || athlete.screen.due ? 'default' : 'primary'" @click="emit('baseline')">
                Log a baseline
            </NButton>
        </div>
    </section>
</template>

<style scoped>
.start {
    display: grid;
    grid-template-columns: 1fr auto;
    align-items: center;
    gap: var(--space-small);
}
</style>

<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LineNow } from '../../domain/floor/tile';
import { percent, seconds, likely } from '../../domain/units';
import { askSetup } from '../../domain/setups';
import SideView from '../../draw/SideView.vue';
import ReadNote from '../../parts/ReadNote.vue';
import { useRead } from '../../composables/useRead';

/** What to do now: the set-up with its drawing a tap away, how much, how, and what to look out for. */
const props = defineProps<{ athleteId: string; line: LineNow }>();

const drawn = ref(false);
const isWritten = computed(() => props.line.rung?.key === props.line.line.rung?.key);
const exercise = computed(() => JSON.stringify(props.line.rung?.exercise));
/** The drawing of what is written is on the device; of what was put in its place it is asked for, and kept. */
const setup = useRead(
    () => ['setup', props.athleteId, exercise.value],
    () => askSetup(props.athleteId, exercise.value),
    { enabled: () => drawn.value && !isWritten.value && props.line.rung !== null },
);
const view = computed(() => (isWritten.value ? props.line.line.view : (setup.value.value?.view ?? null)));
const facts = computed(() => {
    const { line, rung } = props.line;
    return [
        `${line.sets} × ${line.amount.words}${line.per_side ? ' each side' : ''}`,
        `rest ${seconds(line.rest_s)}`,
        ...(rung ? [`${percent(rung.share)} of bodyweight`] : []),
        ...(rung?.prediction ? [likely(rung.prediction)] : []),
        ...(line.tempo ? [line.tempo] : []),
    ];
});
</script>

<template>
    <section class="card now" aria-label="Now">
        <h2>{{ line.rung?.name ?? line.line.name }}</h2>
        <p>{{ facts.join(' · ') }}</p>
        <ul v-if="line.line.cues.length > 0">
            <li v-for="cue in line.line.cues" :key="cue">{{ cue }}</li>
        </ul>
        <ul v-if="line.line.cautions.length > 0" class="caution">
            <li v-for="caution in line.line.cautions" :key="caution.code">{{ caution.text }}</li>
        </ul>
        <template v-if="line.rung">
            <button type="button" class="quiet" :aria-expanded="drawn" @click="drawn = !drawn">
                {{ drawn ? 'Hide the drawing' : 'Show the drawing' }}
            </button>
            <ReadNote v-if="drawn && !view" :read="setup" waits="Drawing it…" />
            <SideView v-if="drawn && view" :view="view" :name="line.rung.name" />
        </template>
    </section>
</template>

<style scoped>
.now {
    display: grid;
    gap: 4px;
    padding: 10px 14px;
}

h2 {
    font-size: var(--type-wide);
}

ul {
    padding-left: 18px;
    color: var(--color-slate);
    font-size: var(--type-base);
}

.caution {
    color: var(--color-down);
}
</style>

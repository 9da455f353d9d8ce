<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LineNow } from '../domain/floor/tile';
import { percent, seconds } from '../domain/units';
import SideView from '../draw/SideView.vue';

/** What to do now: the set-up with its drawing a tap away, how much, how, and what to look out for. */
const props = defineProps<{ line: LineNow }>();

const drawn = ref(false);
const facts = computed(() => {
    const { line, rung } = props.line;
    return [
        `${line.sets} × ${line.amount.words}${line.per_side ? ' each side' : ''}`,
        `rest ${seconds(line.rest_s)}`,
        ...(rung ? [`${percent(rung.share)} of bodyweight`] : []),
        ...(rung?.likely_to != null ? [`likely ${rung.likely_from}–${rung.likely_to}`] : []),
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
        <template v-if="line.line.view && line.rung?.key === line.line.rung?.key">
            <button type="button" class="quiet" :aria-expanded="drawn" @click="drawn = !drawn">{{ drawn ? 'Hide the drawing' : 'Show the drawing' }}</button>
            <SideView v-if="drawn" :view="line.line.view" :name="line.rung?.name ?? ''" />
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
    font-size: 19px;
}

ul {
    padding-left: 18px;
    color: var(--color-slate);
    font-size: 14px;
}

.caution {
    color: var(--color-down);
}
</style>

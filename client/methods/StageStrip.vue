<script setup lang="ts">
import { computed } from 'vue';
import { kindOf, weeksOf, weeksText, type Method } from './stages';

const props = defineProps<{ method: Method; longest?: number }>();

const LOW = 0.45;
/** Narrower than this, in hundredths, there is room for a number only. */
const NARROW = 7;

const total = computed(() => props.longest ?? props.method.stages.reduce((sum, s) => sum + weeksOf(s), 0));

/** Width for weeks on one scale for all methods, height for the share a stage ends at. */
const stages = computed(() =>
    props.method.stages.map((stage, i) => ({
        ...stage,
        word: (100 * weeksOf(stage)) / total.value < NARROW ? String(i + 1) : stage.name,
        kind: kindOf(stage),
        width: `${(100 * weeksOf(stage)) / total.value}%`,
        height: `${Math.round(100 * Math.min(1, LOW + (1 - LOW) * stage.ends_at_share))}%`,
        title: `${stage.name}: ${weeksText(stage.weeks)}, gate ${stage.gate}`,
    })),
);
</script>

<template>
    <ol class="strip" :aria-label="`Stages of ${method.name}`">
        <li
            v-for="stage in stages"
            :key="stage.key"
            :class="stage.kind"
            :style="{ width: stage.width, height: stage.height }"
            :title="stage.title"
        >
            <span class="word" aria-hidden="true">{{ stage.word }}</span>
            <span class="unseen">{{ stage.title }}</span>
        </li>
    </ol>
</template>

<style scoped>
.strip {
    display: flex;
    align-items: end;
    gap: 3px;
    height: 62px;
    list-style: none;
}

li {
    min-width: 0;
    padding: 5px 6px;
    border-radius: var(--radius-small) var(--radius-small) 0 0;
    overflow: hidden;
    font-size: var(--type-small);
    line-height: 1.2;
}

.word {
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    overflow: hidden;
    text-overflow: ellipsis;
}
</style>
<style src="./stage-kinds.css"></style>

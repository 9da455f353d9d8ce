<script setup lang="ts">
import { computed } from 'vue';
import { kindOf, weeksOf, weeksText, type Method } from './stages';

const props = defineProps<{ method: Method; longest?: number }>();

const LOW = 0.45;
const total = computed(() => props.longest ?? props.method.stages.reduce((sum, s) => sum + weeksOf(s), 0));

/** Width for weeks on one scale for all methods, height for the share a stage ends at. */
const stages = computed(() =>
    props.method.stages.map((stage) => ({
        ...stage,
        kind: kindOf(stage),
        width: `${(100 * weeksOf(stage)) / total.value}%`,
        height: `${Math.round(100 * Math.min(1, LOW + (1 - LOW) * stage.ends_at_share))}%`,
        how: `${weeksText(stage.weeks)}, gate ${stage.gate}`,
    })),
);
</script>

<template>
    <div class="strip" aria-hidden="true">
        <span
            v-for="(stage, i) in stages"
            :key="stage.key"
            :class="stage.kind"
            :style="{ width: stage.width, height: stage.height }"
            :title="`${stage.name}: ${stage.how}`"
        >
            {{ i + 1 }}
        </span>
    </div>
    <ol class="names small" :aria-label="`Stages of ${method.name}`">
        <li v-for="(stage, i) in stages" :key="stage.key">
            <b aria-hidden="true">{{ i + 1 }}</b>
            {{ stage.name }}
            <span class="unseen">: {{ stage.how }}</span>
        </li>
    </ol>
</template>

<style scoped>
.strip {
    display: flex;
    align-items: end;
    gap: 3px;
    height: 46px;
}

.strip span {
    min-width: 0;
    padding: 4px 6px;
    border-radius: var(--radius-small) var(--radius-small) 0 0;
    overflow: hidden;
    font-size: var(--type-small);
    font-weight: 700;
    line-height: 1.2;
}

.names {
    display: flex;
    flex-wrap: wrap;
    gap: 0 var(--space-base);
    margin-top: var(--space-hair);
    list-style: none;
}

.names b {
    color: var(--color-dust);
}
</style>
<style src="./stage-kinds.css"></style>

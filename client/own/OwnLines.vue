<script setup lang="ts">
import { computed } from 'vue';
import SideView from '../draw/SideView.vue';
import { dimensionText } from '../draw/toScale';
import type { Schemas } from '../domain/http';
import { intervalText } from '../domain/units';
import { asked, beside, mainOf } from './words';

const props = defineProps<{ lines: readonly Schemas['OwnLine'][] }>();

const main = computed(() => mainOf(props.lines));
</script>

<template>
    <ol class="lines">
        <li v-for="(line, i) in lines" :key="i">
            <details :open="i === main" class="card">
                <summary>
                    <b class="count">{{ asked(line) }}</b>
                    <span class="name">{{ line.name }}</span>
                </summary>
                <div class="in">
                    <SideView v-if="line.view" :view="line.view" :name="line.name" bare :width-px="320" :height-px="204" />
                    <p v-if="line.view && line.view.dimensions.length > 0" class="small dim">
                        {{ line.view.dimensions.map(dimensionText).join(' · ') }}
                    </p>
                    <p v-if="line.likely && !line.to_failure">
                        <b>{{ intervalText(line.likely) }} are likely.</b>
                        <template v-if="line.amount.measure === 'reps' && line.sets > 1">&#32;Stop with one or two left.</template>
                    </p>
                    <p v-if="beside(line).length > 0">{{ beside(line).join(' · ') }}</p>
                    <p v-if="line.cues.length > 0">{{ line.cues.join(' ') }}</p>
                    <ul v-if="line.cautions.length > 0" class="cautions">
                        <li v-for="caution in line.cautions" :key="caution.text">{{ caution.text }}</li>
                    </ul>
                </div>
            </details>
        </li>
    </ol>
</template>

<style scoped>
.lines {
    display: grid;
    gap: var(--space-small);
    list-style: none;
}

.card {
    padding: 0;
}

summary {
    display: grid;
    grid-template-columns: minmax(92px, auto) minmax(0, 1fr) 20px;
    gap: var(--space-base);
    align-items: center;
    min-height: 50px;
    padding: var(--space-small) var(--space-base);
    list-style: none;
}

summary::-webkit-details-marker {
    display: none;
}

summary::after {
    content: '';
    width: 9px;
    height: 9px;
    margin: 0 4px;
    border: solid var(--color-dust);
    border-width: 0 2px 2px 0;
    transform: rotate(45deg) translate(-2px, -2px);
}

details[open] summary::after {
    transform: rotate(-135deg) translate(-2px, -2px);
}

.count {
    font: 650 var(--type-wide) / 1.1 var(--type-display);
}

details[open] .count {
    font-size: var(--type-title);
}

.in {
    display: grid;
    gap: var(--space-small);
    padding: 0 var(--space-base) var(--space-base);
}

.cautions {
    padding-left: 18px;
    color: var(--color-down);
}
</style>

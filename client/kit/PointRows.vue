<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { limits } from '../domain/limits.gen';
import { unitOf } from '../domain/units';
import type { BandDraft } from './useBandDraft';

defineProps<{ draft: BandDraft }>();
</script>

<template>
    <fieldset>
        <legend>Readings of a hanging scale</legend>
        <p class="small dim">
            {{ draft.typed.points.length === 0 ? 'None yet, so the curve is an estimate. ' : '' }}Stretch it fully five times first. Hang
            the scale from the loop as hitched, pull far, and read on the way down: two lengths, one at least 40 % of the hung length longer
            than the other.
        </p>
        <div v-for="(point, i) in draft.typed.points" :key="i" class="point" :class="{ wrong: point.error }">
            <span class="number">{{ i + 1 }}</span>
            <NInput
                v-model:value="point.length"
                placeholder=""
                :input-props="{ inputmode: 'decimal', 'aria-label': `Length of point ${i + 1} in ${unitOf('cm')}` }"
            >
                <template #suffix>{{ unitOf('cm') }}</template>
            </NInput>
            <NInput
                v-model:value="point.force"
                placeholder=""
                :input-props="{ inputmode: 'decimal', 'aria-label': `Force of point ${i + 1} in ${unitOf(point.unit)}` }"
            />
            <button
                type="button"
                class="unit"
                :aria-label="`Unit of point ${i + 1}: ${unitOf(point.unit)}, change`"
                @click="draft.switchUnit(i)"
            >
                {{ unitOf(point.unit) }}
            </button>
            <button type="button" class="unit" :aria-label="`Remove point ${i + 1}`" @click="draft.dropPoint(i)">×</button>
            <p v-if="point.error" class="error" role="alert">{{ point.error }}</p>
        </div>
        <NButton v-if="draft.typed.points.length < limits.BandInput.points.most" size="small" @click="draft.addPoint">
            Add a reading
        </NButton>
    </fieldset>
</template>

<style scoped>
fieldset {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    min-width: 0;
    gap: 6px;
    justify-items: start;
    margin: 0;
    padding: 0;
    border: 0;
}

legend {
    padding: 0 0 4px;
    font-weight: 600;
}

.point {
    display: grid;
    grid-template-columns: 18px minmax(0, 1fr) minmax(0, 1fr) 44px 40px;
    align-items: center;
    gap: 6px;
    width: 100%;
}

.number {
    color: var(--color-dust);
    text-align: right;
}

.unit {
    height: 40px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font: 600 var(--type-base) var(--type-text);
    cursor: pointer;
}

.wrong {
    padding: 6px;
    border: 1px solid var(--color-refer);
    border-radius: var(--radius-small);
    background: var(--color-referTint);
}

.error {
    grid-column: 2 / -1;
    color: var(--color-refer);
    font-size: var(--type-small);
    font-weight: 600;
}
</style>

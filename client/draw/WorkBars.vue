<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { computed, useTemplateRef } from 'vue';
import type { Schemas } from '../domain/http';
import { day, seconds } from '../domain/units';
import { moment, timeAxis } from './time';

const props = defineProps<{ work: readonly Schemas['TrendWork'][]; from: string; to: string; months: boolean }>();

const HEIGHT = 96;
const BOX = { left: 6, right: 8, top: 10, bottom: 20 };
const THINNEST_PX = 2;
const GAP = 0.7;

const frame = useTemplateRef<HTMLElement>('frame');
const { width: measured } = useElementSize(frame);
const width = computed(() => Math.max(160, measured.value));
const x = computed(() => timeAxis(moment(props.from), moment(props.to), BOX.left, width.value - BOX.right));
const most = computed(() => max(props.work, (w) => w.kj) ?? 0);
const y = computed(() => scaleLinear([0, most.value || 1], [HEIGHT - BOX.bottom, BOX.top]));
const bars = computed(() => {
    const each = (width.value - BOX.left - BOX.right) / Math.max(1, (moment(props.to).getTime() - moment(props.from).getTime()) / (86_400_000 * (props.months ? 30 : 7)));
    return props.work.map((w) => ({
        x: Math.max(BOX.left, x.value(moment(w.from))),
        y: y.value(w.kj),
        width: Math.max(THINNEST_PX, GAP * each),
        height: HEIGHT - BOX.bottom - y.value(w.kj),
    }));
});
const last = computed(() => props.work.at(-1));
const each = computed(() => (props.months ? 'month' : 'week'));
const words = computed(() => (last.value ? `${last.value.kj.toFixed(1)} kJ${last.value.controlled_s > 0 ? `, ${seconds(last.value.controlled_s)} controlled` : ''}` : ''));
</script>

<template>
    <section ref="frame" class="card" aria-label="Work">
        <h2>
            Work a {{ each }}
            <span>{{ words }}</span>
        </h2>
        <svg
            v-if="work.length > 0"
            :width="width"
            :height="HEIGHT"
            role="img"
            :aria-label="`Work a ${each}: at most ${most.toFixed(1)} kJ; the last, from ${last ? day(last.from) : ''}, ${words}.`"
        >
            <rect v-for="(b, i) in bars" :key="i" :x="b.x" :y="b.y" :width="b.width" :height="b.height" />
            <text :x="BOX.left" :y="HEIGHT - 4">up to {{ most.toFixed(1) }} kJ</text>
        </svg>
        <p v-else class="small dim">Nothing logged in this time.</p>
    </section>
</template>

<style scoped>
h2 {
    font-size: var(--type-base);
}

h2 span {
    color: var(--color-slate);
    font-family: var(--type-text);
    font-weight: 400;
}

rect {
    fill: var(--color-timber);
}

text {
    fill: var(--color-dust);
    font-size: 12px;
}
</style>

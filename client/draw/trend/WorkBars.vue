<script setup lang="ts">
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { computed } from 'vue';
import type { Schemas } from '../../domain/http';
import { day, seconds } from '../../domain/units';
import SmallAxes from './SmallAxes.vue';
import { moment } from './time';
import { BOX, HEIGHT, useSmallChart } from './useSmallChart';

const props = defineProps<{ work: readonly Schemas['TrendWork'][]; from: string; to: string; each: Schemas['Trend']['work_each'] }>();

const THINNEST_PX = 2;
const GAP = 0.7;
const DAY_MS = 86_400_000;
const DAYS = { week: 7, month: 30 };

const { width, x } = useSmallChart(() => props);
const most = computed(() => max(props.work, (w) => w.kj) ?? 0);
const y = computed(() => scaleLinear([0, most.value || 1], [HEIGHT - BOX.bottom, BOX.top]));
const bars = computed(() => {
    const step =
        (width.value - BOX.left - BOX.right) /
        Math.max(1, (moment(props.to).getTime() - moment(props.from).getTime()) / (DAY_MS * DAYS[props.each]));
    return props.work.map((w) => ({
        x: Math.max(BOX.left, x.value(moment(w.from))),
        y: y.value(w.kj),
        width: Math.max(THINNEST_PX, GAP * step),
        height: HEIGHT - BOX.bottom - y.value(w.kj),
    }));
});
const last = computed(() => props.work.at(-1));
const kilojoules = (kj: number): string => `${Math.round(kj)} kJ`;
const words = computed(() =>
    last.value
        ? `${last.value.kj.toFixed(1)} kJ${last.value.controlled_s > 0 ? `, ${seconds(last.value.controlled_s)} controlled` : ''}`
        : '',
);
</script>

<template>
    <section ref="frame" class="card" aria-label="Work">
        <h2>
            Work this {{ each }}
            <span>{{ words }}</span>
        </h2>
        <svg
            v-if="work.length > 0"
            :width="width"
            :height="HEIGHT"
            role="img"
            :aria-label="`Work this ${each}: at most ${most.toFixed(1)} kJ; the last, from ${last ? day(last.from) : ''}, ${words}.`"
        >
            <SmallAxes :axes="{ x, y }" :width="width" :words="kilojoules" />
            <rect v-for="(b, i) in bars" :key="i" :x="b.x" :y="b.y" :width="b.width" :height="b.height" />
        </svg>
        <p v-else class="small dim">Nothing logged in this time.</p>
    </section>
</template>

<style scoped src="./small-chart.css"></style>

<style scoped>
rect {
    fill: var(--color-timber);
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { chanceWords, day, mass, percent, percentRange } from '../domain/units';
import { spread } from '../draw/spread';
import { strictName, whenWords } from '../trend/foretold';

const props = defineProps<{
    /** None of who is on rows, whose shares are another matter. */
    ladder: Schemas['OwnLadder'] | null;
    capacity: Schemas['Capacity'] | null;
    forecast: Schemas['Forecast'] | null;
}>();

const HEIGHT_PX = 214;
const TOP_PX = 22;
const BOTTOM_PX = 196;
const APART_PX = 44;
const ALMOST_ALL = 0.999;
const SAME = 0.005;
const BELOW = 0.06;

/** What is named on the rails, from the top down. */
const named = computed(() => {
    const { ladder } = props;
    if (ladder === null) {
        return [];
    }
    const { share, next_name, next_share, began_share, began_on } = ladder;
    const isThere = share >= ALMOST_ALL;
    return [
        ...(isThere ? [] : [{ kind: 'strict', share: 1, head: 'a strict pull-up', text: '' }]),
        ...(next_name !== null && next_share !== null ? [{ kind: 'next', share: next_share, head: `next: ${next_name}`, text: '' }] : []),
        { kind: 'now', share, head: `you carry ${mass(ladder.carried_kg)} of ${mass(ladder.mass_kg)}`, text: ladder.name },
        ...(began_share !== null && began_on !== null && Math.abs(began_share - share) > SAME
            ? [{ kind: 'began', share: began_share, head: '', text: `began here on ${day(began_on)}` }]
            : []),
    ].sort((a, b) => b.share - a.share);
});
/** The ladder is drawn from a little below the lowest that is named, so that the way left is seen at its length. */
const least = computed(() => Math.min(...named.value.map((m) => m.share)) - BELOW);
const most = computed(() => Math.max(1, ...named.value.map((m) => m.share)));
const yOf = (share: number): number => BOTTOM_PX - ((share - least.value) / (most.value - least.value)) * (BOTTOM_PX - TOP_PX);

const marks = computed(() => {
    const wanted = named.value.map((m) => yOf(m.share));
    const places = spread(wanted, APART_PX, TOP_PX, BOTTOM_PX);
    return named.value.map((mark, i) => ({ ...mark, y: yOf(mark.share), textY: places[i] ?? yOf(mark.share) }));
});
const rungs = computed(() => {
    const step = 0.1;
    const from = Math.ceil(least.value / step) * step;
    return Array.from({ length: Math.max(0, Math.floor((most.value - from) / step + 1e-9) + 1) }, (_, i) => yOf(from + i * step));
});
const chance = computed(() => {
    const { forecast } = props;
    if (forecast === null) {
        return '';
    }
    return forecast.verdict === 'dated'
        ? `${chanceWords(forecast.within_4)} within 4 weeks, ${chanceWords(forecast.within_12)} within 12`
        : whenWords(forecast);
});
</script>

<template>
    <section class="card stack" aria-label="Where you are">
        <h2>Where you are</h2>
        <div v-if="ladder" class="picture" role="img" :aria-label="marks.map((m) => `${percent(m.share)}: ${m.head} ${m.text}`).join('; ')">
            <svg :viewBox="`0 0 96 ${HEIGHT_PX}`" width="96" :height="HEIGHT_PX" aria-hidden="true">
                <path class="rail" :d="`M62 8V${HEIGHT_PX - 8}M88 8V${HEIGHT_PX - 8}`" />
                <path v-for="y in rungs" :key="y" class="rung" :d="`M62 ${y}H88`" />
                <path v-for="m in marks" :key="m.kind" :class="m.kind" :d="m.kind === 'now' ? `M56 ${m.y}H94` : `M62 ${m.y}H88`" />
                <text v-for="m in marks" :key="`t-${m.kind}`" :class="m.kind" x="50" :y="m.textY + 5" text-anchor="end">
                    {{ percent(m.share) }}
                </text>
            </svg>
            <div v-for="m in marks" :key="m.kind" class="words" :class="m.kind" :style="{ top: `${m.textY - 11}px` }" aria-hidden="true">
                <b v-if="m.head">{{ m.head }}</b>
                <span v-if="m.text" class="small">{{ m.text }}</span>
            </div>
        </div>
        <p v-if="chance && forecast">
            <b>{{ strictName(forecast.reps) }}: {{ chance }}.</b>
        </p>
        <details v-if="capacity">
            <summary>Why</summary>
            <p>
                From your sets up to {{ day(capacity.on) }}: once, with nothing left, you could pull
                {{ percentRange(capacity.low80, capacity.high80) }} of your bodyweight; that is right eight times in ten. A strict pull-up
                asks for 100 %. How sure the date is grows with what is logged.
            </p>
        </details>
    </section>
</template>

<style scoped>
.picture {
    position: relative;
    min-height: 214px;
}

.rail {
    stroke: var(--color-timber);
    stroke-width: 5;
    stroke-linecap: round;
}

.rung {
    stroke: var(--color-edge);
    stroke-width: 2;
}

path.strict {
    stroke: var(--color-graphite);
    stroke-width: 4;
}

path.next {
    stroke: var(--color-climb);
    stroke-width: 5;
    stroke-dasharray: 6 3;
}

path.now {
    stroke: var(--color-graphite);
    stroke-width: 10;
    stroke-linecap: round;
}

path.began {
    stroke: var(--color-edge);
    stroke-width: 4;
}

text {
    fill: var(--color-graphite);
    font: 650 var(--type-base) / 1 var(--type-display);
}

text.next,
.words.next {
    fill: var(--color-climb);
    color: var(--color-climb);
}

summary {
    min-height: var(--target);
    padding-block: 10px;
}

.words {
    position: absolute;
    left: 108px;
    right: 0;
    display: grid;
    line-height: 1.3;
}

.words span {
    overflow: hidden;
    color: var(--color-slate);
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>

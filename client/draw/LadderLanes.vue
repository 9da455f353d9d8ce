<script setup lang="ts">
import { computed, ref } from 'vue';
import { splitName } from '../domain/gear';
import type { Schemas } from '../domain/http';
import { percent, repsText, signedPercent } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import { spread } from './spread';

type Rung = Schemas['Rung'];

export interface LaneShown {
    title: string;
    rungs: { rung: Rung; step: number | null; chosen: boolean }[];
    capacity: Schemas['Capacity'] | null;
    /** Seconds count here, all at the same share: one line each. */
    compact?: boolean;
}

const props = defineProps<{ lanes: readonly LaneShown[]; nextKey: string | undefined; largestKeys: readonly string[] }>();
const emit = defineEmits<{ open: [rung: Rung] }>();

const LABEL_PX = 48;
const COMPACT_PX = 27;
const RAIL_PX = 38;
const MARGIN_PX = 22;
const LEAST_HEIGHT_PX = 480;
const AXIS_PX = 40;
const ROOM_SHARE = 0.06;

/** On a phone one lane at a time is shown. */
const picked = ref(props.lanes.at(-1)?.title ?? '');
const picks = computed(() => props.lanes.map(({ title }) => ({ value: title, label: title })));

const shares = computed(() => props.lanes.flatMap((l) => l.rungs.map((r) => r.rung.carried.share.mean)));
const low = computed(() => Math.max(0, Math.floor((Math.min(1, ...shares.value) - ROOM_SHARE) * 10) / 10));
const high = computed(() => Math.max(1.1, Math.ceil((Math.max(...shares.value, 0) + ROOM_SHARE) * 10) / 10));
const heightPx = computed(() => Math.max(LEAST_HEIGHT_PX, Math.max(0, ...props.lanes.map((l) => l.rungs.length)) * LABEL_PX + 2 * MARGIN_PX));
const y = (share: number): number => MARGIN_PX + ((high.value - Math.min(Math.max(share, low.value), high.value)) / (high.value - low.value)) * (heightPx.value - 2 * MARGIN_PX);
const ticks = computed(() => Array.from({ length: Math.round((high.value - low.value) * 10) + 1 }, (_, i) => low.value + i / 10));

const laid = computed(() =>
    props.lanes.map((lane) => {
        const topDown = [...lane.rungs].reverse();
        const wanted = topDown.map((r) => y(r.rung.carried.share.mean));
        const labelPx = lane.compact ? COMPACT_PX : LABEL_PX;
        const placed = spread(wanted, labelPx, MARGIN_PX, heightPx.value - MARGIN_PX);
        return {
            title: lane.title,
            capacity: lane.capacity,
            compact: lane.compact,
            labelPx,
            rungs: topDown.map((r, i) => ({
                ...r,
                markPx: wanted[i] ?? 0,
                labelPx: placed[i] ?? 0,
                name: splitName(r.rung.name),
                next: r.rung.key === props.nextKey && !r.chosen,
            })),
        };
    }),
);
</script>

<template>
    <ChipRow class="pick" label="Lane" :chips="picks" :value="picked" @pick="picked = $event" />
    <div class="lanes" :style="{ '--axis': `${AXIS_PX}px`, '--rail': `${RAIL_PX}px` }">
        <div>
            <p class="title">&nbsp;</p>
            <svg :width="AXIS_PX" :height="heightPx" aria-hidden="true">
                <text v-for="tick in ticks" :key="tick" :x="AXIS_PX - 4" :y="y(tick) + 4" text-anchor="end" :class="{ whole: Math.abs(tick - 1) < 0.01 }">
                    {{ percent(tick) }}
                </text>
            </svg>
        </div>
        <section v-for="lane in laid" :key="lane.title" :aria-label="lane.title" :class="{ picked: lane.title === picked }">
            <h3 class="title">{{ lane.title }}</h3>
            <div class="lane" :style="{ height: `${heightPx}px` }">
                <svg :width="RAIL_PX" :height="heightPx" aria-hidden="true">
                    <line v-for="tick in ticks" :key="tick" class="tick" x1="0" x2="26" :y1="y(tick)" :y2="y(tick)" />
                    <rect
                        v-if="lane.capacity"
                        class="capacity"
                        x="4"
                        width="18"
                        :y="y(lane.capacity.high80)"
                        :height="Math.max(2, y(lane.capacity.low80) - y(lane.capacity.high80))"
                    />
                    <line v-for="x in [4, 22]" :key="x" class="rail" :x1="x" :x2="x" :y1="MARGIN_PX - 8" :y2="heightPx - MARGIN_PX + 8" />
                    <g v-for="r in lane.rungs" :key="r.rung.key" :class="{ chosen: r.chosen, next: r.next }">
                        <line class="rung" x1="4" x2="22" :y1="r.markPx" :y2="r.markPx" />
                        <polyline class="lead" :points="`24,${r.markPx} 27,${r.markPx} 34,${r.labelPx} ${RAIL_PX},${r.labelPx}`" />
                    </g>
                </svg>
                <ol>
                    <li v-for="r in lane.rungs" :key="r.rung.key" :style="{ top: `${r.labelPx - lane.labelPx / 2}px`, height: `${lane.labelPx}px` }">
                        <button
                            type="button"
                            :class="{ chosen: r.chosen, next: r.next }"
                            :title="r.rung.name"
                            :data-rung="r.rung.key"
                            :data-share="r.rung.carried.share.mean"
                            @click="emit('open', r.rung)"
                        >
                            <span v-if="lane.compact" class="name">{{ r.name.join(' ') }}</span>
                            <template v-else>
                                <span class="figures">
                                    <strong>{{ percent(r.rung.carried.share.mean) }}</strong>
                                    <em v-if="r.chosen">now</em>
                                    <span v-else-if="r.step !== null" class="step" :class="{ largest: largestKeys.includes(r.rung.key) }">{{ signedPercent(r.step) }}</span>
                                    <span v-if="r.rung.prediction" class="reps">{{ repsText(r.rung.prediction) }}</span>
                                </span>
                                <span class="name">
                                    <em v-if="r.next">next:</em>
                                    {{ r.name[0] }}
                                    <small>{{ r.name[1] }}</small>
                                </span>
                            </template>
                        </button>
                    </li>
                </ol>
            </div>
        </section>
    </div>
</template>

<style scoped src="./rail.css"></style>
<style scoped src="./ladder-lanes.css"></style>

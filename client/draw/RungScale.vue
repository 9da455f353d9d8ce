<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { intervalText, mass, massRange, percent, percentRange, repsText } from '../domain/units';
import { spread } from './spread';

const props = defineProps<{
    rungs: readonly Schemas['ScaleRung'][];
    capacity: Schemas['Capacity'] | null;
    nextKey: string | undefined;
}>();
const emit = defineEmits<{ open: [rung: Schemas['ScaleRung']] }>();

const ROW_PX = 44;
const LEAST_HEIGHT_PX = 530;
const MARGIN_PX = 24;
const TOP_SHARE = 1.1;
const WIDTH_PX = 118;
const RAIL_LEFT_PX = 48;
const RAIL_RIGHT_PX = 84;
const RAIL_MIDDLE_PX = (RAIL_LEFT_PX + RAIL_RIGHT_PX) / 2;

const heightPx = computed(() => Math.max(LEAST_HEIGHT_PX, props.rungs.length * ROW_PX + 2 * MARGIN_PX));
const y = (share: number): number =>
    heightPx.value - MARGIN_PX - (Math.min(Math.max(share, 0), TOP_SHARE) / TOP_SHARE) * (heightPx.value - 2 * MARGIN_PX);
const ticks = Array.from({ length: 12 }, (_, i) => i / 10);

const rows = computed(() => {
    const topDown = [...props.rungs].reverse();
    const wanted = topDown.map((r) => y(r.rung.carried.share.mean));
    const placed = spread(wanted, ROW_PX, MARGIN_PX, heightPx.value - MARGIN_PX);
    return topDown.map((r, i) => ({
        ...r,
        meanPx: wanted[i] ?? 0,
        labelPx: placed[i] ?? 0,
        next: r.rung.key === props.nextKey && !r.chosen,
        title: r.rung.name.split(', ').slice(0, 2).join(' · '),
    }));
});
const chosen = computed(() => rows.value.find((r) => r.chosen));
const next = computed(() => rows.value.find((r) => r.next));
</script>

<template>
    <p class="heads" aria-hidden="true">
        <span>Share</span>
        <span>Carried</span>
        <span>Set-up, bottom to top</span>
        <span>Expected</span>
    </p>
    <div class="scale" :style="{ height: `${heightPx}px` }">
        <svg
            :width="WIDTH_PX"
            :height="heightPx"
            role="img"
            aria-label="Carried share of bodyweight, 0 to 110 per cent; the rungs follow as a list."
        >
            <g class="ticks">
                <template v-for="tick in ticks" :key="tick">
                    <line :x1="RAIL_LEFT_PX - 6" :x2="RAIL_LEFT_PX" :y1="y(tick)" :y2="y(tick)" />
                    <text :x="RAIL_LEFT_PX - 9" :y="y(tick) + 4" :class="{ whole: tick === 1 }">{{ percent(tick) }}</text>
                </template>
            </g>
            <rect
                v-if="capacity"
                class="capacity"
                :x="RAIL_LEFT_PX"
                :width="RAIL_RIGHT_PX - RAIL_LEFT_PX"
                :y="y(capacity.high80)"
                :height="Math.max(2, y(capacity.low80) - y(capacity.high80))"
            />
            <rect
                v-if="chosen && next"
                class="step"
                :x="RAIL_LEFT_PX"
                :width="RAIL_RIGHT_PX - RAIL_LEFT_PX"
                :y="Math.min(chosen.meanPx, next.meanPx)"
                :height="Math.abs(next.meanPx - chosen.meanPx)"
            />
            <line
                v-for="x in [RAIL_LEFT_PX, RAIL_RIGHT_PX]"
                :key="x"
                class="rail"
                :x1="x"
                :x2="x"
                :y1="MARGIN_PX - 10"
                :y2="heightPx - MARGIN_PX + 8"
            />
            <g v-for="row in rows" :key="row.rung.key" :class="{ chosen: row.chosen, next: row.next }">
                <line
                    class="span"
                    :x1="RAIL_MIDDLE_PX"
                    :x2="RAIL_MIDDLE_PX"
                    :y1="y(row.rung.carried.share.bottom)"
                    :y2="y(row.rung.carried.share.top)"
                    :opacity="row.chosen ? 1 : 0"
                />
                <line class="rung" :x1="RAIL_LEFT_PX" :x2="RAIL_RIGHT_PX" :y1="row.meanPx" :y2="row.meanPx" />
                <polyline
                    class="lead"
                    :points="`${RAIL_RIGHT_PX + 3},${row.meanPx} ${RAIL_RIGHT_PX + 12},${row.meanPx} ${WIDTH_PX - 8},${row.labelPx} ${WIDTH_PX},${row.labelPx}`"
                />
            </g>
        </svg>
        <ol class="labels" aria-label="Set-ups, from the most carried to the least">
            <li v-for="row in rows" :key="row.rung.key" :style="{ top: `${row.labelPx - ROW_PX / 2}px` }">
                <button type="button" :class="{ chosen: row.chosen, next: row.next }" :data-rung="row.rung.key" @click="emit('open', row)">
                    <strong class="share">{{ percent(row.rung.carried.share.mean) }}</strong>
                    <span class="kg">{{ mass(row.rung.carried.carried_kg.mean) }}</span>
                    <span class="name">
                        {{ row.title }}
                        <em v-if="row.chosen">· now</em>
                        <em v-if="row.next">· next</em>
                        <small>
                            <template v-if="row.bars.length > 0">
                                {{ massRange(row.rung.carried.carried_kg.bottom, row.rung.carried.carried_kg.top) }},
                                {{ percentRange(row.rung.carried.share.bottom, row.rung.carried.share.top) }} ·
                                {{ row.bars.length > 1 ? `${row.bars.length} bars` : row.bars[0] }}
                            </template>
                            <template v-else>the same from bottom to top</template>
                        </small>
                    </span>
                    <span class="reps">
                        <template v-if="row.rung.prediction">
                            {{ repsText(row.rung.prediction) }}
                            <small>likely {{ intervalText(row.rung.prediction) }}</small>
                        </template>
                        <template v-else>no baseline</template>
                    </span>
                </button>
            </li>
        </ol>
    </div>
</template>

<style scoped src="./rail.css"></style>
<style scoped src="./rung-scale.css"></style>

<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed, ref } from 'vue';
import { splitName } from '../domain/gear';
import type { Schemas } from '../domain/http';
import { likely, mass, percent, percentRange } from '../domain/units';

type Rung = Schemas['Rung'];

export interface RungShown {
    rung: Rung;
    /** Of carried share, from the one below; none where that is another gear's. */
    step: number | null;
    chosen: boolean;
}

const props = defineProps<{
    /** The easiest first. */
    rungs: readonly RungShown[];
    nextKey: string | undefined;
    largestKey: string | null;
    /** Where the middle lies while nothing is in use. */
    middleKey?: string | undefined;
}>();
const emit = defineEmits<{ open: [rung: Rung] }>();

/** About so many round the one in use: most of them are still to come. */
const BELOW = 1;
const ABOVE = { phone: 1, wide: 3 };

const phone = useMediaQuery('(max-width: 720px)');
const ahead = computed(() => (phone.value ? ABOVE.phone : ABOVE.wide));

const whole = ref(false);
const now = computed(() => {
    const key = props.rungs.find((r) => r.chosen)?.rung.key ?? props.middleKey;
    return Math.max(
        0,
        props.rungs.findIndex((r) => r.rung.key === key),
    );
});
const low = computed(() => (whole.value ? 0 : Math.max(0, Math.min(now.value - BELOW, props.rungs.length - BELOW - ahead.value - 1))));
const high = computed(() => (whole.value ? props.rungs.length : Math.min(props.rungs.length, low.value + BELOW + ahead.value + 1)));
const shown = computed(() =>
    props.rungs
        .slice(low.value, high.value)
        .map((r) => ({ ...r, name: splitName(r.rung.name), next: r.rung.key === props.nextKey && !r.chosen }))
        .reverse(),
);
const above = computed(() => props.rungs.length - high.value);
const goal = computed(() => props.rungs.at(-1));
const points = (share: number): string => `${share < 0 ? '−' : '+'}${Math.abs(Math.round(100 * share))}`;

/** What it carries beside the one in use, where it can be said at all. */
function carries(rung: Rung): string {
    const range = rung.carried.share_range;
    if (range) {
        return `carries ${percentRange(range[0] ?? 0, range[1] ?? 1)}`;
    }
    const more =
        rung.carried.carried_kg.mean - (props.rungs.find((r) => r.chosen)?.rung.carried.carried_kg.mean ?? rung.carried.carried_kg.mean);
    const beside = Math.abs(more) < 0.05 ? '' : `, ${mass(Math.abs(more))} ${more > 0 ? 'more' : 'less'}`;
    return `carries ${mass(rung.carried.carried_kg.mean)}${beside}`;
}
</script>

<template>
    <div class="ladder">
        <button v-if="above > 0" type="button" class="more small" @click="whole = true">
            ▲ {{ above }} more to {{ percent(goal?.rung.carried.share.mean ?? 1) }}
        </button>
        <ol>
            <li v-for="(r, i) in shown" :key="r.rung.key" :class="{ chosen: r.chosen, next: r.next }">
                <span class="share">{{ percent(r.rung.carried.share.mean) }}</span>
                <span class="rail" aria-hidden="true"><i /></span>
                <button type="button" :data-rung="r.rung.key" :data-share="r.rung.carried.share.mean" @click="emit('open', r.rung)">
                    <span class="name">
                        {{ r.name[0] }}
                        <em v-if="r.chosen">now</em>
                        <em v-else-if="r.next">next</em>
                    </span>
                    <span v-if="r.rung.prediction" class="likely">{{ likely(r.rung.prediction) }}</span>
                    <span class="small dim what">{{ [r.name[1], carries(r.rung)].filter(Boolean).join(' · ') }}</span>
                </button>
                <span
                    v-if="r.step !== null && (i < shown.length - 1 || low === 0)"
                    class="step small"
                    :class="{ largest: r.rung.key === largestKey }"
                >
                    {{ points(r.step) }}
                </span>
            </li>
        </ol>
        <button v-if="low > 0" type="button" class="more small" @click="whole = true">▼ {{ low }} easier</button>
        <button v-else-if="whole && rungs.length > BELOW + ahead + 1" type="button" class="more small" @click="whole = false">
            Only those round now
        </button>
    </div>
</template>

<style scoped src="./lane-ladder.css"></style>

<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { Schemas } from '../domain/http';
import { leads } from '../domain/leads';
import { intervalText, mass, percent, percentRange } from '../domain/units';

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
const ABOVE = { phone: 1, usual: 3, wide: 7 };

const phone = useMediaQuery('(max-width: 720px)');
const wide = useMediaQuery('(min-width: 1600px) and (min-height: 1000px)');
const ahead = computed(() => ABOVE[phone.value ? 'phone' : wide.value ? 'wide' : 'usual']);

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
const shown = computed(() => {
    const those = props.rungs.slice(low.value, high.value).reverse();
    const names = leads(those.map((r) => r.rung.name));
    return those.map((r, i) => ({ ...r, ...names[i], next: r.rung.key === props.nextKey && !r.chosen }));
});
const above = computed(() => props.rungs.length - high.value);
const goal = computed(() => props.rungs.at(-1));
const points = (share: number): string => `${share < 0 ? '−' : '+'}${Math.abs(Math.round(100 * share))}`;

/** In kilos; of help that is only bounded, the range. */
function carries({ carried }: Rung): string {
    const [least, most] = carried.share_range ?? [];
    return least === undefined || most === undefined ? mass(carried.carried_kg.mean) : percentRange(least, most);
}
</script>

<template>
    <div class="ladder">
        <div class="heads small dim">
            <span>of weight</span>
            <button v-if="above > 0" type="button" class="more small" @click="whole = true">
                ▲ {{ above }} more to {{ percent(goal?.rung.carried.share.mean ?? 1) }}
            </button>
            <span>carries</span>
            <span>
                likely
                <i>reps</i>
            </span>
        </div>
        <ol>
            <li v-for="(r, i) in shown" :key="r.rung.key" :class="{ chosen: r.chosen, next: r.next }">
                <span class="share">{{ percent(r.rung.carried.share.mean) }}</span>
                <span class="rail" aria-hidden="true"><i /></span>
                <button type="button" :data-rung="r.rung.key" :data-share="r.rung.carried.share.mean" @click="emit('open', r.rung)">
                    <span class="name">
                        {{ r.lead }}
                        <em v-if="r.chosen">now</em>
                        <em v-else-if="r.next">next</em>
                    </span>
                    <span class="kilos">
                        <span class="unseen">carries</span>
                        {{ carries(r.rung) }}
                    </span>
                    <span class="likely">
                        <template v-if="r.rung.prediction">
                            <span class="unseen">likely reps</span>
                            {{ intervalText(r.rung.prediction) }}
                        </template>
                    </span>
                    <span class="small dim what">{{ r.rest }}</span>
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
        <button v-if="low > 0" type="button" class="more under small" @click="whole = true">▼ {{ low }} easier</button>
        <button v-else-if="whole && rungs.length > BELOW + ahead + 1" type="button" class="more under small" @click="whole = false">
            Only those round now
        </button>
    </div>
</template>

<style scoped src="./lane-ladder.css"></style>

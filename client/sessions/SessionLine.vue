<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { intervalText, mass, percent, secondsRange } from '../domain/units';
import BesideLog from './BesideLog.vue';
import PullLog from './PullLog.vue';

const props = defineProps<{ id: string; block: Schemas['Block'] }>();
defineEmits<{ change: []; putBack: [] }>();

const rest = (s: number): string => (s >= 120 ? `rest ${Number((s / 60).toFixed(1))} min` : s === 0 ? 'no rest' : `rest ${s} s`);
/** Of a mixed set, what it begins with. */
const begun = computed(() => (props.block.begun ? `${props.block.begun.reps} + ` : ''));
const count = computed(
    () =>
        `${props.block.sets} × ${begun.value}${props.block.amount.measure === 'total_reps' ? `(${props.block.amount.words})` : props.block.amount.words}`,
);
/** Sets tire: the first likely count, and the last where it is another. */
const likely = computed(() => {
    const { expected } = props.block;
    const [first, last] = [expected[0], expected.at(-1)];
    if (first && last) {
        const then = intervalText(last);
        return `likely ${intervalText(first)}${expected.length > 1 && then !== intervalText(first) ? `, last ${then}` : ''}`;
    }
    const s = props.block.seconds;
    return s ? `likely ${secondsRange(s.low80, s.high80)}` : '';
});
const load = computed(() => {
    const carried = props.block.rung?.carried;
    return carried ? `${mass(carried.carried_kg.mean)}, ${percent(carried.share.mean)}` : '';
});
const about = computed(() =>
    [
        props.block.begun ? `${props.block.begun.reps} on ${props.block.begun.name}, then on this, no rest between` : '',
        load.value,
        props.block.tempo,
        props.block.to_failure ? 'to failure' : '',
        props.block.per_side ? 'each side' : '',
        props.block.group ? `round ${props.block.group}` : '',
    ]
        .filter(Boolean)
        .join(' · '),
);
const hand = computed(() => {
    const { by_hand, school } = props.block;
    return by_hand
        ? `By hand, ${by_hand.lasts ? 'from now on' : 'for the next session'}${school ? `; the method asks ${school}` : ''}.`
        : '';
});
const card = computed(() => {
    const exercise = props.block.rung?.exercise;
    return exercise ? { path: `/people/${props.id}/card`, query: { exercise: JSON.stringify(exercise) } } : undefined;
});
</script>

<template>
    <li :class="{ first: block.part === 'test' || block.part === 'main' }">
        <strong class="count">{{ count }}</strong>
        <div class="what">
            <RouterLink v-if="card" class="name" :to="card">{{ block.name }}</RouterLink>
            <span v-else class="name">{{ block.name }}</span>
            <span v-if="about" class="small dim">{{ about }}</span>
            <span class="small cues">{{ block.cues.join(' ') }}</span>
            <span v-if="block.note" class="small note">{{ block.note }}</span>
            <span v-if="block.by_hand" class="small hand">
                {{ hand }}
                <button type="button" class="quiet small no-print" @click="$emit('putBack')">
                    Back to the method
                    <span class="unseen">: {{ block.name }}</span>
                </button>
            </span>
            <BesideLog v-if="block.accessory" :id="id" :block="block" />
            <PullLog v-else-if="block.rung && block.part !== 'warm-up'" :id="id" :block="block" />
        </div>
        <strong class="likely">{{ likely }}</strong>
        <span class="small rest">
            <span class="dim">{{ rest(block.rest_s) }}</span>
            <button v-if="block.line" type="button" class="quiet small no-print" @click="$emit('change')">
                Change
                <span class="unseen">: {{ block.name }}</span>
            </button>
        </span>
    </li>
</template>

<style scoped>
li {
    display: grid;
    grid-template-columns: 118px minmax(0, 1fr) 150px 84px;
    gap: 2px var(--space-base);
    align-items: baseline;
    padding: 10px 0;
    break-inside: avoid;
}

li + li {
    border-top: 1px solid var(--color-sunk);
}

.count {
    font: 700 var(--type-wide) / 1.2 var(--type-display);
}

.first .count {
    font-size: var(--type-wide);
}

.what {
    display: grid;
    min-width: 0;
}

.name {
    overflow-wrap: anywhere;
    font-size: var(--type-base);
    font-weight: 650;
    text-decoration: none;
}

a.name {
    text-decoration: underline;
    text-decoration-color: var(--color-line);
}

.cues {
    color: var(--color-slate);
}

.note {
    color: var(--color-bark);
    font-weight: 600;
}

.hand {
    color: var(--color-bark);
}

.rest {
    display: grid;
    justify-items: end;
    text-align: right;
}

@media (max-width: 720px) {
    li {
        grid-template-columns: 92px minmax(0, 1fr);
    }

    .count,
    .first .count {
        font-size: var(--type-large);
    }

    .likely,
    .rest {
        grid-column: 2;
        text-align: left;
    }

    .rest {
        display: flex;
        justify-content: space-between;
        align-items: center;
    }

    .likely:empty {
        display: none;
    }
}

@media print {
    li {
        grid-template-columns: 80px minmax(0, 1fr) 100px 60px;
        padding: 5px 0;
    }

    .count,
    .first .count {
        font-size: var(--type-base);
    }
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { seconds, secondsRange } from '../domain/units';

type Rung = Schemas['Rung'];

const props = defineProps<{ rungs: readonly Schemas['ScaleRung'][]; bestHangS: number | null }>();
const emit = defineEmits<{ open: [rung: Rung] }>();

/** Each has a scale of its own, to what is asked for at the most. */
const KINDS = [
    { name: 'Hang', at: 'hang', movement: 'hold', aimS: 40, mostS: 60 },
    { name: 'Top hold', at: 'top', movement: 'hold', aimS: 20, mostS: 60 },
    { name: 'Lowering', at: null, movement: 'lowering', aimS: 5, mostS: 12 },
] as const;

const part = (s: number, mostS: number): number => Math.min(100, (100 * s) / mostS);

/** What begins beyond the scale is a mark at its end. */
const LEAST_WIDTH = 2;

const strips = computed(() =>
    KINDS.flatMap((kind) => {
        const rungs = props.rungs
            .map((r) => r.rung)
            .filter(({ exercise }) => exercise.movement === kind.movement && (exercise.at ?? null) === kind.at);
        const aim = rungs.find((r) => r.exercise.seconds === kind.aimS) ?? rungs[0];
        if (!aim) {
            return [];
        }
        const likely = aim.seconds;
        const best = kind.at === 'hang' ? props.bestHangS : null;
        const figure = best !== null ? seconds(best) : likely ? secondsRange(likely.low80, likely.high80) : 'not held yet';
        return [
            {
                ...kind,
                aim,
                figure,
                best,
                likely,
                from: likely ? Math.min(100 - LEAST_WIDTH, part(likely.low80, kind.mostS)) : 0,
                to: likely ? part(likely.high80, kind.mostS) : 0,
            },
        ];
    }),
);
</script>

<template>
    <div v-if="strips.length > 0" class="strip" role="group" aria-label="What is measured in seconds">
        <button v-for="s in strips" :key="s.name" type="button" :data-rung="s.aim.key" @click="emit('open', s.aim)">
            <span>
                {{ s.name }}
                <b>{{ s.figure }}</b>
                {{ ' ' }}
                <small v-if="s.best === null && s.likely" class="dim">likely</small>
            </span>
            <span class="bar" aria-hidden="true">
                <i v-if="s.best !== null" class="best" :style="{ width: `${part(s.best, s.mostS)}%` }" />
                <i v-else-if="s.likely" class="likely" :style="{ left: `${s.from}%`, width: `${Math.max(LEAST_WIDTH, s.to - s.from)}%` }" />
                <i class="aim" :style="{ left: `${part(s.aimS, s.mostS)}%` }" />
            </span>
            <span class="small dim">goal {{ s.aimS }} s</span>
        </button>
    </div>
</template>

<style scoped>
.strip {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: var(--space-base);
    padding-top: var(--space-hair);
    border-top: 1px solid var(--color-line);
}

button {
    display: grid;
    gap: 4px;
    min-height: var(--target);
    padding: 4px 0;
    border: 0;
    background: none;
    color: inherit;
    font: inherit;
    text-align: left;
    cursor: pointer;
}

@media screen and (max-width: 1100px) {
    span small {
        display: none;
    }
}

.bar {
    position: relative;
    height: 6px;
    border-radius: var(--radius-small);
    background: var(--color-sunk);
}

.bar i {
    position: absolute;
    top: 0;
    height: 6px;
    border-radius: var(--radius-small);
}

.best {
    left: 0;
    background: var(--color-slate);
}

.likely {
    background: var(--color-timber);
}

.bar .aim {
    top: -4px;
    width: 2px;
    height: 14px;
    border-radius: 0;
    background: var(--color-bark);
}
</style>

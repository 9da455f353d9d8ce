<script setup lang="ts">
import { computed } from 'vue';
import SideView from '../draw/SideView.vue';
import type { Schemas } from '../domain/http';
import { angle, expectation, lengthOf, mass, percent, percentRange } from '../domain/units';

const props = defineProps<{ athlete: Schemas['Athlete']; setup: Schemas['SetupAnswer']; cautions: readonly Schemas['Caution'][]; on: string; gym: string }>();

const carries = computed(() => {
    const rung = props.setup.rung;
    if (!rung) {
        return '';
    }
    const { carried_kg: kg, share, share_range: range } = rung.carried;
    if (range) {
        return `the arms carry ${percentRange(range[0] ?? 0, range[1] ?? 1)}`;
    }
    const expected = rung.prediction ? ` · expect ${expectation(rung.prediction)}` : '';
    return `carries ${mass(kg.mean)}, ${percent(share.mean)}${expected}`;
});
</script>

<template>
    <article class="setup-card" :aria-label="`Card of ${athlete.name}`">
        <header>
            <div>
                <h2>{{ athlete.name }}</h2>
                <p>{{ setup.name }}</p>
            </div>
            <p class="when">
                {{ gym }}
                <br />
                {{ on }}
            </p>
        </header>
        <p v-if="athlete.paused_on" class="paused">Pulling is paused for pain. A licensed clinician looks at it first.</p>
        <p v-else-if="setup.reason" class="paused">{{ setup.reason }}</p>
        <template v-if="setup.rung && setup.view">
            <SideView :view="setup.view" :name="setup.name" :width-px="440" :height-px="330" />
            <dl class="measures">
                <div v-for="d in setup.view.dimensions" :key="d.label">
                    <dt>{{ d.label }}</dt>
                    <dd>{{ d.unit === '°' ? angle(d.value) : lengthOf(d.value) }}</dd>
                </div>
            </dl>
            <p v-if="!athlete.paused_on" class="asks">
                <template v-if="setup.choice.seconds">
                    <b>{{ setup.choice.seconds }} s</b>
                    <span>{{ setup.choice.kind === 'hold' ? 'held' : `each way down, ${athlete.standard.sets} × ${athlete.standard.gate_reps}` }}</span>
                </template>
                <template v-else>
                    <b>{{ athlete.standard.sets }} × {{ athlete.standard.gate_reps }}</b>
                    <span>clean</span>
                </template>
                <span class="carries">{{ carries }}</span>
            </p>
        </template>
        <ul class="cautions">
            <li v-for="caution in cautions" :key="caution.code">{{ caution.text }}</li>
        </ul>
    </article>
</template>

<style scoped>
.setup-card {
    display: grid;
    gap: 8px;
    padding: 16px 18px;
    border: 1.5px solid var(--color-graphite);
    border-radius: var(--radius-small);
    background: var(--color-card);
    break-inside: avoid;
}

header {
    display: flex;
    justify-content: space-between;
    gap: var(--space-base);
    border-bottom: 3px solid var(--color-timber);
    padding-bottom: 6px;
}

.when {
    color: var(--color-slate);
    font-size: var(--type-small);
    text-align: right;
    white-space: nowrap;
}

.measures {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
}

.measures div {
    display: flex;
    gap: 6px;
}

dt {
    color: var(--color-slate);
}

dd {
    font-weight: 700;
}

.asks {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 8px;
}

.asks b {
    font: 700 26px/1 var(--type-display);
}

.carries {
    margin-left: auto;
    font-weight: 600;
}

.cautions {
    padding: 6px 0 0 16px;
    border-top: 1px solid var(--color-line);
    color: var(--color-slate);
    font-size: 12px;
}

.paused {
    padding: 6px 10px;
    border: 1.5px solid var(--color-refer);
    border-radius: var(--radius-small);
    font-weight: 700;
}

@media print {
    .setup-card :deep(.side-view) {
        max-height: 82mm;
    }
}
</style>

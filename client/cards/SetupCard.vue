<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import SideView from '../draw/SideView.vue';
import { dimensionText } from '../draw/toScale';
import type { Schemas } from '../domain/http';
import { likely, mass, percentRange, restText, secondsWords } from '../domain/units';

const props = defineProps<{
    athlete: Schemas['Athlete'];
    setup: Schemas['SetupAnswer'];
    cautions: readonly Schemas['Caution'][];
    on: string;
    gym: string;
    /** Address of the athlete's own page. */
    own?: string | undefined;
    /** One of several on a sheet, which says once what holds for all. */
    small?: boolean;
}>();

const QrCode = defineAsyncComponent(() => import('../draw/QrCode.vue'));

const MOST_WARNINGS = 2;
const MOST_CAUTIONS = 3;

const carries = computed(() => {
    const { carried } = props.setup.rung ?? {};
    if (!carried) {
        return '';
    }
    const [low, high] = carried.share_range ?? [];
    return low === undefined || high === undefined
        ? `carries ${mass(carried.carried_kg.mean)} of ${mass(props.athlete.mass_kg)}`
        : `carries ${percentRange(low, high)}, nobody knows how much`;
});
/** What is asked, in one large line: sets of reps, or of seconds. */
const asks = computed(() => {
    const { sets, gate_reps } = props.athlete.standard;
    const { movement, seconds } = props.setup.exercise;
    return movement === 'hold' ? `${sets} × ${seconds} s` : `${sets} × ${gate_reps}`;
});
const how = computed(() => {
    const { rung, practice, exercise } = props.setup;
    return [
        ...(rung?.prediction ? [likely(rung.prediction)] : []),
        ...(exercise.movement === 'lowering' ? [`${exercise.seconds} s each`] : []),
        practice.tempo,
        `rest ${restText(practice.rest_s)}`,
    ];
});
/** The warnings of this set-up come before what is to be said of its kind. */
const watched = computed(() => {
    const warnings = (props.setup.rung?.carried.warnings ?? []).slice(0, MOST_WARNINGS).map((w) => w.text);
    return [...new Set([...warnings, ...props.cautions.slice(0, MOST_CAUTIONS).map((c) => c.text)])];
});
</script>

<template>
    <article class="setup-card" :class="{ small }" :aria-label="`Card of ${athlete.name}`">
        <header>
            <h2>{{ setup.name }}</h2>
            <p class="who">
                <strong>{{ athlete.name }}</strong>
                <span v-if="carries">· {{ carries }}</span>
                <span class="when">{{ gym }} · {{ on }}</span>
            </p>
            <figure v-if="own" class="own">
                <QrCode :address="own" :width-px="60" />
                <figcaption>your page</figcaption>
            </figure>
        </header>
        <p v-if="athlete.paused_on" class="paused">Pulling is paused for pain. A licensed clinician looks at it first.</p>
        <p v-else-if="setup.reason" class="paused">{{ setup.reason }}</p>
        <template v-if="setup.rung && setup.view">
            <template v-if="small">
                <SideView bare :view="setup.view" :name="setup.name" :width-px="320" :height-px="176" />
                <p class="measures">{{ setup.view.dimensions.map(dimensionText).join(' · ') }}</p>
            </template>
            <SideView v-else :view="setup.view" :name="setup.name" :width-px="440" :height-px="340" />
            <div v-if="!athlete.paused_on" class="asks">
                <b>{{ asks }}</b>
                <div>
                    <p>
                        <strong>{{ how[0] }}</strong>
                        {{
                            how
                                .slice(1)
                                .map((part) => `· ${part}`)
                                .join(' ')
                        }}
                    </p>
                    <p v-if="setup.rung.seconds">{{ secondsWords(setup.rung.seconds) }}</p>
                    <p class="cues">{{ setup.practice.cues.join(' ') }}</p>
                </div>
            </div>
        </template>
        <ul v-if="watched.length > 0" class="cautions">
            <li v-for="text in watched" :key="text">{{ text }}</li>
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

h2 {
    font-size: var(--type-wide);
    line-height: 1.15;
}

.who {
    display: flex;
    flex-wrap: wrap;
    gap: 0 6px;
    color: var(--color-slate);
}

.who strong {
    color: var(--color-graphite);
}

.when {
    margin-left: auto;
}

.asks {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0 var(--space-base);
    align-items: center;
    padding: 8px 0;
    border-top: 2px solid var(--color-timber);
    border-bottom: 1px solid var(--color-line);
}

.asks b {
    font: 700 var(--type-figure) / 1 var(--type-display);
    white-space: nowrap;
}

.cues {
    color: var(--color-slate);
}

.cautions {
    padding-left: 16px;
}

header:has(.own) {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    column-gap: var(--space-base);
    align-items: start;
}

.own {
    grid-area: 1 / 2 / span 2;
    text-align: center;
}

figcaption {
    font-size: var(--type-small);
    line-height: 1;
}

.paused {
    padding: 6px 10px;
    border: 1.5px solid var(--color-refer);
    border-radius: var(--radius-small);
    font-weight: 700;
}

/* Four to a sheet. */
.small {
    gap: 5px;
    align-content: start;
    padding: 9px 12px;
    line-height: 1.3;
}

.small h2 {
    font-size: var(--type-large);
}

.small .asks {
    padding: 3px 0;
}

.small .asks b {
    font-size: var(--type-title);
}

@media print {
    .setup-card:not(.small) {
        gap: 5px;
        padding: 10px 14px;
        line-height: 1.3;
    }

    .setup-card :deep(.side-view) {
        max-height: 90mm;
    }

    /* Room for the code in the head. */
    .setup-card:has(.own) {
        gap: 3px;
        padding-block: 4px;
    }

    .setup-card:has(.own) :deep(.side-view) {
        max-height: 88mm;
    }

    .small :deep(.side-view) {
        max-height: 48mm;
    }
}
</style>

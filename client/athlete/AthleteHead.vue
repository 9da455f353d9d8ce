<script setup lang="ts">
import { NButton, NDropdown } from 'naive-ui';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import type { Schemas } from '../domain/http';
import { length, mass, percentRange } from '../domain/units';
import { kindWords } from '../domain/words';
import type { Athlete, Movement } from '../composables/useAthlete';
import { useSession } from '../composables/useSession';

const props = defineProps<{ athlete: Athlete }>();
const emit = defineEmits<{ baseline: []; place: []; edit: []; archive: [archived: boolean]; why: [movement: Movement] }>();

const router = useRouter();
const session = useSession();
const capacities = computed(() => {
    const known = (c: Schemas['Capacity']): string => percentRange(c.low80, c.high80);
    const { capacity, row_capacity } = props.athlete;
    return [
        ...(capacity ? [{ words: 'one rep at', name: 'pull capacity', value: known(capacity), why: 'pull' as const }] : []),
        ...(row_capacity ? [{ words: 'one row at', name: 'row capacity', value: known(row_capacity), why: 'row' as const }] : []),
    ];
});
/** What is seldom looked for stands where there is room. */
const more = computed(() => {
    const { kind, tags, archived, stature_m, reach_m, reach_source } = props.athlete;
    return [
        length(stature_m),
        `reach ${length(reach_m)}${reach_source === 'measured' ? '' : ', estimated'}`,
        kindWords[kind],
        ...tags,
        ...(archived ? ['archived'] : []),
    ].join(' · ');
});
const loadable = computed(() => props.athlete.paused_on === null && !['refer', 'not-yet'].includes(props.athlete.screen.outcome ?? ''));
const actions = computed(() => [
    { key: 'baseline', label: 'Baseline', disabled: !loadable.value },
    ...(session.may('coach') ? [{ key: 'place', label: 'Stage and method' }] : []),
    { key: 'trend', label: 'Trend' },
    { key: 'body', label: 'Body' },
    ...(session.may('health')
        ? [
              { key: 'screens', label: 'Screens' },
              { key: 'consent', label: 'Consent' },
          ]
        : []),
    { key: 'card', label: 'Card' },
    ...(session.may('coach') ? [{ key: 'link', label: 'Own page' }] : []),
    { key: 'log', label: 'Log' },
    { key: 'notes', label: 'Notes' },
    { key: 'report', label: 'Report' },
    ...(session.may('health') ? [{ key: 'export', label: 'Export' }] : []),
    ...(session.may('coach')
        ? [
              { key: 'edit', label: 'Change' },
              { key: 'archive', label: props.athlete.archived ? 'Bring back' : 'Archive' },
          ]
        : []),
    ...(session.may('gym') ? [{ key: 'erase', label: 'Erase' }] : []),
]);

function act(key: string): void {
    const here: Record<string, () => void> = {
        baseline: () => emit('baseline'),
        place: () => emit('place'),
        log: () => void router.push({ path: '/log', query: { athlete: props.athlete.id } }),
        report: () => void router.push({ path: '/reports', query: { athlete: props.athlete.id } }),
        export: () => location.assign(`/api/v1/athletes/${props.athlete.id}/export`),
        edit: () => emit('edit'),
        archive: () => emit('archive', !props.athlete.archived),
    };
    (here[key] ?? (() => void router.push(`/people/${props.athlete.id}/${key}`)))();
}
</script>

<template>
    <header class="head">
        <h1>{{ athlete.name }}</h1>
        <p class="facts">
            <b>{{ mass(athlete.mass_kg) }}</b>
            <span v-for="c in capacities" :key="c.name">
                {{ c.words }}
                <button type="button" class="why" :aria-label="`${c.name}, ${c.value}: why?`" @click="emit('why', c.why)">
                    {{ c.value }}
                </button>
            </span>
            <span v-if="capacities.length === 0">no baseline yet</span>
            <span class="dim more">{{ more }}</span>
        </p>
        <slot />
        <div class="row actions no-print">
            <RouterLink v-slot="{ navigate }" :to="`/people/${athlete.id}/session`" custom>
                <NButton @click="navigate">Session</NButton>
            </RouterLink>
            <RouterLink v-slot="{ navigate }" :to="`/people/${athlete.id}/trend`" custom>
                <NButton class="wide" @click="navigate">Trend</NButton>
            </RouterLink>
            <RouterLink v-slot="{ navigate }" :to="`/people/${athlete.id}/card`" custom>
                <NButton class="wide" @click="navigate">Card</NButton>
            </RouterLink>
            <NDropdown trigger="click" :options="actions" @select="act"><NButton>More</NButton></NDropdown>
        </div>
    </header>
</template>

<style scoped>
/* One line that never wraps: the name and what is pressed stand whole, the rest gives way. */
.head {
    display: flex;
    align-items: center;
    gap: var(--space-broad);
    height: 60px;
    margin-top: calc(-1 * var(--space-small));
    white-space: nowrap;
}

h1 {
    flex: none;
    overflow: hidden;
    padding-bottom: 2px;
    text-overflow: ellipsis;
}

.facts {
    flex: none;
    color: var(--color-slate);
}

.facts > * + * {
    margin-left: var(--space-wide);
}

.facts .why {
    color: var(--color-graphite);
    font-weight: 700;
}

.actions {
    flex: none;
    flex-wrap: nowrap;
    margin-left: auto;
}

@media screen and (max-width: 1599px) {
    .more {
        display: none;
    }
}

@media screen and (max-width: 1100px) {
    .head {
        position: relative;
        margin-bottom: var(--space-wide);
    }

    .facts {
        position: absolute;
        top: calc(100% - 12px);
        font-size: var(--type-small);
    }
}

@media screen and (max-width: 720px) {
    .head {
        gap: var(--space-small);
    }

    h1 {
        flex: 0 1 auto;
        font-size: var(--type-wide);
    }

    .wide {
        display: none;
    }

    .actions {
        gap: var(--space-hair);
    }

    .actions :deep(.n-button) {
        padding: 0 var(--space-small);
    }
}
</style>

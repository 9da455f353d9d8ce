<script setup lang="ts">
import { NButton, NDropdown } from 'naive-ui';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import type { Schemas } from '../domain/http';
import { length, mass, percentRange } from '../domain/units';
import { kindWords } from '../domain/words';
import type { Athlete, Movement } from '../composables/useAthlete';

const props = defineProps<{ athlete: Athlete }>();
const emit = defineEmits<{ baseline: []; edit: []; archive: [archived: boolean]; why: [movement: Movement] }>();

const router = useRouter();
const body = computed(() => {
    const { mass_kg, stature_m, reach_m, reach_source } = props.athlete;
    return `${mass(mass_kg)} · ${length(stature_m)} · reach ${length(reach_m)}${reach_source === 'measured' ? '' : ', estimated'}`;
});
const capacities = computed(() => {
    const known = (c: Schemas['Capacity']): string => percentRange(c.low80, c.high80);
    const { capacity, row_capacity } = props.athlete;
    return [
        ...(capacity ? [{ name: 'pull capacity', value: known(capacity), why: 'pull' as const }] : []),
        ...(row_capacity ? [{ name: 'row capacity', value: known(row_capacity), why: 'row' as const }] : []),
    ];
});
const tags = computed(() =>
    [kindWords[props.athlete.kind], ...props.athlete.tags, ...(props.athlete.archived ? ['archived'] : [])].join(' · '),
);
const actions = computed(() => [
    { key: 'trend', label: 'Trend' },
    { key: 'body', label: 'Body' },
    { key: 'screens', label: 'Screens' },
    { key: 'card', label: 'Card' },
    { key: 'edit', label: 'Change' },
    { key: 'archive', label: props.athlete.archived ? 'Bring back' : 'Archive' },
]);

function more(key: string): void {
    if (['trend', 'body', 'screens', 'card'].includes(key)) {
        void router.push(`/people/${props.athlete.id}/${key}`);
    } else if (key === 'edit') {
        emit('edit');
    } else {
        emit('archive', !props.athlete.archived);
    }
}
</script>

<template>
    <header class="head">
        <h1>{{ athlete.name }}</h1>
        <p class="facts">
            <span>{{ body }}</span>
            <span v-for="c in capacities" :key="c.name">
                {{ c.name }}
                <button type="button" class="why" :aria-label="`${c.name}, ${c.value}: why?`" @click="emit('why', c.why)">
                    {{ c.value }}
                </button>
            </span>
            <span v-if="capacities.length === 0">no baseline yet</span>
            <span class="dim">{{ tags }}</span>
        </p>
        <div class="row actions no-print">
            <NButton
                :disabled="athlete.paused_on !== null || athlete.screen.outcome === 'refer' || athlete.screen.outcome === 'not-yet'"
                @click="emit('baseline')"
            >
                Baseline
            </NButton>
            <RouterLink v-slot="{ navigate }" :to="`/people/${athlete.id}/session`" custom>
                <NButton @click="navigate">Session</NButton>
            </RouterLink>
            <RouterLink v-slot="{ navigate }" :to="`/people/${athlete.id}/trend`" custom>
                <NButton class="wide" @click="navigate">Trend</NButton>
            </RouterLink>
            <RouterLink v-slot="{ navigate }" :to="`/people/${athlete.id}/card`" custom>
                <NButton class="wide" @click="navigate">Card</NButton>
            </RouterLink>
            <NDropdown trigger="click" :options="actions" @select="more"><NButton>More</NButton></NDropdown>
        </div>
    </header>
</template>

<style scoped>
/* One line that never wraps: the name and what is pressed stand whole, the facts give way. */
.head {
    display: grid;
    grid-template-columns: minmax(min-content, max-content) minmax(0, 1fr) auto;
    align-items: center;
    gap: var(--space-hair) var(--space-wide);
    min-height: 60px;
}

h1 {
    white-space: nowrap;
}

.facts {
    overflow: hidden;
    color: var(--color-slate);
    font-size: var(--type-small);
    text-overflow: ellipsis;
    white-space: nowrap;
}

.facts > span {
    margin-right: var(--space-base);
}

.facts .why {
    color: var(--color-graphite);
    font-weight: 700;
}

.actions {
    flex-wrap: nowrap;
}

@media (max-width: 720px) {
    .head {
        grid-template-columns: minmax(0, 1fr) auto;
    }

    h1 {
        overflow: hidden;
        font-size: var(--type-wide);
        text-overflow: ellipsis;
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

    .facts {
        grid-column: 1 / -1;
        order: 3;
        white-space: normal;
    }
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef, watch } from 'vue';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import PageTurner from '../parts/PageTurner.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useCautions } from '../parts/useCautions';
import { useLoad } from '../parts/useLoad';
import { useSession } from '../parts/useSession';
import { useToday } from '../parts/useToday';
import PrintSheet from './PrintSheet.vue';
import SetupCard from './SetupCard.vue';
import { loadCard, type Card } from './useCards';

const session = useSession();
const today = useToday();
const cautions = useCautions();
void cautions.load();
const page = ref(1);
const roster = useLoad(() => outcome(api.GET('/api/athletes', { params: { query: { page: page.value } } })), [page]);
const left = ref<string[]>([]);
const columns = ref(2);
const layouts = [
    { value: 1, label: 'One a row' },
    { value: 2, label: 'Two a row' },
];
const cards = shallowRef<Card[]>([]);
const problem = shallowRef<Problem>();
const loading = ref(true);

const withSetup = computed(() => (roster.value.value?.items ?? []).filter((a) => a.setup_name !== null));
const shown = computed(() => cards.value.filter((c) => !left.value.includes(c.athlete.id)));
/** On a card among several, what every pull needs. */
const short = computed(() => cautions.items.filter((c) => c.code === 'grip-failing' || c.code === 'band-wear'));

watch(withSetup, async (athletes, _before, onCleanup) => {
    let current = true;
    onCleanup(() => (current = false));
    const results = await Promise.all(athletes.map((a) => loadCard(a.id)));
    if (!current) {
        return;
    }
    cards.value = results.flatMap((r) => (r.ok && r.value ? [r.value] : []));
    problem.value = results.find((r) => !r.ok)?.problem;
    loading.value = roster.busy.value;
});

function toggle(id: string): void {
    left.value = left.value.includes(id) ? left.value.filter((other) => other !== id) : [...left.value, id];
}
</script>

<template>
    <ProblemNote v-if="roster.problem.value ?? problem" :problem="(roster.problem.value ?? problem)!" retry @retry="roster.reload" />
    <PrintSheet title="Cards of the class" paper="A4">
        <template #deeds>
            <ChipRow label="Cards in a row" :chips="layouts" :value="columns" @pick="columns = $event" />
        </template>
        <p v-if="loading && cards.length === 0" class="dim no-print">Drawing the cards…</p>
        <p v-else-if="cards.length === 0" class="no-print">Nobody is on a set-up yet.</p>
        <div class="row no-print who" role="group" aria-label="Who is printed">
            <NButton
                v-for="card in cards"
                :key="card.athlete.id"
                size="small"
                :type="left.includes(card.athlete.id) ? 'default' : 'primary'"
                :aria-pressed="!left.includes(card.athlete.id)"
                @click="toggle(card.athlete.id)"
            >
                {{ card.athlete.name }}
            </NButton>
        </div>
        <div class="sheet" :style="{ '--columns': columns }">
            <SetupCard
                v-for="card in shown"
                :key="card.athlete.id"
                :athlete="card.athlete"
                :setup="card.setup"
                :cautions="short"
                :on="day(today)"
                :gym="session.me?.gym_name ?? ''"
            />
        </div>
        <PageTurner v-model="page" :next="roster.value.value?.next_page" back="Earlier names" on="Later names" />
    </PrintSheet>
</template>

<style scoped>
.who {
    margin-bottom: var(--space-wide);
}

.sheet {
    display: grid;
    grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
    gap: 14px;
}

/* Two rows of cards and more on a sheet. */
@media print {
    .sheet {
        gap: 8px;
    }

    .sheet :deep(.setup-card) {
        gap: 5px;
        padding: 9px 12px;
        font-size: 13px;
    }

    .sheet :deep(.side-view) {
        max-height: 56mm;
    }

    .sheet :deep(.cautions) {
        font-size: 10.5px;
    }
}

@media screen and (max-width: 720px) {
    .sheet {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

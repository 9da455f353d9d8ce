<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import { cautionsOf } from '../domain/kinds';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import CautionBox from '../parts/CautionBox.vue';
import ChipRow from '../parts/ChipRow.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useCautions } from '../composables/useCautions';
import { useSession } from '../composables/useSession';
import { useToday } from '../composables/useToday';
import PrintSheet from '../parts/PrintSheet.vue';
import SetupCard from './SetupCard.vue';
import { loadClass, loadOwn, type Card } from './useCards';

const session = useSession();
const today = useToday();
const cautions = useCautions();
void cautions.load();
const route = useRoute();
/** The class asked for, if one was. */
const tag = computed(() => (typeof route.query.tag === 'string' ? route.query.tag : undefined));
const left = ref<string[]>([]);
const columns = ref(2);
const layouts = [
    { value: 1, label: 'One a row' },
    { value: 2, label: 'Two a row' },
];
/** Whoever has a link to their own page finds it on the card; asked for, since whoever finds a card opens the page. */
const withLinks = ref(false);
const own = ref<Record<string, string>>({});
const cards = shallowRef<Card[]>([]);
const problem = shallowRef<Problem>();
const loading = ref(true);

const shown = computed(() => cards.value.filter((c) => !left.value.includes(c.athlete.id)));

/** What small cards have no room for holds for whoever is on such a set-up, and stands once. */
const shared = computed(() => [
    ...new Set(shown.value.flatMap(({ setup }) => cautionsOf(setup.exercise, cautions.items).map((c) => c.text))),
]);

/** All who are on a set-up, not only those of one page; a few are asked at once. */
async function load(): Promise<void> {
    loading.value = true;
    problem.value = undefined;
    cards.value = [];
    const result = await loadClass((card) => (cards.value = [...cards.value, card]), tag.value);
    problem.value = result.ok ? undefined : result.problem;
    loading.value = false;
}
watch(tag, load, { immediate: true });

async function addLinks(): Promise<void> {
    withLinks.value = !withLinks.value;
    for (const { athlete } of withLinks.value ? cards.value : []) {
        const link = await loadOwn(athlete.id);
        if (!link.ok) {
            [problem.value, withLinks.value] = [link.problem, false];
            return;
        }
        if (link.value !== undefined) {
            own.value = { ...own.value, [athlete.id]: link.value };
        }
    }
}

function toggle(id: string): void {
    left.value = left.value.includes(id) ? left.value.filter((other) => other !== id) : [...left.value, id];
}
</script>

<template>
    <ProblemNote v-if="problem" :problem="problem" retry @retry="load" />
    <PrintSheet title="Cards of the class" paper="A4">
        <template #actions>
            <NButton v-if="$may('coach') && !loading" :aria-pressed="withLinks" :type="withLinks ? 'primary' : 'default'" @click="addLinks">
                QR codes of their pages
            </NButton>
            <ChipRow label="Cards in a row" :chips="layouts" :value="columns" @pick="columns = $event" />
        </template>
        <p v-if="loading" class="dim no-print" role="status">Drawing the cards… {{ cards.length }} so far.</p>
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
                :cautions="columns === 1 ? cautionsOf(card.setup.exercise, cautions.items) : []"
                :small="columns > 1"
                :on="day(today)"
                :gym="session.me?.gym_name ?? ''"
                :own="withLinks ? own[card.athlete.id] : undefined"
            />
        </div>
        <CautionBox v-if="columns > 1 && shared.length > 0" class="shared">
            <ul>
                <li v-for="text in shared" :key="text">{{ text }}</li>
            </ul>
        </CautionBox>
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

.shared {
    margin-top: var(--space-wide);
    break-inside: avoid;
}

@media print {
    .sheet {
        gap: 8px;
    }
}

@media screen and (max-width: 720px) {
    .sheet {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

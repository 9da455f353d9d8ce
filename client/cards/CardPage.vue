<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { cautionsOf } from '../domain/kinds';
import { day } from '../domain/units';
import ReadNote from '../parts/ReadNote.vue';
import { useCautions } from '../composables/useCautions';
import { useRead } from '../composables/useRead';
import { useSession } from '../composables/useSession';
import { useToday } from '../composables/useToday';
import PrintSheet from '../parts/PrintSheet.vue';
import SetupCard from './SetupCard.vue';
import { loadCard, loadOwn } from './useCards';

const props = defineProps<{ id: string }>();

const route = useRoute();
const session = useSession();
const today = useToday();
const cautions = useCautions();
void cautions.load();
const card = useRead(['card', props.id, route.query.exercise], () =>
    loadCard(props.id, typeof route.query.exercise === 'string' ? route.query.exercise : undefined),
);
/** Who has a link to their own page finds it on the card. */
const own = useRead(['own address', props.id], () => loadOwn(props.id), { kept: false }).value;
const shown = computed(() => (card.value.value ? cautionsOf(card.value.value.setup.exercise, cautions.items) : []));
</script>

<template>
    <ReadNote v-if="card.busy.value || card.problem.value" :read="card" waits="Drawing the card…" />
    <p v-else-if="!card.value.value">
        No set-up yet, so there is no card.
        <RouterLink :to="`/people/${id}/setups`">Choose one</RouterLink>
        .
    </p>
    <PrintSheet v-if="card.value.value" title="card" paper="A5" :back="{ to: `/people/${id}`, name: card.value.value.athlete.name }">
        <SetupCard
            class="single"
            :athlete="card.value.value.athlete"
            :setup="card.value.value.setup"
            :cautions="shown"
            :on="day(today)"
            :gym="session.me?.gym_name ?? ''"
            :own="own"
        />
    </PrintSheet>
</template>

<style scoped>
.single {
    max-width: 520px;
    margin: 0 auto;
}
</style>

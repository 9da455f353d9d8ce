<script setup lang="ts">
import { computed } from 'vue';
import type { Athlete } from '../composables/useAthlete';
import type { Kit } from '../domain/gear';
import CautionBox from '../parts/CautionBox.vue';

/** What the gear of the set-up in use asks for: another set-up, or a look at a band first. */
const props = defineProps<{ athlete: Athlete; kit: Kit | undefined }>();

const due = computed(() =>
    (props.kit?.bands ?? []).filter((b) => b.wear.due && props.athlete.rung?.exercise.setup.band_ids?.includes(b.id)),
);
</script>

<template>
    <CautionBox v-if="athlete.rung_lost" class="lost" stops role="alert">
        {{ athlete.rung_lost }} Choose another set-up on the scale.
    </CautionBox>
    <CautionBox v-for="band in due" :key="band.id" class="due small" role="status">
        <p>
            <RouterLink :to="{ path: '/kit', query: { band: band.id } }">{{ band.name }}</RouterLink>
            : look at it before the next set. {{ band.wear.text }}
        </p>
    </CautionBox>
</template>

<script setup lang="ts">
import { ref } from 'vue';
import { day } from '../domain/units';
import StageSteps from '../parts/StageSteps.vue';
import PlacePanel from './PlacePanel.vue';
import type { Athlete } from '../composables/useAthlete';

defineProps<{ athlete: Athlete }>();
const emit = defineEmits<{ placed: [] }>();

const open = ref(false);

function placed(): void {
    open.value = false;
    emit('placed');
}
</script>

<template>
    <div class="place small">
        <RouterLink :to="`/methods/${athlete.place.method}`">{{ athlete.place.method_name }}</RouterLink>
        <StageSteps class="steps" :number="athlete.place.number" :of="athlete.place.of" />
        <span class="stage">
            <b>{{ athlete.place.stage_name }}</b>
            <template v-if="athlete.builder">with {{ athlete.builder.name.toLowerCase() }}</template>
            <span class="dim">since {{ day(athlete.place.since) }} · gate {{ athlete.place.gate }}</span>
        </span>
        <button type="button" class="quiet no-print" @click="open = true">Change stage…</button>
        <PlacePanel v-model:open="open" :athlete="athlete" @placed="placed" />
    </div>
</template>

<style scoped>
.place {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 var(--space-base);
    margin: calc(-1 * var(--space-small)) 0 var(--space-hair);
}

.place > a {
    font-weight: 700;
}

.steps {
    width: 130px;
    margin: 0;
}

.steps :deep(i) {
    height: 10px;
}

.place span > .dim {
    margin-left: 6px;
}

@media (max-width: 720px) {
    .place {
        flex-wrap: nowrap;
        white-space: nowrap;
    }

    .stage {
        flex: 1;
        overflow: hidden;
        text-overflow: ellipsis;
    }

    .steps,
    .stage > .dim {
        display: none;
    }
}
</style>

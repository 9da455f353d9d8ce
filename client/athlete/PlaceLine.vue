<script setup lang="ts">
import StageSteps from '../parts/marks/StageSteps.vue';
import PlacePanel from './PlacePanel.vue';
import type { Athlete } from '../composables/useAthlete';

defineProps<{ athlete: Athlete }>();
const emit = defineEmits<{ placed: [] }>();

const open = defineModel<boolean>('open', { required: true });

function placed(): void {
    open.value = false;
    emit('placed');
}
</script>

<template>
    <div class="place">
        <StageSteps v-if="athlete.place.of > 1" class="steps" :number="athlete.place.number" :of="athlete.place.of" />
        <button type="button" class="quiet" title="Change the stage or the method" @click="open = true">
            <b>{{ athlete.place.stage_name }}</b>
            <template v-if="athlete.builder">with {{ athlete.builder.name.toLowerCase() }}</template>
        </button>
        <PlacePanel v-model:open="open" :athlete="athlete" @placed="placed" />
    </div>
</template>

<style scoped>
.place {
    display: flex;
    flex: 0 1 auto;
    align-items: center;
    gap: var(--space-small);
    min-width: 0;
}

.steps {
    flex: none;
    width: calc(var(--steps, 8) * 16px);
    margin: 0;
}

.steps :deep(i) {
    height: 9px;
}

button.quiet {
    overflow: hidden;
    text-decoration: underline dotted;
    text-overflow: ellipsis;
    text-underline-offset: 4px;
    white-space: nowrap;
}

@media screen and (max-width: 1100px) {
    button.quiet {
        display: none;
    }
}

@media screen and (max-width: 720px) {
    .place {
        display: none;
    }
}
</style>

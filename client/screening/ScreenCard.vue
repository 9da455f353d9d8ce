<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Athlete } from '../composables/useAthlete';
import ScreenStanding from './ScreenStanding.vue';

const props = defineProps<{ athlete: Athlete }>();
const emit = defineEmits<{ screen: [] }>();

/** Where the last screen clears and still holds, nothing is said of it here. */
const speaks = computed(() => props.athlete.screen.due !== null || props.athlete.screen.outcome !== 'cleared');
</script>

<template>
    <section v-if="speaks" class="card screen" aria-label="Screen">
        <ScreenStanding :screen="athlete.screen" />
        <NButton
            v-if="$may('health')"
            :type="athlete.screen.due ? 'primary' : 'default'"
            :ghost="athlete.screen.outcome !== null"
            @click="emit('screen')"
        >
            {{ athlete.screen.outcome === null ? 'Screen' : 'Screen again' }}
        </NButton>
    </section>
</template>

<style scoped>
.screen {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-small) var(--space-base);
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import ReadNote from '../parts/ReadNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useRead } from '../composables/useRead';
import WhySteps from '../parts/marks/WhySteps.vue';
import type { Athlete, Movement } from '../composables/useAthlete';

const props = defineProps<{ athlete: Athlete; movement: Movement | undefined }>();
const emit = defineEmits<{ close: [] }>();

const TITLES: Record<Movement, string> = { pull: 'Pull capacity', row: 'Row capacity' };

const capacity = computed(() => (props.movement === 'row' ? props.athlete.row_capacity : props.athlete.capacity));
const why = useRead(
    () => ['capacity', props.athlete.id, props.movement, capacity.value?.on],
    () =>
        outcome(
            api.GET('/api/v1/athletes/{athlete}/capacity', {
                params: { path: { athlete: props.athlete.id }, query: { pattern: props.movement ?? 'pull' } },
            }),
        ),
    { enabled: () => props.movement !== undefined },
);
</script>

<template>
    <SidePanel :open="movement !== undefined" :title="movement ? TITLES[movement] : ''" @update:open="emit('close')">
        <div class="stack">
            <p class="small dim">The load for one clean rep, as a part of bodyweight, followed from session to session.</p>
            <ReadNote :read="why" waits="Asking…" />
            <template v-if="why.value.value">
                <h2 v-if="capacity">After the session of {{ day(capacity.on) }}</h2>
                <WhySteps :why="why.value.value" />
            </template>
        </div>
    </SidePanel>
</template>

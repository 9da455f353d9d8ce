<script setup lang="ts">
import { computed } from 'vue';
import PrintSheet from '../parts/PrintSheet.vue';
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import SessionLines from './SessionLines.vue';
import SessionSide from './SessionSide.vue';
import { useWhose } from '../composables/useWhose';

const props = defineProps<{ id: string }>();

const name = useWhose(() => props.id, 'session');
const session = useRead(
    () => ['session', props.id],
    () => outcome(api.GET('/api/athletes/{athlete}/session', { params: { path: { athlete: props.id } } })),
    { kept: false },
);
const written = computed(() => session.value.value);
</script>

<template>
    <ReadNote :read="session" waits="Writing the session…" />
    <PrintSheet v-if="written" :title="name" :about="`session for ${day(written.on)} · ${written.minutes} min`" paper="A4">
        <template #actions>
            <span class="dim">session for {{ day(written.on) }} · {{ written.minutes }} min</span>
            <RouterLink class="tap" :to="`/people/${id}`">Back to {{ name }}</RouterLink>
        </template>
        <p v-if="written.refused" class="card refused" role="status">
            <strong>{{ written.refused.text }}</strong>
            <template v-if="written.refused.next_on">Next from {{ day(written.refused.next_on) }} on.</template>
        </p>
        <div class="sheet">
            <SessionLines
                v-if="written.blocks.length > 0 || written.left_out.length > 0"
                :id="id"
                :blocks="written.blocks"
                :left-out="written.left_out"
                @changed="session.put($event)"
            />
            <p v-else class="card dim">Nothing is written for today.</p>
            <SessionSide :id="id" :session="written" />
        </div>
    </PrintSheet>
</template>

<style scoped>
.sheet {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 320px;
    gap: var(--space-wide);
    align-items: start;
}

.refused {
    margin-bottom: var(--space-base);
    border-color: var(--color-down);
    background: var(--color-downTint);
}

@media (max-width: 960px) {
    .sheet {
        grid-template-columns: minmax(0, 1fr);
    }
}

@media print {
    .sheet {
        grid-template-columns: minmax(0, 1fr);
        gap: 10px;
        font-size: var(--type-small);
    }
}
</style>

<script setup lang="ts">
import { computed } from 'vue';
import CautionBox from '../parts/CautionBox.vue';
import PrintSheet from '../parts/PrintSheet.vue';
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import SessionLines from './SessionLines.vue';
import SessionSide from './SessionSide.vue';
import { useDone } from './useDone';
import { useWhose } from '../composables/useWhose';

const props = defineProps<{ id: string }>();

const name = useWhose(() => props.id, 'session');
const session = useRead(
    () => ['session', props.id],
    () => outcome(api.GET('/api/v1/athletes/{athlete}/session', { params: { path: { athlete: props.id } } })),
    { kept: false },
);
const written = computed(() => session.value.value);
const done = useDone(
    () => props.id,
    () => written.value,
);
const about = computed(() => {
    const { on, minutes } = written.value!;
    const { sets } = done;
    return `${day(on)} · about ${minutes} min${sets.value.done > 0 ? ` · ${sets.value.done} of ${sets.value.of} sets done` : ''}`;
});
</script>

<template>
    <ReadNote :read="session" waits="Writing the session…" />
    <PrintSheet v-if="written" title="session" paper="A4" printed :about="about" :back="{ to: `/people/${id}`, name }">
        <CautionBox v-if="written.refused" class="refused" role="status">
            <p>
                <strong>{{ written.refused.text }}</strong>
                <template v-if="written.refused.next_on">Next from {{ day(written.refused.next_on) }} on.</template>
            </p>
        </CautionBox>
        <div class="sheet">
            <SessionLines
                v-if="written.blocks.length > 0 || written.left_out.length > 0"
                :id="id"
                :done="done"
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
    grid-template-columns: minmax(0, 1fr) 308px;
    gap: var(--space-wide);
    align-items: start;
}

.refused {
    margin-bottom: var(--space-base);
}

@media print, screen and (max-width: 960px) {
    .sheet {
        grid-template-columns: minmax(0, 1fr);
    }
}

@media print {
    .sheet {
        gap: 8px;
    }
}
</style>

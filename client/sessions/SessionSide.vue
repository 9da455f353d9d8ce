<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import StageSteps from '../parts/marks/StageSteps.vue';
import WeeksAhead from './WeeksAhead.vue';

const props = defineProps<{ id: string; session: Schemas['Session'] }>();

/** Each caution once. */
const cautions = computed(() => [...new Map(props.session.blocks.flatMap((b) => b.cautions).map((c) => [c.code, c.text])).values()]);
</script>

<template>
    <aside class="side">
        <section class="card">
            <h2>{{ session.place.method_name }}</h2>
            <p class="small dim">
                stage {{ session.place.number }} of {{ session.place.of }}, {{ session.place.stage_name }}
                <span class="no-print">, since {{ day(session.place.since) }}</span>
            </p>
            <StageSteps class="no-print" :number="session.place.number" :of="session.place.of" />
            <dl class="small">
                <dt>Gate</dt>
                <dd>{{ session.place.gate }}</dd>
                <template v-if="session.place.next_stage_name">
                    <dt>Next stage</dt>
                    <dd>{{ session.place.next_stage_name }}</dd>
                </template>
            </dl>
        </section>
        <section v-if="session.notes.length + cautions.length > 0" class="card">
            <h2>Cautions</h2>
            <p v-for="text in [...session.notes, ...cautions]" :key="text" class="small">{{ text }}</p>
        </section>
        <WeeksAhead :id="id" class="no-print" :calendar="session.calendar" />
        <section v-if="session.gear.length > 0" class="card">
            <h2>Needs</h2>
            <p class="small">{{ session.gear.join(', ') }}</p>
        </section>
    </aside>
</template>

<style scoped src="./side.css"></style>

<style scoped>
dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 4px var(--space-base);
}

dd {
    text-align: right;
    font-weight: 600;
}

@media print {
    .side {
        grid-template-columns: repeat(2, minmax(0, 1fr));
        gap: 8px;
        align-items: start;
    }

    .side > :nth-child(2) {
        order: 1;
        grid-column: 1 / -1;
    }
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, shallowRef, watch } from 'vue';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import { mass, percent } from '../domain/units';
import CautionNote from '../parts/CautionNote.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import WhySteps from './WhySteps.vue';
import type { Choice } from './useAthlete';

const props = defineProps<{ athleteId: string; rung: Schemas['ScaleRung'] | undefined }>();
const emit = defineEmits<{ close: []; choose: [choice: Choice] }>();

const why = shallowRef<Result<Schemas['WhyResource']>>();
const carried = computed(() => props.rung?.rung.carried);

watch(
    () => props.rung,
    async (rung) => {
        why.value = undefined;
        if (rung === undefined) {
            return;
        }
        const params = { path: { athlete: props.athleteId }, query: { choice: JSON.stringify(rung.rung.choice) } };
        const answer = await outcome(api.GET('/api/athletes/{athlete}/why', { params }));
        if (rung === props.rung) {
            why.value = answer;
        }
    },
);
</script>

<template>
    <SidePanel :open="rung !== undefined" :title="rung?.rung.name ?? ''" @update:open="emit('close')">
        <div v-if="rung && carried" class="stack">
            <table class="travel">
                <thead>
                    <tr>
                        <th scope="col"><span class="unseen">Figure</span></th>
                        <th scope="col">Bottom</th>
                        <th scope="col">Mean</th>
                        <th scope="col">Top</th>
                    </tr>
                </thead>
                <tbody>
                    <tr>
                        <th scope="row">Carried</th>
                        <td>{{ mass(carried.carried_kg.bottom) }}</td>
                        <td>{{ mass(carried.carried_kg.mean) }}</td>
                        <td>{{ mass(carried.carried_kg.top) }}</td>
                    </tr>
                    <tr>
                        <th scope="row">Share</th>
                        <td>{{ percent(carried.share.bottom) }}</td>
                        <td>{{ percent(carried.share.mean) }}</td>
                        <td>{{ percent(carried.share.top) }}</td>
                    </tr>
                </tbody>
            </table>
            <ul v-if="carried.warnings.length > 0" class="warnings">
                <li v-for="warning in carried.warnings" :key="warning.code + warning.text">{{ warning.text }}</li>
            </ul>
            <NButton type="primary" size="large" :disabled="rung.chosen" @click="emit('choose', rung.rung.choice)">
                {{ rung.chosen ? 'In use' : 'Put on this set-up' }}
            </NButton>
            <h2>How it came about</h2>
            <ProblemNote v-if="why && !why.ok" :problem="why.problem" />
            <WhySteps v-else-if="why?.ok" :why="why.value" />
            <p v-else class="dim">Asking…</p>
            <CautionNote :moments="rung.rung.choice.kind === 'band' ? ['band', 'gear'] : ['hanging', 'gear']" />
        </div>
    </SidePanel>
</template>

<style scoped>
.travel {
    width: 100%;
    border-collapse: collapse;
}

.travel th,
.travel td {
    padding: 5px 8px;
    text-align: right;
    border-bottom: 1px solid var(--color-line);
}

.travel thead th {
    color: var(--color-dust);
    font-size: var(--type-small);
}

.travel td {
    font-size: 17px;
    font-weight: 600;
}

.travel tbody th {
    text-align: left;
}

.warnings {
    padding: var(--space-small) var(--space-small) var(--space-small) 24px;
    background: var(--color-downTint);
    border-radius: var(--radius-small);
}
</style>

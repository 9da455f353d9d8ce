<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { computed, ref } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { mass, percent, repsText } from '../domain/units';
import FormField from '../parts/FormField.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useQuantity } from '../composables/useQuantity';
import { useRead } from '../composables/useRead';

const props = defineProps<{ athleteId: string }>();

const REPS = { low: 1, high: 30 };

const { text, error, read } = useQuantity('reps', REPS, '12');
const asked = ref(12);
const work = useRead(
    () => ['class-work', props.athleteId, asked.value],
    () =>
        outcome(
            api.GET('/api/v1/athletes/{athlete}/class-work', {
                params: { path: { athlete: props.athleteId }, query: { reps: asked.value } },
            }),
        ),
    { kept: false },
);
const items = computed(() => work.value.value?.items ?? []);

const figures = (rung: Schemas['Rung']): string =>
    [mass(rung.carried.carried_kg.mean), percent(rung.carried.share.mean), rung.prediction ? repsText(rung.prediction) : '']
        .filter(Boolean)
        .join(', ');

function ask(): void {
    const reps = read();
    if (reps !== undefined) {
        asked.value = Math.round(reps);
    }
}
</script>

<template>
    <section class="card class-work">
        <h2>In a class that wants</h2>
        <form class="ask" novalidate @submit.prevent="ask">
            <FormField v-slot="{ inputProps, status }" label="Reps a set" :error="error">
                <NInput v-model:value="text" :status="status" :input-props="{ ...inputProps, inputmode: 'numeric' }" placeholder="">
                    <template #suffix>reps</template>
                </NInput>
            </FormField>
            <NButton attr-type="submit">Show it</NButton>
        </form>
        <ReadNote :read="work" waits="Looking what suits…" />
        <ul v-if="work.value.value">
            <li v-for="one in items" :key="one.key">
                <strong>{{ one.name }}</strong>
                <RouterLink
                    v-if="one.rung"
                    :to="{ path: `/people/${athleteId}/card`, query: { exercise: JSON.stringify(one.rung.exercise) } }"
                >
                    {{ one.rung.name }}
                </RouterLink>
                <span v-if="one.rung" class="small dim">{{ figures(one.rung) }}</span>
                <span v-if="one.note" class="small note">{{ one.note }}</span>
            </li>
            <li v-if="items.length === 0" class="dim">Nothing in this kit, within the screen’s limits, is likely for {{ asked }} reps.</li>
        </ul>
    </section>
</template>

<style scoped>
.class-work {
    display: grid;
    gap: var(--space-small);
    margin-top: var(--space-base);
}

.ask {
    display: flex;
    align-items: end;
    gap: var(--space-small);
}

.ask > :first-child {
    max-width: 160px;
}

ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
    gap: var(--space-base);
    list-style: none;
}

li {
    display: grid;
    align-content: start;
}

.note {
    color: var(--color-bark);
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import SideView from '../draw/SideView.vue';
import type { Choice } from '../domain/gear';
import type { Schemas } from '../domain/http';
import { expectation, intervalText, mass, percent } from '../domain/units';
import WhySteps from '../parts/WhySteps.vue';

const props = defineProps<{ athleteId: string; setup: Schemas['SetupAnswer'] }>();
const emit = defineEmits<{ choose: [choice: Choice] }>();

const carried = computed(() => props.setup.rung?.carried);
const rows = computed(() =>
    carried.value && !carried.value.share_range
        ? [
              { name: 'Carried', cells: [carried.value.carried_kg.bottom, carried.value.carried_kg.mean, carried.value.carried_kg.top].map(mass) },
              { name: 'Share', cells: [carried.value.share.bottom, carried.value.share.mean, carried.value.share.top].map(percent) },
          ]
        : [],
);

const sureness = computed(() => {
    const { rung } = props.setup;
    if (!rung) {
        return '';
    }
    const range = rung.carried.share_range;
    if (range) {
        const [low = 0, high = 1] = range;
        const expected = rung.prediction ? ` Expect ${intervalText(rung.prediction)} reps.` : '';
        return `Bounded, not measured: the arms carry anything from ${percent(low)} to ${percent(high)}.${expected}`;
    }
    const known = `Mean share ± ${(100 * rung.carried.share_sd).toFixed(1)} points.`;
    return rung.prediction ? `${known} Expect ${expectation(rung.prediction)}.` : known;
});
</script>

<template>
    <p v-if="setup.reason" class="misfit" role="alert">
        <strong>Does not fit.</strong>
        {{ setup.reason }}
    </p>
    <template v-else-if="carried && setup.view">
        <SideView :view="setup.view" :name="setup.name" />
        <table v-if="rows.length > 0" class="travel">
            <thead>
                <tr>
                    <th scope="col"><span class="unseen">Figure</span></th>
                    <th scope="col">Bottom</th>
                    <th scope="col">Mean</th>
                    <th scope="col">Top</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="row in rows" :key="row.name">
                    <th scope="row">{{ row.name }}</th>
                    <td v-for="(cell, i) in row.cells" :key="i">{{ cell }}</td>
                </tr>
            </tbody>
        </table>
        <p class="sureness">{{ sureness }}</p>
        <ul v-if="carried.warnings.length > 0" class="warnings">
            <li v-for="warning in carried.warnings" :key="warning.code + warning.text">{{ warning.text }}</li>
        </ul>
        <slot />
        <div class="row">
            <NButton v-if="setup.choice.kind !== 'hold'" type="primary" size="large" :disabled="setup.chosen" @click="emit('choose', setup.choice)">
                {{ setup.chosen ? 'In use' : 'Put on this set-up' }}
            </NButton>
            <RouterLink class="tap print" :to="{ path: `/people/${athleteId}/card`, query: { choice: JSON.stringify(setup.choice) } }">Print its card</RouterLink>
        </div>
        <h2>How it came about</h2>
        <WhySteps v-if="setup.why" :why="setup.why" />
    </template>
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

.sureness {
    font-weight: 600;
}

.print {
    padding: 0 var(--space-small);
    font-weight: 600;
}

.misfit {
    padding: var(--space-base);
    border-left: 5px solid var(--color-down);
    background: var(--color-downTint);
    border-radius: var(--radius-small);
}

.warnings {
    padding: var(--space-small) var(--space-small) var(--space-small) 24px;
    background: var(--color-downTint);
    border-radius: var(--radius-small);
}
</style>

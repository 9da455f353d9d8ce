<script setup lang="ts">
import { ref } from 'vue';
import { api, outcome } from '../domain/http';
import type { Schemas } from '../domain/http';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';

const read = useRead(['methods', 'outcomes'], () => outcome(api.GET('/api/v1/methods/outcomes')));
const rulesOpen = ref(false);

type Outcome = Schemas['Outcome'];
const gain = (o: Outcome): string => `${o.gain.toFixed(1)} %, ${o.gain_low.toFixed(1)} to ${o.gain_high.toFixed(1)} %`;
const part = (of: number): string => `${Math.round(100 * of)} %`;
</script>

<template>
    <section class="card stack" aria-label="What our own log says">
        <header>
            <h2>What our own log says</h2>
            <p v-if="read.value.value" class="small dim">
                Of the last {{ read.value.value.weeks }} weeks, drawn towards what is usual where few were followed. It says what followed,
                not what it was from.
            </p>
        </header>
        <ReadNote :read="read" waits="Reading the log…" />
        <p v-if="read.value.value?.methods.length === 0" class="small">Nobody has trained yet.</p>
        <table v-else-if="read.value.value">
            <thead>
                <tr>
                    <td />
                    <th scope="col">Capacity gained a week, eight in ten</th>
                    <th scope="col">Failed sets</th>
                    <th scope="col">Marked soreness</th>
                    <th scope="col">Followed</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="one in read.value.value.methods" :key="one.key" :class="{ unknown: !one.known }">
                    <th scope="row">{{ one.name }}</th>
                    <td>{{ gain(one) }}</td>
                    <td>{{ part(one.failed) }}</td>
                    <td>{{ part(one.sore) }}</td>
                    <td class="small">{{ one.words }}</td>
                </tr>
            </tbody>
            <template v-if="rulesOpen">
                <tbody v-for="rule in read.value.value.rules" :key="rule.rule">
                    <tr>
                        <th class="rule" scope="rowgroup" colspan="5">{{ rule.point }}</th>
                    </tr>
                    <tr v-for="one in rule.positions" :key="one.key" :class="{ unknown: !one.known }">
                        <th scope="row">{{ one.name }}</th>
                        <td>{{ gain(one) }}</td>
                        <td>{{ part(one.failed) }}</td>
                        <td>{{ part(one.sore) }}</td>
                        <td class="small">{{ one.words }}</td>
                    </tr>
                </tbody>
            </template>
        </table>
        <button
            v-if="(read.value.value?.rules.length ?? 0) > 0"
            type="button"
            class="quiet small"
            :aria-expanded="rulesOpen"
            @click="rulesOpen = !rulesOpen"
        >
            {{ rulesOpen ? 'Methods only' : 'By house rule too' }}
        </button>
    </section>
</template>

<style scoped src="../theme/table.css"></style>
<style scoped>
.rule {
    padding-top: var(--space-base);
    color: var(--color-bark);
}

.unknown td {
    color: var(--color-dust);
}

button {
    justify-self: start;
}
</style>

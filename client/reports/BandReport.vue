<script setup lang="ts">
import { computed } from 'vue';
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import CautionBox from '../parts/CautionBox.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';

const read = useRead(['band-report'], () => outcome(api.GET('/api/v1/reports/bands')));
const report = read.value;
const life = computed(() => {
    const { worn_out = 0, life = null, life_low = 0, life_high = null } = report.value ?? {};
    return life === null
        ? `${worn_out === 0 ? 'No band was' : `${worn_out} were`} put out with a fault so far: too few to say how long a band lasts here.`
        : `Half of the bands here are put out with a fault by ${life} sets (8 in 10: ${life_low ?? 0} ${life_high === null ? 'or more' : `to ${life_high}`}).`;
});
const isMeasuredLongAgo = computed(() => report.value?.bands.some((b) => b.measure_again !== null) ?? false);
const left = (sets: number | null): string => (sets === null ? '' : sets === 0 ? 'none' : `about ${sets}`);
</script>

<template>
    <ReadNote :read="read" waits="Counting…" />
    <template v-if="report">
        <p v-if="report.bands.length === 0" class="card">There are no bands yet.</p>
        <section v-else class="card stack" aria-label="Bands">
            <p>{{ life }} The most used stands first: it is the next to replace.</p>
            <table>
                <thead>
                    <tr>
                        <th scope="col">Band</th>
                        <th scope="col">In use since</th>
                        <th scope="col" class="figure">Sets</th>
                        <th scope="col" class="figure">A week, lately</th>
                        <th v-if="report.life !== null" scope="col" class="figure">Sets left</th>
                        <th scope="col">Look at it</th>
                        <th v-if="isMeasuredLongAgo" scope="col">Measure it</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="band in report.bands" :key="band.id" :class="{ dim: band.retired }">
                        <th scope="row">{{ band.name }}</th>
                        <td>{{ band.first_on ? day(band.first_on) : 'not used yet' }}</td>
                        <td class="figure">{{ band.sets }}</td>
                        <td class="figure">{{ band.sets_a_week.toFixed(1) }}</td>
                        <td v-if="report.life !== null" class="figure">{{ left(band.sets_left) }}</td>
                        <td v-if="band.retired">out of use, last {{ band.last_on ? day(band.last_on) : 'never used' }}</td>
                        <td v-else :class="{ due: band.due }">{{ band.due ? 'Due. ' : '' }}{{ band.due_words }}</td>
                        <td v-if="isMeasuredLongAgo">{{ band.measure_again }}</td>
                    </tr>
                </tbody>
            </table>
            <CautionBox class="small">
                A count is no inspection: a band with a nick, chalking or a thin place goes out at once, however few sets it has done. The
                maker’s word on its life comes first.
            </CautionBox>
        </section>
    </template>
</template>

<style scoped src="../theme/table.css"></style>
<style scoped>
.due {
    color: var(--color-refer);
    font-weight: 600;
}
</style>

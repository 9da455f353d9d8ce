<script setup lang="ts">
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import { verdictWord } from '../domain/words';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { portionWords, weeksWords } from './words';

const read = useRead(['method-report'], () => outcome(api.GET('/api/v1/reports/methods')));
const report = read.value;
</script>

<template>
    <ReadNote :read="read" waits="Counting…" />
    <div v-if="report" class="stack">
        <section class="card stack" aria-label="Methods">
            <h2>By method</h2>
            <p class="small dim">
                Of {{ report.athletes }} who trained here, from the day each came to the method until their first strict rep, until they
                left it, or until they were last seen. It says what followed, not what it was from. Intervals hold the truth eight times in
                ten.
            </p>
            <p v-if="report.methods.length === 0">Nobody without a strict rep has trained twice yet.</p>
            <table v-else>
                <thead>
                    <tr>
                        <th scope="col">Method</th>
                        <th scope="col">Got to a strict rep</th>
                        <th scope="col">Weeks until half got there</th>
                        <th scope="col">Failed sets</th>
                        <th scope="col" />
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="one in report.methods" :key="one.key">
                        <th scope="row">{{ one.name }}</th>
                        <td>{{ portionWords(one.got_there) }}</td>
                        <td>{{ weeksWords(one) }}</td>
                        <td>{{ portionWords(one.failed) }}</td>
                        <td class="small dim">{{ one.warning }}</td>
                    </tr>
                </tbody>
            </table>
        </section>
        <section class="card stack" aria-label="Calls">
            <h2>Calls since {{ day(report.calls_from) }}</h2>
            <p v-if="report.calls.length === 0">No call was made in this time.</p>
            <table v-else>
                <thead>
                    <tr>
                        <th scope="col">Call</th>
                        <th scope="col" class="figure">Wait</th>
                        <th scope="col" class="figure">Accepted</th>
                        <th scope="col" class="figure">Decided otherwise</th>
                        <th scope="col">Accepted, then a step down</th>
                        <th scope="col">Otherwise, then a step down</th>
                        <th scope="col" />
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="one in report.calls" :key="one.verdict">
                        <th scope="row">{{ verdictWord(one.verdict) }}</th>
                        <td class="figure">{{ one.open }}</td>
                        <td class="figure">{{ one.accepted }}</td>
                        <td class="figure">{{ one.overridden }}</td>
                        <td>{{ portionWords(one.accepted_then_down) }}</td>
                        <td>{{ portionWords(one.overridden_then_down) }}</td>
                        <td class="small dim">{{ one.warning }}</td>
                    </tr>
                </tbody>
            </table>
        </section>
    </div>
</template>

<style scoped src="../theme/table.css"></style>

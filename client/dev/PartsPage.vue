<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { ref } from 'vue';
import GateMarks from '../decisions/GateMarks.vue';
import RowMarks from '../decisions/RowMarks.vue';
import { marksOf } from '../decisions/marks';
import type { Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { verdicts } from '../domain/words';
import CallMark from '../parts/marks/CallMark.vue';
import CautionBox from '../parts/CautionBox.vue';
import ChipRow from '../parts/ChipRow.vue';
import DateField from '../parts/DateField.vue';
import FaultList from '../parts/FaultList.vue';
import FormField from '../parts/FormField.vue';
import ManyChips from '../parts/ManyChips.vue';
import PageHead from '../parts/PageHead.vue';
import PageTurner from '../parts/PageTurner.vue';
import PressButton from '../parts/PressButton.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QuantityField from '../parts/QuantityField.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import SelectFilter from '../parts/SelectFilter.vue';
import SidePanel from '../parts/SidePanel.vue';
import StageSteps from '../parts/marks/StageSteps.vue';
import TabRow from '../parts/TabRow.vue';
import TimeZoneField from '../parts/TimeZoneField.vue';
import UndoBar from '../parts/UndoBar.vue';
import WhySteps from '../parts/marks/WhySteps.vue';

/** Every part in each of its states, for whoever builds with them. */
const chips = [
    { value: 'one', label: 'One' },
    { value: 'two', label: 'Two' },
    { value: 'three', label: 'Three' },
] as const;
const reasoned = chips.map((chip) => ({ ...chip, reason: `What speaks for ${chip.label.toLowerCase()}.` }));
const one = ref<string>('one');
const tab = ref<'one' | 'two' | 'three'>('one');
const many = ref<('one' | 'two')[]>(['one']);
const picked = ref('');
const text = ref('70');
const on = ref('2026-11-27');
const zone = ref('Europe/London');
const page = ref(2);
const open = ref(false);
const undone = ref(0);
const reasons = [
    { text: 'Every set at 8 clean or more in 2 sessions running.', figure: 1, threshold: 2 },
    { text: '5 clean on the next set-up: 3 in 5; it needs 4 in 5.', figure: 0.6, threshold: 0.8 },
];
const why: Schemas['Why'] = {
    name: 'Carried share',
    steps: [{ label: 'Bodyweight', how: 'as weighed', value: 70.5, unit: 'kg', source: 'The scale, 28 November.' }],
    uncertainties: ['A scale is off by half a kilo.'],
    remedies: [],
    sets: [],
};
const fault: Problem = { code: 'invalid', detail: '', faults: [{ pointer: '/mass_kg', detail: '7 kg is outside 20–300 kg.' }] };
const away: Problem = { code: 'away', detail: 'The server is away.', faults: [] };
</script>

<template>
    <PageHead title="Parts" about="each in every state" :back="{ to: '/settings', name: 'Settings' }">
        <NButton>Default</NButton>
        <NButton type="primary">What was asked</NButton>
    </PageHead>
    <div class="parts">
        <section class="card stack">
            <h2>Verdicts</h2>
            <p v-for="verdict in verdicts" :key="verdict" class="row">
                <CallMark :verdict="verdict" large />
                <CallMark :verdict="verdict" />
            </p>
        </section>
        <section class="card stack">
            <h2>Marks against a gate</h2>
            <GateMarks :reasons="reasons" />
            <RowMarks v-for="mark in marksOf(reasons)" :key="mark.text" :mark="mark" fallback="" />
            <StageSteps :number="3" :of="8" />
            <h2>Why</h2>
            <WhySteps :why="why" />
        </section>
        <section class="card stack">
            <h2>Choices</h2>
            <TabRow v-model="tab" label="Lane" :tabs="chips" />
            <ChipRow label="Picked" show-label :chips="chips" :value="one" @pick="one = $event" />
            <ChipRow label="Not asked" show-label :chips="chips" value="one" unanswered="one" />
            <SelectFilter label="Narrowed" none="All of them" :options="chips" :value="picked" @pick="picked = $event" />
            <ManyChips v-model="many" label="Several" :words="{ one: 'One', two: 'Two' }" />
            <ChipRow label="As most have it" :chips="reasoned" value="one" usual="one" />
            <ChipRow label="Otherwise" :chips="reasoned" value="two" usual="one" />
        </section>
        <section class="card stack">
            <h2>Cautions and problems</h2>
            <CautionBox>The heels need grip or a block.</CautionBox>
            <CautionBox stops>Cannot be: the band lifts off.</CautionBox>
            <ProblemNote :problem="away" retry />
            <FaultList :problem="fault" />
            <SavedElsewhere
                :found="[{ path: 'name', theirs: 'Weir', mine: 'Mill' }]"
                :words="(path, value) => `${path}: ${String(value)}`"
            />
        </section>
        <section class="card stack">
            <h2>Fields</h2>
            <QuantityField v-model="text" label="Bodyweight" unit="kg" :limits="{ low: 20, high: 300 }" />
            <QuantityField v-model="text" label="Refused" unit="kg" :limits="{ low: 20, high: 60 }" error="70 kg is outside 20–60 kg." />
            <FormField v-slot="{ inputProps }" label="Words" hint="Kept as typed">
                <NInput :input-props="inputProps" placeholder="" />
            </FormField>
            <DateField v-model="on" label="Done on" />
            <TimeZoneField v-model="zone" />
        </section>
        <section class="card stack">
            <h2>Commands</h2>
            <div class="row">
                <NButton type="primary">Log 8</NButton>
                <NButton>Other</NButton>
                <NButton disabled>Not now</NButton>
                <NButton loading>Saving</NButton>
            </div>
            <div class="row">
                <button type="button" class="quiet">Seldom wanted…</button>
                <button type="button" class="why">71 %</button>
                <PressButton class="quiet">Hold me</PressButton>
            </div>
            <div><NButton @click="open = true">Open the side panel</NButton></div>
            <PageTurner v-model="page" :next="3" back="Before" on="After" />
            <UndoBar :action="{ text: `Logged 8 clean. Undone ${undone} times.`, undo: async () => void undone++ }" @undo="undone++" />
            <SidePanel v-model:open="open" title="Side panel"><p>One panel for everything that opens beside a page.</p></SidePanel>
        </section>
    </div>
</template>

<style scoped>
.parts {
    columns: 400px;
    column-gap: var(--space-wide);
}

.card {
    margin-bottom: var(--space-wide);
    break-inside: avoid;
}
</style>

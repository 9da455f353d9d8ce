<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import { findingWords } from '../domain/words';
import ChipRow from '../parts/ChipRow.vue';
import DateField from '../parts/DateField.vue';
import FormField from '../parts/FormField.vue';
import PageTurner from '../parts/PageTurner.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { freshenKit } from '../composables/reads';
import { useRead } from '../composables/useRead';
import { useToday } from '../composables/useToday';

type Finding = Schemas['InspectionInput']['finding'];

const props = defineProps<{ band: Schemas['Band'] }>();
const client = useQueryClient();

const page = ref(1);
const log = useRead(
    () => ['inspections', props.band.id, page.value],
    () => outcome(api.GET('/api/v1/bands/{band}/inspections', { params: { path: { band: props.band.id }, query: { page: page.value } } })),
);
const findings = (Object.keys(findingWords) as Finding[]).map((value) => ({ value, label: findingWords[value] }));
const today = useToday();
const on = ref(today.value);
const finding = ref<Finding | null>(null);
const note = ref('');
const problem = shallowRef<Problem>();
const busy = ref(false);
let id = uuidv7();

async function save(): Promise<void> {
    if (finding.value === null) {
        return;
    }
    busy.value = true;
    const body = { id, inspected_on: on.value, finding: finding.value, note: note.value || null };
    const result = await outcome(api.POST('/api/v1/bands/{band}/inspections', { params: { path: { band: props.band.id } }, body }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        id = uuidv7();
        finding.value = null;
        note.value = '';
        page.value = 1;
        await Promise.all([log.reload(), freshenKit(client)]);
    }
}
</script>

<template>
    <section class="card stack" aria-label="Inspections">
        <div class="card-head">
            <h2>Inspections</h2>
            <p class="small" :class="{ due: band.wear.due }">{{ band.wear.due ? 'Due. ' : '' }}{{ band.wear.text }}</p>
        </div>
        <ProblemNote v-if="problem" typed :problem="problem" />
        <div class="columns">
            <form v-if="$may('kit')" class="stack" novalidate @submit.prevent="save">
                <ChipRow label="Found" :chips="findings" :value="finding" @pick="finding = $event" />
                <div class="pair">
                    <DateField v-model="on" label="Looked at on" :latest="today" />
                    <FormField v-slot="{ inputProps }" label="Note (optional)">
                        <NInput
                            v-model:value="note"
                            :input-props="{ ...inputProps, maxlength: limits.InspectionInput.note.longest }"
                            placeholder=""
                        />
                    </FormField>
                </div>
                <p v-if="finding !== null && finding !== 'sound'" class="small due">A fault takes the band out of use at once.</p>
                <div><NButton attr-type="submit" :disabled="finding === null" :loading="busy">Note the inspection</NButton></div>
            </form>
            <div>
                <ProblemNote v-if="log.problem.value" :problem="log.problem.value" retry @retry="log.reload" />
                <ul class="log small">
                    <li v-for="item in log.value.value?.items ?? []" :key="item.id">
                        <span>{{ day(item.inspected_on) }}</span>
                        <strong>{{ findingWords[item.finding] }}</strong>
                        <span class="dim">{{ item.note }}</span>
                    </li>
                    <li v-if="log.value.value?.items.length === 0">Not looked at yet.</li>
                </ul>
                <PageTurner v-model="page" :next="log.value.value?.next_page" back="Later" on="Earlier" />
            </div>
        </div>
    </section>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    gap: var(--space-broad);
}

.pair {
    display: grid;
    grid-template-columns: 160px 1fr;
    gap: var(--space-small);
}

.log {
    list-style: none;
}

.log li {
    display: grid;
    grid-template-columns: 86px auto 1fr;
    gap: var(--space-small);
    padding: 4px 0;
    border-bottom: 1px solid var(--color-line);
}

.due {
    color: var(--color-down);
    font-weight: 600;
}

@media screen and (max-width: 720px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

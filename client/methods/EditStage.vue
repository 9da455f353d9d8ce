<script setup lang="ts">
import { NCheckbox, NInput, NSelect } from 'naive-ui';
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import FormField from '../parts/FormField.vue';
import EditBeside from './EditBeside.vue';
import WholeField from './WholeField.vue';
import { keyOf, OFFERED, wordsOf } from './means';
import { amountOf, measureOf, pickMeans, workOf, type StageFile } from './methodFile';

const props = defineProps<{ stage: StageFile; first: boolean; last: boolean; accessories: readonly Schemas['Accessory'][] }>();
defineEmits<{ up: []; down: []; drop: []; add: [] }>();

const WORDS = { reps: 'reps', seconds: 's', total_reps: 'reps in all', metres: 'm' } as const;

const measure = computed(() => measureOf(props.stage));
const work = computed(() => workOf(props.stage));
const amount = computed(() => (work.value ? (work.value[amountOf(work.value)] ?? []) : []));
const options = computed(() => [
    ...new Map([...(work.value?.do ?? []), ...OFFERED].map((m) => [keyOf(m), { value: keyOf(m), label: wordsOf(m) }])).values(),
]);

function setAmount(at: 0 | 1, value: number | null | undefined): void {
    if (work.value && typeof value === 'number') {
        const [low = value, high = low] = amount.value;
        work.value[amountOf(work.value)] = at === 0 ? [value, Math.max(value, high)] : [low, value];
    }
}
</script>

<template>
    <!-- eslint-disable vue/no-mutating-props -- the form owns the draft, this is a part of it -->
    <fieldset class="card">
        <legend>{{ stage.name }}</legend>
        <FormField v-slot="{ inputProps }" label="Stage">
            <NInput v-model:value="stage.name" :input-props="{ ...inputProps, maxlength: 80 }" placeholder="" />
        </FormField>
        <template v-if="work">
            <FormField label="Done on, the first that the gear allows">
                <NSelect
                    :value="(work.do ?? []).map(keyOf)"
                    :options="options"
                    multiple
                    :virtual-scroll="false"
                    placeholder="Pick one or more"
                    :aria-label="`Done on, in ${stage.name}`"
                    @update:value="pickMeans(stage, work, $event)"
                />
            </FormField>
            <NCheckbox :checked="work.climbs === true" @update:checked="work.climbs = $event || undefined">
                Rung after rung within the stage
            </NCheckbox>
            <div class="figures">
                <WholeField v-model="work.sets" label="Sets" :min="1" :max="12" />
                <WholeField
                    :model-value="amount[0] ?? null"
                    :label="`From, ${WORDS[amountOf(work)]}`"
                    :min="1"
                    :max="600"
                    @update:model-value="setAmount(0, $event)"
                />
                <WholeField
                    :model-value="amount[1] ?? amount[0] ?? null"
                    :label="`To, ${WORDS[amountOf(work)]}`"
                    :min="1"
                    :max="600"
                    @update:model-value="setAmount(1, $event)"
                />
                <WholeField v-model="work.rest_s" label="Rest, s" :min="0" :max="600" />
                <WholeField v-model="stage.weeks[0]" label="Weeks, at the least" :min="0" :max="52" />
                <WholeField v-model="stage.weeks[1]" label="Weeks, at the most" :min="1" :max="104" />
            </div>
        </template>
        <div class="figures">
            <WholeField v-model="stage.gate[measure]" :label="`Gate, ${WORDS[measure]}`" :min="1" :max="600" />
            <WholeField v-model="stage.gate.sets" label="Gate, sets" :min="1" :max="12" />
            <WholeField v-model="stage.gate.sessions" label="Sessions" :min="1" :max="10" />
            <WholeField v-model="stage.gate.floor" label="Floor" :min="0" :max="600" />
            <WholeField v-model="stage.gate.least_days" label="Days, at the least" :min="0" :max="365" />
        </div>
        <EditBeside :stage="stage" :accessories="accessories" />
        <div class="row">
            <button v-if="!first" type="button" class="quiet small" @click="$emit('up')">Earlier</button>
            <button v-if="!last" type="button" class="quiet small" @click="$emit('down')">Later</button>
            <button type="button" class="quiet small" @click="$emit('add')">New stage before it</button>
            <button v-if="!(first && last)" type="button" class="quiet small" @click="$emit('drop')">Leave out</button>
        </div>
    </fieldset>
</template>

<style scoped>
fieldset {
    display: grid;
    gap: var(--space-small);
    margin: 0;
}

legend {
    font: 650 var(--type-base) var(--type-display);
}

.figures {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: var(--space-small);
}
</style>

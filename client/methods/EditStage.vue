<script setup lang="ts">
import { NInput, NInputNumber } from 'naive-ui';
import { computed } from 'vue';
import FormField from '../parts/FormField.vue';
import { measureOf, workOf, type StageFile } from './methodFile';

const props = defineProps<{ stage: StageFile; first: boolean; last: boolean }>();
defineEmits<{ up: []; down: []; drop: [] }>();

const WORDS = { reps: 'reps', seconds: 's', total_reps: 'reps in all' } as const;

const measure = computed(() => measureOf(props.stage));
const work = computed(() => workOf(props.stage));
</script>

<template>
    <fieldset class="card">
        <legend>{{ stage.name }}</legend>
        <FormField v-slot="{ inputProps }" label="Stage">
            <!-- eslint-disable-next-line vue/no-mutating-props -- the form owns the draft, this is a part of it -->
            <NInput v-model:value="stage.name" :input-props="{ ...inputProps, maxlength: 80 }" placeholder="" />
        </FormField>
        <div class="figures">
            <FormField v-if="work" v-slot="{ inputProps }" label="Sets">
                <NInputNumber v-model:value="work.sets" :input-props="inputProps" :min="1" :max="12" :show-button="false" placeholder="" />
            </FormField>
            <FormField v-if="work" v-slot="{ inputProps }" label="Rest, s">
                <NInputNumber v-model:value="work.rest_s" :input-props="inputProps" :min="0" :max="600" :show-button="false" placeholder="" />
            </FormField>
            <!-- eslint-disable vue/no-mutating-props -->
            <FormField v-slot="{ inputProps }" :label="`Gate, ${WORDS[measure]}`">
                <NInputNumber v-model:value="stage.gate[measure]" :input-props="inputProps" :min="1" :max="600" :show-button="false" placeholder="" />
            </FormField>
            <FormField v-slot="{ inputProps }" label="Gate, sets">
                <NInputNumber v-model:value="stage.gate.sets" :input-props="inputProps" :min="1" :max="12" :show-button="false" placeholder="" />
            </FormField>
            <FormField v-slot="{ inputProps }" label="Sessions">
                <NInputNumber v-model:value="stage.gate.sessions" :input-props="inputProps" :min="1" :max="10" :show-button="false" placeholder="" />
            </FormField>
            <FormField v-slot="{ inputProps }" label="Floor">
                <NInputNumber v-model:value="stage.gate.floor" :input-props="inputProps" :min="0" :max="600" :show-button="false" placeholder="" />
            </FormField>
            <!-- eslint-enable vue/no-mutating-props -->
        </div>
        <div class="row">
            <button v-if="!first" type="button" class="quiet small" @click="$emit('up')">Earlier</button>
            <button v-if="!last" type="button" class="quiet small" @click="$emit('down')">Later</button>
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

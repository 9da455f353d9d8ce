<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { ref } from 'vue';
import { gearWords, type Gear, type GearKind } from '../domain/gear';
import { api, outcome } from '../domain/http';
import { limits } from '../domain/limits.gen';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QuantityField from '../parts/QuantityField.vue';
import { gearFields, limitsOf } from './gearFields';
import { useGearDraft } from './useGearDraft';
import { useLeaving } from '../parts/useLeaving';
import { useSaving } from './useSaving';

const props = defineProps<{ kind: GearKind; gear: Gear | undefined }>();
const emit = defineEmits<{ saved: [id: string] }>();

const id = props.gear?.id ?? uuidv7();
const draft = useGearDraft(props.kind, props.gear);
const untouched = ref(JSON.stringify(draft.typed));
useLeaving(() => JSON.stringify(draft.typed) !== untouched.value);
const saving = useSaving(props.gear, {
    blame: draft.blame,
    saved: () => {
        untouched.value = JSON.stringify(draft.typed);
        emit('saved', id);
    },
});
const uses = [
    { value: 'counterweight' as const, label: 'Lifts the athlete' },
    { value: 'pulldown' as const, label: 'Is pulled down' },
];

async function save(): Promise<void> {
    const body = draft.read();
    if (body !== undefined) {
        await saving.send(() =>
            outcome(saving.stored.value ? api.PUT('/api/gear/{gear}', { params: { path: { gear: id } }, body }) : api.POST('/api/gear', { body: { id, ...body } })),
        );
    }
}

const retire = (retired: boolean): Promise<void> => saving.send(() => outcome(api.PUT('/api/gear/{gear}/retirement', { params: { path: { gear: id } }, body: { retired } })));
</script>

<template>
    <form class="card stack" novalidate @submit.prevent="save">
        <h2>{{ gear ? gear.name : `Add a ${gearWords[kind].one}` }}</h2>
        <ProblemNote v-if="saving.problem.value" :problem="saving.problem.value" />
        <FormField v-slot="{ inputProps, status }" label="Name" :error="draft.errors.name">
            <NInput v-model:value="draft.typed.name" :input-props="{ ...inputProps, maxlength: limits.GearInput.name.longest }" :status="status" placeholder="" />
        </FormField>
        <ChipRow v-if="kind === 'machine'" label="What its stack does" show-label :chips="uses" :value="draft.typed.use" @pick="draft.typed.use = $event" />
        <QuantityField
            v-for="field in gearFields[kind]"
            :key="field.key"
            v-model="draft.typed.figures[field.key]"
            :label="field.label"
            :unit="field.unit"
            :limits="limitsOf(field.key)"
            :optional="field.optional"
            :error="draft.errors[field.key]"
        />
        <FormField
            v-if="kind === 'rings'"
            v-slot="{ inputProps, status }"
            label="Strap marks, anchor to ring"
            hint="In cm, one after the other: 100; 120,5; 140"
            :error="draft.errors.straps"
        >
            <NInput v-model:value="draft.typed.straps" :input-props="inputProps" :status="status" placeholder="">
                <template #suffix>cm</template>
            </NInput>
        </FormField>
        <FormField
            v-if="kind === 'machine'"
            v-slot="{ inputProps, status }"
            label="Leverage"
            hint="Kilograms at the athlete for each kilogram of the stack; 1 if not known"
            :error="draft.errors.leverage"
        >
            <NInput v-model:value="draft.typed.leverage" :input-props="{ ...inputProps, inputmode: 'decimal' }" :status="status" placeholder="" />
        </FormField>
        <div class="row">
            <NButton attr-type="submit" type="primary" :loading="saving.busy.value">{{ saving.stored.value ? 'Save' : `Add ${gearWords[kind].one}` }}</NButton>
            <NButton v-if="gear" @click="retire(!gear.retired)">{{ gear.retired ? 'Take back into use' : 'Retire' }}</NButton>
        </div>
    </form>
</template>

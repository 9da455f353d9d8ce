<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { gearWords, type Gear, type GearKind } from '../domain/gear';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import { quantity, toTyped, unitOf } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QuantityField from '../parts/QuantityField.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import { gearFields, limitsOf } from './gearFields';
import { useGearDraft } from './useGearDraft';
import type { Undoable } from '../composables/useUndo';
import { useSaving } from './useSaving';

type Input = Schemas['GearInput'];

const props = defineProps<{ kind: GearKind; gear: Gear | undefined }>();
/** Opened again with what the server holds, where another window saved too. */
const emit = defineEmits<{ saved: [id: string]; reopen: []; retired: [command: Undoable] }>();

const id = props.gear?.id ?? uuidv7();
const draft = useGearDraft(props.kind, props.gear);
const path = { params: { path: { gear: id } } };
const saving = useSaving(
    props.gear,
    draft,
    {
        began: props.gear && useGearDraft(props.kind, props.gear).read(),
        add: (body: Input) => outcome(api.POST('/api/v1/gear', { body: { id, ...body } })),
        change: (body: Input) => outcome(api.PUT('/api/v1/gear/{gear}', { ...path, body })),
        retire: (retired) => outcome(api.PUT('/api/v1/gear/{gear}/retirement', { ...path, body: { retired } })),
        inKit: (now) => {
            const piece = now.gear.find((g) => g.id === id);
            return piece && useGearDraft(props.kind, piece as Gear).read();
        },
    },
    { saved: () => emit('saved', id), reopen: () => emit('reopen'), retired: (command) => emit('retired', command) },
);

function words(path: string, value: unknown): string {
    const field = gearFields[props.kind].find((f) => path === `figures.${f.key}`);
    if (field) {
        return `${field.label.replace(', if known', '')} ${typeof value === 'number' ? quantity(value, field.unit) : 'not known'}`;
    }
    const others: Record<string, () => string> = {
        name: () => `Name ${String(value)}`,
        'figures.straps_m': () => `Strap marks ${(value as number[]).map((m) => toTyped(m, 'cm')).join('; ')} ${unitOf('cm')}`,
        'figures.use': () => `Stack: ${uses.find((u) => u.value === value)?.label ?? String(value)}`,
        'figures.leverage': () => `Leverage ${String(value)}`,
    };
    return others[path]?.() ?? path;
}
const uses = [
    { value: 'counterweight' as const, label: 'Lifts the athlete' },
    { value: 'pulldown' as const, label: 'Is pulled down' },
];
</script>

<template>
    <form class="card stack" :inert="!$may('kit')" novalidate @submit.prevent="saving.save">
        <h2>{{ gear ? gear.name : `Add a ${gearWords[kind].one}` }}</h2>
        <ProblemNote v-if="saving.problem.value" typed :problem="saving.problem.value" />
        <SavedElsewhere :found="saving.found.value" :words="words" @both="saving.saveBoth" @theirs="emit('reopen')" />
        <FormField v-slot="{ inputProps, status }" label="Name" :error="draft.errors.name">
            <NInput
                v-model:value="draft.typed.name"
                :input-props="{ ...inputProps, maxlength: limits.GearInput.name.longest }"
                :status="status"
                placeholder=""
            />
        </FormField>
        <ChipRow
            v-if="kind === 'machine'"
            label="What its stack does"
            show-label
            :chips="uses"
            :value="draft.typed.use"
            @pick="draft.typed.use = $event"
        />
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
            :hint="`In ${unitOf('cm')}, one after the other: ${[1, 1.2, 1.405].map((m) => toTyped(m, 'cm')).join('; ')}`"
            :error="draft.errors.straps"
        >
            <NInput v-model:value="draft.typed.straps" :input-props="inputProps" :status="status" placeholder="">
                <template #suffix>{{ unitOf('cm') }}</template>
            </NInput>
        </FormField>
        <FormField
            v-if="kind === 'machine'"
            v-slot="{ inputProps, status }"
            label="Leverage"
            hint="Kilograms at the athlete for each kilogram of the stack; 1 if not known"
            :error="draft.errors.leverage"
        >
            <NInput
                v-model:value="draft.typed.leverage"
                :input-props="{ ...inputProps, inputmode: 'decimal' }"
                :status="status"
                placeholder=""
            />
        </FormField>
        <div class="row">
            <NButton v-if="$may('kit')" attr-type="submit" type="primary" :loading="saving.busy.value">
                {{ saving.stored.value ? 'Save' : `Add ${gearWords[kind].one}` }}
            </NButton>
            <NButton v-if="gear && $may('kit')" @click="saving.retire(!gear.retired)">
                {{ gear.retired ? 'Take back into use' : 'Retire' }}
            </NButton>
        </div>
    </form>
</template>

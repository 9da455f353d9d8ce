<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { reactive, ref, shallowRef } from 'vue';
import { faultText, readQuantity } from '../domain/fields';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { toTyped } from '../domain/units';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QuantityField from '../parts/QuantityField.vue';

const props = defineProps<{ bar: Schemas['BarResource'] | undefined }>();
const emit = defineEmits<{ saved: [id: string] }>();

const id = props.bar?.id ?? uuidv7();
const typed = reactive({ name: props.bar?.name ?? '', height: props.bar ? toTyped(props.bar.height_m, 'cm') : '' });
const errors = reactive<{ name?: string | undefined; height?: string | undefined }>({});
const problem = shallowRef<Problem>();
const busy = ref(false);

async function send(call: () => ReturnType<typeof outcome<Schemas['BarResource']>>): Promise<void> {
    busy.value = true;
    const result = await call();
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        emit('saved', id);
    } else {
        Object.assign(errors, { name: faultText(result.problem.faults, '/name'), height: faultText(result.problem.faults, '/height_m', 'cm') });
    }
}

async function save(): Promise<void> {
    const height = readQuantity(typed.height, 'cm', limits.BarInput.height_m, true);
    Object.assign(errors, { name: typed.name.trim() ? undefined : 'Needed.', height: height.error });
    if (errors.name || errors.height || height.value === undefined) {
        return;
    }
    const body = { name: typed.name, height_m: height.value };
    await send(() => outcome(props.bar ? api.PUT('/api/bars/{bar}', { params: { path: { bar: id } }, body }) : api.POST('/api/bars', { body: { id, ...body } })));
}

const retire = (retired: boolean): Promise<void> => send(() => outcome(api.PUT('/api/bars/{bar}/retirement', { params: { path: { bar: id } }, body: { retired } })));
</script>

<template>
    <form class="card stack" novalidate @submit.prevent="save">
        <h2>{{ bar ? bar.name : 'Add a bar' }}</h2>
        <ProblemNote v-if="problem" :problem="problem" />
        <FormField v-slot="{ inputProps, status }" label="Name" :error="errors.name">
            <NInput v-model:value="typed.name" :input-props="{ ...inputProps, maxlength: limits.BarInput.name.longest }" :status="status" placeholder="" />
        </FormField>
        <QuantityField v-model="typed.height" label="Height above the floor" unit="cm" :limits="limits.BarInput.height_m" :error="errors.height" />
        <div class="row">
            <NButton attr-type="submit" type="primary" :loading="busy">{{ bar ? 'Save' : 'Add bar' }}</NButton>
            <NButton v-if="bar" @click="retire(!bar.retired)">{{ bar.retired ? 'Take back into use' : 'Retire' }}</NButton>
        </div>
    </form>
</template>

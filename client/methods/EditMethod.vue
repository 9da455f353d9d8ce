<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { useDebounceFn } from '@vueuse/core';
import { ref, shallowRef, watch } from 'vue';
import { api, mapResult, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import FaultList from '../parts/FaultList.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useElsewhere } from '../composables/useElsewhere';
import EditStage from './EditStage.vue';
import { addStage, move, type MethodFile } from './methodFile';
import { useLibrary } from '../composables/useLibrary';

const props = defineProps<{ method: string; own: boolean }>();
const emit = defineEmits<{ kept: [key: string] }>();
const open = defineModel<boolean>('open', { required: true });

const CHECK_MS = 400;

const library = useLibrary(open);
const draft = ref<MethodFile>();
const problem = shallowRef<Problem>();
const busy = ref(false);
/** As it was when the panel opened; a copy is a method of its own. */
let began: MethodFile | undefined;
const read = () => outcome(api.GET('/api/v1/methods/{method}', { params: { path: { method: props.method } } }));
const elsewhere = useElsewhere<MethodFile>({
    began: () => began,
    stored: async () => mapResult(await read(), (file) => file as unknown as MethodFile),
});
const labels: Record<string, string> = { name: 'Name', idea: 'Idea', stages: 'Stages' };
const words = (path: string, value: unknown): string =>
    `${labels[path] ?? path}: ${path === 'stages' ? (value as MethodFile['stages']).map((s) => s.name).join(', ') : typeof value === 'string' ? value : JSON.stringify(value)}`;

watch(open, async (is) => {
    problem.value = undefined;
    if (!is) {
        return;
    }
    const result = await read();
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        const file = result.value as unknown as MethodFile;
        began = props.own ? (structuredClone(file) as MethodFile) : undefined;
        draft.value = props.own ? file : { ...file, key: `${file.key}-ours`, name: `${file.name}, ours` };
    }
});

/** What is wrong is said while it is typed; nothing is kept by that. */
const check = useDebounceFn(async () => {
    if (draft.value && open.value) {
        const result = await outcome(api.POST('/api/v1/methods/check', { body: draft.value as never }));
        problem.value = result.ok ? undefined : result.problem;
    }
}, CHECK_MS);
watch(draft, () => void check(), { deep: true });

async function keep(agreed = false): Promise<void> {
    if (!draft.value) {
        return;
    }
    busy.value = true;
    const result = await elsewhere.save(draft.value, (body) => outcome(api.PUT('/api/v1/methods', { body: body as never })), agreed);
    busy.value = false;
    problem.value = result?.ok === false ? result.problem : undefined;
    if (result?.ok) {
        emit('kept', draft.value.key);
    }
}

function takeTheirs(): void {
    draft.value = structuredClone(elsewhere.take());
}
</script>

<template>
    <SidePanel v-model:open="open" :title="own ? 'Change the method' : 'Copy and change'">
        <form v-if="draft" class="stack" novalidate @submit.prevent="keep()">
            <FormField v-slot="{ inputProps }" label="Name">
                <NInput v-model:value="draft.name" :input-props="{ ...inputProps, maxlength: 80 }" placeholder="" />
            </FormField>
            <FormField v-if="!own" v-slot="{ inputProps }" label="Key" hint="Small letters and dashes; it stays.">
                <NInput v-model:value="draft.key" :input-props="{ ...inputProps, maxlength: 64 }" placeholder="" />
            </FormField>
            <FormField v-slot="{ inputProps }" label="Idea">
                <NInput v-model:value="draft.idea" :input-props="{ ...inputProps, maxlength: 300 }" placeholder="" />
            </FormField>
            <EditStage
                v-for="(stage, i) in draft.stages"
                :key="stage.key"
                :stage="stage"
                :first="i === 0"
                :last="i === draft.stages.length - 1"
                :accessories="library.value.value?.accessories ?? []"
                @up="move(draft.stages, i, -1)"
                @down="move(draft.stages, i, 1)"
                @add="addStage(draft.stages, i)"
                @drop="draft.stages.splice(i, 1)"
            />
            <SavedElsewhere :found="elsewhere.found.value" :words="words" @both="keep(true)" @theirs="takeTheirs" />
            <FaultList v-if="problem" :problem="problem" />
            <div class="row">
                <NButton attr-type="submit" type="primary" :loading="busy" :disabled="problem !== undefined">Save</NButton>
                <NButton @click="open = false">Cancel</NButton>
            </div>
        </form>
        <ProblemNote v-else-if="problem" :problem="problem" />
    </SidePanel>
</template>

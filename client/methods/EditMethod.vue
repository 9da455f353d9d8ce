<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { useDebounceFn } from '@vueuse/core';
import { ref, shallowRef, watch } from 'vue';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import FaultList from '../parts/FaultList.vue';
import SidePanel from '../parts/SidePanel.vue';
import EditStage from './EditStage.vue';
import { addStage, move, type MethodFile } from './methodFile';
import { useLibrary } from './useLibrary';

const props = defineProps<{ method: string; own: boolean }>();
const emit = defineEmits<{ kept: [key: string] }>();
const open = defineModel<boolean>('open', { required: true });

const CHECK_MS = 400;

const library = useLibrary(open);
const draft = ref<MethodFile>();
const problem = shallowRef<Problem>();
const busy = ref(false);

watch(open, async (is) => {
    problem.value = undefined;
    if (!is) {
        return;
    }
    const result = await outcome(api.GET('/api/methods/{method}', { params: { path: { method: props.method } } }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        const file = result.value as unknown as MethodFile;
        draft.value = props.own ? file : { ...file, key: `${file.key}-ours`, name: `${file.name}, ours` };
    }
});

/** What is wrong is said while it is typed; nothing is kept by that. */
const check = useDebounceFn(async () => {
    if (draft.value && open.value) {
        const result = await outcome(api.POST('/api/methods/check', { body: draft.value as never }));
        problem.value = result.ok ? undefined : result.problem;
    }
}, CHECK_MS);
watch(draft, () => void check(), { deep: true });

async function keep(): Promise<void> {
    if (!draft.value) {
        return;
    }
    busy.value = true;
    const result = await outcome(api.PUT('/api/methods', { body: draft.value as never }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        emit('kept', draft.value.key);
    }
}
</script>

<template>
    <SidePanel v-model:open="open" :title="own ? 'Change the method' : 'Copy and change'">
        <form v-if="draft" class="stack" novalidate @submit.prevent="keep">
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
            <FaultList v-if="problem" :problem="problem" />
            <div class="row">
                <NButton attr-type="submit" type="primary" :loading="busy" :disabled="problem !== undefined">Keep it</NButton>
                <NButton @click="open = false">Cancel</NButton>
            </div>
        </form>
        <ProblemNote v-else-if="problem" :problem="problem" />
    </SidePanel>
</template>

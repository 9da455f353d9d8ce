<script setup lang="ts">
import { NButton } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import FaultList from '../parts/FaultList.vue';
import SidePanel from '../parts/SidePanel.vue';

const emit = defineEmits<{ brought: [methods: Schemas['MethodList']] }>();

const open = ref(false);
const problem = shallowRef<Problem>();

/** What a file holds. */
const textOf = (file: File): Promise<string> =>
    new Promise((resolve) => {
        const reader = new FileReader();
        reader.onload = () => resolve(String(reader.result));
        reader.onerror = () => resolve('');
        reader.readAsText(file);
    });

/** A method's own file; what is wrong with it is said, and nothing is kept. */
async function bring(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (file === undefined) {
        return;
    }
    const text = await textOf(file);
    input.value = ''; // so that the same file, mended, can be chosen again
    let body: Record<string, never>;
    try {
        body = JSON.parse(text) as Record<string, never>;
    } catch {
        problem.value = {
            code: 'invalid',
            detail: '',
            faults: [{ pointer: file.name, detail: 'This is not readable JSON. Nothing was kept.' }],
        };
        return;
    }
    const result = await outcome(api.PUT('/api/v1/methods', { body }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        open.value = false;
        emit('brought', result.value);
    }
}
</script>

<template>
    <NButton @click="open = true">Import</NButton>
    <SidePanel v-model:open="open" title="Import a method">
        <div class="stack">
            <p>A method is one JSON file, as it is taken away on a method’s page. One of the same key is replaced.</p>
            <label class="file">
                <span>File</span>
                <input type="file" accept="application/json,.json" @change="bring" />
            </label>
            <FaultList v-if="problem" :problem="problem" />
        </div>
    </SidePanel>
</template>

<style scoped>
.file {
    display: grid;
    gap: 4px;
    font-weight: 600;
}

.file input {
    min-height: var(--target);
}
</style>

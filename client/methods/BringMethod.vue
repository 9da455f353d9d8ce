<script setup lang="ts">
import { NButton } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';

const emit = defineEmits<{ brought: [methods: Schemas['MethodList']] }>();

const open = ref(false);
const problem = shallowRef<Problem>();

/** A method's own file; what is wrong with it is said, and nothing is kept. */
async function bring(event: Event): Promise<void> {
    const file = (event.target as HTMLInputElement).files?.[0];
    if (file === undefined) {
        return;
    }
    let body: Record<string, never>;
    try {
        body = JSON.parse(await file.text()) as Record<string, never>;
    } catch {
        problem.value = { code: 'invalid', detail: `${file.name} is not readable JSON. Nothing was kept.`, faults: [] };
        return;
    }
    const result = await outcome(api.PUT('/api/methods', { body }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        open.value = false;
        emit('brought', result.value);
    }
}
</script>

<template>
    <NButton @click="open = true">Bring in</NButton>
    <SidePanel v-model:open="open" title="Bring in a method">
        <div class="stack">
            <p>A method is one JSON file, as it is taken away on a method’s page. One of the same key is replaced.</p>
            <label class="file">
                <span>File</span>
                <input type="file" accept="application/json,.json" @change="bring" />
            </label>
            <ProblemNote v-if="problem" :problem="problem" />
            <ul v-if="problem" class="small faults">
                <li v-for="fault in problem.faults" :key="fault.pointer">{{ fault.pointer }}: {{ fault.detail }}</li>
            </ul>
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

.faults {
    padding-left: 18px;
}
</style>

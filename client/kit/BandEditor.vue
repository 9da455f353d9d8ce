<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import CurvePlot from '../draw/CurvePlot.vue';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { statusWords } from '../domain/words';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QuantityField from '../parts/QuantityField.vue';
import PointRows from './PointRows.vue';
import { useBandDraft } from './useBandDraft';

type Band = Schemas['BandResource'];

const props = defineProps<{ band: Band | undefined }>();
const emit = defineEmits<{ saved: [id: string] }>();

const id = props.band?.id ?? uuidv7();
const draft = useBandDraft(props.band);
const problem = shallowRef<Problem>();
const busy = ref(false);
const sureness = computed(() => {
    const curve = props.band?.curve;
    return curve && `${statusWords[curve.status]}, ± ${Math.round(100 * curve.relative_sd)} %`;
});

async function send(call: () => Promise<Result<Band>>): Promise<void> {
    busy.value = true;
    const result = await call();
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        emit('saved', id);
    } else {
        draft.blame(result.problem.faults);
    }
}

async function save(): Promise<void> {
    const body = draft.read();
    if (body !== undefined) {
        await send(() => outcome(props.band ? api.PUT('/api/bands/{band}', { params: { path: { band: id } }, body }) : api.POST('/api/bands', { body: { id, ...body } })));
    }
}

const retire = (retired: boolean): Promise<void> => send(() => outcome(api.PUT('/api/bands/{band}/retirement', { params: { path: { band: id } }, body: { retired } })));
</script>

<template>
    <form class="card editor" novalidate @submit.prevent="save">
        <div class="stack">
            <div>
                <h2>{{ band ? band.name : 'Add a band' }}</h2>
                <p v-if="sureness" class="dim">{{ sureness }}</p>
            </div>
            <ProblemNote v-if="problem" :problem="problem" />
            <FormField v-slot="{ inputProps, status }" label="Name or shop tag" :error="draft.errors.name">
                <NInput v-model:value="draft.typed.name" :input-props="{ ...inputProps, maxlength: limits.BandInput.name.longest }" :status="status" placeholder="" />
            </FormField>
            <div class="sizes">
                <QuantityField v-model="draft.typed.width" label="Width" unit="mm" :limits="limits.BandInput.width_mm" :error="draft.errors.width" />
                <QuantityField v-model="draft.typed.thickness" label="Thickness" unit="mm" :limits="limits.BandInput.thickness_mm" :error="draft.errors.thickness" />
                <QuantityField v-model="draft.typed.hung" label="Hung length" unit="cm" :limits="limits.BandInput.hung_length_m" :error="draft.errors.hung" />
            </div>
            <PointRows :draft="draft" />
            <div class="row">
                <NButton attr-type="submit" type="primary" :loading="busy">{{ band ? 'Save' : 'Add band' }}</NButton>
                <NButton v-if="band" @click="retire(!band.retired)">{{ band.retired ? 'Take back into use' : 'Retire' }}</NButton>
            </div>
        </div>
        <CurvePlot v-if="band" :curve="band.curve" :points="band.points" />
        <p v-else class="dim small">Hung length: hitched over the bar, unloaded, from the bar to the bottom of the loop. Once it is added, its curve stands here.</p>
    </form>
</template>

<style scoped>
.editor {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: var(--space-broad);
    align-items: start;
}

.sizes {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: var(--space-small);
}

@media (max-width: 960px) {
    .editor {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

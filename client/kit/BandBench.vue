<script setup lang="ts">
import { NButton, NCheckbox, NInput, NSelect } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { computed, shallowRef } from 'vue';
import CurvePlot from '../draw/CurvePlot.vue';
import { hitchWords, inUse, type Kit } from '../domain/gear';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import { quantity } from '../domain/units';
import { statusWords } from '../domain/words';
import ComputeAgain from '../log/outdated/ComputeAgain.vue';
import CautionBox from '../parts/CautionBox.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import QuantityField from '../parts/QuantityField.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import HelpTable from './HelpTable.vue';
import PointRows from './PointRows.vue';
import ScalePanel from './ScalePanel.vue';
import { useBandDraft } from './useBandDraft';
import { useBench } from './useBench';
import type { Undoable } from '../composables/useUndo';
import { useRead } from '../composables/useRead';
import { useSaving } from './useSaving';

type Input = Schemas['BandInput'];

const props = defineProps<{ band: Schemas['Band'] | undefined; kit: Kit }>();
/** Opened again with what the server holds, where another window saved too. */
const emit = defineEmits<{ saved: [id: string]; reopen: []; retired: [command: Undoable] }>();
const athlete = defineModel<string | null>('athlete', { required: true });
const bar = defineModel<string | null>('bar', { required: true });

const id = props.band?.id ?? uuidv7();
const draft = useBandDraft(props.band);
const { bench } = useBench(draft, () => ({ athlete: athlete.value, bar: bar.value }));
const live = shallowRef<{ lengthM: number; forceKg: number }>();
/** What athletes' sets say of it. */
const learned = useRead(
    () => ['band-learned', id],
    () => outcome(api.GET('/api/v1/bands/{band}/learned', { params: { path: { band: id } } })),
    { enabled: () => props.band !== undefined },
);
const path = { params: { path: { band: id } } };
const saving = useSaving(
    props.band,
    draft,
    {
        began: props.band && useBandDraft(props.band).value(),
        add: (body: Input) => outcome(api.POST('/api/v1/bands', { body: { id, ...body } })),
        change: (body: Input) => outcome(api.PUT('/api/v1/bands/{band}', { ...path, body })),
        retire: (retired) => outcome(api.PUT('/api/v1/bands/{band}/retirement', { ...path, body: { retired } })),
        inKit: (now) => {
            const band = now.bands.find((b) => b.id === id);
            return band && useBandDraft(band).value();
        },
    },
    { saved: () => emit('saved', id), reopen: () => emit('reopen'), retired: (command) => emit('retired', command) },
);

function words(path: string, value: unknown): string {
    const all: Record<string, () => string> = {
        name: () => `Name ${String(value)}`,
        width_mm: () => `Width ${quantity(Number(value), 'mm')}`,
        thickness_mm: () => `Thickness ${quantity(Number(value), 'mm')}`,
        hung_length_m: () => `Hung length ${quantity(Number(value), 'cm')}`,
        points: () =>
            `Readings ${(value as Schemas['PointInput'][]).map((p) => `${quantity(p.length_m, 'cm')} ${typeof p.force_kg === 'number' ? quantity(p.force_kg, 'kg') : quantity(p.force_n ?? 0, 'N')}`).join(', ') || 'none'}`,
        hitched_on: () => `Hitched on ${bars.value.find((b) => b.value === value)?.label ?? 'no bar'}`,
    };
    return all[path]?.() ?? path;
}
const curve = computed(() => bench.value?.curve ?? props.band?.curve);
const sureness = computed(() => curve.value && `${statusWords[curve.value.status]}, ± ${Math.round(100 * curve.value.relative_sd)} %`);
const grave = ['pounds', 'newtons', 'other-band'];
const doubts = computed(() => curve.value?.doubts ?? []);
const bars = computed(() => inUse(props.kit, 'bar').map((b) => ({ value: b.id, label: b.name })));
const points = computed(() => bench.value?.points ?? props.band?.points ?? []);
const spans = computed(() =>
    (bench.value?.help ?? []).flatMap((h) =>
        typeof h.bottom_m === 'number' && typeof h.top_m === 'number' ? [{ label: h.attach, fromM: h.top_m, toM: h.bottom_m }] : [],
    ),
);
</script>

<template>
    <form class="card bench" :inert="!$may('kit')" novalidate @submit.prevent="saving.save">
        <div class="stack">
            <div class="name">
                <FormField v-slot="{ inputProps, status }" label="Name or shop tag" :error="draft.errors.name">
                    <NInput
                        v-model:value="draft.typed.name"
                        :input-props="{ ...inputProps, maxlength: limits.BandInput.name.longest }"
                        :status="status"
                        placeholder=""
                    />
                </FormField>
                <div class="row actions">
                    <NButton v-if="$may('kit')" attr-type="submit" type="primary" :loading="saving.busy.value">
                        {{ saving.stored.value ? 'Save' : 'Add band' }}
                    </NButton>
                    <NButton v-if="band && $may('kit')" @click="saving.retire(!band.retired)">
                        {{ band.retired ? 'Take back into use' : 'Retire' }}
                    </NButton>
                </div>
            </div>
            <ProblemNote v-if="saving.problem.value" typed :problem="saving.problem.value" />
            <SavedElsewhere :found="saving.found.value" :words="words" @both="saving.saveBoth" @theirs="emit('reopen')" />
            <CautionBox v-if="learned.value.value?.advice" role="status">{{ learned.value.value.advice }}</CautionBox>
            <ComputeAgain
                v-if="band"
                :key="band.measured_on ?? ''"
                :of="{ band: id }"
                because="with other readings than the band has now"
            />
            <div class="sizes">
                <QuantityField
                    v-model="draft.typed.width"
                    label="Width"
                    unit="mm"
                    :limits="limits.BandInput.width_mm"
                    :error="draft.errors.width"
                />
                <QuantityField
                    v-model="draft.typed.thickness"
                    label="Thickness"
                    unit="mm"
                    :limits="limits.BandInput.thickness_mm"
                    :error="draft.errors.thickness"
                />
                <QuantityField
                    v-model="draft.typed.hung"
                    label="Hung length"
                    unit="cm"
                    :limits="limits.BandInput.hung_length_m"
                    :error="draft.errors.hung"
                />
            </div>
            <FormField
                label="Hitched on, while it was measured"
                :hint="hitchWords(inUse(kit, 'bar').find((b) => b.id === draft.typed.hitchedOn))"
            >
                <NSelect
                    v-model:value="draft.typed.hitchedOn"
                    clearable
                    :options="bars"
                    :virtual-scroll="false"
                    placeholder="Bar it hung on"
                    aria-label="Hitched on"
                />
            </FormField>
            <ScalePanel :draft="draft" @live="live = $event" />
            <PointRows :draft="draft" />
            <CautionBox v-if="doubts.length > 0" class="small" role="status">
                <ul>
                    <li v-for="doubt in doubts" :key="doubt.code">{{ doubt.text }}</li>
                </ul>
            </CautionBox>
            <NCheckbox v-if="doubts.some((d) => grave.includes(d.code))" v-model:checked="draft.typed.sure">
                It is right: keep these readings
            </NCheckbox>
            <p v-if="draft.errors.sure" class="small wrong" role="alert">{{ draft.errors.sure }}</p>
        </div>
        <div class="stack">
            <div class="card-head">
                <h2>{{ band ? band.name : 'A new band' }}</h2>
                <p v-if="sureness" class="small">{{ sureness }}</p>
            </div>
            <p v-if="band?.measure_again" class="small wrong">{{ band.measure_again }}</p>
            <CurvePlot v-if="curve" :curve="curve" :points="points" :live="live" :spans="spans" />
            <p v-else class="dim small">
                Hung length: hitched over the bar, unloaded, from the bar to the bottom of the loop. With width and thickness its curve
                stands here.
            </p>
            <HelpTable v-model:athlete="athlete" v-model:bar="bar" :help="bench?.help ?? []" :kit="kit" />
        </div>
    </form>
</template>

<style scoped>
.bench {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
    gap: var(--space-broad);
    align-items: start;
}

.name {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: var(--space-small);
    align-items: start;
}

.actions {
    margin-top: 24px;
}

.sizes {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: var(--space-small);
}

.wrong {
    color: var(--color-refer);
    font-weight: 600;
}

@media screen and (max-width: 960px) {
    .bench {
        grid-template-columns: minmax(0, 1fr);
    }

    .bench > :last-child {
        order: -1;
    }

    .name {
        grid-template-columns: minmax(0, 1fr);
    }

    .actions {
        margin-top: 0;
    }
}
</style>

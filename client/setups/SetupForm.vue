<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed, watch } from 'vue';
import { bandsInUse, bandText, figureText, inUse, type Gear, type Kit } from '../domain/gear';
import { kinds, type SetupField } from '../domain/kinds';
import { length, shortLength } from '../domain/units';
import { gradeWords } from '../domain/words';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import QuantityField from '../parts/QuantityField.vue';
import { FLOOR, PLATES, type SetupDraft } from './useSetupDraft';

const props = defineProps<{ kit: Kit }>();
const draft = defineModel<SetupDraft>({ required: true });

const asks = (field: SetupField): boolean => kinds[draft.value.kind].asks.includes(field);

const named = (g: Gear) => ({ value: g.id, label: `${g.name}, ${figureText(g)}` });
const bars = computed(() => inUse(props.kit, 'bar').map(named));
const bands = computed(() => bandsInUse(props.kit).map((b) => ({ value: b.id, label: bandText(b) })));
const anchors = computed(() => [...inUse(props.kit, 'rings'), ...inUse(props.kit, 'bar')].map(named));
const straps = computed(() =>
    (inUse(props.kit, 'rings').find((r) => r.id === draft.value.anchor)?.figures.straps_m ?? []).map((m) => ({
        value: m,
        label: length(m),
    })),
);
const boxes = computed(() => inUse(props.kit, 'box').map(named));
const heels = computed(() => [{ value: FLOOR, label: 'the floor' }, ...boxes.value]);
const standings = computed(() => [{ value: FLOOR, label: 'the floor' }, ...boxes.value, { value: PLATES, label: 'plates' }]);
const machines = computed(() =>
    inUse(props.kit, 'machine')
        .filter((m) => m.figures.use === draft.value.kind)
        .map(named),
);
const weights = computed(() => inUse(props.kit, 'weight').map(named));
const plates = computed(() => inUse(props.kit, 'plate').map(named));
const grades = Object.entries(gradeWords).map(([value, label]) => ({ value: value as keyof typeof gradeWords, label }));
const attaches = computed(() => [
    { value: 'foot' as const, label: 'Under the foot' },
    { value: 'knee' as const, label: 'Under the knee' },
    ...(draft.value.bands.length === 2 ? [{ value: 'split' as const, label: 'One at each' }] : []),
]);
const blocks = [
    { value: 'free' as const, label: 'Free' },
    { value: 'blocked' as const, label: 'Blocked' },
];
const kneeing = [
    { value: 'straight' as const, label: 'Straight' },
    { value: 'bent' as const, label: 'Bent, feet flat' },
];
const stances = [
    { value: 'seated' as const, label: 'Seated' },
    { value: 'kneeling' as const, label: 'Kneeling' },
];
const hops = computed(() => [
    { value: 0.1, label: `Small hop, ${shortLength(0.1)}` },
    { value: 0.25, label: `Jump, ${shortLength(0.25)}` },
]);

watch(straps, (marks) => {
    if (!marks.some((m) => m.value === draft.value.strapM)) {
        draft.value.strapM = marks.at(-1)?.value ?? null;
    }
});
watch(
    machines,
    (list) => {
        if (!list.some((m) => m.value === draft.value.machine)) {
            draft.value.machine = list[0]?.value ?? null;
        }
    },
    { immediate: true },
);
</script>

<template>
    <div class="stack form">
        <template v-if="asks('bands')">
            <FormField label="One band, or two together">
                <NSelect
                    v-model:value="draft.bands"
                    multiple
                    :max-tag-count="2"
                    :options="bands.map((b) => ({ ...b, disabled: draft.bands.length >= 2 && !draft.bands.includes(b.value) }))"
                    :virtual-scroll="false"
                    aria-label="Bands"
                />
            </FormField>
            <ChipRow v-if="asks('attach')" label="Where" :chips="attaches" :value="draft.attach" @pick="draft.attach = $event" />
        </template>
        <FormField v-if="asks('bar')" label="Bar">
            <NSelect v-model:value="draft.bar" :options="bars" :virtual-scroll="false" placeholder="Add a bar in Kit" aria-label="Bar" />
        </FormField>
        <template v-if="asks('row')">
            <div class="pair">
                <FormField label="Rings or low bar">
                    <NSelect
                        v-model:value="draft.anchor"
                        :options="anchors"
                        :virtual-scroll="false"
                        placeholder="Add rings in Kit"
                        aria-label="Rings or low bar"
                    />
                </FormField>
                <FormField v-if="straps.length > 0" label="Strap mark">
                    <NSelect v-model:value="draft.strapM" :options="straps" :virtual-scroll="false" aria-label="Strap mark" />
                </FormField>
            </div>
            <div class="pair">
                <QuantityField v-model="draft.markCm" label="Heel mark" unit="cm" :limits="{}" hint="from the plumb line; + is past it" />
                <FormField label="Heels on">
                    <NSelect v-model:value="draft.heelBox" :options="heels" :virtual-scroll="false" aria-label="Heels on" />
                </FormField>
            </div>
            <ChipRow label="Heels" show-label :chips="blocks" :value="draft.heels" @pick="draft.heels = $event" />
            <ChipRow label="Knees" show-label :chips="kneeing" :value="draft.knees" @pick="draft.knees = $event" />
            <FormField v-if="weights.length > 0" label="Worn, as a vest">
                <NSelect
                    v-model:value="draft.vest"
                    multiple
                    :options="weights"
                    :virtual-scroll="false"
                    placeholder="Nothing"
                    aria-label="Worn, as a vest"
                />
            </FormField>
        </template>
        <template v-if="asks('footing')">
            <FormField label="Feet on">
                <NSelect v-model:value="draft.standing" :options="standings" :virtual-scroll="false" aria-label="Feet on" />
            </FormField>
            <FormField v-if="draft.standing === PLATES" label="Plates, one on the other">
                <NSelect v-model:value="draft.plates" multiple :options="plates" :virtual-scroll="false" aria-label="Plates" />
            </FormField>
        </template>
        <template v-if="asks('foot-help')">
            <QuantityField v-model="draft.scaleKg" label="Scale under the feet, mean over the way up" unit="kg" optional :limits="{}" />
            <ChipRow
                label="How the feet help"
                show-label
                :chips="grades"
                :value="draft.grade ?? null"
                @pick="draft.grade = draft.grade === $event ? null : $event"
            />
            <FormField v-if="asks('lap') && weights.length > 0" label="In the lap">
                <NSelect
                    v-model:value="draft.lap"
                    multiple
                    :options="weights"
                    :virtual-scroll="false"
                    placeholder="Nothing"
                    aria-label="In the lap"
                />
            </FormField>
        </template>
        <ChipRow v-if="asks('hop')" label="Hop" :chips="hops" :value="draft.hopM" @pick="draft.hopM = $event" />
        <template v-if="asks('machine')">
            <FormField label="Machine">
                <NSelect
                    v-model:value="draft.machine"
                    :options="machines"
                    :virtual-scroll="false"
                    placeholder="Add a machine in Kit"
                    aria-label="Machine"
                />
            </FormField>
            <QuantityField v-model="draft.stackKg" label="Stack" unit="kg" :limits="{}" />
        </template>
        <ChipRow v-if="asks('stance')" label="Kept down" show-label :chips="stances" :value="draft.stance" @pick="draft.stance = $event" />
        <FormField v-if="asks('weights')" label="Weights on the belt">
            <NSelect
                v-model:value="draft.weights"
                multiple
                :options="weights"
                :virtual-scroll="false"
                placeholder="Add weights in Kit"
                aria-label="Weights"
            />
        </FormField>
    </div>
</template>

<style scoped>
.pair {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: var(--space-small);
}
</style>

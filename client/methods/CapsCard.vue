<script setup lang="ts">
import { NButton, NCheckbox } from 'naive-ui';
import { computed, reactive, ref, shallowRef, watch } from 'vue';
import { faultText, readQuantity, usable } from '../domain/fields';
import { api, mapResult, outcome } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import FaultList from '../parts/FaultList.vue';
import QuantityField from '../parts/QuantityField.vue';
import ReadNote from '../parts/ReadNote.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import { useElsewhere } from '../composables/useElsewhere';
import { useLeaving } from '../composables/useLeaving';
import { useCaps } from '../composables/useLibrary';

type Key = 'lowerings_a_session' | 'lowerings_a_week' | 'hard_sets_first_month' | 'hard_sets_later';

const FIELDS: readonly { key: Key; label: string; unit: 'reps' | 'sets' }[] = [
    { key: 'lowerings_a_session', label: 'Lowerings a session', unit: 'reps' },
    { key: 'lowerings_a_week', label: 'Lowerings a week', unit: 'reps' },
    { key: 'hard_sets_first_month', label: 'Hard vertical sets a week, first month', unit: 'sets' },
    { key: 'hard_sets_later', label: 'Hard vertical sets a week, later', unit: 'sets' },
];

const caps = useCaps();
const typed = reactive<Record<Key, string>>({
    lowerings_a_session: '',
    lowerings_a_week: '',
    hard_sets_first_month: '',
    hard_sets_later: '',
});
const acknowledged = ref(false);
const saving = ref(false);
const saved = ref(false);
const problem = shallowRef<Problem>();
const known = computed(() => caps.value.value);

const inputOf = (now: Record<Key, number>) => Object.fromEntries(FIELDS.map(({ key }) => [key, now[key]])) as Record<Key, number>;
let began: Record<Key, number> | undefined;
const isTouched = (): boolean => began !== undefined && FIELDS.some(({ key }) => typed[key] !== String(began?.[key]));

function asKnown(now: Record<Key, number>): void {
    began = inputOf(now);
    FIELDS.forEach(({ key }) => (typed[key] = String(now[key])));
    acknowledged.value = false;
}
watch(known, (now) => now && !isTouched() && asKnown(now), { immediate: true });
const elsewhere = useElsewhere<Record<Key, number>>({
    began: () => began,
    stored: async () => mapResult(await outcome(api.GET('/api/v1/caps')), inputOf),
});

function words(path: string, value: unknown): string {
    const field = FIELDS.find((f) => f.key === path);
    return `${field?.label ?? path} ${String(value)} ${field?.unit ?? ''}`;
}

const readings = computed(
    () =>
        Object.fromEntries(FIELDS.map((f) => [f.key, readQuantity(typed[f.key], f.unit, limits.CapsInput[f.key], true)])) as Record<
            Key,
            ReturnType<typeof readQuantity>
        >,
);
const error = (key: Key): string | undefined =>
    readings.value[key].error ?? faultText(problem.value?.faults ?? [], `/${key}`, FIELDS.find((f) => f.key === key)?.unit);
const isChanged = computed(() => known.value !== undefined && FIELDS.some(({ key }) => typed[key] !== String(known.value?.[key])));
/** Above the usual, and not answered for yet. */
const raised = computed(() =>
    FIELDS.filter(({ key }) => (usable(readings.value[key]) ?? 0) > Math.max(known.value?.usual[key] ?? Infinity, known.value?.[key] ?? 0)),
);
useLeaving(() => isChanged.value);

async function save(agreed = false): Promise<void> {
    const figures = Object.fromEntries(FIELDS.map(({ key }) => [key, usable(readings.value[key])]));
    if (Object.values(figures).includes(undefined)) {
        return;
    }
    saving.value = true;
    const send = (body: Record<Key, number>) => outcome(api.PUT('/api/v1/caps', { body: { ...body, acknowledged: acknowledged.value } }));
    const result = await elsewhere.save(figures as Record<Key, number>, send, agreed);
    saving.value = false;
    problem.value = result?.ok === false ? result.problem : undefined;
    saved.value = result?.ok ?? false;
    if (result?.ok) {
        asKnown(result.value);
        caps.put(result.value);
    }
}

function takeTheirs(): void {
    const theirs = elsewhere.take();
    if (theirs) {
        asKnown(theirs);
        void caps.reload();
    }
}
</script>

<template>
    <form class="card stack" :inert="!$may('rules')" novalidate @submit.prevent="save()">
        <div>
            <h2>Caps</h2>
            <p class="small dim">
                What nobody is asked to go beyond, whatever a method says. Lowerings are capped so for the first four weeks of them; later a
                week grows by a fifth at the most. You may set them lower.
            </p>
        </div>
        <ReadNote :read="caps" waits="Loading the caps…" />
        <div v-if="known" class="figures">
            <QuantityField
                v-for="f in FIELDS"
                :key="f.key"
                v-model="typed[f.key]"
                :label="`${f.label} (usual ${known.usual[f.key]})`"
                :unit="f.unit"
                :limits="limits.CapsInput[f.key]"
                :error="error(f.key)"
            />
        </div>
        <NCheckbox v-if="raised.length > 0" v-model:checked="acknowledged">
            Above the usual: {{ raised.map((f) => f.label.toLowerCase()).join(', ') }}. I answer for it; these caps keep newcomers from days
            of soreness and worse.
        </NCheckbox>
        <p v-if="known?.raised_by && known.raised_at" class="small">
            Above the usual; {{ known.raised_by }} answers for it since {{ day(known.raised_at.slice(0, 10)) }}.
        </p>
        <SavedElsewhere :found="elsewhere.found.value" :words="words" @both="save(true)" @theirs="takeTheirs" />
        <FaultList v-if="problem" :problem="problem" />
        <div class="row">
            <NButton
                v-if="$may('rules')"
                attr-type="submit"
                type="primary"
                :loading="saving"
                :disabled="!isChanged || (raised.length > 0 && !acknowledged)"
            >
                Save the caps
            </NButton>
            <NButton v-if="isChanged && known" @click="asKnown(known)">Leave as they were</NButton>
            <span v-if="saved && !isChanged" role="status">Saved.</span>
        </div>
    </form>
</template>

<style scoped>
.card {
    margin-top: var(--space-base);
}

.figures {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: var(--space-base);
    align-items: end;
}

@media screen and (max-width: 960px) {
    .figures {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

<script setup lang="ts">
import { NButton, NSelect } from 'naive-ui';
import { computed, reactive, ref } from 'vue';
import { figureText, type Exercise, type Gear } from '../domain/gear';
import type { Schemas } from '../domain/http';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import type { SetDraft } from '../domain/queue';
import { countChips, left, reserveChips } from '../log/counts';

const props = defineProps<{
    gear: { bars: Gear[]; bands: Schemas['Band'][] };
    busy: boolean;
    save: (draft: Pick<SetDraft, 'exercise' | 'clean_reps' | 'reserve' | 'to_failure'>) => Promise<boolean>;
}>();

const NO_BAND = 'none';
const counts = countChips(15);
const attaches = [
    { value: 'foot' as const, label: 'Under the foot' },
    { value: 'knee' as const, label: 'Under the knee' },
];
const draft = reactive({
    bar: null as string | null,
    band: null as string | null,
    attach: 'foot' as 'foot' | 'knee',
    clean: null as number | null,
    reserve: null as number | null,
});
const error = ref<string>();

const bars = computed(() => props.gear.bars.map((b) => ({ value: b.id, label: `${b.name}, ${figureText(b)}` })));
const bands = computed(() => [
    { value: NO_BAND, label: 'No band: unassisted' },
    ...props.gear.bands.map((b) => ({ value: b.id, label: b.name })),
]);
const strict = computed(() => draft.band === NO_BAND);

function exercise(): Exercise | undefined {
    if (strict.value) {
        return { setup: { kind: 'strict' } };
    }
    return draft.bar && draft.band
        ? { setup: { kind: 'band', bar_id: draft.bar, attach: draft.attach, band_ids: [draft.band] } }
        : undefined;
}

async function submit(): Promise<void> {
    const chosen = exercise();
    if (chosen === undefined || draft.clean === null) {
        error.value = 'Needed: the band, the bar and the clean reps.';
        return;
    }
    error.value = undefined;
    if (await props.save({ exercise: chosen, clean_reps: draft.clean, ...left(draft.reserve) })) {
        Object.assign(draft, { clean: null, reserve: null });
    }
}
</script>

<template>
    <form class="card stack" @submit.prevent="submit">
        <h2>Clean reps with a band</h2>
        <p class="small dim">Full hang to chin over the bar, no kick, no swing, no drop.</p>
        <FormField v-slot="{ status }" label="Band">
            <NSelect
                v-model:value="draft.band"
                :virtual-scroll="false"
                :options="bands"
                :status="status"
                placeholder="Which band"
                aria-label="Band"
            />
        </FormField>
        <template v-if="!strict">
            <FormField v-slot="{ status }" label="Bar">
                <NSelect
                    v-model:value="draft.bar"
                    :virtual-scroll="false"
                    :options="bars"
                    :status="status"
                    placeholder="Which bar"
                    aria-label="Bar"
                />
            </FormField>
            <ChipRow label="Where" :chips="attaches" :value="draft.attach" @pick="draft.attach = $event" />
        </template>
        <ChipRow label="Clean reps" show-label :chips="counts" :value="draft.clean" @pick="draft.clean = $event" />
        <ChipRow
            label="In reserve"
            show-label
            :chips="reserveChips"
            :unanswered="null"
            :value="draft.reserve"
            @pick="draft.reserve = $event"
        />
        <p v-if="error" class="error" role="alert">{{ error }}</p>
        <div><NButton attr-type="submit" type="primary" size="large" :loading="busy">Log reps</NButton></div>
    </form>
</template>

<style scoped>
.error {
    color: var(--color-refer);
    font-weight: 600;
}
</style>

<script setup lang="ts">
import { NButton, NSelect } from 'naive-ui';
import { computed, watch } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import { mass, percent } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';
import FaultList from '../parts/FaultList.vue';
import FormField from '../parts/FormField.vue';
import QuantityField from '../parts/QuantityField.vue';
import ReadNote from '../parts/ReadNote.vue';
import SidePanel from '../parts/SidePanel.vue';
import { useRead } from '../composables/useRead';
import { useLine } from './useLine';

/** Without a line: one more. */
const props = defineProps<{ id: string; block?: Schemas['Block'] | undefined }>();
const emit = defineEmits<{ changed: [session: Schemas['Session']] }>();
const open = defineModel<boolean>('open', { required: true });

const REACHES = [
    { value: 'next', label: 'The next session' },
    { value: 'lasts', label: 'From now on' },
] as const;

const { typed, lasts, instead, readings, line, asTried, problem, busy, unit, begin, put, look, keep } = useLine(
    () => props.id,
    () => props.block,
);
const others = useRead(
    () => ['others', props.id, props.block?.line],
    () =>
        outcome(
            api.GET('/api/v1/athletes/{athlete}/session/others', {
                params: { path: { athlete: props.id }, query: props.block ? { line: props.block.line } : {} },
            }),
        ),
    { enabled: open, kept: false },
);
const options = computed(() => {
    const rungs = (others.value.value?.rungs ?? []).map((r) => ({
        value: r.key,
        label: `${r.name} · ${mass(r.carried.carried_kg.mean)}, ${percent(r.carried.share.mean)}`,
    }));
    const beside = (others.value.value?.accessories ?? []).map((a) => ({ value: a.accessory as string, label: a.name }));
    return [
        ...(rungs.length > 0 ? [{ type: 'group' as const, key: 'pull', label: 'Near it in carried share', children: rungs }] : []),
        { type: 'group' as const, key: 'beside', label: 'Beside the pull', children: beside },
    ];
});
const picked = computed(() => {
    const other = instead.value;
    return other === undefined
        ? null
        : 'accessory' in other
          ? other.accessory.accessory
          : (others.value.value?.rungs.find((r) => r.exercise === other.exercise)?.key ?? null);
});

watch(open, (is) => is && begin(), { immediate: true });
watch([typed, lasts, instead], () => void look());

function pick(key: string | null): void {
    const rung = others.value.value?.rungs.find((r) => r.key === key);
    const accessory = others.value.value?.accessories.find((a) => a.accessory === key);
    put(rung ? { exercise: rung.exercise } : accessory ? { accessory } : undefined);
}

async function submit(leftOut: boolean): Promise<void> {
    const session = await keep(leftOut);
    if (session) {
        emit('changed', session);
    }
}
</script>

<template>
    <SidePanel v-model:open="open" :title="block ? block.name : 'One more line'">
        <form class="stack" novalidate @submit.prevent="submit(false)">
            <p v-if="block?.school" class="small dim">The method asks: {{ block.school }}.</p>
            <ReadNote :read="others" waits="Looking what else would do…" />
            <FormField :label="block ? 'Done instead' : 'What'">
                <NSelect
                    :value="picked"
                    :options="options"
                    clearable
                    filterable
                    :virtual-scroll="false"
                    :placeholder="block ? 'As written' : 'Pick one'"
                    :aria-label="block ? 'Done instead' : 'What'"
                    @update:value="pick"
                />
            </FormField>
            <div class="figures">
                <QuantityField v-model="typed.sets" label="Sets" unit="sets" :limits="limits.LineInput.sets" :error="readings.sets.error" />
                <QuantityField v-model="typed.rest" label="Rest" unit="s" :limits="limits.LineInput.rest_s" :error="readings.rest.error" />
                <QuantityField v-model="typed.low" label="From" :unit="unit" :limits="limits.LineInput.low" :error="readings.low.error" />
                <QuantityField v-model="typed.high" label="To" :unit="unit" :limits="limits.LineInput.high" :error="readings.high.error" />
            </div>
            <ChipRow label="Holds for" show-label :chips="REACHES" :value="lasts ? 'lasts' : 'next'" @pick="lasts = $event === 'lasts'" />
            <section v-if="asTried" class="tried" aria-live="polite">
                <strong>{{ asTried.sets }} × {{ asTried.amount.words }} {{ asTried.name }}</strong>
                <span v-if="asTried.note" class="note">{{ asTried.note }}</span>
                <span v-else class="small dim">Touches no cap and no gate.</span>
            </section>
            <FaultList v-if="problem" :problem="problem" />
            <div class="row">
                <NButton attr-type="submit" type="primary" :loading="busy" :disabled="line === ''">
                    {{ block ? 'Change it' : 'Add it' }}
                </NButton>
                <NButton v-if="block" :disabled="busy" @click="submit(true)">Leave it out</NButton>
                <NButton @click="open = false">Cancel</NButton>
            </div>
        </form>
    </SidePanel>
</template>

<style scoped>
.figures {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: var(--space-small);
}

.tried {
    display: grid;
    gap: 2px;
    padding: var(--space-small) var(--space-base);
    border: 1px solid var(--color-line);
    border-radius: var(--radius-small);
    background: var(--color-sunk);
}

.note {
    color: var(--color-bark);
    font-weight: 600;
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef, watch } from 'vue';
import { api, mapResult, outcome, type Schemas } from '../domain/http';
import { same } from '../domain/merge';
import type { Problem } from '../domain/problems';
import ChipRow from '../parts/ChipRow.vue';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import { useElsewhere } from '../composables/useElsewhere';
import { useRead } from '../composables/useRead';
import { useSession } from '../composables/useSession';
import CapsCard from './CapsCard.vue';
import RuleEffects from './RuleEffects.vue';

const session = useSession();
const rules = useRead(['house-rules'], () => outcome(api.GET('/api/v1/house-rules')));
const draft = ref<Record<string, string>>({});
const effects = shallowRef<Schemas['RuleEffects']>();
const problem = shallowRef<Problem>();
const looking = ref(false);
const saving = ref(false);
const list = computed(() => rules.value.value?.rules ?? []);

const inputOf = (rules: readonly Schemas['HouseRule'][]): Record<string, string> =>
    Object.fromEntries(rules.map((r) => [r.key, r.position]));
let began: Record<string, string> = {};

function begin(positions: Record<string, string>): void {
    began = positions;
    draft.value = { ...positions };
}
watch(list, (now) => same(draft.value, began) && begin(inputOf(now)), { immediate: true });
const elsewhere = useElsewhere<Record<string, string>>({
    began: () => began,
    stored: async () => mapResult(await outcome(api.GET('/api/v1/house-rules')), ({ rules }) => inputOf(rules)),
});

function words(path: string, value: unknown): string {
    const rule = list.value.find((r) => r.key === path);
    return `${rule?.point ?? path}: ${rule?.positions[String(value)] ?? String(value)}`;
}
const changed = computed(() => list.value.filter((r) => draft.value[r.key] !== r.position));
const chips = (rule: Schemas['HouseRule']) =>
    Object.entries(rule.positions).map(([value, label]) => ({
        value,
        label: value === rule.default ? `${label} (default)` : label,
        reason: rule.reasons[value] ?? '',
    }));

function pick(rule: Schemas['HouseRule'], position: string): void {
    draft.value = { ...draft.value, [rule.key]: position };
    effects.value = undefined;
}

/** Whom it would touch, before anything is changed. */
async function look(): Promise<void> {
    looking.value = true;
    const result = await outcome(api.POST('/api/v1/house-rules/effects', { body: draft.value }));
    looking.value = false;
    problem.value = result.ok ? undefined : result.problem;
    effects.value = result.ok ? result.value : undefined;
}

async function save(agreed = false): Promise<void> {
    saving.value = true;
    const result = await elsewhere.save({ ...draft.value }, (body) => outcome(api.PUT('/api/v1/house-rules', { body })), agreed);
    saving.value = false;
    problem.value = result?.ok === false ? result.problem : undefined;
    if (result?.ok) {
        begin(inputOf(result.value.rules));
        rules.put(result.value);
        effects.value = undefined;
        await session.reload();
    }
}

async function takeTheirs(): Promise<void> {
    begin(elsewhere.take() ?? began);
    effects.value = undefined;
    await rules.reload();
}

async function leave(): Promise<void> {
    await rules.reload();
    begin(inputOf(list.value));
}
</script>

<template>
    <PageHead
        title="House rules"
        :back="{ to: '/methods', name: 'Methods' }"
        about="Where coaches disagree, the gym settles it. A rule left at its default is as each method says."
    />
    <ReadNote :read="rules" waits="Loading the house rules…" />
    <div v-if="list.length > 0" class="list" :inert="!$may('rules')">
        <section v-for="rule in list" :key="rule.key" class="card" :class="{ changed: draft[rule.key] !== rule.position }">
            <h2>{{ rule.point }}</h2>
            <ChipRow
                :label="rule.point"
                :chips="chips(rule)"
                :usual="rule.default"
                :value="draft[rule.key] ?? null"
                @pick="pick(rule, $event)"
            />
        </section>
    </div>
    <div v-if="changed.length > 0" class="card bar" role="region" aria-label="What would change">
        <p>
            <strong>{{ changed.length === 1 ? 'One rule' : `${changed.length} rules` }} changed, not saved:</strong>
            {{ changed.map((r) => r.point.toLowerCase()).join(', ') }}.
        </p>
        <ProblemNote v-if="problem" :problem="problem" />
        <SavedElsewhere :found="elsewhere.found.value" :words="words" @both="save(true)" @theirs="takeTheirs" />
        <RuleEffects v-if="effects" :effects="effects" />
        <div class="row">
            <NButton v-if="!effects" type="primary" :loading="looking" @click="look">See whom it touches</NButton>
            <NButton v-else type="primary" :loading="saving" @click="save()">Save the rules</NButton>
            <NButton @click="leave">Leave as it was</NButton>
        </div>
    </div>
    <CapsCard />
</template>

<style scoped>
.list {
    columns: 2;
    column-gap: var(--space-base);
}

section {
    display: grid;
    gap: var(--space-small);
    margin-bottom: var(--space-base);
    padding: var(--space-base) var(--space-wide);
    break-inside: avoid;
}

section h2 {
    font-size: var(--type-base);
}

.changed {
    background: var(--color-sunk);
}

.bar {
    position: sticky;
    bottom: var(--dock, 0);
    display: grid;
    gap: var(--space-small);
    margin-top: var(--space-base);
    box-shadow: 0 -6px 18px var(--shade-soft);
}

@media screen and (max-width: 960px) {
    .list {
        columns: 1;
    }
}
</style>

<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { download } from '../domain/files/download';
import { api, outcome } from '../domain/http';
import type { Problem } from '../domain/problems';
import { percent } from '../domain/units';
import CautionNote from '../parts/CautionNote.vue';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import EditMethod from './EditMethod.vue';
import StageStrip from './StageStrip.vue';
import { weeksText } from './stages';
import { useCaps } from '../composables/useLibrary';

const props = defineProps<{ method: string }>();

const router = useRouter();
const caps = useCaps();
const methods = useRead(['methods'], () => outcome(api.GET('/api/v1/methods')));
const shown = computed(() => methods.value.value?.methods.find((m) => m.key === props.method));
/** What every stage begins or ends with is said once. */
const everywhere = computed(() => {
    const stages = shown.value?.stages ?? [];
    return stages.length < 2 ? [] : (stages[0]?.lines ?? []).filter((line) => stages.every((s) => s.lines.includes(line)));
});
const editing = ref(false);
const problem = shallowRef<Problem>();

async function take(): Promise<void> {
    const result = await outcome(api.GET('/api/v1/methods/{method}', { params: { path: { method: props.method } } }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        download(new Blob([JSON.stringify(result.value, null, 2)], { type: 'application/json' }), `${props.method}.json`);
    }
}

async function drop(): Promise<void> {
    const result = await outcome(api.DELETE('/api/v1/methods/{method}', { params: { path: { method: props.method } } }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        await methods.reload();
        await router.push('/methods');
    }
}

async function kept(key: string): Promise<void> {
    editing.value = false;
    await methods.reload();
    await router.push(`/methods/${key}`);
}
</script>

<template>
    <ReadNote :read="methods" waits="Loading the method…" />
    <p v-if="methods.value.value && !shown" class="card">
        There is no such method.
        <RouterLink to="/methods">All methods</RouterLink>
    </p>
    <template v-if="shown">
        <PageHead :title="shown.name" :about="shown.idea" :back="{ to: '/methods', name: 'Methods' }">
            <NButton @click="take">Export</NButton>
            <NButton v-if="shown.own && $may('rules')" @click="drop">Drop</NButton>
            <NButton v-if="$may('rules')" type="primary" @click="editing = true">{{ shown.own ? 'Change' : 'Copy and change' }}</NButton>
        </PageHead>
        <ProblemNote v-if="problem" :problem="problem" />
        <div class="card">
            <StageStrip :method="shown" />
            <p v-if="shown.ordered_by" class="small dim ordered">
                In the order of this gym: lowering {{ shown.ordered_by.toLowerCase() }}.
                <RouterLink to="/methods/rules">House rules</RouterLink>
            </p>
        </div>
        <div class="columns">
            <ol class="stages">
                <li v-for="(stage, i) in shown.stages" :key="stage.key" class="card">
                    <h2>
                        <span class="dim">{{ i + 1 }}</span>
                        {{ stage.name }}
                    </h2>
                    <p class="small dim">{{ weeksText(stage.weeks) }} · ends at {{ percent(stage.ends_at_share) }}</p>
                    <ul class="lines small">
                        <li v-for="line in stage.lines.filter((l) => !everywhere.includes(l))" :key="line">{{ line }}</li>
                    </ul>
                    <p class="gate">
                        <b>Gate</b>
                        {{ stage.gate }}
                    </p>
                    <p v-if="caps.value.value && stage.lowerings > caps.value.value.lowerings_a_session" class="small stretched">
                        {{ stage.lowerings }} lowerings a session; the caps stretch it: {{ caps.value.value.lowerings_a_session }} a session
                        and {{ caps.value.value.lowerings_a_week }} a week at first.
                    </p>
                    <p v-if="stage.note" class="small">{{ stage.note }}</p>
                    <p v-if="stage.ours.length > 0" class="small ours">Ours: {{ stage.ours.join(' ') }}</p>
                </li>
            </ol>
            <div class="stack">
                <section v-if="everywhere.length > 0" class="card">
                    <h2>In every session</h2>
                    <ul class="lines small">
                        <li v-for="line in everywhere" :key="line">{{ line }}</li>
                    </ul>
                </section>
                <section class="card">
                    <h2>Where coaches disagree</h2>
                    <dl class="small">
                        <template v-for="one in shown.says" :key="one.rule">
                            <dt>{{ one.point }}</dt>
                            <dd>{{ one.words }}</dd>
                        </template>
                    </dl>
                    <p class="small dim">
                        The house rules come first where they differ.
                        <RouterLink to="/methods/rules">House rules</RouterLink>
                    </p>
                </section>
                <CautionNote :moments="['lowering', 'hanging', 'band', 'row']" />
            </div>
        </div>
        <EditMethod v-model:open="editing" :method="method" :own="shown.own" @kept="kept" />
    </template>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 360px;
    gap: var(--space-wide);
    margin-top: var(--space-base);
    align-items: start;
}

.ordered {
    margin-top: 6px;
}

.stages {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
    gap: var(--space-base);
    list-style: none;
}

.stages > li {
    display: grid;
    gap: 4px;
    align-content: start;
}

.lines {
    padding-left: 16px;
}

.gate b {
    margin-right: 6px;
    color: var(--color-bark);
}

.stretched {
    color: var(--color-down);
    font-weight: 600;
}

.ours {
    color: var(--color-slate);
    font-style: italic;
}

dl {
    display: grid;
    gap: 2px;
}

dt {
    color: var(--color-dust);
}

dd {
    margin-bottom: 6px;
    font-weight: 600;
}

@media screen and (max-width: 960px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>

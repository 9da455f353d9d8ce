<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { api, outcome } from '../domain/http';
import PageHead from '../parts/PageHead.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import BringMethod from './BringMethod.vue';
import LibraryCards from './LibraryCards.vue';
import OwnLog from './OwnLog.vue';
import StageStrip from './StageStrip.vue';
import { kindWords, weeksOf, type Method } from './stages';

const router = useRouter();
const methods = useRead(['methods'], () => outcome(api.GET('/api/v1/methods')));
/** One scale of weeks for all. */
const longest = computed(() =>
    Math.max(1, ...(methods.value.value?.methods ?? []).map((m) => m.stages.reduce((sum, s) => sum + weeksOf(s), 0))),
);
/** The points that tell them apart at a glance. */
const SHORT: Record<string, string> = { bands: 'bands', lowering: 'lowering' };
const disputed = (method: Method) => method.says.filter((s) => s.rule in SHORT);
</script>

<template>
    <PageHead title="Methods" about="Width for the weeks a stage usually takes, height for the share it ends at.">
        <BringMethod v-if="$may('rules')" @brought="methods.put($event)" />
        <NButton @click="router.push('/methods/rules')">House rules</NButton>
    </PageHead>
    <ul class="legend small" aria-label="Legend">
        <li v-for="(word, kind) in kindWords" :key="kind">
            <i :class="kind" />
            {{ word }}
        </li>
    </ul>
    <ReadNote :read="methods" waits="Loading the methods…" />
    <ul v-if="methods.value.value" class="card list">
        <li v-for="method in methods.value.value.methods" :key="method.key">
            <div class="about">
                <RouterLink class="name" :to="`/methods/${method.key}`">{{ method.name }}</RouterLink>
                <span class="small dim">{{ method.idea }}</span>
            </div>
            <div class="stages"><StageStrip :method="method" :longest="longest" /></div>
            <div class="facts small">
                <strong>{{ method.per_week[0] === method.per_week[1] ? method.per_week[0] : method.per_week.join('–') }} a week</strong>
                <span v-for="one in disputed(method)" :key="one.rule">{{ SHORT[one.rule] }}: {{ one.words }}</span>
                <span v-if="method.own" class="dim">our own</span>
                <span v-if="method.lacks.length > 0" class="lacks">no gear for {{ method.lacks.join(', ') }}</span>
            </div>
            <strong class="on">
                {{ method.athletes }}
                <span class="small dim">on it</span>
            </strong>
        </li>
    </ul>
    <p class="small dim">
        Figures are customary among coaches, with no single source; what we filled in is marked on each method’s page. Weeks are usual ones,
        not a promise.
    </p>
    <OwnLog />
    <LibraryCards />
</template>

<style scoped>
.legend {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-wide);
    margin-bottom: var(--space-small);
    list-style: none;
}

.legend li {
    display: flex;
    align-items: center;
    gap: 6px;
}

.legend i {
    width: 16px;
    height: 14px;
    border-radius: var(--radius-small);
}

.list {
    padding: 0;
    list-style: none;
}

.list li {
    display: grid;
    grid-template-columns: 210px minmax(0, 1fr) 170px 70px;
    align-items: center;
    gap: var(--space-wide);
    padding: var(--space-base) var(--space-wide);
}

.list li + li {
    border-top: 1px solid var(--color-line);
}

.about,
.facts {
    display: grid;
    gap: 2px;
}

.name {
    font: 650 var(--type-large) / 1.2 var(--type-display);
    text-decoration: none;
}

.name:hover {
    text-decoration: underline;
}

.lacks {
    color: var(--color-refer);
    font-weight: 600;
}

.on {
    text-align: right;
}

@media screen and (max-width: 960px) {
    .list li {
        grid-template-columns: minmax(0, 1fr) auto;
    }

    .list .stages,
    .facts {
        grid-column: 1 / -1;
    }

    .on {
        grid-area: 1 / 2;
    }
}
</style>

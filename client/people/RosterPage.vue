<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { api, outcome } from '../domain/http';
import { mass, percent, percentRange } from '../domain/units';
import { kindWords } from '../domain/words';
import CallMark from '../parts/CallMark.vue';
import PageTurner from '../parts/PageTurner.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useKeys } from '../parts/useKeys';
import { useLoad } from '../parts/useLoad';

const router = useRouter();
const search = ref('');
const page = ref(1);
const roster = useLoad(
    () => outcome(api.GET('/api/athletes', { params: { query: { page: page.value, ...(search.value.trim() && { search: search.value.trim() }) } } })),
    [search, page],
);
watch(search, () => (page.value = 1));
const people = computed(() => roster.value.value?.items ?? []);

const box = useTemplateRef('box');
useKeys((key) => {
    if (key !== '/') {
        return false;
    }
    box.value?.focus();
    return true;
});
</script>

<template>
    <div class="page-head">
        <h1>People</h1>
        <div class="row">
            <NInput ref="box" v-model:value="search" class="find" clearable placeholder="Find by name ( / )" :input-props="{ 'aria-label': 'Find by name', maxlength: 80 }" />
            <NButton @click="router.push('/cards')">Cards</NButton>
            <NButton type="primary" @click="router.push('/people/new')">Add an athlete</NButton>
        </div>
    </div>
    <ProblemNote v-if="roster.problem.value" :problem="roster.problem.value" retry @retry="roster.reload" />
    <p v-else-if="!roster.value.value" class="dim">Loading the people…</p>
    <div v-else-if="people.length === 0" class="card stack">
        <template v-if="search.trim()">
            <p>Nobody is called “{{ search.trim() }}”.</p>
        </template>
        <template v-else>
            <h2>No athletes yet</h2>
            <p>Add the first one: name, bodyweight and height are enough to see every set-up in kilograms.</p>
        </template>
    </div>
    <table v-else class="card roster">
        <thead>
            <tr>
                <th scope="col">Athlete</th>
                <th scope="col">Set-up in use</th>
                <th scope="col" class="number">Carried</th>
                <th scope="col" class="number">Capacity</th>
                <th scope="col">Call</th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="athlete in people" :key="athlete.id" @click="router.push(`/people/${athlete.id}`)">
                <th scope="row">
                    <RouterLink :to="`/people/${athlete.id}`" @click.stop>{{ athlete.name }}</RouterLink>
                    <small class="dim">{{ kindWords[athlete.kind] }} · {{ mass(athlete.mass_kg) }}</small>
                </th>
                <td class="setup">{{ athlete.setup_name ?? 'No set-up chosen yet' }}</td>
                <td class="number">{{ athlete.setup_share === null ? '–' : percent(athlete.setup_share) }}</td>
                <td class="number">
                    <template v-if="athlete.capacity">
                        {{ percent(athlete.capacity.share) }}
                        <small class="dim">{{ percentRange(athlete.capacity.low80, athlete.capacity.high80) }}</small>
                    </template>
                    <span v-else class="dim">no baseline</span>
                </td>
                <td>
                    <CallMark v-if="athlete.verdict" :verdict="athlete.verdict" />
                    <CallMark v-else-if="athlete.paused" verdict="refer" />
                </td>
            </tr>
        </tbody>
    </table>
    <PageTurner v-model="page" :next="roster.value.value?.next_page" back="Earlier names" on="Later names" />
</template>

<style scoped>
.find {
    width: 220px;
}

.roster {
    width: 100%;
    padding: 0;
    border-collapse: separate;
    border-spacing: 0;
}

th,
td {
    padding: 2px var(--space-wide);
    border-bottom: 1px solid var(--color-line);
    text-align: left;
    font-weight: 400;
}

thead th {
    padding-block: var(--space-small);
    color: var(--color-dust);
    font-size: var(--type-small);
}

tbody tr {
    height: 44px;
    cursor: pointer;
}

tbody tr:hover {
    background: var(--color-sunk);
}

tbody tr:last-child > * {
    border-bottom: 0;
}

tbody th a {
    font-weight: 600;
    font-size: 16px;
    text-decoration: none;
}

small {
    margin-left: 6px;
}

.number {
    text-align: right;
}

@media (max-width: 720px) {
    .find {
        width: 190px;
    }

    thead {
        position: absolute;
        clip-path: inset(50%);
    }

    tbody tr {
        display: grid;
        grid-template-columns: 1fr auto;
        height: auto;
        border-bottom: 1px solid var(--color-line);
        padding: 6px 0;
    }

    th,
    td {
        border: 0;
        padding: 2px var(--space-base);
    }

    .setup {
        grid-row: 2;
        font-size: var(--type-small);
        color: var(--color-slate);
    }

    .number:nth-of-type(3) {
        display: none;
    }

    small {
        display: block;
        margin-left: 0;
    }

    td.number {
        font-size: var(--type-small);
    }
}
</style>

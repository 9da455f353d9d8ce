<script setup lang="ts">
import { useRouter } from 'vue-router';
import type { Schemas } from '../domain/http';
import { day, mass, percent, percentRange } from '../domain/units';
import { kindWords } from '../domain/words';
import CallMark from '../parts/CallMark.vue';

defineProps<{ people: readonly Schemas['RosterEntry'][] }>();

const router = useRouter();
</script>

<template>
    <table class="card roster">
        <thead>
            <tr>
                <th scope="col">Athlete</th>
                <th scope="col">Set-up in use</th>
                <th scope="col" class="stage">Stage</th>
                <th scope="col" class="number">Carried</th>
                <th scope="col" class="number">Capacity</th>
                <th scope="col" class="number last">Last session</th>
                <th scope="col">Call</th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="athlete in people" :key="athlete.id" @click="router.push(`/people/${athlete.id}`)">
                <th scope="row">
                    <RouterLink :to="`/people/${athlete.id}`" @click.stop>{{ athlete.name }}</RouterLink>
                    <small class="dim">{{ [kindWords[athlete.kind], mass(athlete.mass_kg), ...athlete.tags].join(' · ') }}</small>
                    <small v-if="athlete.damaged" role="alert">cannot be read; the fault is in the log</small>
                </th>
                <td class="setup">{{ athlete.setup_name ?? 'No set-up chosen yet' }}</td>
                <td class="stage">
                    {{ athlete.stage_name }}
                    <small class="dim">{{ athlete.method_name }}</small>
                </td>
                <td class="number">{{ athlete.setup_share === null ? '–' : percent(athlete.setup_share) }}</td>
                <td class="number">
                    <template v-if="athlete.capacity">
                        {{ percent(athlete.capacity.share) }}
                        <small class="dim">{{ percentRange(athlete.capacity.low80, athlete.capacity.high80) }}</small>
                    </template>
                    <span v-else class="dim">no baseline</span>
                </td>
                <td class="number last">
                    {{ athlete.last_trained_on === null ? '–' : day(athlete.last_trained_on) }}
                    <small v-if="athlete.overdue" class="overdue">overdue</small>
                </td>
                <td>
                    <CallMark v-if="athlete.verdict" :verdict="athlete.verdict" :class="{ settled: athlete.decided }" />
                    <CallMark v-else-if="athlete.paused" verdict="refer" />
                    <small v-if="athlete.decided" class="dim">{{ athlete.decided }} today</small>
                </td>
            </tr>
        </tbody>
    </table>
</template>

<style scoped>
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

th a {
    overflow-wrap: anywhere;
}

.number {
    white-space: nowrap;
}

tbody th small,
.stage small {
    display: block;
    margin-left: 0;
}

.overdue {
    color: var(--color-down);
    font-weight: 700;
}

.settled {
    opacity: 0.6;
}

.number {
    text-align: right;
}

@media (max-width: 720px) {
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

    .last,
    .stage {
        display: none;
    }

    .setup {
        grid-row: 2;
        font-size: var(--type-small);
        color: var(--color-slate);
    }

    .number:nth-of-type(4) {
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

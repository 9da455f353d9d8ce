<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import ChipRow from '../parts/ChipRow.vue';
import { fieldWords } from './words';

const props = defineProps<{ dry: Schemas['DryRun']; busy: boolean }>();
const emit = defineEmits<{ map: [change: Partial<Schemas['MappingInput']>] }>();

type Column = Schemas['MappingInput']['columns'][number];

const NONE = 'none';
const options = computed(() => [
    { value: NONE, label: 'Leave out' },
    ...props.dry.import.fields.map((f) => ({ value: f.field, label: fieldWords[f.field] + (f.needed ? ' *' : '') })),
]);
const unitsOf = (field: Column['field']): string[] => props.dry.import.fields.find((f) => f.field === field)?.units ?? [];
const hasDates = computed(() => props.dry.import.columns.some((c) => c.field === 'date'));
const forms = [
    { value: 'day-first' as const, label: 'Day first: 2.3.2026' },
    { value: 'month-first' as const, label: 'Month first: 3/2/2026' },
];

/** What one column tells no other does. */
function change(at: number, column: Column): void {
    const columns = props.dry.import.columns.map(({ field, unit }, i): Column => {
        if (i === at) {
            return column;
        }
        return field !== null && field === column.field ? { field: null, unit: null } : { field, unit };
    });
    emit('map', { columns });
}

function pick(at: number, value: string): void {
    const field = value === NONE ? null : (value as Column['field']);
    change(at, { field, unit: unitsOf(field)[0] ?? null });
}
</script>

<template>
    <section class="card stack" aria-label="Columns">
        <h2>Columns</h2>
        <table>
            <thead>
                <tr>
                    <th scope="col">In the file</th>
                    <th scope="col">Is</th>
                    <th scope="col">In</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(column, i) in dry.import.columns" :key="i">
                    <th scope="row">
                        {{ column.title || `Column ${i + 1}` }}
                        <span class="small dim">{{ (dry.samples[i] ?? []).filter(Boolean).join(' · ') || 'empty' }}</span>
                    </th>
                    <td>
                        <NSelect
                            :value="column.field ?? NONE"
                            :options="options"
                            :disabled="busy"
                            :virtual-scroll="false"
                            :aria-label="`What ${column.title} is`"
                            @update:value="pick(i, $event)"
                        />
                    </td>
                    <td class="unit">
                        <NSelect
                            v-if="unitsOf(column.field).length > 0"
                            :value="column.unit"
                            :options="unitsOf(column.field).map((unit) => ({ value: unit, label: unit }))"
                            :disabled="busy"
                            :virtual-scroll="false"
                            :aria-label="`Unit of ${column.title}`"
                            @update:value="change(i, { field: column.field, unit: $event })"
                        />
                    </td>
                </tr>
            </tbody>
        </table>
        <template v-if="hasDates">
            <h3>Dates of numbers alone</h3>
            <ChipRow label="Dates" :chips="forms" :value="dry.import.dates" @pick="emit('map', { dates: $event })" />
        </template>
        <p class="small dim">* is needed. A unit written in a cell goes before the column's: 176 lb, 5'11".</p>
    </section>
</template>

<style scoped>
table {
    width: 100%;
    border-collapse: collapse;
}

th,
td {
    padding: 6px var(--space-small) 6px 0;
    border-bottom: 1px solid var(--color-line);
    text-align: left;
    vertical-align: middle;
}

th span {
    display: block;
    overflow: hidden;
    max-width: 200px;
    font-weight: 400;
    text-overflow: ellipsis;
    white-space: nowrap;
}

td {
    min-width: 132px;
}

.unit {
    width: 84px;
    min-width: 84px;
}

@media screen and (max-width: 720px) {
    thead {
        display: none;
    }

    tr {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 84px;
        padding-block: 6px;
        border-bottom: 1px solid var(--color-line);
    }

    th,
    td {
        padding: 2px 6px 2px 0;
        border: 0;
    }

    th {
        grid-column: 1 / -1;
    }
}
</style>

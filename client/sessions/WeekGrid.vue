<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import { weeksOf, type CalendarDay } from './weeks';

const props = defineProps<{ weeks: Schemas['Weeks'] }>();

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const rows = computed(() => weeksOf(props.weeks));
const month = (on: string): string => new Intl.DateTimeFormat('en-GB', { month: 'short' }).format(new Date(`${on}T12:00:00`));
const startsMonth = (i: number): boolean => i === 0 || month(rows.value[i]!.days[6]!.on) !== month(rows.value[i - 1]!.days[6]!.on);
const said = (d: CalendarDay): string =>
    [day(d.on), d.isToday ? 'today' : '', d.isTrained ? 'trained' : '', d.isPlanned ? 'session' : '', d.off ? `off: ${d.off.why}` : '']
        .filter(Boolean)
        .join(', ');
</script>

<template>
    <div class="card grid" role="table" aria-label="Weeks">
        <div class="row head small dim" role="row">
            <span role="columnheader"><span class="unseen">Month</span></span>
            <span v-for="name in WEEKDAYS" :key="name" role="columnheader">{{ name }}</span>
            <span class="words" role="columnheader"><span class="unseen">What begins</span></span>
        </div>
        <div v-for="(week, i) in rows" :key="week.from" class="row" role="row">
            <strong class="month small" role="rowheader">{{ startsMonth(i) ? month(week.days[6]!.on) : '' }}</strong>
            <span
                v-for="d in week.days"
                :key="d.on"
                class="day"
                :class="{ past: d.on < weeks.today, today: d.isToday, trained: d.isTrained, planned: d.isPlanned, off: d.off }"
                role="cell"
                :aria-label="said(d)"
                :title="said(d)"
            >
                {{ d.number }}
            </span>
            <span class="words small" role="cell">
                <b v-for="stage in week.stages" :key="stage">{{ stage }}</b>
                <span v-for="note in week.notes" :key="note">{{ note }}</span>
            </span>
        </div>
        <p class="legend small dim">
            <span class="day trained" aria-hidden="true" />
            trained
            <span class="day planned" aria-hidden="true" />
            session
            <span class="day off" aria-hidden="true" />
            off
        </p>
    </div>
</template>

<style scoped>
.grid {
    display: grid;
    gap: 3px;
    padding: var(--space-base) var(--space-wide);
}

.row {
    display: grid;
    grid-template-columns: 44px repeat(7, minmax(32px, 1fr)) minmax(0, 240px);
    gap: 3px;
    align-items: center;
}

.head span {
    text-align: center;
}

.month {
    color: var(--color-bark);
}

.day {
    display: grid;
    place-items: center;
    height: 36px;
    border: 2px solid transparent;
    border-radius: var(--radius-small);
    background: var(--color-sunk);
    font: 600 var(--type-base) / 1 var(--type-text);
    font-variant-numeric: tabular-nums;
}

.past {
    background: none;
    color: var(--color-dust);
    font-weight: 400;
}

.planned {
    border-color: var(--color-graphite);
    background: var(--color-card);
    font-weight: 750;
}

.trained {
    background: var(--color-ply);
    color: var(--color-graphite);
    font-weight: 600;
}

.off {
    background: repeating-linear-gradient(135deg, var(--color-sunk) 0 5px, var(--color-line) 5px 7px);
    color: var(--color-slate);
}

.today {
    outline: 2px solid var(--color-bark);
    outline-offset: 1px;
}

.words {
    display: grid;
    padding-left: var(--space-base);
}

.words > span {
    color: var(--color-bark);
}

.legend {
    display: flex;
    align-items: center;
    gap: 6px;
    padding-top: var(--space-small);
}

.legend .day {
    width: 20px;
    height: 20px;
}

.legend .day:not(:first-child) {
    margin-left: var(--space-base);
}

@media print {
    .day {
        height: 28px;
    }
}

@media screen and (max-width: 720px) {
    .grid {
        padding: var(--space-base);
    }

    .row {
        grid-template-columns: 34px repeat(7, minmax(0, 1fr));
    }

    .words {
        grid-column: 2 / -1;
        padding-left: 0;
    }

    .words:empty,
    .head .words {
        display: none;
    }
}
</style>

import type { Schemas } from '../domain/http';
import { aboutDay, strictName, whenWords } from '../trend/foretold';

const DAY_MS = 86_400_000;
const DAYS = 7;
const WEEKS_BACK = 2;
const WEEKS = 15;

export interface CalendarDay {
    on: string;
    number: number;
    isToday: boolean;
    isTrained: boolean;
    isPlanned: boolean;
    off: Schemas['TimeOff'] | undefined;
    comeback: Schemas['Comeback'] | undefined;
}

export interface CalendarWeek {
    from: string;
    days: CalendarDay[];
    /** Stages that begin in this week, or are under way today. */
    stages: string[];
    notes: string[];
}

const iso = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
const time = (on: string): number => Date.parse(`${on}T00:00:00Z`);

/** The Monday of a day's week. */
export function monday(on: string): string {
    const ms = time(on);
    return iso(ms - ((new Date(ms).getUTCDay() + DAYS - 1) % DAYS) * DAY_MS);
}

export function weeksOf(weeks: Schemas['Weeks']): CalendarWeek[] {
    const first = time(monday(weeks.today)) - WEEKS_BACK * DAYS * DAY_MS;
    return Array.from({ length: WEEKS }, (_, w) => {
        const days = Array.from({ length: DAYS }, (_unused, d) => dayOf(weeks, iso(first + (w * DAYS + d) * DAY_MS)));
        const within = (on: string | null): boolean => on !== null && on >= days[0]!.on && on <= days[DAYS - 1]!.on;
        const { stages, comebacks, next } = weeks.calendar;
        return {
            from: days[0]!.on,
            days,
            stages: stages.filter((s) => within(s.from)).map((s) => s.name),
            notes: [
                ...(next && within(next.median_on) ? [`${strictName(next.reps)}, ${whenWords(next)}`] : []),
                ...stages.filter((s) => within(s.to)).map((s) => `${s.name}, gate ${aboutDay(s.to)}`),
                ...weeks.time_off.filter((t) => within(t.from)).map((t) => t.why),
                ...comebacks
                    .filter((c) => within(c.on))
                    .map((c) =>
                        c.needs_baselines
                            ? `Back after ${c.days_away} days: screen and baselines first`
                            : `Back after ${c.days_away} days: nothing harder than last time`,
                    ),
            ],
        };
    });
}

function dayOf(weeks: Schemas['Weeks'], on: string): CalendarDay {
    return {
        on,
        number: Number(on.slice(8)),
        isToday: on === weeks.today,
        isTrained: weeks.trained.includes(on),
        isPlanned: weeks.calendar.sessions.includes(on),
        off: weeks.time_off.find((t) => t.from <= on && t.to >= on),
        comeback: weeks.calendar.comebacks.find((c) => c.on === on),
    };
}

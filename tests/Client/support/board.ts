import type { Schemas } from '../../../client/domain/http';

/** What a board is told of a class day, as the server leaves out what is nobody's business. */
export const boardOf = (day: Schemas['ClassDay']): Schemas['Board'] => ({
    class: day.class,
    timezone: 'Europe/London',
    mass_unit: 'kg',
    length_unit: 'cm',
    cursor: day.cursor,
    pulse: day.pulse,
    athletes: day.athletes.map((a) => ({
        id: a.id,
        name: a.coming ? a.name.split(' ')[0]! : null,
        lines: a.coming ? a.sheet!.lines.map(({ begun, ...l }) => ({ ...l, begun_reps: begun?.reps ?? 0 })) : [],
        switched: a.switched,
        lowerings_left: a.sheet!.lowerings.today,
        sets: a.sets,
        beside: a.beside,
    })),
    gear: day.gear,
    turns: day.timetable?.turns ?? null,
});

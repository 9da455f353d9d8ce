import type { Schemas } from '../domain/http';

type Field = Schemas['ImportFieldOffered']['field'];

export const fieldWords: Record<Field, string> = {
    name: 'Name',
    date: 'Date',
    time: 'Time',
    exercise: 'Exercise',
    reps: 'Clean reps',
    seconds: 'Seconds',
    help: 'Help (weight taken off)',
    added: 'Weight added',
    carried: 'Weight carried',
    share: 'Carried, % of bodyweight',
    reserve: 'Reps in reserve',
    bodyweight: 'Bodyweight',
    height: 'Height',
    reach: 'Reach',
    tags: 'Classes',
    note: 'Note',
    piece: 'Kind of gear',
    straps: 'Strap marks',
    thickness: 'Thickness',
    width: 'Width',
    hung_length: 'Hung length',
    mass: 'Mass',
    diameter: 'Diameter',
    rated: 'Rated for',
};

export const kindNames: Record<Schemas['ImportKind'], string> = {
    people: 'People',
    weighings: 'Weighings',
    sets: 'Sets',
    gear: 'Gear',
    bands: 'Bands',
};

const units: Record<Schemas['ImportKind'], [one: string, many: string]> = {
    people: ['athlete', 'athletes'],
    weighings: ['weighing', 'weighings'],
    sets: ['set', 'sets'],
    gear: ['piece', 'pieces'],
    bands: ['band', 'bands'],
};

/** “1 set”, “1,204 sets”. */
export const countOf = (kind: Schemas['ImportKind'], count: number): string =>
    `${count.toLocaleString('en')} ${units[kind][count === 1 ? 0 : 1]}`;

export const linesOf = (count: number): string => `${count.toLocaleString('en')} ${count === 1 ? 'line' : 'lines'}`;

import type { Schemas } from '../domain/http';

type Part = Schemas['ErasedPart'];

export const fateWords: Record<Part['fate'], string> = {
    erased: 'Erased',
    nameless: 'Stays, without a name',
    kept: 'Stays',
};

export const partWords: Record<Part['part'], { name: string; what: string }> = {
    screens: { name: 'Screens', what: 'The answers, and who looked at them.' },
    health: { name: 'Health', what: 'Pain, soreness, symptoms and clearances.' },
    'own-page': { name: 'Own page', what: 'The links to it, and when it was looked at.' },
    attendance: { name: 'Attendance', what: 'Classes they came to, time off, sessions as written.' },
    weighings: { name: 'Weighings', what: 'Bodyweight on its days.' },
    sets: { name: 'Sets', what: 'Loads, counts and days; notes and pain on them are erased in any case.' },
    course: { name: 'Calls and stages', what: 'What was decided; the reasons written by hand are erased in any case.' },
    wear: { name: 'Wear of bands', what: 'How often each band was pulled on, for its inspections. It says nothing of people.' },
};

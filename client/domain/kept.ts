import type { Schemas } from './http';

type Part = Schemas['ErasedPart']['part'];

/** What is kept of an athlete: its name, what it is, why it is kept, and who sees it. */
export const partWords: Record<Part, { name: string; what: string; why: string; who: string }> = {
    screens: {
        name: 'Screens',
        what: 'The answers, and who looked at them.',
        why: 'To load nothing that is not safe to load.',
        who: 'Coaches and owners; each look is noted. Encrypted.',
    },
    health: {
        name: 'Health',
        what: 'Pain, soreness, symptoms, clearances, and the consent to keep them.',
        why: 'Pain pauses the pulling until somebody clears it; soreness moves the next session.',
        who: 'Whoever works here sees that pulling is paused, and why. Pain, symptoms and clearances are encrypted.',
    },
    notes: {
        name: 'Notes',
        what: 'What coaches wrote down of them in their own words.',
        why: 'So that who coaches next knows what the last one saw.',
        who: 'Whoever works here. Encrypted.',
    },
    'own-page': {
        name: 'Own page',
        what: 'The links to it, and when it was looked at.',
        why: 'So that a link can be ended, and somebody else’s use of it be seen.',
        who: 'Coaches and owners.',
    },
    attendance: {
        name: 'Attendance',
        what: 'Classes they came to, time off, sessions as written.',
        why: 'To write the next session and share out the gear.',
        who: 'Whoever works here.',
    },
    weighings: {
        name: 'Weighings',
        what: 'Bodyweight on its days.',
        why: 'Every load follows from it.',
        who: 'Whoever works here.',
    },
    sets: {
        name: 'Sets',
        what: 'Loads, counts and days; notes and pain on them are erased in any case.',
        why: 'Strength is reckoned from them, and help is taken away by them.',
        who: 'Whoever works here; the athlete on their own page.',
    },
    course: {
        name: 'Calls and stages',
        what: 'What was decided; the reasons written by hand are erased in any case.',
        why: 'To see whether it worked, and to decide the next.',
        who: 'Whoever works here.',
    },
    wear: {
        name: 'Wear of bands',
        what: 'How often each band was pulled on, for its inspections. It says nothing of people.',
        why: 'So that a worn band is found in time.',
        who: 'Whoever works here.',
    },
};

/** How long what was told of health is kept. */
export const keptFor = (years: number | null): string =>
    years === null
        ? 'Until it is erased: there is no time after which it goes by itself.'
        : `${years} ${years === 1 ? 'year' : 'years'}; then it is erased, ` +
          'but for the last screen, the last clearing note and what nobody cleared.';

import type { Schemas } from '../domain/http';

export type Scope = Schemas['TokenInput']['scopes'][number];
export type HookEvent = Schemas['WebhookInput']['events'][number];

export const scopeWords: Record<Scope, string> = {
    read: 'See what everybody here sees',
    log: 'Log sets, weighings, pain',
    coach: 'People, calls, sessions, classes',
    health: 'Answers about health',
    kit: 'Kit',
    rules: 'Methods, rules, caps',
    records: 'Bring in, export the gym',
};

/** What a webhook can be told of; that it is tried is told whatever it chose. */
export const eventWords: Record<Exclude<HookEvent, 'webhook.tried'>, string> = {
    'set.logged': 'A set was logged',
    'set.withdrawn': 'A set was taken back',
    'call.made': 'A call waits',
    'call.decided': 'A call was decided',
    'athlete.added': 'An athlete was added',
};

export const chosenOf = (webhook: Schemas['Webhook'] | undefined): (keyof typeof eventWords)[] =>
    (webhook?.events ?? []).filter((event) => event !== 'webhook.tried');

export const toldWords = (event: HookEvent): string => (event === 'webhook.tried' ? 'It was tried' : eventWords[event]);

const faultWords: Record<NonNullable<Schemas['Delivery']['fault']>, string> = {
    'not-reached': 'nobody answered',
    'not-public': 'the address leads to a machine that may not be asked from here',
};

/** What came of telling it, in a line. */
export function cameOf({ delivered_at, next_at, answered, fault, tries }: Schemas['Delivery'], hour: (moment: string) => string): string {
    if (delivered_at) {
        return `arrived, answered ${answered}`;
    }
    const why = fault ? faultWords[fault] : answered ? `answered ${answered}` : 'on its way';
    return next_at ? (tries === 0 ? why : `${why}; again at ${hour(next_at)}`) : `${why}; given up`;
}

import { vi } from 'vitest';
import type { Schemas } from '../../../client/domain/http';

export interface Asked {
    command: string;
    query: Record<string, string>;
    body: unknown;
}

class Refusal {
    constructor(
        readonly status: number,
        readonly problem: Schemas['Problem'],
    ) {}
}

/** A refusal as the API gives it, with what is wrong at which field. */
export function refuse(status: number, code: Schemas['ProblemCode'], detail: string, errors: Schemas['FieldError'][] = []): Refusal {
    return new Refusal(status, { type: 'about:blank', title: detail, status, code, detail, errors } as Schemas['Problem']);
}

export const fault = (pointer: string, detail: string, more: Partial<Schemas['FieldError']> = {}): Schemas['FieldError'] => ({
    pointer,
    detail,
    value: null,
    low: null,
    high: null,
    unit: null,
    ...more,
});

type Answer = (asked: Asked) => unknown;

/** A server with these answers, “GET /api/v1/kit” → what it says. It returns the list of what it is asked, which grows. */
export function serve(answers: Record<string, Answer>): Asked[] {
    const all: Asked[] = [];
    vi.stubGlobal('fetch', async (input: Request | string) => {
        const request = typeof input === 'string' ? new Request(input) : input;
        const url = new URL(request.url);
        const text = await request.text();
        const asked = {
            command: `${request.method} ${url.pathname}`,
            query: Object.fromEntries(url.searchParams),
            body: text === '' || request.headers.get('Content-Type') === 'text/csv' ? text || null : (JSON.parse(text) as unknown),
        };
        all.push(asked);
        const answer = answers[asked.command];
        if (answer === undefined) {
            throw new TypeError(`Nothing answers ${asked.command}.`);
        }
        const said = await answer(asked);
        return said instanceof Refusal ? Response.json(said.problem, { status: said.status }) : Response.json(said);
    });
    return all;
}

type SentSet = Schemas['SetInput'] & { athlete_id: string };

/** The sets in the body of a queue of commands. */
export const setsIn = (body: unknown): SentSet[] =>
    (body as Schemas['QueueInput']).commands.flatMap(({ athlete_id, set }) =>
        athlete_id !== undefined && set ? [{ ...set, athlete_id }] : [],
    );

type SentCommand = Schemas['QueueInput']['commands'][number];

/** The commands of the queue sent so far, as often as they were sent. */
export const sentCommands = (asked: readonly Asked[]): SentCommand[] =>
    asked.filter((a) => a.command === 'POST /api/v1/commands').flatMap((a) => (a.body as Schemas['QueueInput']).commands);

/** The sets sent so far, each once. */
export const sentSets = (asked: readonly Asked[]): SentSet[] => [
    ...new Map(setsIn({ commands: sentCommands(asked) }).map((s) => [s.id, s] as const)).values(),
];

/** Ids of the sets that were told to be taken back. */
export const takenBack = (asked: readonly Asked[]): string[] => [
    ...new Set(sentCommands(asked).flatMap((d) => (d.taken_back ? [d.taken_back.set_id] : []))),
];

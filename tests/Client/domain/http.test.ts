import { expect, it, vi } from 'vitest';
import { onSignedOut, outcome, type Schemas } from '../../../client/domain/http';

const answer = <T>(status: number, data?: T, error?: Partial<Schemas['Problem']>) =>
    Promise.resolve({ ...(data === undefined ? {} : { data }), ...(error && { error: error as Schemas['Problem'] }), response: new Response(null, { status }) });

it('makes answers, refusals and silence into values', async () => {
    expect(await outcome(answer(200, 7))).toEqual({ ok: true, value: 7 });
    expect(await outcome(answer(409, undefined, { code: 'id-taken', detail: 'Taken.', errors: [] }))).toEqual({
        ok: false,
        problem: { code: 'id-taken', detail: 'Taken.', faults: [] },
    });
    expect(await outcome(answer(502))).toMatchObject({ ok: false, problem: { code: 'fault' } });
    expect(await outcome(Promise.reject(new TypeError('Failed to fetch')))).toMatchObject({ ok: false, problem: { code: 'offline' } });
});

it('tells whoever listens that nobody is signed in, until they stop listening', async () => {
    const heard = vi.fn();
    const stop = onSignedOut(heard);
    await outcome(answer(401, undefined, { code: 'signed-out', detail: '', errors: [] }));
    stop();
    await outcome(answer(401, undefined, { code: 'signed-out', detail: '', errors: [] }));

    expect(heard).toHaveBeenCalledTimes(1);
});

import { expect, it, vi } from 'vitest';
import { api, onSignedOut, outcome, type Schemas } from '../../../client/domain/http';

const answer = <T>(status: number, data?: T, error?: Partial<Schemas['Problem']>) =>
    Promise.resolve({
        ...(data === undefined ? {} : { data }),
        ...(error && { error: error as Schemas['Problem'] }),
        response: new Response(null, { status }),
    });

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

it('asks for a new token once where an answer was lost with the old one, and sends the same again', async () => {
    const asked: string[] = [];
    document.cookie = 'XSRF-TOKEN=old';
    vi.stubGlobal('fetch', async (input: Request | string) => {
        const request = typeof input === 'string' ? new Request(new URL(input, location.href)) : input;
        asked.push([new URL(request.url).pathname, request.headers.get('X-XSRF-TOKEN'), await request.text()].join(' ').trim());
        if (request.url.endsWith('csrf-cookie')) {
            document.cookie = 'XSRF-TOKEN=new';
            return new Response(null, { status: 204 });
        }
        return Response.json({}, { status: request.headers.get('X-XSRF-TOKEN') === 'new' ? 200 : 419 });
    });
    const body = { email: 'coach@example.org', password: 'chalk-and-rope' };
    expect(await outcome(api.POST('/api/v1/sign-in', { body: body as never }))).toMatchObject({ ok: true });
    expect(asked).toEqual([
        `/api/v1/sign-in old ${JSON.stringify(body)}`,
        '/sanctum/csrf-cookie',
        `/api/v1/sign-in new ${JSON.stringify(body)}`,
    ]);
});

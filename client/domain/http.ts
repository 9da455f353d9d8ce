import createClient from 'openapi-fetch';
import type { components, paths } from './api.gen';
import { heardTime } from './clock';
import type { Problem } from './problems';

export type Schemas = components['schemas'];
export type Result<T> = { ok: true; value: T } | { ok: false; problem: Problem };

/** The same answer in another form; a refusal stays as it is. */
export const mapResult = <A, B>(result: Result<A>, as: (value: A) => B): Result<B> =>
    result.ok ? { ok: true, value: as(result.value) } : result;

type Listener = () => void;
const signedOutListeners = new Set<Listener>();

/** Tells when an answer says that nobody is signed in any more. */
export function onSignedOut(listener: Listener): () => void {
    signedOutListeners.add(listener);
    return () => signedOutListeners.delete(listener);
}

function token(): string | undefined {
    const cookie = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN='));
    return cookie === undefined ? undefined : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length));
}

const PAGE_EXPIRED = 419;

const askToken = (): Promise<Response> => fetch('/sanctum/csrf-cookie', { credentials: 'same-origin' });

async function fetchWithToken(request: Request): Promise<Response> {
    request.headers.set('Accept', 'application/json');
    if (request.method === 'GET') {
        return timed(await fetch(request));
    }
    if (token() === undefined) {
        await askToken();
    }
    const again = request.clone();
    request.headers.set('X-XSRF-TOKEN', token() ?? '');
    const response = timed(await fetch(request));
    if (response.status !== PAGE_EXPIRED) {
        return response;
    }
    await askToken(); // the session changed with an answer that never came
    again.headers.set('X-XSRF-TOKEN', token() ?? '');
    return timed(await fetch(again));
}

function timed(response: Response): Response {
    heardTime(response.headers.get('Date'));
    return response;
}

const client = createClient<paths>({ baseUrl: '', fetch: fetchWithToken, credentials: 'same-origin' });

const offline: Problem = { code: 'offline', detail: 'No connection to the server.', faults: [] };

interface Answer<T> {
    data?: T;
    error?: Schemas['Problem'];
    response: Response;
}

/** Waits for a call of the API and makes its outcome a value; nothing is thrown. */
export async function outcome<T>(call: Promise<Answer<T>>): Promise<Result<T>> {
    try {
        const { data, error, response } = await call;
        if (response.ok) {
            return { ok: true, value: data as T };
        }
        if (error?.code === 'signed-out') {
            signedOutListeners.forEach((listener) => listener());
        }
        return {
            ok: false,
            problem: {
                code: error?.code ?? 'fault',
                detail: error?.detail ?? 'The server answered with something unreadable.',
                faults: error?.errors ?? [],
            },
        };
    } catch {
        return { ok: false, problem: offline };
    }
}

export const api = client;

import createClient from 'openapi-fetch';
import type { components, paths } from './api.gen';
import type { Problem } from './problems';

export type Schemas = components['schemas'];
export type Result<T> = { ok: true; value: T } | { ok: false; problem: Problem };

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

async function fetchWithToken(request: Request): Promise<Response> {
    if (request.method !== 'GET') {
        if (token() === undefined) {
            await fetch('/sanctum/csrf-cookie', { credentials: 'same-origin' });
        }
        request.headers.set('X-XSRF-TOKEN', token() ?? '');
    }
    request.headers.set('Accept', 'application/json');
    return fetch(request);
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
            problem: { code: error?.code ?? 'fault', detail: error?.detail ?? 'The server answered with something unreadable.', faults: error?.errors ?? [] },
        };
    } catch {
        return { ok: false, problem: offline };
    }
}

export const api = client;

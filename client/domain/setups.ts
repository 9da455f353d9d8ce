import { api, outcome, type Result, type Schemas } from './http';

/** One set-up of an athlete, for a Choice as JSON; nothing is asked where there is none. */
export async function askSetup(athlete: string, choice: string | undefined): Promise<Result<Schemas['SetupAnswer'] | undefined>> {
    return choice === undefined ? { ok: true, value: undefined } : outcome(api.GET('/api/athletes/{athlete}/setup', { params: { path: { athlete }, query: { choice } } }));
}

import { api, outcome, type Result, type Schemas } from './http';

/** One exercise of an athlete, as JSON; nothing is asked where there is none. */
export async function askSetup(athlete: string, exercise: string | undefined): Promise<Result<Schemas['SetupAnswer'] | undefined>> {
    return exercise === undefined
        ? { ok: true, value: undefined }
        : outcome(api.GET('/api/v1/athletes/{athlete}/setup', { params: { path: { athlete }, query: { exercise } } }));
}

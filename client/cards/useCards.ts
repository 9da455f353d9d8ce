import { api, outcome, type Result, type Schemas } from '../domain/http';

export interface Card {
    athlete: Schemas['AthleteResource'];
    setup: Schemas['SetupResource'];
}

/** What stands on an athlete's card: a choice, or the set-up in use; undefined where there is none. */
export async function loadCard(athleteId: string, choice?: string): Promise<Result<Card | undefined>> {
    const path = { athlete: athleteId };
    const athlete = await outcome(api.GET('/api/athletes/{athlete}', { params: { path } }));
    if (!athlete.ok) {
        return athlete;
    }
    const wanted = choice ?? (athlete.value.rung ? JSON.stringify(athlete.value.rung.choice) : undefined);
    if (wanted === undefined) {
        return { ok: true, value: undefined };
    }
    const setup = await outcome(api.GET('/api/athletes/{athlete}/setup', { params: { path, query: { choice: wanted } } }));
    return setup.ok ? { ok: true, value: { athlete: athlete.value, setup: setup.value } } : setup;
}

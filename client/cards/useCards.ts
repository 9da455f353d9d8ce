import { api, outcome, type Result, type Schemas } from '../domain/http';
import { askSetup } from '../domain/setups';

export interface Card {
    athlete: Schemas['Athlete'];
    setup: Schemas['SetupAnswer'];
}

/** What stands on an athlete's card: a choice, or the set-up in use; undefined where there is none. */
export async function loadCard(athleteId: string, choice?: string): Promise<Result<Card | undefined>> {
    const athlete = await outcome(api.GET('/api/athletes/{athlete}', { params: { path: { athlete: athleteId } } }));
    if (!athlete.ok) {
        return athlete;
    }
    const setup = await askSetup(athleteId, choice ?? (athlete.value.rung ? JSON.stringify(athlete.value.rung.choice) : undefined));
    return setup.ok ? { ok: true, value: setup.value && { athlete: athlete.value, setup: setup.value } } : setup;
}

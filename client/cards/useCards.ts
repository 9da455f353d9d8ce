import { api, outcome, type Result, type Schemas } from '../domain/http';
import { askSetup } from '../domain/setups';

export interface Card {
    athlete: Schemas['Athlete'];
    setup: Schemas['SetupAnswer'];
}

/** What stands on an athlete's card: an exercise, or the one in use; undefined where there is none. */
export async function loadCard(athleteId: string, exercise?: string): Promise<Result<Card | undefined>> {
    const athlete = await outcome(api.GET('/api/v1/athletes/{athlete}', { params: { path: { athlete: athleteId } } }));
    if (!athlete.ok) {
        return athlete;
    }
    const setup = await askSetup(athleteId, exercise ?? (athlete.value.rung ? JSON.stringify(athlete.value.rung.exercise) : undefined));
    return setup.ok ? { ok: true, value: setup.value && { athlete: athlete.value, setup: setup.value } } : setup;
}

/** Where an athlete’s own page opens, if they have a link. */
export async function loadOwn(athleteId: string): Promise<Result<string | undefined>> {
    const link = await outcome(api.GET('/api/v1/athletes/{athlete}/link', { params: { path: { athlete: athleteId } } }));
    return link.ok ? { ok: true, value: link.value.path ? `${location.origin}${link.value.path}` : undefined } : link;
}

const AT_ONCE = 3;

/** The cards of everybody (or of a class) who is on a set-up, handed out as they come. */
export async function loadClass(drawn: (card: Card) => void, tag?: string): Promise<Result<undefined>> {
    for (let page: number | null = 1; page !== null;) {
        const roster: Result<Schemas['RosterPage']> = await outcome(
            api.GET('/api/v1/athletes', { params: { query: { page, ...(tag && { tag }) } } }),
        );
        if (!roster.ok) {
            return roster;
        }
        const ids = roster.value.items.filter((a) => a.setup_name !== null).map((a) => a.id);
        for (let i = 0; i < ids.length; i += AT_ONCE) {
            for (const card of await Promise.all(ids.slice(i, i + AT_ONCE).map((id) => loadCard(id)))) {
                if (!card.ok) {
                    return card;
                }
                if (card.value) {
                    drawn(card.value);
                }
            }
        }
        page = roster.value.next_page;
    }
    return { ok: true, value: undefined };
}

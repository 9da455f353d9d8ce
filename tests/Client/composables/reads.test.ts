import { QueryClient } from '@tanstack/vue-query';
import { beforeEach, expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import type { Command, Waiting } from '../../../client/domain/queue';
import { dayKey, freshenAthlete, freshenGym, keepOnFloor, nameOf } from '../../../client/composables/reads';
import { athlete, classDay } from '../support/floor';
import { COACH, jolyon } from '../support/samples';

let client: QueryClient;
const KEY = dayKey('c', '2026-03-20');
const day = (): Schemas['ClassDay'] => client.getQueryData<Schemas['ClassDay']>(KEY)!;
const told = (command: Command, athleteId?: string): Waiting => ({ id: 'w', owner: COACH, athleteId, command });
const gearOut = (out: boolean): Command => ({ gear: { id: 'g', gear_id: 'h', out, told_at: '2026-03-20T12:00:00Z' } });
const stale = (): unknown[] =>
    client
        .getQueryCache()
        .getAll()
        .filter((query) => query.state.isInvalidated)
        .map((query) => query.queryKey[0]);

beforeEach(() => {
    client = new QueryClient();
    client.setQueryData(KEY, classDay([athlete('Ada'), athlete('Bo')]));
});

it('puts what was stored on the floor at once: of whom it was told, and of nobody else', async () => {
    await keepOnFloor(client, told({ signal: { id: 's', on: '2026-03-20', effort: 7 } }, 'bo'), null);
    expect(day().athletes.map((a) => a.effort)).toEqual([null, 7]);
});

it('puts gear out of use on the floor, and back, and leaves everybody as they are', async () => {
    const before = day().athletes;
    await keepOnFloor(client, told(gearOut(true)), null);
    expect(
        day()
            .gear.filter((g) => g.out)
            .map((g) => g.id),
    ).toEqual(['h']);
    await keepOnFloor(client, told(gearOut(false)), null);
    expect([day().gear.some((g) => g.out), day().athletes]).toEqual([false, before]);
});

it('puts nothing where no class was opened yet', async () => {
    client.clear();
    await keepOnFloor(client, told(gearOut(true)), null);
    expect(client.getQueryCache().getAll()).toEqual([]);
});

it('reads anew what follows of an athlete, or of the gym, and leaves the rest', async () => {
    for (const key of [['athlete', 'ada'], ['athlete', 'bo'], ['sets', 'ada'], ['roster', {}], ['classes'], ['methods'], ['calls', 1]]) {
        client.setQueryData(key, {});
    }
    await freshenAthlete(client, 'ada');
    expect(stale()).toEqual(['athlete', 'sets', 'roster', 'calls']);
    await freshenGym(client);
    expect(stale()).toEqual(['class-day', 'athlete', 'sets', 'roster', 'classes', 'calls']);
});

it('knows a name from a class, its gear, its roster, the list of people, or their own page', () => {
    client.setQueryData(['roster', {}], { items: [{ id: 'cy', name: 'Cy Holt' }] });
    client.setQueryData(['athlete', 'jolyon'], jolyon);
    expect(['ada', 'h', 'yves', 'cy', 'jolyon', 'nobody'].map((id) => nameOf(client, id))).toEqual([
        'Ada Marsh',
        'Heron 44 mm',
        'Yves Alder',
        'Cy Holt',
        'Jolyon Thatch',
        undefined,
    ]);
});

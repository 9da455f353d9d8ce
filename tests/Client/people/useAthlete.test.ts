import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { ALL_BANDS, useAthlete, type AthletePage } from '../../../client/people/useAthlete';

interface Asked {
    path: string;
    query: Record<string, unknown>;
    answer: (value: unknown) => void;
    refuse: () => void;
}

const { asked } = vi.hoisted(() => ({ asked: [] as Asked[] }));

vi.mock('../../../client/domain/http', () => {
    const call = (path: string, options?: { params?: { query?: Record<string, unknown> } }) =>
        new Promise((done) =>
            asked.push({
                path: path.replace('/api/athletes/{athlete}', ''),
                query: options?.params?.query ?? {},
                answer: (value) => done({ ok: true, value }),
                refuse: () => done({ ok: false, problem: { code: 'offline', detail: '', faults: [] } }),
            }),
        );
    return { api: { GET: call, POST: call, PUT: call }, outcome: (request: unknown) => request };
});

let scope: EffectScope;
let page: AthletePage;
const settle = async (): Promise<void> => {
    for (let i = 0; i < 12; i++) {
        await Promise.resolve();
    }
    await nextTick();
};
const latest = (path: string): Asked => asked.filter((a) => a.path === path).at(-1)!;
const count = (path: string): number => asked.filter((a) => a.path === path).length;

beforeEach(() => {
    vi.useFakeTimers();
    asked.length = 0;
    scope = effectScope();
    page = scope.run(() => useAthlete('ada'))!;
});

afterEach(() => {
    scope.stop();
    vi.useRealTimers();
});

it('asks for the athlete, the log and the three lanes at once, and for no band while the ladder is shown', () => {
    expect([count(''), count('/sets'), count('/ladder')]).toEqual([1, 1, 2]);
    expect(asked.filter((a) => a.path === '/scale').map((a) => a.query)).toEqual([{ lane: 'lower' }]);
});

it('has ladders once all lanes have answered, and a problem if one of them fails', async () => {
    asked.filter((a) => a.path === '/ladder').forEach((a) => a.answer({ rungs: [], lane: a.query['lane'] }));
    await settle();
    expect(page.ladders.value.value).toBeUndefined();
    latest('/scale').answer({ rungs: [], misfits: [] });
    await settle();
    expect(page.ladders.value.value?.row).toMatchObject({ lane: 'row' });

    page.mostRungs.value = 5;
    await settle();
    expect(latest('/ladder').query).toMatchObject({ most_rungs: 5 });
    latest('/ladder').refuse();
    asked.filter((a) => a.path === '/ladder')[2]!.answer({});
    latest('/scale').answer({ rungs: [] });
    await settle();
    expect(page.ladders.problem.value?.code).toBe('offline');
    expect(page.ladders.value.value?.row).toMatchObject({ lane: 'row' });
});

it('asks for one band, or for all of them, when they are to be shown', async () => {
    page.shown.value = 'rook';
    await settle();
    expect(latest('/scale').query).toEqual({ band: 'rook' });
    page.shown.value = ALL_BANDS;
    await settle();
    expect(latest('/scale').query).toEqual({});
});

it('answers a logged set before what follows from it is loaded, and lets the ladders wait for a quiet moment', async () => {
    const before = count('/ladder');
    let answered = false;
    void page.log({ id: 'a', performed_at: '', purpose: 'work' }).then(() => (answered = true));
    asked
        .filter((a) => a.path === '/sets')
        .at(-1)!
        .answer({ id: 'a' });
    await settle();
    expect(answered).toBe(true);
    expect(count('')).toBe(2);
    expect(count('/ladder')).toBe(before);

    await vi.advanceTimersByTimeAsync(1000);
    void page.log({ id: 'b', performed_at: '', purpose: 'work' });
    asked
        .filter((a) => a.path === '/sets')
        .at(-1)!
        .answer({ id: 'b' });
    await settle();
    await vi.advanceTimersByTimeAsync(1000);
    expect(count('/ladder')).toBe(before);
    await vi.advanceTimersByTimeAsync(600);
    expect(count('/ladder')).toBe(before + 2);
});

it('loads nothing anew after a set that was refused', async () => {
    const before = asked.length;
    const result = page.log({ id: 'a', performed_at: '', purpose: 'work' });
    asked.at(-1)!.refuse();
    expect((await result).ok).toBe(false);
    await vi.advanceTimersByTimeAsync(5000);
    expect(asked.length).toBe(before + 1);
});

it('lets a late page of the log never win over a newer one', async () => {
    const first = latest('/sets');
    void page.reload();
    const second = latest('/sets');
    second.answer({ items: [{ id: 'new' }], next_page: null });
    await settle();
    first.answer({ items: [{ id: 'old' }], next_page: 2 });
    await settle();
    expect(page.sets.value).toEqual([{ id: 'new' }]);
    expect(page.older.value).toBe(false);
});

it('adds older pages of the log below the newer ones', async () => {
    latest('/sets').answer({ items: [{ id: '1' }], next_page: 2 });
    await settle();
    void page.loadOlder();
    expect(latest('/sets').query).toEqual({ page: 2 });
    latest('/sets').answer({ items: [{ id: '2' }], next_page: null });
    await settle();
    expect(page.sets.value.map((s) => s.id)).toEqual(['1', '2']);
});

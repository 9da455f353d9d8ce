import { expect, it } from 'vitest';
import { asDeed, deedStore, keptReads, wasCleared } from '../../../client/domain/device';

it('makes deeds of sets that wait since an earlier program, and leaves deeds as they are', () => {
    const old = { id: 'a', set: { id: 'a', clean_reps: 8 } };
    asDeed(old);
    expect(old).toEqual({ id: 'a', deed: { set: { id: 'a', clean_reps: 8 } } });
    const now = { id: 'b', deed: { taken_back: { id: 'b', set_id: 'a' } } };
    asDeed(now);
    expect(now).toEqual({ id: 'b', deed: { taken_back: { id: 'b', set_id: 'a' } } });
});

it('notices that its store was cleared from outside, once, and not on a device that is new', async () => {
    expect([await wasCleared(), await wasCleared()]).toEqual([false, false]);
    await new Promise<void>((done) => {
        const open = indexedDB.open('steady-rung');
        open.onsuccess = () => {
            const cleared = open.result.transaction('marks', 'readwrite');
            cleared.objectStore('marks').clear();
            cleared.oncomplete = () => (open.result.close(), done());
        };
    });
    expect([await wasCleared(), await wasCleared()]).toEqual([true, false]);
});

it('keeps deeds in the order they were told, whoever waits beside', async () => {
    for (const [id, owner] of [
        ['a', 'ada'],
        ['b', 'bea'],
        ['c', 'ada'],
    ] as const) {
        await deedStore.add({ id, owner, athleteId: 'x', deed: { taken_back: { id, set_id: 's' } } });
    }
    expect((await deedStore.all('ada')).map((w) => w.id)).toEqual(['a', 'c']);
    await keptReads.wipe();
    expect((await deedStore.all('bea')).map((w) => w.id)).toEqual(['b']);
    await Promise.all(['a', 'b', 'c'].map((id) => deedStore.remove(id)));
});

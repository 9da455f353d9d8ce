import { expect, it, vi } from 'vitest';
import { asCommand, commandStore, keptReads, lastCoach, marks, unsaidGoodbye, wasCleared } from '../../../client/domain/device';

it('makes commands of what waits since earlier programs, and leaves commands as they are', () => {
    const set = { id: 'a', clean_reps: 8 };
    for (const old of [
        { id: 'a', set },
        { id: 'a', deed: { set } },
    ]) {
        asCommand(old);
        expect(old).toEqual({ id: 'a', command: { set } });
    }
    const now = { id: 'b', command: { taken_back: { id: 'b', set_id: 'a' } } };
    asCommand(now);
    expect(now).toEqual({ id: 'b', command: { taken_back: { id: 'b', set_id: 'a' } } });
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

it('keeps commands in the order they were told, whoever waits beside', async () => {
    for (const [id, owner] of [
        ['a', 'ada'],
        ['b', 'bea'],
        ['c', 'ada'],
    ] as const) {
        await commandStore.add({ id, owner, athleteId: 'x', command: { taken_back: { id, set_id: 's' } } });
    }
    expect((await commandStore.all('ada')).map((w) => w.id)).toEqual(['a', 'c']);
    await keptReads.wipe();
    expect((await commandStore.all('bea')).map((w) => w.id)).toEqual(['b']);
    await Promise.all(['a', 'b', 'c'].map((id) => commandStore.remove(id)));
});

it('opens without a store that neither answers nor refuses', async () => {
    vi.useFakeTimers();
    const never = new Promise<never>(() => undefined);
    const silent = [vi.spyOn(marks, 'get'), vi.spyOn(marks, 'put'), vi.spyOn(marks, 'forget')].map((spy) => spy.mockReturnValue(never));
    const asked = Promise.all([lastCoach.read(), unsaidGoodbye.read(), unsaidGoodbye.keep(), lastCoach.forget()]);
    await vi.advanceTimersByTimeAsync(5000);
    expect(await asked).toEqual([null, false, undefined, undefined]);
    silent.forEach((spy) => spy.mockRestore());
    vi.useRealTimers();
});

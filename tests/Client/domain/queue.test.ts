import { beforeEach, expect, it } from 'vitest';
import type { Result, Schemas } from '../../../client/domain/http';
import { CommandQueue, waitingSet, type CommandStore, type Waiting } from '../../../client/domain/queue';

type Outcome = Result<Schemas['QueueOutcome']>;
type Sent = Schemas['QueueInput']['commands'][number];

const offline: Outcome = { ok: false, problem: { code: 'offline', detail: '', faults: [] } };
const problem = (code: Schemas['ProblemCode']): Schemas['Problem'] => ({
    type: '',
    code,
    title: '',
    status: 409,
    detail: 'Pulling is paused.',
    errors: [],
});
const idOf = (s: Sent): string => (s.set ?? s.taken_back)!.id;
const allStored = (sets: Sent[]): Outcome => ({
    ok: true,
    value: { outcomes: sets.map((s) => ({ id: idOf(s), stored: { id: idOf(s) } as Schemas['Set'], problem: null })) },
});

let rows: Waiting[];
let sent: Sent[][];
let stored: string[];
let answer: (sets: Sent[]) => Outcome | Promise<Outcome>;
let queue: CommandQueue;
let heard: boolean;
let deviceClock: { now: () => Date; offsetMs: () => number; isKnown: () => boolean };

const store: CommandStore = {
    add: async (w) => void rows.push({ ...w, order: rows.length }),
    all: async (owner) => rows.filter((w) => w.owner === owner),
    update: async (id, part) => void (rows = rows.map((w) => (w.id === id ? { ...w, ...part } : w))),
    remove: async (id) => void (rows = rows.filter((w) => w.id !== id)),
};

beforeEach(() => {
    [rows, sent, stored, answer] = [[], [], [], allStored];
    heard = true;
    deviceClock = { now: () => new Date('2026-03-20T18:00:00Z'), offsetMs: () => 0, isKnown: () => true };
    queue = new CommandQueue({
        store,
        send: async (sets) => (sent.push(sets), answer(sets)),
        stored: (waiting) => void stored.push(waiting.id),
        clock: deviceClock,
        askTime: async () => (deviceClock.isKnown = () => heard),
    });
});

const log = (athlete: string, clean: number, owner = 'ada') => queue.add(owner, athlete, { purpose: 'work', clean_reps: clean });

it('is on the device before it is sent, with an id and a moment of its own', async () => {
    const first = await log('x', 8);
    expect(rows.map((w) => [w.id, waitingSet(w)?.performed_at, w.athleteId])).toEqual([[first.id, '2026-03-20T18:00:00.000Z', 'x']]);
    expect(sent).toEqual([]);
    expect((await log('x', 8)).id).not.toBe(first.id);
});

it('sets right what was told by a clock nobody had compared, once and in its order, before anything of it is sent', async () => {
    deviceClock.isKnown = () => false;
    heard = false;
    await log('x', 8);
    await queue.add('ada', 'x', { purpose: 'work', clean_reps: 3, performed_at: '2026-03-19T12:00:00Z' });
    await queue.tell('ada', undefined, { gear: { id: 'g', gear_id: 'b', out: true, told_at: '2026-03-20T18:00:01.000Z' } });
    answer = () => offline;
    deviceClock.offsetMs = () => -3_600_000;
    heard = true;
    await queue.flush('ada');
    deviceClock.offsetMs = () => 0; // whatever is heard later, the same is sent again
    answer = (all) => ({ ok: true, value: { outcomes: all.map(() => ({ id: '', stored: null, problem: null })) } });
    await queue.flush('ada');
    const times = sent.map((batch) => batch.map((d) => d.set?.performed_at ?? d.gear?.told_at));
    expect(times).toEqual(Array(2).fill(['2026-03-20T17:00:00.000Z', '2026-03-19T12:00:00Z', '2026-03-20T17:00:01.000Z']));
});

it('sends the sets of all athletes in the order they were done, and lets go of what is stored', async () => {
    await log('x', 8);
    await log('y', 5);
    await log('x', 7);
    expect(await queue.flush('ada')).toBe(true);
    expect(sent.map((batch) => batch.map((s) => [s.athlete_id, s.set?.clean_reps]))).toEqual([
        [
            ['x', 8],
            ['y', 5],
            ['x', 7],
        ],
    ]);
    expect([rows, stored.length]).toEqual([[], 3]);
});

it('sends what comes while it looks for the last time, without waiting for another flush', async () => {
    await log('x', 8);
    let [looks, late] = [0, Promise.resolve(false)];
    const all = async (owner: string): Promise<Waiting[]> => {
        const found = await store.all(owner);
        if (++looks === 2) {
            await log('y', 5);
            late = queue.flush('ada');
        }
        return found;
    };
    queue = new CommandQueue({ store: { ...store, all }, send: async (sets) => (sent.push(sets), answer(sets)) });
    await queue.flush('ada');
    expect([await late, rows, sent.map((batch) => batch[0]?.athlete_id)]).toEqual([true, [], ['x', 'y']]);
});

it('keeps everything while nobody answers, and sends the same again later', async () => {
    answer = () => offline;
    await log('x', 8);
    expect(await queue.flush('ada')).toBe(false);
    expect(rows).toHaveLength(1);
    answer = allStored;
    await queue.flush('ada');
    expect(sent[1]).toEqual(sent[0]);
    expect(rows).toEqual([]);
});

it('sends once however often it is told to while it sends, and takes up what came meanwhile', async () => {
    let release = (): void => {};
    answer = (sets) => new Promise((done) => (release = () => done(allStored(sets))));
    await log('x', 8);
    const all = [queue.flush('ada'), queue.flush('ada')];
    await log('x', 7);
    await Promise.resolve();
    answer = allStored;
    await new Promise((r) => setTimeout(r));
    release();
    await Promise.all(all);
    expect(sent.map((b) => b.map((s) => s.set?.clean_reps))).toEqual([[8], [7]]);
});

it('keeps what is refused with the reason, goes on with the others, and sends it again when asked', async () => {
    answer = (sets) => ({
        ok: true,
        value: {
            outcomes: sets.map((s, i) =>
                i === 0
                    ? { id: idOf(s), stored: null, problem: problem('pulling-paused') }
                    : { id: idOf(s), stored: { id: idOf(s) } as Schemas['Set'], problem: null },
            ),
        },
    });
    const refused = await log('x', 8);
    await log('y', 5);
    await queue.flush('ada');
    expect(rows.map((w) => [w.id, w.problem?.code])).toEqual([[refused.id, 'pulling-paused']]);
    await queue.flush('ada');
    expect(sent).toHaveLength(1);
    answer = allStored;
    await queue.sendAgain('ada', refused.id);
    expect(rows).toEqual([]);
});

it('never sends what another coach left on this device', async () => {
    await log('x', 8, 'ada');
    await log('x', 5, 'bea');
    await queue.flush('bea');
    expect(sent.flat().map((s) => s.set?.clean_reps)).toEqual([5]);
    expect(rows.map((w) => w.owner)).toEqual(['ada']);
});

it('drops a set that waits, and says so of one that is gone', async () => {
    const waiting = await log('x', 8);
    expect(await queue.drop('ada', waiting.id)).toBe(true);
    expect(await queue.drop('ada', waiting.id)).toBe(false);
    expect(await queue.flush('ada')).toBe(true);
    expect(sent).toEqual([]);
});

it('sends a long queue in parts', async () => {
    for (let i = 0; i < 120; i++) {
        await log('x', i % 10);
    }
    await queue.flush('ada');
    expect(sent.map((b) => b.length)).toEqual([50, 50, 20]);
});

it('takes back what waits by letting go of it, and what was sent by telling the server, in its turn', async () => {
    const waits = await log('x', 8);
    await queue.takeBack('ada', 'x', waits.id);
    expect(rows).toEqual([]);
    const gone = await log('x', 7);
    await queue.flush('ada');
    await queue.takeBack('ada', 'x', gone.id);
    await log('x', 6);
    await queue.flush('ada');
    expect(sent.at(-1)?.map((d) => [d.taken_back?.set_id, d.set?.clean_reps])).toEqual([
        [gone.id, undefined],
        [undefined, 6],
    ]);
});

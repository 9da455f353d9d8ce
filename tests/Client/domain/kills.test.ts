import { expect, it } from 'vitest';
import { commandStore } from '../../../client/domain/device';
import type { Schemas } from '../../../client/domain/http';
import { CommandQueue, type CommandStore } from '../../../client/domain/queue';

type Sent = Schemas['QueueInput']['commands'];

const KILLS = 220;
const ATHLETES = 12;
const TAPS = 36;

/** Numbers from a seed, the same every time (mulberry32, memory). */
function numbers(seed: number): () => number {
    let a = seed;
    return () => {
        a = (a + 0x6d2b79f5) | 0;
        let t = Math.imul(a ^ (a >>> 15), 1 | a);
        t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
        return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
    };
}

class Killed extends Error {}

/** A server that takes each athlete's commands whole or not at all, knows each by its id, and may die at any of its steps. */
class MortalServer {
    readonly log = new Map<string, string[]>();
    private dies = 0;

    constructor(private readonly random: () => number) {}

    mayDie(chance: number): void {
        this.dies = chance;
    }

    send = async (commands: Sent) => {
        const offline = { ok: false as const, problem: { code: 'offline' as const, detail: '', faults: [] } };
        if (this.random() < this.dies) {
            return offline;
        }
        for (const athlete of new Set(commands.map((d) => d.athlete_id!))) {
            const known = this.log.get(athlete) ?? [];
            const fresh = commands.filter((d) => d.athlete_id === athlete && !known.includes(d.set!.id)).map((d) => d.set!.id);
            this.log.set(athlete, [...known, ...fresh]);
            if (this.random() < this.dies) {
                return offline; // what is stored stays; the answer is lost
            }
        }
        return {
            ok: true as const,
            value: { outcomes: commands.map((d) => ({ id: d.set!.id, stored: { id: d.set!.id } as Schemas['Set'], problem: null })) },
        };
    };
}

/** The device's own store under a browser that is killed at its so-many-eth step, before it or right after it took effect. */
function mortal(killAt: number, after: boolean): CommandStore & { steps: number } {
    const step = async <T>(command: () => Promise<T>): Promise<T> => {
        store.steps += 1;
        if (store.steps > killAt || (store.steps === killAt && !after)) {
            throw new Killed();
        }
        const done = await command();
        if (store.steps === killAt) {
            throw new Killed();
        }
        return done;
    };
    const store = {
        steps: 0,
        add: (w: Parameters<CommandStore['add']>[0]) => step(() => commandStore.add(w)),
        all: (owner: string) => step(() => commandStore.all(owner)),
        update: (id: string, why: Parameters<CommandStore['update']>[1]) => step(() => commandStore.update(id, why)),
        remove: (id: string) => step(() => commandStore.remove(id)),
    };
    return store;
}

it(`loses and doubles nothing through ${KILLS} kills of browser and server at random points`, async () => {
    const random = numbers(20261127);
    let [kills, lost, doubled, disordered] = [0, 0, 0, 0];
    for (let round = 0; kills < KILLS; round++) {
        const owner = `gym.coach-${round}`;
        const server = new MortalServer(random);
        const tapped = new Map<string, string[]>();
        const unsure = new Set<string>();
        const open = () => new CommandQueue({ store: mortal(2 + Math.floor(random() * 40), random() < 0.5), send: server.send });
        server.mayDie(0.2);
        let queue = open();
        for (let tap = 0; tap < TAPS; tap++) {
            const athlete = `a${tap % ATHLETES}`;
            const id = `${round}-${tap}`;
            try {
                await queue.tell(owner, athlete, { set: { id, purpose: 'work', performed_at: '2026-03-20T12:00:00Z', clean_reps: tap } });
                tapped.set(athlete, [...(tapped.get(athlete) ?? []), id]);
                if (random() < 0.4) {
                    await queue.flush(owner);
                }
            } catch (death) {
                expect(death).toBeInstanceOf(Killed);
                kills += 1;
                unsure.add(id); // the coach saw nothing: it may be there or not, but once
                queue = open();
            }
        }
        server.mayDie(0);
        await new CommandQueue({ store: commandStore, send: server.send }).flush(owner);
        for (const [athlete, ids] of tapped) {
            const log = server.log.get(athlete) ?? [];
            lost += ids.filter((id) => !log.includes(id)).length;
            doubled += log.length - new Set(log).size;
            disordered += log.filter((id) => !unsure.has(id) || ids.includes(id)).join() === ids.join() ? 0 : 1;
            expect(log.filter((id) => !ids.includes(id) && !unsure.has(id))).toEqual([]);
        }
        expect(await commandStore.all(owner)).toEqual([]);
    }
    expect({ lost, doubled, disordered }).toEqual({ lost: 0, doubled: 0, disordered: 0 });
    expect(kills).toBeGreaterThanOrEqual(KILLS);
});

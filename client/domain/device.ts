import Dexie, { liveQuery, type Table } from 'dexie';
import { serverTime } from './clock';
import type { Schemas } from './http';
import type { CommandStore, Waiting } from './queue';

/** What an owner was answered to a question last, as text. */
export interface Kept {
    owner: string;
    key: string;
    answer: string;
    at: number;
}

/** Enough for a class and its kit. */
const MOST_KEPT = 400;

/** Sets that wait since the first program name a set-up where this one names an exercise. */
export function bringUpToDate(waiting: { set: Record<string, unknown> }): void {
    const { choice, ...set } = waiting.set as { choice?: { kind: string; at?: string; seconds?: number } | null };
    if (choice !== undefined) {
        const timed = choice?.kind === 'lowering' || choice?.kind === 'hold';
        waiting.set = {
            ...set,
            exercise:
                choice &&
                (timed
                    ? { setup: { kind: 'strict' }, movement: choice.kind, seconds: choice.seconds, ...(choice.at ? { at: choice.at } : {}) }
                    : { setup: choice }),
        };
    }
}

/** What waits since programs that knew sets alone, or called a command a deed. */
export function asCommand(waiting: { set?: unknown; deed?: unknown; command?: unknown }): void {
    waiting.command ??= waiting.deed ?? { set: waiting.set };
    delete waiting.deed;
    delete waiting.set;
}

const LAST = 'steady-rung.me';

/** What is kept on this device: commands that wait, and what was read last. */
class Device extends Dexie {
    sets!: Table<Waiting, number>;
    reads!: Table<Kept, [string, string]>;
    marks!: Table<{ key: string; value: string }, string>;

    constructor() {
        super('steady-rung');
        this.version(1).stores({ sets: '++order, &id, owner', reads: '[owner+key], owner' });
        this.version(2).upgrade(async (device) => {
            await device.table('reads').clear();
            await device.table('sets').toCollection().modify(bringUpToDate);
        });
        this.version(3)
            .stores({ marks: 'key' })
            .upgrade((device) => device.table('sets').toCollection().modify(asCommand));
        this.version(4).upgrade(async (device) => {
            await device.table('reads').clear();
            const last = localStorage.getItem(LAST);
            await (last !== null && device.table('marks').put({ key: LAST, value: last }));
            localStorage.removeItem(LAST);
        });
        this.version(5).upgrade((device) => device.table('reads').clear());
        this.version(6).upgrade((device) => device.table('sets').toCollection().modify(asCommand));
        this.version(7).upgrade((device) => device.table('reads').clear());
    }
}

const device = new Device();

export const commandStore: CommandStore = {
    add: async (waiting) => void (await device.sets.add(waiting)),
    all: (owner) => device.sets.where('owner').equals(owner).sortBy('order'),
    update: async (id, part) => void (await device.sets.where('id').equals(id).modify(part)),
    remove: async (id) => void (await device.sets.where('id').equals(id).delete()),
};

/** Tells what a question of the store is answered, now and after every change, in whatever tab; answers how to stop. */
function watchStore<T>(ask: () => Promise<T>, next: (answer: T) => void, error: () => void): () => void {
    const watching = liveQuery(ask).subscribe({ next, error });
    return () => watching.unsubscribe();
}

/** Tells of every change of an owner's waiting commands, in whatever tab. */
export const watchCommands = (owner: string, changed: (waiting: Waiting[]) => void, failed: () => void): (() => void) =>
    watchStore(() => commandStore.all(owner), changed, failed);

/** Small things that are kept by name, as text. */
export const marks = {
    get: async (key: string): Promise<string | undefined> => (await device.marks.get(key))?.value,
    put: async (key: string, value: string): Promise<void> => void (await device.marks.put({ key, value })),
    forget: (key: string): Promise<void> => device.marks.delete(key),
    /** Tells it as it is and whenever it changes, in whatever tab; where the device keeps nothing, that there is none. */
    watch: (key: string, changed: (value: string | undefined) => void): (() => void) =>
        watchStore(
            () => marks.get(key),
            changed,
            () => changed(undefined),
        ),
};

const PATIENCE_MS = 4000;

/** A store that neither answers nor refuses keeps no page from opening: after a while it is as one that refused. */
const soon = <T>(answer: Promise<T>): Promise<T | undefined> =>
    Promise.race([answer.catch(() => undefined), new Promise<undefined>((done) => setTimeout(() => done(undefined), PATIENCE_MS))]);

/** Who was signed in here last. It stands where the commands stand, for a browser that falls may lose what it keeps elsewhere. */
export const lastCoach = {
    read: async (): Promise<Schemas['Me'] | null> => JSON.parse((await soon(marks.get(LAST))) ?? 'null') as Schemas['Me'] | null,
    keep: (who: Schemas['Me']): Promise<void> => soon(marks.put(LAST, JSON.stringify(who))),
    forget: (): Promise<void> => soon(marks.forget(LAST)),
};

const LEFT = 'steady-rung.left';

/** That somebody signed out while the server was away: it is told before anything else is asked. */
export const unsaidGoodbye = {
    read: async (): Promise<boolean> => (await soon(marks.get(LEFT))) !== undefined,
    keep: (): Promise<void> => soon(marks.put(LEFT, 'yes')),
    forget: (): Promise<void> => soon(marks.forget(LEFT)),
};

const MARK = 'steady-rung.mark';

/** Whether the store was cleared since this device was used last: it bears a mark that is known outside of it too. */
export async function wasCleared(): Promise<boolean> {
    const known = localStorage.getItem(MARK);
    const kept = await marks.get(MARK);
    if (kept === undefined || kept !== known) {
        const mark = String(serverTime.nowMs());
        await marks.put(MARK, mark);
        localStorage.setItem(MARK, mark);
    }
    return known !== null && kept === undefined;
}

/** Asks the browser not to clear the store when room is short; where it will not promise that, things go on. */
export const askToStay = async (): Promise<void> => void (await navigator.storage?.persist?.().catch(() => false));

export const keptReads = {
    /** The newest of an owner, not older than a moment; what is beyond goes. */
    all: async (owner: string, since: number): Promise<Kept[]> => {
        const rows = (await device.reads.where('owner').equals(owner).toArray()).sort((a, b) => b.at - a.at);
        const kept = rows.filter((row, i) => i < MOST_KEPT && row.at >= since);
        await device.reads.bulkDelete(rows.filter((row) => !kept.includes(row)).map((row) => [row.owner, row.key]));
        return kept;
    },
    put: async (kept: Kept): Promise<void> => void (await device.reads.put(kept)),
    /** At signing out nothing of anybody stays readable. */
    wipe: (): Promise<void> => device.reads.clear(),
};

/** Only one tab of this device sends at a time, where the browser can see to that. */
export async function alone(work: () => Promise<void>): Promise<void> {
    await (navigator.locks ? navigator.locks.request('steady-rung.send', work) : work());
}

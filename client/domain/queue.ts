import { v7 as uuidv7 } from 'uuid';
import { serverTime } from './clock';
import type { Result, Schemas } from './http';
import type { Problem } from './problems';

export type SetInput = Schemas['SetInput'];
export type SetDraft = Omit<SetInput, 'id' | 'performed_at'> & { performed_at?: string };

/** One thing that was done or told, as it goes to the server: of an athlete, or of the gym. */
export type Command =
    | { set: SetInput }
    | { taken_back: Schemas['TakenBackInput'] }
    | { beside: Schemas['BesideInput'] }
    | { signal: Schemas['SignalInput'] }
    | { pain: Schemas['PainReportInput'] }
    | { pain_undone: Schemas['PainUndoneInput'] }
    | { switch: Schemas['LineSwitchedInput'] }
    | { coming: Schemas['ComingInput'] }
    | GymCommand;

export type GymCommand = { gear: Schemas['GearOutInput'] } | { class: Schemas['ClassInput'] } | { order: Schemas['OrderInput'] };

/** A command that is on this device and not yet known to be stored. */
export interface Waiting {
    /** The place in the queue; given by the store. */
    order?: number;
    id: string;
    /** Whose it is: only that coach of that gym sends it. */
    owner: string;
    /** None of what is the gym's. */
    athleteId?: string | undefined;
    command: Command;
    /** The correction of the device's clock that its time was told by, where nobody had heard the server's yet. */
    untimedMs?: number | undefined;
    /** Why the server refused it; it stays until somebody drops it or sends it again. */
    problem?: Problem | undefined;
}

/** Whether it is a set that begins one: no end of a mixed set. */
export const isWholeSet = (waiting: Waiting): boolean => waitingSet(waiting) !== undefined && !waitingSet(waiting)?.part_of;

/** The coach of an owner, who is a gym and a coach. */
export const coachOf = (owner: string): string => owner.slice(owner.indexOf('.') + 1);

/** The set that waits, if it is one. */
export const waitingSet = ({ command }: Waiting): SetInput | undefined => ('set' in command ? command.set : undefined);

export interface CommandStore {
    add: (waiting: Waiting) => Promise<void>;
    /** All of an owner, in the order they were added. */
    all: (owner: string) => Promise<Waiting[]>;
    update: (id: string, part: Partial<Pick<Waiting, 'problem' | 'command' | 'untimedMs'>>) => Promise<void>;
    remove: (id: string) => Promise<void>;
}

type Send = (commands: Schemas['QueueInput']['commands']) => Promise<Result<Schemas['QueueOutcome']>>;

export interface QueueOptions {
    store: CommandStore;
    send: Send;
    /** Runs work while no other tab of this device does. */
    alone?: (work: () => Promise<void>) => Promise<void>;
    /** Before the device lets go of it. */
    stored?: (waiting: Waiting, set: Schemas['Set'] | null) => Promise<void> | void;
    changed?: () => void;
    /** The time, and what makes the server's known. */
    clock?: Pick<typeof serverTime, 'now' | 'offsetMs' | 'isKnown'>;
    askTime?: () => Promise<unknown>;
}

const BATCH = 50;

/** A command with its time moved. */
function movedBy(command: Command, byMs: number): Command {
    return Object.fromEntries(
        Object.entries(command).map(([kind, told]: [string, Record<string, unknown>]) => [
            kind,
            Object.fromEntries(
                Object.entries(told).map(([name, value]) => [
                    name,
                    name === 'performed_at' || name === 'told_at' ? new Date(Date.parse(value as string) + byMs).toISOString() : value,
                ]),
            ),
        ]),
    ) as Command;
}

/** As it will be on the wire: a store of the device takes no live objects of a page. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/**
 * Commands on their way to the server: on the device before they are sent, sent in order, and stored exactly once, for the
 * server knows each by its id.
 */
export class CommandQueue {
    private sending: Promise<boolean> | undefined;

    constructor(private readonly options: QueueOptions) {}

    private get clock(): NonNullable<QueueOptions['clock']> {
        return this.options.clock ?? serverTime;
    }

    add(owner: string, athleteId: string, draft: SetDraft): Promise<Waiting> {
        const performed_at = draft.performed_at ?? this.clock.now().toISOString();
        return this.tell(owner, athleteId, { set: { ...draft, id: uuidv7(), performed_at } }, draft.performed_at === undefined);
    }

    /** @param isNow whether its time was read off the clock just now */
    async tell(owner: string, athleteId: string | undefined, command: Command, isNow = true): Promise<Waiting> {
        const untimedMs = isNow && !this.clock.isKnown() ? this.clock.offsetMs() : undefined;
        const waiting: Waiting = {
            id: (Object.values(command)[0] as { id: string }).id,
            owner,
            athleteId,
            command: plain(command),
            ...(untimedMs !== undefined && { untimedMs }),
        };
        await this.options.store.add(waiting);
        this.options.changed?.();
        return waiting;
    }

    /** A set that still waits here was never sent and goes; one that was sent is taken back on the server. */
    async takeBack(owner: string, athleteId: string, setId: string): Promise<void> {
        if (!(await this.drop(owner, setId))) {
            await this.tell(owner, athleteId, { taken_back: { id: uuidv7(), set_id: setId } });
        }
    }

    /** Pain that still waits here was never told and goes; what was sent is undone on the server. */
    async undoPain(owner: string, athleteId: string, toldId: string): Promise<void> {
        if (!(await this.drop(owner, toldId))) {
            await this.tell(owner, athleteId, { pain_undone: { id: uuidv7(), told_id: toldId } });
        }
    }

    /** Sends what waits, after what is being sent; answers whether all of it got an answer. */
    flush(owner: string): Promise<boolean> {
        const sent = (this.sending?.then((done) => done && this.sendAll(owner)) ?? this.sendAll(owner)).finally(() => {
            this.sending = this.sending === sent ? undefined : this.sending;
        });
        this.sending = sent;
        return sent;
    }

    /** Takes a set back that was not sent; false if it is gone already. */
    async drop(owner: string, id: string): Promise<boolean> {
        await this.sending;
        const waits = (await this.options.store.all(owner)).some((w) => w.id === id);
        if (waits) {
            await this.options.store.remove(id);
            this.options.changed?.();
        }
        return waits;
    }

    async sendAgain(owner: string, id: string): Promise<boolean> {
        await this.options.store.update(id, { problem: undefined });
        this.options.changed?.();
        return this.flush(owner);
    }

    private async sendAll(owner: string): Promise<boolean> {
        let done = true;
        await (this.options.alone ?? ((work) => work()))(async () => {
            for (let batch = await this.next(owner); batch.length > 0; batch = await this.next(owner)) {
                done = await this.sendBatch(batch);
                if (!done) {
                    return;
                }
            }
        });
        return done;
    }

    private async next(owner: string): Promise<Waiting[]> {
        const batch = (await this.options.store.all(owner)).filter((w) => w.problem === undefined).slice(0, BATCH);
        return batch.some((w) => w.untimedMs !== undefined) ? this.timed(batch) : batch;
    }

    /** With the times of those set right that were told by a clock nobody had compared; on the device first, so that all tries send the same. */
    private async timed(batch: Waiting[]): Promise<Waiting[]> {
        if (!this.clock.isKnown()) {
            await this.options.askTime?.();
        }
        if (!this.clock.isKnown()) {
            return batch;
        }
        return Promise.all(
            batch.map(async (w) => {
                if (w.untimedMs === undefined) {
                    return w;
                }
                const right = { command: movedBy(w.command, this.clock.offsetMs() - w.untimedMs), untimedMs: undefined };
                await this.options.store.update(w.id, right);
                return { ...w, ...right };
            }),
        );
    }

    private async sendBatch(batch: Waiting[]): Promise<boolean> {
        const result = await this.options.send(
            batch.map((w) => ({ ...(w.athleteId !== undefined && { athlete_id: w.athleteId }), ...w.command })),
        );
        if (!result.ok) {
            return false;
        }
        for (const [i, waiting] of batch.entries()) {
            const outcome = result.value.outcomes[i];
            if (outcome && outcome.problem === null) {
                await this.options.stored?.(waiting, outcome.stored); // first, so that a page closed now leaves it to be sent and told again
                await this.options.store.remove(waiting.id);
            } else {
                const { code, detail, errors } = outcome?.problem ?? {
                    code: 'fault' as const,
                    detail: 'The server said nothing of this.',
                    errors: [],
                };
                await this.options.store.update(waiting.id, { problem: { code, detail, faults: errors } });
            }
        }
        this.options.changed?.();
        return true;
    }
}

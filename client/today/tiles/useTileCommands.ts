import { seconds } from '../../domain/units';
import { v7 as uuidv7 } from 'uuid';
import { reactive } from 'vue';
import { serverTime } from '../../domain/clock';
import { correctionOf, type Change } from '../../domain/sets/correction';
import type { FloorSet } from '../../domain/floor/overlay';
import type { Tile } from '../../domain/floor/tile';
import type { Schemas } from '../../domain/http';
import { waitingSet, type SetDraft } from '../../domain/queue';
import { askedReps } from '../../domain/sets/asked';
import { useCommandQueue } from '../../composables/useCommandQueue';
import { useTick } from '../../composables/useTick';
import { left } from '../../log/counts';

const UNDO_MS = 10_000;
const TICK_MS = 500;
const BOUNCE_MS = 700;
/** Nobody does two sets of one thing so soon after another: a tap on the tile then is the same set again. */
const SAME_SET_MS = 3000;

/** When a set was done that was logged just now. */
export type Logged = Pick<Schemas['SetInput'], 'performed_at'>;

const ONCE = ', logged once';

/** What is said of a set as it is logged. */
type More = Pick<Schemas['SetInput'], 'splits_s' | 'halves_s'> & {
    /** That the set to do was picked, however soon after another. */
    picked?: boolean;
};

export interface TileCommands {
    /** Logs a set of what the tile shows now, the aim where nothing else is said; none where it was logged a moment ago. */
    log: (tile: Tile, count?: number, more?: More) => Promise<Logged | undefined>;
    logHeld: (tile: Tile, seconds: number) => Promise<Logged | undefined>;
    logMixed: (tile: Tile, first: { exercise: Schemas['Exercise']; clean: number }, then: number) => Promise<Logged | undefined>;
    logBeside: (tile: Tile, much: number, loadKg?: number) => Promise<void>;
    /** The set with something of it otherwise; the log keeps both. */
    correct: (tile: Tile, set: FloorSet, change: Change) => Promise<void>;
    takeBack: (athleteId: string, set: { id: string }) => Promise<void>;
    signal: (athleteId: string, on: string, told: Partial<Schemas['SignalInput']>) => Promise<unknown>;
    tellPain: (athleteId: string, pain: Schemas['Pain']) => Promise<unknown>;
    /** As if it had never been told. */
    undoPain: (athleteId: string, toldId: string) => Promise<void>;
    /** Lets something that was done of an athlete be undone for ten seconds. */
    offer: (athleteId: string, words: string, undo: () => Promise<unknown>) => void;
    /** What was logged or told of an athlete within the last ten seconds. */
    undoable: (athleteId: string) => { words: string; undo: () => Promise<void> } | undefined;
}

interface Fresh {
    words: string;
    undo: () => Promise<unknown>;
    untilMs: number;
}

/** What is done and undone at the tiles of a class; each athlete's last set can be taken back for ten seconds, whoever is logged meanwhile. */
export function useTileCommands(): TileCommands {
    const queue = useCommandQueue();
    const fresh = reactive(new Map<string, Fresh>());
    const lastAt = new Map<string, number>();
    const now = useTick(TICK_MS);

    /** A thumb that bounces logs once, and so do two taps of which the second would be a set without a rest. */
    function bounces({ athlete, restS }: Tile, isPicked = false): boolean {
        const at = serverTime.nowMs();
        const bounced =
            at - (lastAt.get(athlete.id) ?? 0) < (isPicked ? BOUNCE_MS : Math.max(BOUNCE_MS, Math.min(SAME_SET_MS, restS * 500)));
        const of = fresh.get(athlete.id);
        if (!bounced) {
            lastAt.set(athlete.id, at);
        } else if (of && !of.words.endsWith(ONCE)) {
            fresh.set(athlete.id, { ...of, words: of.words + ONCE });
        }
        return bounced;
    }

    async function take(tile: Tile, words: string, ...drafts: SetDraft[]): Promise<Logged | undefined> {
        const kept = await queue.addAsOne(tile.athlete.id, drafts);
        if (kept.length > 0) {
            offer(tile.athlete.id, words, () =>
                takeAllBack(
                    tile.athlete.id,
                    kept.map((k) => k.id),
                ),
            );
        }
        return kept[0] && waitingSet(kept[0]);
    }

    function offer(athleteId: string, words: string, undo: () => Promise<unknown>): void {
        fresh.set(athleteId, { words, undo, untilMs: serverTime.nowMs() + UNDO_MS });
    }

    async function takeAllBack(athleteId: string, ids: readonly string[]): Promise<void> {
        for (const id of [...ids].reverse()) {
            await queue.takeBack(athleteId, id);
        }
    }

    async function undoPain(athleteId: string, toldId: string): Promise<void> {
        fresh.delete(athleteId);
        await queue.undoPain(athleteId, toldId);
    }

    const about = ({ now: line }: Tile) => ({
        purpose: line?.line.purpose ?? ('work' as const),
        exercise: line?.rung?.exercise ?? null,
        ...(line && { line: line.line.line }),
    });

    /** Begun on one, ended without a rest on what the tile shows. */
    async function mixed(
        tile: Tile,
        first: { exercise: Schemas['Exercise']; clean: number },
        then: number,
        more: More = {},
    ): Promise<Logged | undefined> {
        return take(
            tile,
            `${first.clean} + ${then}`,
            { purpose: 'work', exercise: first.exercise, clean_reps: first.clean, ...(tile.now && { line: tile.now.line.line }) },
            { ...about(tile), clean_reps: then, ...more },
        );
    }

    return {
        async log(tile, count = tile.aim, { picked, ...more } = {}) {
            const line = tile.now;
            if (!line?.rung || bounces(tile, picked)) {
                return undefined;
            }
            const { begun } = line.line;
            if (begun) {
                return mixed(tile, { exercise: begun.exercise, clean: begun.reps }, count, more);
            }
            return take(tile, String(count), {
                ...about(tile),
                clean_reps: count,
                asked_reps: askedReps(line.line),
                ...left(line.line.to_failure ? 0 : null),
                ...more,
            });
        },
        async logHeld(tile, heldS) {
            return take(tile, seconds(heldS), { ...about(tile), hang_s: Number(heldS.toFixed(1)) });
        },
        logMixed: mixed,
        async logBeside(tile, much, loadKg) {
            const line = tile.now?.line;
            if (!line?.accessory || bounces(tile)) {
                return;
            }
            const { measure } = line.amount;
            const amount = measure === 'seconds' ? { seconds: much } : measure === 'metres' ? { metres: much } : { reps: Math.round(much) };
            const made = await queue.tell(tile.athlete.id, {
                beside: {
                    id: uuidv7(),
                    performed_at: serverTime.now().toISOString(),
                    accessory: line.accessory,
                    ...amount,
                    ...(loadKg !== undefined && { load_kg: loadKg }),
                },
            });
            if (made) {
                offer(tile.athlete.id, `${much}`, () => takeAllBack(tile.athlete.id, [made.id]));
            }
        },
        async correct(tile, set, change) {
            await queue.add(tile.athlete.id, correctionOf(set, change));
            fresh.delete(tile.athlete.id);
        },
        async takeBack(athleteId, set) {
            fresh.delete(athleteId);
            await queue.takeBack(athleteId, set.id);
        },
        async signal(athleteId, on, told) {
            const made = await queue.tell(athleteId, { signal: { id: uuidv7(), on, ...told } });
            if (made && told.symptoms?.length) {
                offer(athleteId, 'symptom', () => undoPain(athleteId, made.id));
            }
        },
        async tellPain(athleteId, pain) {
            const made = await queue.tell(athleteId, { pain: { id: uuidv7(), pain } });
            if (made) {
                offer(athleteId, 'pain', () => undoPain(athleteId, made.id));
            }
        },
        undoPain,
        offer,
        undoable(athleteId) {
            const of = fresh.get(athleteId);
            return of && of.untilMs > now.value
                ? {
                      words: of.words,
                      undo: async () => {
                          fresh.delete(athleteId);
                          lastAt.delete(athleteId);
                          await of.undo();
                      },
                  }
                : undefined;
        },
    };
}

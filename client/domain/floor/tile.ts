import type { Schemas } from '../http';
import { seconds } from '../units';
import type { FloorAthlete, FloorSet } from './overlay';

export type SheetLine = Schemas['SheetLine'];
export type SheetRung = Schemas['SheetRung'];
type Beside = Schemas['Beside'];

/** How a set of a line is taken down. */
export type Way = 'reps' | 'hold' | 'lowering' | 'beside';

export interface LineNow {
    line: SheetLine;
    /** As written, or as switched. */
    rung: SheetRung | null;
    way: Way;
    sets: FloorSet[];
    beside: Beside[];
    done: number;
    left: number;
    /** Reps so far, where so many in all are asked. */
    inAll: { so_far: number; of: number } | null;
}

export type Turn = 'first' | 'up' | 'rest' | 'done' | 'away';

export interface Tile {
    athlete: FloorAthlete;
    lines: LineNow[];
    /** What to do now; none when all is done. */
    now: LineNow | undefined;
    turn: Turn;
    /** When the rest ends, in milliseconds; none where nothing was done yet. */
    restEndsAt: number | undefined;
    restS: number;
    /** The last set of today, to be undone or corrected. */
    last: FloorSet | undefined;
    /** Lowerings that the caps leave now. */
    loweringsLeft: number;
    /** What one tap logs. */
    aim: number;
    setsLeft: number;
    /** Sets of no line of the session. */
    extra: FloorSet[];
    /** Logged by two coaches within a moment of one another. */
    twice: readonly [FloorSet, FloorSet] | undefined;
}

/** Two who saw the same set log it within half of its rest, or within so long. */
const TWICE_MS = 60_000;
const withinMs = (restS: number): number => Math.min(TWICE_MS, restS * 500);

const BLOCKING = new Set<string>(['paused', 'screen', 'baselines', 'waits']);

/** What comes before anything else; a concern beside it is only to be known. */
export const isBlocking = (concern: { kind: string } | null): boolean => BLOCKING.has(concern?.kind ?? '');

/** What was counted of a set: its clean reps, or the seconds it was held. */
export const countWords = ({ clean_reps, hang_s }: { clean_reps?: number | null; hang_s?: number | null }): string =>
    String(clean_reps ?? seconds(hang_s ?? 0));

/** Whether a line cannot be done as it is: its station or a band of it is out of use today. */
export const needsOut = (line: LineNow | undefined, out: ReadonlySet<string>): boolean =>
    [line?.rung?.station, ...(line?.rung?.bands ?? [])].some((id) => id != null && out.has(id));

/** What is to be known of somebody before they load: why pulls are missing, how sore they are, how long they were away. */
export const knownWords = ({ athlete: { sheet } }: Pick<Tile, 'athlete'>): string | undefined =>
    isBlocking(sheet.concern) ? undefined : (sheet.concern?.text ?? sheet.refused?.text);

/** Where the caps end the lowerings of a set early. */
export const capWords = ({ now, loweringsLeft }: Tile): string | undefined =>
    now?.way === 'lowering' && loweringsLeft < now.line.aim && loweringsLeft > 0
        ? `stop at ${loweringsLeft}: then the cap is reached`
        : undefined;

/** As somebody is called across the floor. */
export const calledName = ({ athlete }: { athlete: { name: string } }): string => athlete.name.split(' ')[0] ?? athlete.name;

const isWhole = (set: FloorSet): boolean => set.part_of === null;
const isLowering = (set: FloorSet): boolean => set.exercise?.movement === 'lowering';
const at = (one: { performed_at: string }): number => Date.parse(one.performed_at);

function wayOf(line: SheetLine, rung: SheetRung | null): Way {
    const movement = rung?.exercise.movement;
    if (rung === null || movement === 'hold' || movement === 'lowering') {
        return rung === null ? 'beside' : (movement as Way);
    }
    return 'reps';
}

/** The line that a set belongs to: the one it names, else the first with its set-up. */
function lineOf(set: FloorSet, lines: readonly SheetLine[]): SheetLine | undefined {
    return (
        lines.find((l) => l.line === set.line) ??
        lines.find((l) => set.line === null && l.rung?.key === set.setup_key && l.purpose === set.purpose)
    );
}

/** Work beside the pull that two coaches saw is done once, as the server counts it. */
function seenOnce(beside: readonly Beside[], restS: number): Beside[] {
    const seen: Beside[] = [];
    for (const one of beside) {
        const before = seen.at(-1);
        if (!before || before.by === one.by || Math.abs(at(one) - at(before)) >= withinMs(restS)) {
            seen.push(one);
        }
    }
    return seen;
}

function linesNow(athlete: FloorAthlete): { lines: LineNow[]; extra: FloorSet[] } {
    const { lines } = athlete.sheet;
    const now = lines.map((line): LineNow => {
        const ofLine = athlete.sets.filter((s) => lineOf(s, lines) === line);
        const sets = ofLine.filter(isWhole);
        const beside =
            line.accessory === null
                ? []
                : seenOnce(
                      athlete.beside.filter((b) => b.accessory === line.accessory),
                      line.rest_s,
                  );
        const last = ofLine.at(-1)?.setup_key; // of a mixed set what it ended on
        const rung = line.others.find((o) => o.key === (athlete.switched[line.line] ?? last)) ?? line.rung;
        const done = line.rung === null ? beside.length : sets.length;
        const inAll =
            line.amount.measure === 'total_reps'
                ? { so_far: sets.reduce((sum, s) => sum + (s.clean_reps ?? 0), 0), of: line.amount.high }
                : null;
        const isOver = inAll !== null && inAll.so_far >= inAll.of;
        return { line, rung, way: wayOf(line, rung), sets, beside, done, left: isOver ? 0 : Math.max(0, line.sets - done), inAll };
    });
    return { lines: now, extra: athlete.sets.filter((s) => isWhole(s) && lineOf(s, lines) === undefined) };
}

/** What one set asks: on another exercise no more than is likely there. */
export const aimOf = ({ line, rung }: LineNow): number => (rung && rung.key !== line.rung?.key ? rung.aim : line.aim);

/** The first line that is not done; of lines done in rounds the one that was done least. */
function nextOf(lines: readonly LineNow[]): LineNow | undefined {
    const first = lines.find((l) => l.left > 0);
    const round = lines.filter((l) => l.left > 0 && l.line.group !== null && l.line.group === first?.line.group);
    return round.length > 1 ? round.reduce((a, b) => (b.done < a.done ? b : a)) : first;
}

/** What is known here of sets: those logged on this device, and those of which a coach said that both were done. */
export interface Known {
    mine?: ReadonlySet<string>;
    both?: ReadonlySet<string>;
}

/** Two sets of one line so close to one another that they are one, seen by two coaches or logged on two devices. */
function twiceOf(lines: readonly LineNow[], { mine, both }: Known): readonly [FloorSet, FloorSet] | undefined {
    for (const { sets, line } of lines) {
        const within = withinMs(line.rest_s);
        for (const [i, a] of sets.entries()) {
            const isTwin = (s: FloorSet): boolean =>
                (s.by !== a.by || mine?.has(s.id) !== mine?.has(a.id)) && Math.abs(at(s) - at(a)) < within && !both?.has(s.id);
            const b = sets.slice(i + 1).find(isTwin);
            if (b) {
                return [a, b];
            }
        }
    }
    return undefined;
}

/** Where an athlete stands in the class: what is done, what is next and when. */
export function tileOf(athlete: FloorAthlete, nowMs: number, known: Known = {}): Tile {
    const { lines, extra } = linesNow(athlete);
    const now = nextOf(lines);
    const doneLast = [
        ...lines.flatMap((l) => [...l.sets, ...l.beside].map((one) => ({ atMs: at(one), restS: l.line.rest_s }))),
        ...extra.map((s) => ({ atMs: at(s), restS: 0 })),
    ].sort((a, b) => b.atMs - a.atMs)[0];
    const restEndsAt = doneLast === undefined ? undefined : doneLast.atMs + doneLast.restS * 1000;
    const loweringsLeft = athlete.sheet.lowerings.today - athlete.sets.filter(isLowering).reduce((sum, s) => sum + (s.clean_reps ?? 0), 0);
    const asked = now === undefined ? 0 : aimOf(now);
    const aim = now?.way === 'lowering' ? Math.min(asked, Math.max(0, loweringsLeft)) : asked;
    const isFirst = athlete.paused || isBlocking(athlete.sheet.concern);
    const turn = (): Turn => {
        if (!athlete.coming) {
            return 'away';
        }
        if (isFirst) {
            return 'first';
        }
        return now === undefined ? 'done' : (restEndsAt ?? 0) > nowMs ? 'rest' : 'up';
    };
    return {
        athlete,
        lines,
        now,
        turn: turn(),
        restEndsAt,
        restS: doneLast?.restS ?? 0,
        last: athlete.sets.filter((s) => s.part_of === null).at(-1),
        loweringsLeft,
        aim,
        setsLeft: lines.reduce((sum, l) => sum + l.left, 0),
        extra,
        twice: twiceOf(lines, known),
    };
}

/** Who needs something before anything else first, who is not here last, the others in their order. */
const rank = ({ turn }: Tile): number => ({ up: 0, rest: 0, done: 0, first: 1, away: 2 })[turn];

/** Tiles in the order in which the class was first seen: nothing moves under a thumb, whatever is told meanwhile. */
export function orderKept(): (tiles: readonly Tile[]) => Tile[] {
    const ranks = new Map<string, number>();
    return (tiles) => {
        for (const tile of tiles) {
            ranks.set(tile.athlete.id, ranks.get(tile.athlete.id) ?? rank(tile));
        }
        return [...tiles].sort((a, b) => ranks.get(a.athlete.id)! - ranks.get(b.athlete.id)!);
    };
}

import { isHold, keyOf, OFFERED, type MeansFile } from './means';

/** A method as its file has it; what the form does not touch is kept as it is. */
export interface MethodFile {
    key: string;
    name: string;
    idea: string;
    stages: StageFile[];
    [more: string]: unknown;
}

export interface StageFile {
    key: string;
    name: string;
    weeks: number[];
    lines: LineFile[];
    gate: { sets: number; floor: number; sessions: number; least_days: number; reps?: number; seconds?: number; total_reps?: number };
    [more: string]: unknown;
}

export interface LineFile {
    part: string;
    sets: number;
    rest_s: number;
    do?: MeansFile[];
    accessory?: string;
    reps?: number[];
    seconds?: number[];
    total_reps?: number[];
    metres?: number[];
    climbs?: boolean;
    [more: string]: unknown;
}

/** The line the gate is about. */
export const workOf = (stage: StageFile): LineFile | undefined => stage.lines.find((l) => l.part === 'main' && Array.isArray(l.do));

/** What a gate counts. */
export function measureOf(stage: StageFile): 'reps' | 'seconds' | 'total_reps' {
    return stage.gate.reps !== undefined ? 'reps' : stage.gate.seconds !== undefined ? 'seconds' : 'total_reps';
}

/** Swaps a stage with its neighbour. */
export function move(stages: StageFile[], at: number, by: 1 | -1): void {
    const [stage] = stages.splice(at, 1);
    if (stage) {
        stages.splice(at + by, 0, stage);
    }
}

const MEASURES = ['reps', 'seconds', 'total_reps', 'metres'] as const;

export const amountOf = (line: LineFile): (typeof MEASURES)[number] => MEASURES.find((m) => line[m] !== undefined) ?? 'reps';

/** Of a line the means picked, in their order; those it had keep their shares and seconds. Where holds are counted instead of reps, amount and gate follow. */
export function pickMeans(stage: StageFile, line: LineFile, keys: readonly string[]): void {
    const known = [...(line.do ?? []), ...OFFERED];
    line.do = keys.flatMap((key) => known.find((m) => keyOf(m) === key) ?? []).map((m) => ({ ...m }));
    const timed = isHold(line.do[0]);
    if (timed === (amountOf(line) === 'seconds')) {
        return;
    }
    delete line.reps;
    delete line.total_reps;
    delete line.seconds;
    line[timed ? 'seconds' : 'reps'] = timed ? [10, 20] : [5, 8];
    if (line === workOf(stage)) {
        const { sets, sessions, least_days } = stage.gate;
        stage.gate = timed ? { sets, sessions, least_days, seconds: 20, floor: 5 } : { sets, sessions, least_days, reps: 5, floor: 2 };
    }
}

/** One more stage in a place of the order, with bands to begin with. */
export function addStage(stages: StageFile[], at: number): void {
    let n = stages.length + 1;
    while (stages.some((s) => s.key === `stage-${n}`)) {
        n += 1;
    }
    stages.splice(at, 0, {
        key: `stage-${n}`,
        name: 'New stage',
        weeks: [2, 6],
        lines: [{ part: 'main', do: [{ kind: 'band' }], sets: 3, reps: [5, 8], rest_s: 150, climbs: true }],
        gate: { sets: 3, reps: 8, floor: 4, sessions: 2, least_days: 0 },
        ends_at_share: 0.9,
    });
}

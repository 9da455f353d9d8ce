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
    lines: LineFile[];
    gate: { sets: number; floor: number; sessions: number; least_days: number; reps?: number; seconds?: number; total_reps?: number };
    [more: string]: unknown;
}

export interface LineFile {
    part: string;
    sets: number;
    rest_s: number;
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

import type { Schemas } from './http';

const WITHIN_MS = 600_000;

/** Whether pain can still be undone: by who told it, for ten minutes. */
export const isUndoable = (source: Schemas['PainSource'] | null, coachId: string, nowMs: number): source is Schemas['PainSource'] =>
    source !== null && source.by === coachId && nowMs - Date.parse(source.at) < WITHIN_MS;

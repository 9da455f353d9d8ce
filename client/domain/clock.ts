/** What time it is by the server's clock: a device may be an hour wrong, and what is logged must not be. */
const KEPT = 'steady-rung.clock';

/** Less is the way there and back, and the server's whole seconds. */
const LEAST_MS = 30_000;

let offsetMs = Number(localStorage.getItem(KEPT)) || 0;
let isKnown = false;

export const serverTime = {
    /** Milliseconds to add to this device's clock. */
    offsetMs: (): number => offsetMs,
    /** Whether the server was heard since this page began. */
    isKnown: (): boolean => isKnown,
    nowMs: (): number => Date.now() + offsetMs,
    now: (): Date => new Date(serverTime.nowMs()),
};

/** The time that an answer of the server bears, as its Date header says it. */
export function heardTime(date: string | null): void {
    const atMs = Date.parse(date ?? '');
    if (Number.isNaN(atMs)) {
        return;
    }
    const awayMs = atMs - Date.now();
    offsetMs = Math.abs(awayMs) < LEAST_MS ? 0 : awayMs;
    isKnown = true;
    localStorage.setItem(KEPT, String(offsetMs));
}

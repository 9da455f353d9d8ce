/** How long a test waits for something to come true: the machine may be busy. */
export const PATIENCE_MS = Number(import.meta.env['VITE_PATIENCE_MS'] ?? 60_000);

/** How long a test waits for something to come true: the machine may be busy. */
export const PATIENCE_MS = Number(process.env['PATIENCE_MS'] ?? 20_000);

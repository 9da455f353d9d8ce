/** Keys under which answers speak of somebody's health: shown, never kept on the device. */
const HEALTH = new Set(['pain', 'note', 'cleared']);

/** The same answer without what it says of somebody's health. */
export function withoutHealth(value: unknown): unknown {
    if (Array.isArray(value)) {
        return value.map(withoutHealth);
    }
    if (value === null || typeof value !== 'object') {
        return value;
    }
    const { verdict, kind, code } = value as { verdict?: unknown; kind?: unknown; code?: unknown };
    const refers = verdict === 'refer';
    const pauses = kind === 'paused' || code === 'paused';
    return Object.fromEntries(
        Object.entries(value).map(([key, inner]) => {
            if (HEALTH.has(key)) {
                return [key, null];
            }
            if (pauses && key === 'text') {
                return [key, 'Pulling is paused.'];
            }
            return [key, refers && key === 'reasons' ? [] : withoutHealth(inner)];
        }),
    );
}

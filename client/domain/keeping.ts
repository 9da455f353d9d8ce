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
    const refers = (value as { verdict?: unknown }).verdict === 'refer';
    return Object.fromEntries(
        Object.entries(value).map(([key, inner]) => {
            if (HEALTH.has(key)) {
                return [key, null];
            }
            return [key, refers && key === 'reasons' ? [] : withoutHealth(inner)];
        }),
    );
}

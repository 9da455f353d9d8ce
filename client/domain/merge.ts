/** What a form sends: fields, some of them with fields of their own. */
export type Body = object;

export interface Difference {
    /** The field, with dots between the levels: figures.height_m. */
    path: string;
    theirs: unknown;
    /** What stands in the form, where it was changed there too. */
    mine?: unknown;
}

const isBranch = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);
const plain = (value: Body): Record<string, unknown> => value as Record<string, unknown>;
const keysOf = (...all: Body[]): string[] => [...new Set(all.flatMap(Object.keys))];

export function same(a: unknown, b: unknown): boolean {
    if (isBranch(a) && isBranch(b)) {
        return keysOf(a, b).every((key) => same(a[key], b[key]));
    }
    return JSON.stringify(a) === JSON.stringify(b);
}

/** What another saved since a form began, in the order of the form. */
export function differences(began: Body, mine: Body, theirs: Body, under = ''): Difference[] {
    const [from, here, there] = [plain(began), plain(mine), plain(theirs)];
    return keysOf(from, there).flatMap((key) => {
        const [was, my, their] = [from[key], here[key], there[key]];
        const path = `${under}${key}`;
        if (same(was, their) || same(my, their)) {
            return [];
        }
        if (isBranch(was) && isBranch(my) && isBranch(their)) {
            return differences(was, my, their, `${path}.`);
        }
        return [{ path, theirs: their, ...(!same(was, my) && { mine: my }) }];
    });
}

/** Both kept: what was changed in the form, and everywhere else what another saved. */
export function merged<T extends Body>(began: T, mine: T, theirs: T): T {
    const [from, here, there] = [plain(began), plain(mine), plain(theirs)];
    const pick = (key: string): unknown => {
        const [was, my, their] = [from[key], here[key], there[key]];
        return isBranch(was) && isBranch(my) && isBranch(their) ? merged(was, my, their) : same(was, my) ? their : my;
    };
    return Object.fromEntries(
        keysOf(there, here)
            .map((key) => [key, pick(key)] as const)
            .filter(([, value]) => value !== undefined),
    ) as T;
}

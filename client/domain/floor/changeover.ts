import type { Schemas } from '../http';
import { mass, shortLength } from '../units';

type Choice = Schemas['Choice'];
type Names = ReadonlyMap<string, string>;

/** What is done at a station before somebody can begin there. */
export interface Changeover {
    off: string[];
    up: string[];
    /** What stays, and is put otherwise: a band under the other limb, a mark, a strap, a pin, a box. */
    set: string[];
}

const bandsOf = (choice: Choice | undefined): readonly string[] => choice?.band_ids ?? [];

/** Where a band goes: under the knee, the foot, or both of two where nothing else is said. */
const limbOf = (choice: Choice, band: string): string =>
    choice.kind === 'band-pulldown' ? 'overhead' : choice.knee_band_id === band || choice.attach === 'knee' ? 'knee' : 'foot';

/**
 * From the set-up that stands there to the next; a band stays on a bar while somebody pulls without one, and is
 * fetched from wherever it hangs.
 */
export function changeover(
    from: Choice | undefined,
    to: Choice | undefined,
    names: Names,
    fetchedFrom: (band: string) => string | undefined = () => undefined,
): Changeover {
    const named = (id: string | undefined): string => names.get(id ?? '') ?? 'another piece';
    const [was, wanted] = [bandsOf(from), bandsOf(to)];
    if (to === undefined) {
        return { off: [], up: [], set: [] };
    }
    const stays = wanted.filter((band) => was.includes(band));
    const moved = from === undefined ? [] : stays.filter((band) => limbOf(from, band) !== limbOf(to, band));
    const isSame = <K extends keyof Choice>(key: K): boolean => to[key] === undefined || to[key] === null || to[key] === from?.[key];
    return {
        off: wanted.length === 0 ? [] : was.filter((band) => !wanted.includes(band)).map(named),
        up: wanted
            .filter((band) => !was.includes(band))
            .map((band) => `${named(band)}, ${limbOf(to, band)}${fetchedFrom(band) ? `, from ${fetchedFrom(band)}` : ''}`),
        set: [
            ...moved.map((band) => `${named(band)} to the ${limbOf(to, band)}`),
            ...(isSame('box_id') ? [] : [named(to.box_id ?? undefined)]),
            ...(isSame('strap_m') ? [] : [`strap ${shortLength(to.strap_m!)}`]),
            ...(isSame('heel_mark_m') ? [] : [`mark ${to.heel_mark_m! < 0 ? '−' : ''}${shortLength(Math.abs(to.heel_mark_m!))}`]),
            ...(isSame('stack_kg') ? [] : [`pin ${mass(to.stack_kg!)}`]),
        ],
    };
}

/** In the words one says at the bar; empty where nothing changes. */
export function changeoverWords({ off, up, set }: Changeover): string {
    const part = (verb: string, what: readonly string[]): string[] => (what.length === 0 ? [] : [`${verb} ${what.join(' and ')}`]);
    return [...part('Take off', off), ...part('Hang up', up), ...part('Set', set)].join(' · ');
}

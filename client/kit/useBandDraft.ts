import { reactive } from 'vue';
import { faultText, readQuantity, usable } from '../domain/fields';
import type { Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Fault } from '../domain/problems';
import { parseTyped } from '../domain/typed';
import { forceIn, toTyped } from '../domain/units';

export interface PointDraft {
    length: string;
    force: string;
    unit: 'kg' | 'N';
    error?: string | undefined;
}

export interface BandDraft {
    typed: { name: string; width: string; thickness: string; hung: string; points: PointDraft[]; hitchedOn: string | null; sure: boolean };
    errors: Partial<Record<'name' | 'width' | 'thickness' | 'hung' | 'sure', string | undefined>>;
    addPoint: () => void;
    dropPoint: (index: number) => void;
    /** The same pull in the other unit. */
    switchUnit: (index: number) => void;
    keepPoint: (lengthM: number, forceKg: number) => void;
    /** What is typed, if it can be read; nothing is marked. */
    value: () => Schemas['BandInput'] | undefined;
    /** The same, and what is wrong is marked. */
    read: () => Schemas['BandInput'] | undefined;
    blame: (faults: readonly Fault[]) => void;
}

const UNNAMED = 'new band';

/** A band as it is typed, read into the API's form, with what is wrong beside each field and each point. */
export function useBandDraft(start: Schemas['Band'] | undefined): BandDraft {
    const range = limits.BandInput;
    const typed = reactive({
        name: start?.name ?? '',
        width: start ? toTyped(start.width_mm, 'mm') : '',
        thickness: start ? toTyped(start.thickness_mm, 'mm') : '',
        hung: start ? toTyped(start.hung_length_m, 'cm') : '',
        points: (start?.points ?? []).map((p): PointDraft => ({
            length: toTyped(p.length_m, 'cm'),
            force: toTyped(p.force_n, 'N'),
            unit: 'N',
        })),
        hitchedOn: start?.hitched_on ?? null,
        sure: false,
    });
    const errors = reactive<BandDraft['errors']>({});

    const quantities = () => ({
        width: readQuantity(typed.width, 'mm', range.width_mm, true),
        thickness: readQuantity(typed.thickness, 'mm', range.thickness_mm, true),
        hung: readQuantity(typed.hung, 'cm', range.hung_length_m, true),
    });

    const pointParts = (point: PointDraft) => ({
        length: readQuantity(point.length, 'cm', limits.PointInput.length_m, true),
        force: readQuantity(point.force, point.unit, point.unit === 'kg' ? limits.PointInput.force_kg : limits.PointInput.force_n, true),
    });

    function pointValue(point: PointDraft): Schemas['PointInput'] | undefined {
        const { length, force } = pointParts(point);
        const [length_m, pull] = [usable(length), usable(force)];
        if (length_m === undefined || pull === undefined) {
            return undefined;
        }
        return point.unit === 'kg' ? { length_m, force_kg: pull } : { length_m, force_n: pull };
    }

    /** What is typed is converted; what is no number keeps its digits. */
    function switchUnit(index: number): void {
        const point = typed.points[index];
        if (point) {
            const typedForce = parseTyped(point.force, point.unit);
            point.unit = point.unit === 'kg' ? 'N' : 'kg';
            point.force = typeof typedForce === 'number' ? forceIn(typedForce, point.unit) : point.force;
        }
    }

    function value(): Schemas['BandInput'] | undefined {
        const { width, thickness, hung } = quantities();
        const [width_mm, thickness_mm, hung_length_m] = [usable(width), usable(thickness), usable(hung)];
        const points = typed.points.map(pointValue);
        if (points.includes(undefined) || width_mm === undefined || thickness_mm === undefined || hung_length_m === undefined) {
            return undefined;
        }
        return {
            name: typed.name.trim() || UNNAMED,
            width_mm,
            thickness_mm,
            hung_length_m,
            points: points.filter((p) => p !== undefined),
            hitched_on: typed.hitchedOn,
            sure: typed.sure,
        };
    }

    function read(): Schemas['BandInput'] | undefined {
        const { width, thickness, hung } = quantities();
        Object.assign(errors, {
            name: typed.name.trim() ? undefined : 'Needed: a name.',
            width: width.error,
            thickness: thickness.error,
            hung: hung.error,
            sure: undefined,
        });
        for (const point of typed.points) {
            const { length, force } = pointParts(point);
            point.error =
                [length.error && `Length: ${length.error}`, force.error && `Force: ${force.error}`].filter(Boolean).join(' ') || undefined;
        }
        return errors.name ? undefined : value();
    }

    function blame(faults: readonly Fault[]): void {
        Object.assign(errors, {
            name: faultText(faults, '/name'),
            width: faultText(faults, '/width_mm', 'mm'),
            thickness: faultText(faults, '/thickness_mm', 'mm'),
            hung: faultText(faults, '/hung_length_m', 'cm'),
            sure: faultText(faults, '/sure'),
        });
        typed.points.forEach((point, i) => {
            point.error = faults.find((f) => f.pointer === `/points/${i}` || f.pointer.startsWith(`/points/${i}/`))?.detail;
        });
    }

    return {
        typed,
        errors,
        addPoint: () => typed.points.push({ length: '', force: '', unit: 'kg' }),
        keepPoint: (lengthM, forceKg) =>
            typed.points.push({ length: toTyped(lengthM, 'cm'), force: toTyped(Number(forceKg.toFixed(2)), 'kg'), unit: 'kg' }),
        dropPoint: (index) => typed.points.splice(index, 1),
        switchUnit,
        value,
        read,
        blame,
    };
}

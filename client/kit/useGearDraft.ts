import { reactive } from 'vue';
import type { Gear, GearKind } from '../domain/gear';
import { faultText, readQuantity } from '../domain/fields';
import type { Schemas } from '../domain/http';
import type { Fault } from '../domain/problems';
import { parseTyped } from '../domain/typed';
import { parseNumber, toApi, toTyped, unitOf } from '../domain/units';
import { gearFields, limitsOf, type GearField } from './gearFields';

type ErrorKey = GearField['key'] | 'name' | 'straps' | 'leverage';

export interface GearDraft {
    typed: { name: string; straps: string; use: 'counterweight' | 'pulldown'; leverage: string; figures: Record<GearField['key'], string> };
    errors: Partial<Record<ErrorKey, string | undefined>>;
    read: () => Schemas['GearInput'] | undefined;
    blame: (faults: readonly Fault[]) => void;
}

const KEYS = [...new Set(Object.values(gearFields).flatMap((fields) => fields.map((f) => f.key)))];

/** Lengths typed one after the other, in the gym’s unit, parted by spaces or semicolons; a comma inside a number is a decimal one. */
export function readStraps(text: string): number[] | undefined {
    const numbers = text
        .split(/[;\s]+|,\s+/)
        .filter((part) => part !== '')
        .map((part) => parseTyped(part, 'cm'));
    return numbers.length > 0 && numbers.every((n) => typeof n === 'number') ? numbers.map((n) => toApi(n, 'cm')) : undefined;
}

/** A piece of gear as it is typed, read into the API's form, with what is wrong beside each field. */
export function useGearDraft(kind: GearKind, start: Gear | undefined): GearDraft {
    const fields = gearFields[kind];
    const kindOf = (key: GearField['key']) => fields.find((f) => f.key === key)?.unit ?? 'cm';
    const figures = Object.fromEntries(
        KEYS.map((key) => [key, typeof start?.figures[key] === 'number' ? toTyped(start.figures[key], kindOf(key)) : '']),
    ) as Record<GearField['key'], string>;
    const typed = reactive({
        name: start?.name ?? '',
        straps: (start?.figures.straps_m ?? []).map((m) => toTyped(m, 'cm')).join('; '),
        use: start?.figures.use ?? ('counterweight' as const),
        leverage: String(start?.figures.leverage ?? 1),
        figures,
    });
    const errors = reactive<GearDraft['errors']>({});

    function read(): Schemas['GearInput'] | undefined {
        const readings = fields.map((f) => ({
            key: f.key,
            reading: readQuantity(typed.figures[f.key], f.unit, limitsOf(f.key), f.optional !== true),
        }));
        const straps = kind === 'rings' ? readStraps(typed.straps) : undefined;
        const leverage = kind === 'machine' ? parseNumber(typed.leverage) : undefined;
        Object.assign(errors, {
            name: typed.name.trim() ? undefined : 'Needed: a name.',
            straps:
                kind === 'rings' && straps === undefined
                    ? `“${typed.straps.trim()}” is not a list of lengths in ${unitOf('cm')}.`
                    : undefined,
            leverage: leverage === null ? `“${typed.leverage.trim()}” is not a number.` : undefined,
            ...Object.fromEntries(readings.map(({ key, reading }) => [key, reading.error])),
        });
        if (Object.values(errors).some(Boolean)) {
            return undefined;
        }
        return {
            name: typed.name,
            figures: {
                kind,
                ...Object.fromEntries(
                    readings.filter(({ reading }) => reading.value !== undefined).map(({ key, reading }) => [key, reading.value]),
                ),
                ...(straps && { straps_m: straps }),
                ...(kind === 'machine' && { use: typed.use, leverage: leverage ?? 1 }),
            },
        };
    }

    function blame(faults: readonly Fault[]): void {
        Object.assign(errors, {
            name: faultText(faults, '/name'),
            straps: faults.find((f) => f.pointer.startsWith('/figures/strap'))?.detail,
            leverage: faultText(faults, '/figures/leverage'),
            ...Object.fromEntries(fields.map((f) => [f.key, faultText(faults, `/figures/${f.key}`, f.unit)])),
        });
    }

    return { typed, errors, read, blame };
}

import type { Fault } from './problems';
import { parseTyped } from './typed';
import { quantity, toApi, toTyped, unitOf, type TypedUnit } from './units';

/** The allowed range of a field in the API's unit. */
export interface Limits {
    low?: number | undefined;
    high?: number | undefined;
}

export interface Reading {
    value: number | undefined;
    error: string | undefined;
}

export function rangeText(limits: Limits, unit: TypedUnit): string {
    return limits.low === undefined || limits.high === undefined ? '' : `${toTyped(limits.low, unit)}–${quantity(limits.high, unit)}`;
}

/** Reads a typed quantity; what is wrong is said with the value and the range. */
export function readQuantity(text: string, unit: TypedUnit, limits: Limits, required: boolean): Reading {
    const typed = parseTyped(text, unit);
    if (typed === undefined) {
        return { value: undefined, error: required ? `Needed: ${rangeText(limits, unit) || `a number of ${unitOf(unit)}`}.` : undefined };
    }
    if (typed === null) {
        const range = rangeText(limits, unit);
        return { value: undefined, error: `“${text.trim()}” is not a number.${range && ` Allowed: ${range}.`}` };
    }
    const value = toApi(typed, unit);
    const outside = value < (limits.low ?? -Infinity) || value > (limits.high ?? Infinity);
    return { value, error: outside ? `${quantity(value, unit)} is outside ${rangeText(limits, unit)}.` : undefined };
}

/** What can be used of a reading: its value, if nothing is wrong with it. */
export const usable = ({ value, error }: Reading): number | undefined => (error === undefined ? value : undefined);

/** The server's word on a field, in the unit it was typed in. */
export function faultText(faults: readonly Fault[], pointer: string, unit?: TypedUnit): string | undefined {
    const fault = faults.find((f) => f.pointer === pointer);
    if (fault === undefined) {
        return undefined;
    }
    if (unit !== undefined && typeof fault.low === 'number' && typeof fault.high === 'number' && typeof fault.value === 'number') {
        return `${quantity(fault.value, unit)} is outside ${rangeText({ low: fault.low, high: fault.high }, unit)}.`;
    }
    return fault.detail;
}

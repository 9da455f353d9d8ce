import { computed, reactive, type ComputedRef } from 'vue';
import { bandsInUse, inUse, type Choice, type Kit } from '../domain/gear';
import { parseNumber, toApi, toTyped } from '../domain/units';

export const FLOOR = 'floor';
export const PLATES = 'plates';

/** A mark is taped to the millimetre. */
const MARK_DIGITS = 3;

export interface SetupDraft {
    kind: Choice['kind'];
    bar: string | null;
    bands: string[];
    attach: 'foot' | 'knee';
    /** A pair of rings or a bar. */
    anchor: string | null;
    strapM: number | null;
    markCm: string;
    heelBox: string;
    standing: string;
    plates: string[];
    scaleKg: string;
    grade: Choice['grade'];
    hopM: number;
    machine: string | null;
    stackKg: string;
    weights: string[];
    at: 'hang' | 'top';
    seconds: string;
}

function footing(draft: SetupDraft): Pick<Choice, 'box_id' | 'plate_ids'> {
    if (draft.standing === PLATES) {
        return { plate_ids: [...draft.plates] };
    }
    return draft.standing === FLOOR ? {} : { box_id: draft.standing };
}

function rowOf(draft: SetupDraft, kit: Kit): Choice | undefined {
    const mark = parseNumber(draft.markCm);
    if (draft.anchor === null || typeof mark !== 'number') {
        return undefined;
    }
    const heels = { heel_mark_m: toApi(mark, 'cm'), ...(draft.heelBox === FLOOR ? {} : { box_id: draft.heelBox }) };
    const onRings = inUse(kit, 'rings').some((r) => r.id === draft.anchor);
    if (!onRings) {
        return { kind: 'row', bar_id: draft.anchor, ...heels };
    }
    return draft.strapM === null ? undefined : { kind: 'row', ring_id: draft.anchor, strap_m: draft.strapM, ...heels };
}

/** The choice that the draft stands for; undefined while something is missing. */
export function choiceOf(draft: SetupDraft, kit: Kit): Choice | undefined {
    const stack = parseNumber(draft.stackKg);
    const seconds = parseNumber(draft.seconds);
    const scale = parseNumber(draft.scaleKg);
    switch (draft.kind) {
        case 'strict':
            return { kind: 'strict' };
        case 'band':
            return draft.bar && draft.bands.length > 0 ? { kind: 'band', bar_id: draft.bar, attach: draft.attach, band_ids: [...draft.bands] } : undefined;
        case 'row':
            return rowOf(draft, kit);
        case 'foot':
            return draft.bar && scale !== null
                ? { kind: 'foot', bar_id: draft.bar, ...footing(draft), ...(scale === undefined ? {} : { scale_kg: scale }), ...(draft.grade ? { grade: draft.grade } : {}) }
                : undefined;
        case 'hop':
            return draft.bar ? { kind: 'hop', bar_id: draft.bar, ...footing(draft), hop_m: draft.hopM } : undefined;
        case 'counterweight':
        case 'pulldown':
            return draft.machine && typeof stack === 'number' ? { kind: draft.kind, machine_id: draft.machine, stack_kg: stack } : undefined;
        case 'added':
            return draft.weights.length > 0 ? { kind: 'added', weight_ids: [...draft.weights] } : undefined;
        case 'lowering':
            return typeof seconds === 'number' ? { kind: 'lowering', seconds } : undefined;
        case 'hold':
            return typeof seconds === 'number' ? { kind: 'hold', at: draft.at, seconds } : undefined;
    }
}

/** Puts a choice into the draft, so that it can be looked at and changed. */
export function adopt(draft: SetupDraft, choice: Choice): void {
    draft.kind = choice.kind;
    draft.bar = choice.bar_id ?? draft.bar;
    draft.bands = [...(choice.band_ids ?? draft.bands)];
    draft.attach = choice.attach ?? draft.attach;
    if (choice.kind === 'row') {
        draft.anchor = choice.ring_id ?? choice.bar_id ?? null;
        draft.strapM = choice.strap_m ?? draft.strapM;
        draft.markCm = toTyped(Number((choice.heel_mark_m ?? 0).toFixed(MARK_DIGITS)), 'cm');
        draft.heelBox = choice.box_id ?? FLOOR;
    }
    if (choice.kind === 'foot' || choice.kind === 'hop') {
        draft.plates = [...(choice.plate_ids ?? [])];
        draft.standing = choice.box_id ?? (draft.plates.length > 0 ? PLATES : FLOOR);
        draft.hopM = choice.hop_m ?? draft.hopM;
        draft.grade = choice.grade ?? null;
        draft.scaleKg = typeof choice.scale_kg === 'number' ? String(choice.scale_kg) : '';
    }
    draft.machine = choice.machine_id ?? draft.machine;
    draft.stackKg = typeof choice.stack_kg === 'number' ? String(choice.stack_kg) : draft.stackKg;
    draft.weights = [...(choice.weight_ids ?? draft.weights)];
    draft.at = choice.at ?? draft.at;
    draft.seconds = typeof choice.seconds === 'number' ? String(choice.seconds) : draft.seconds;
}

const MOST_BANDS = 2;
const SMALL_HOP_M = 0.1;

/** A set-up as it is put together, begun with the first gear of each kind. */
export function useSetupDraft(kit: Kit): { draft: SetupDraft; choice: ComputedRef<Choice | undefined> } {
    const bars = inUse(kit, 'bar');
    const rings = inUse(kit, 'rings');
    const draft = reactive<SetupDraft>({
        kind: 'band',
        bar: (bars.at(-2) ?? bars.at(-1))?.id ?? null,
        bands: bandsInUse(kit)
            .slice(-MOST_BANDS - 1, -MOST_BANDS)
            .map((b) => b.id),
        attach: 'foot',
        anchor: rings[0]?.id ?? bars[0]?.id ?? null,
        strapM: rings[0]?.figures.straps_m?.at(-1) ?? null,
        markCm: '0',
        heelBox: FLOOR,
        standing: inUse(kit, 'box')[0]?.id ?? FLOOR,
        plates: [],
        scaleKg: '',
        grade: null,
        hopM: SMALL_HOP_M,
        machine: null,
        stackKg: '20',
        weights: inUse(kit, 'weight')
            .slice(0, 1)
            .map((w) => w.id),
        at: 'hang',
        seconds: '5',
    });
    return { draft, choice: computed(() => choiceOf(draft, kit)) };
}

import { computed, reactive, type ComputedRef } from 'vue';
import { bandsInUse, inUse, type Choice, type Doable, type Exercise, type Kit } from '../domain/gear';
import { kinds } from '../domain/kinds';
import { parseTyped } from '../domain/typed';
import { toApi, toTyped } from '../domain/units';

export const FLOOR = 'floor';
export const PLATES = 'plates';

/** A mark is taped to the millimetre. */
const MARK_DIGITS = 3;

export interface SetupDraft {
    kind: Choice['kind'];
    bar: string | null;
    bands: string[];
    /** Split: the first band at the foot, the second at the knee. */
    attach: 'foot' | 'knee' | 'split';
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
    heels: NonNullable<Choice['heels']>;
    knees: NonNullable<Choice['knees']>;
    vest: string[];
    lap: string[];
    stance: NonNullable<Choice['stance']>;
    movement: NonNullable<Exercise['movement']>;
    at: NonNullable<Exercise['at']>;
    seconds: string;
    grip: NonNullable<Exercise['grip']>;
    width: NonNullable<Exercise['width']>;
    upBy: Exercise['up_by'];
}

function footing(draft: SetupDraft): Pick<Choice, 'box_id' | 'plate_ids'> {
    if (draft.standing === PLATES) {
        return { plate_ids: [...draft.plates] };
    }
    return draft.standing === FLOOR ? {} : { box_id: draft.standing };
}

function rowOf(draft: SetupDraft, kit: Kit): Choice | undefined {
    const mark = parseTyped(draft.markCm, 'cm');
    if (draft.anchor === null || typeof mark !== 'number') {
        return undefined;
    }
    const heels = {
        heel_mark_m: toApi(mark, 'cm'),
        ...(draft.heelBox === FLOOR ? {} : { box_id: draft.heelBox }),
        ...(draft.heels === 'free' ? {} : { heels: draft.heels }),
        ...(draft.knees === 'straight' ? {} : { knees: draft.knees }),
        ...(draft.vest.length > 0 ? { weight_ids: [...draft.vest] } : {}),
    };
    const onRings = inUse(kit, 'rings').some((r) => r.id === draft.anchor);
    if (!onRings) {
        return { kind: 'row', bar_id: draft.anchor, ...heels };
    }
    return draft.strapM === null ? undefined : { kind: 'row', ring_id: draft.anchor, strap_m: draft.strapM, ...heels };
}

function bandsOf(draft: SetupDraft): Choice | undefined {
    const [first, second] = draft.bands;
    if (!draft.bar || !first) {
        return undefined;
    }
    const at = { kind: 'band' as const, bar_id: draft.bar, band_ids: [...draft.bands] };
    return draft.attach === 'split'
        ? { ...at, attach: 'foot', ...(second ? { knee_band_id: second } : {}) }
        : { ...at, attach: draft.attach };
}

/** The set-up that the draft stands for; undefined while something is missing. */
export function choiceOf(draft: SetupDraft, kit: Kit): Choice | undefined {
    const stack = parseTyped(draft.stackKg, 'kg');
    const scale = parseTyped(draft.scaleKg, 'kg');
    const helped = {
        ...(scale === undefined || scale === null ? {} : { scale_kg: scale }),
        ...(draft.grade ? { grade: draft.grade } : {}),
    };
    switch (draft.kind) {
        case 'strict':
            return { kind: 'strict' };
        case 'band':
            return bandsOf(draft);
        case 'row':
            return rowOf(draft, kit);
        case 'foot':
            return draft.bar && scale !== null
                ? {
                      kind: 'foot',
                      bar_id: draft.bar,
                      ...footing(draft),
                      ...helped,
                      ...(draft.lap.length > 0 ? { weight_ids: [...draft.lap] } : {}),
                  }
                : undefined;
        case 'low-bar':
            return draft.bar && scale !== null ? { kind: 'low-bar', bar_id: draft.bar, ...helped } : undefined;
        case 'hop':
            return draft.bar ? { kind: 'hop', bar_id: draft.bar, ...footing(draft), hop_m: draft.hopM } : undefined;
        case 'counterweight':
            return draft.machine && typeof stack === 'number'
                ? { kind: 'counterweight', machine_id: draft.machine, stack_kg: stack }
                : undefined;
        case 'pulldown':
            return draft.machine && typeof stack === 'number'
                ? { kind: 'pulldown', machine_id: draft.machine, stack_kg: stack, stance: draft.stance }
                : undefined;
        case 'band-pulldown':
            return draft.bar && draft.bands.length > 0
                ? { kind: 'band-pulldown', bar_id: draft.bar, band_ids: [...draft.bands], stance: draft.stance }
                : undefined;
        case 'added':
            return draft.weights.length > 0 ? { kind: 'added', weight_ids: [...draft.weights] } : undefined;
    }
}

export const isTimed = (movement: Exercise['movement']): boolean => movement === 'lowering' || movement === 'hold';

export const doableOn = (kit: Kit, kind: Choice['kind']): Doable | undefined => kit.doable.find((d) => d.kind === kind);

/** The exercise that the draft stands for; undefined while something is missing. What the set-up does not allow is left out. */
export function exerciseOf(draft: SetupDraft, kit: Kit): Exercise | undefined {
    const setup = choiceOf(draft, kit);
    const doable = doableOn(kit, draft.kind);
    const movement = doable?.movements.includes(draft.movement) ? draft.movement : 'full';
    const seconds = parseTyped(draft.seconds, 's');
    if (!setup || (isTimed(movement) && typeof seconds !== 'number')) {
        return undefined;
    }
    const ways = doable?.ways_up[movement] ?? [];
    return {
        setup,
        movement,
        ...(isTimed(movement) && typeof seconds === 'number' ? { seconds } : {}),
        ...(movement === 'hold' ? { at: draft.at } : {}),
        grip: doable?.grips.includes(draft.grip) ? draft.grip : 'over',
        width: draft.width,
        ...(draft.upBy && ways.includes(draft.upBy) ? { up_by: draft.upBy } : {}),
    };
}

function adoptSetup(draft: SetupDraft, choice: Choice): void {
    draft.kind = choice.kind;
    draft.bar = choice.bar_id ?? draft.bar;
    draft.bands = [...(choice.band_ids ?? draft.bands)];
    draft.attach = choice.attach ?? draft.attach;
    if (choice.knee_band_id) {
        draft.attach = 'split';
        draft.bands = [...draft.bands.filter((b) => b !== choice.knee_band_id), choice.knee_band_id];
    }
    if (choice.kind === 'row') {
        draft.anchor = choice.ring_id ?? choice.bar_id ?? null;
        draft.strapM = choice.strap_m ?? draft.strapM;
        draft.markCm = toTyped(Number((choice.heel_mark_m ?? 0).toFixed(MARK_DIGITS)), 'cm');
        draft.heelBox = choice.box_id ?? FLOOR;
        draft.heels = choice.heels ?? 'free';
        draft.knees = choice.knees ?? 'straight';
        draft.vest = [...(choice.weight_ids ?? [])];
    }
    if (kinds[choice.kind].asks.some((field) => field === 'footing' || field === 'foot-help')) {
        draft.plates = [...(choice.plate_ids ?? [])];
        draft.standing = choice.box_id ?? (draft.plates.length > 0 ? PLATES : FLOOR);
        draft.hopM = choice.hop_m ?? draft.hopM;
        draft.grade = choice.grade ?? null;
        draft.scaleKg = typeof choice.scale_kg === 'number' ? String(choice.scale_kg) : '';
        draft.lap = [...(choice.weight_ids ?? [])];
    }
    draft.machine = choice.machine_id ?? draft.machine;
    draft.stackKg = typeof choice.stack_kg === 'number' ? String(choice.stack_kg) : draft.stackKg;
    draft.stance = choice.stance ?? draft.stance;
    draft.weights = choice.kind === 'added' ? [...(choice.weight_ids ?? [])] : draft.weights;
}

/** Puts an exercise into the draft, so that it can be looked at and changed. */
export function adopt(draft: SetupDraft, exercise: Exercise): void {
    adoptSetup(draft, exercise.setup);
    draft.movement = exercise.movement ?? 'full';
    draft.at = exercise.at ?? draft.at;
    draft.seconds = typeof exercise.seconds === 'number' ? String(exercise.seconds) : draft.seconds;
    draft.grip = exercise.grip ?? 'over';
    draft.width = exercise.width ?? 'outside';
    draft.upBy = exercise.up_by ?? null;
}

const MOST_BANDS = 2;
const SMALL_HOP_M = 0.1;

/** An exercise as it is put together, begun with the first gear of each kind. */
export function useSetupDraft(kit: Kit): { draft: SetupDraft; exercise: ComputedRef<Exercise | undefined> } {
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
        heels: 'free',
        knees: 'straight',
        vest: [],
        lap: [],
        stance: 'kneeling',
        movement: 'full',
        at: 'hang',
        seconds: '5',
        grip: 'over',
        width: 'outside',
        upBy: null,
    });
    return { draft, exercise: computed(() => exerciseOf(draft, kit)) };
}

import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { timesOf } from '../domain/sets/lowered';
import type { Tile } from '../domain/floor/tile';
import { useKeys } from '../composables/useKeys';
import { useDigits } from '../log/useDigits';
import { MOST_REPS } from '../log/usePad';
import type { Stopwatches } from './tiles/useStopwatches';
import type { TileCommands } from './tiles/useTileCommands';

interface Options {
    /** Who is gone through by the arrows: everybody, or those who are up. */
    tiles: () => readonly Tile[];
    everybody: () => readonly Tile[];
    commands: TileCommands;
    watches: Stopwatches;
    open: (tile: Tile) => void;
    /** Somebody by name. */
    find: () => void;
    isOpen: () => boolean;
}

/** The class by keyboard: arrows change athlete, digits and Enter log, S times, N opens the rest, U takes back, / finds. */
export function useFloorKeys({ tiles, everybody, commands, watches, open, find, isOpen }: Options): {
    chosenId: Ref<string | undefined>;
    typed: ComputedRef<number | null>;
    byKey: Ref<boolean>;
    choose: (id: string) => void;
} {
    const chosenId = ref<string>();
    /** Whether the keyboard is in use: only then is the choice shown. */
    const byKey = ref(false);
    const digits = useDigits(MOST_REPS);
    const chosen = (): Tile | undefined => everybody().find((t) => t.athlete.id === chosenId.value);

    function choose(id: string): void {
        if (chosenId.value !== id) {
            digits.clear();
        }
        chosenId.value = id;
        byKey.value = false;
    }

    function step(by: number): void {
        const ids = tiles().map((t) => t.athlete.id);
        const at = ids.indexOf(chosenId.value ?? '');
        const next = ids[at < 0 ? 0 : Math.min(ids.length - 1, Math.max(0, at + by))];
        if (next !== undefined) {
            choose(next);
            byKey.value = true;
        }
    }

    /** Tiles in a row, as they are laid out. */
    function columns(): number {
        const boxes = [...document.querySelectorAll<HTMLElement>('[data-athlete]')].map((e) => e.offsetTop);
        return Math.max(1, boxes.filter((top) => top === boxes[0]).length);
    }

    function log(tile: Tile): void {
        const much = digits.value.value;
        digits.clear();
        if (tile.now?.way === 'beside') {
            void commands.logBeside(tile, much ?? tile.aim);
            return;
        }
        const lowered = watches.lowered(tile.athlete.id);
        watches.clear(tile.athlete.id);
        void (tile.now?.way === 'hold'
            ? much !== null && commands.logHeld(tile, much)
            : commands.log(tile, much ?? (lowered.length || tile.aim), timesOf(lowered)));
    }

    const moves: Record<string, () => void> = {
        arrowleft: () => step(-1),
        arrowright: () => step(1),
        arrowup: () => step(-columns()),
        arrowdown: () => step(columns()),
    };

    useKeys(
        (pressed, event) => {
            const key = pressed.toLowerCase();
            if (isOpen() || everybody().length === 0) {
                return false;
            }
            if (key === '/') {
                find();
                return true;
            }
            if (moves[key]) {
                moves[key]();
                return true;
            }
            const tile = chosen();
            if (!tile) {
                return false;
            }
            if (/^\d$/.test(key)) {
                digits.type(Number(key));
                return true;
            }
            const actions: Record<string, () => void> = {
                enter: () => tile.now && (tile.turn === 'up' || tile.turn === 'rest') && tiles().includes(tile) && log(tile),
                s: () => watches.press(tile.athlete.id),
                n: () => open(tile),
                u: () => void commands.undoable(tile.athlete.id)?.undo(),
                escape: () => digits.clear(),
            };
            if (actions[key] && !event.repeat) {
                actions[key]();
            }
            return actions[key] !== undefined;
        },
        { released: (key) => key.toLowerCase() === 's' && chosenId.value !== undefined && watches.release(chosenId.value) },
    );

    return { chosenId, typed: computed(() => digits.value.value), byKey, choose };
}

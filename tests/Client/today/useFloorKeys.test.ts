import type { Lowered } from '../../../client/domain/sets/lowered';
import { fireEvent, render } from '@testing-library/vue';
import { beforeEach, expect, it, vi } from 'vitest';
import { tileOf, type Tile } from '../../../client/domain/floor/tile';
import type { Stopwatches } from '../../../client/today/tiles/useStopwatches';
import { useFloorKeys } from '../../../client/today/useFloorKeys';
import type { TileCommands } from '../../../client/today/tiles/useTileCommands';
import { athlete, done, hang, line, lowering, plank } from '../support/floor';

let keys: ReturnType<typeof useFloorKeys>;
let tiles: Tile[];
let isOpen: boolean;
let lowered: Lowered[];
const opened: string[] = [];
const commands = { log: vi.fn(), logHeld: vi.fn(), logBeside: vi.fn(), undoable: vi.fn() };
const watches = { press: vi.fn(), release: vi.fn(), clear: vi.fn(), lowered: () => lowered };

/** What the last call of a command was about: whose it is, and what was said. */
const told = (command: { mock: { calls: unknown[][] } }): unknown[] | undefined => {
    const last = command.mock.calls.at(-1);
    return last && [(last[0] as Tile).athlete.id, ...last.slice(1)];
};
const press = async (...pressed: string[]): Promise<void> => {
    for (const key of pressed) {
        await fireEvent.keyDown(document.body, { key });
    }
};

/** By station only those who are up are gone through. */
let upOnly: string[] | undefined;

beforeEach(() => {
    vi.clearAllMocks();
    [isOpen, lowered, opened.length, upOnly] = [false, [], 0, undefined];
    tiles = [athlete('Ada'), athlete('Bo', [plank]), athlete('Cy', [hang]), athlete('Di', [lowering])].map((a) => tileOf(a, Date.now()));
    render({
        setup: () => {
            keys = useFloorKeys({
                tiles: () => (upOnly ? tiles.filter((t) => upOnly!.includes(t.athlete.id)) : tiles),
                everybody: () => tiles,
                commands: commands as unknown as TileCommands,
                watches: watches as unknown as Stopwatches,
                open: (tile) => opened.push(tile.athlete.id),
                find: () => opened.push('find'),
                isOpen: () => isOpen,
            });
            return () => null;
        },
    });
});

it('finds somebody whether or not anybody is chosen, and not over an open sheet', async () => {
    await press('/');
    isOpen = true;
    await press('/');
    expect(opened).toEqual(['find']);
});

it('chooses with the arrows, stays at the ends, and shows the choice only to the keyboard', async () => {
    await press('ArrowRight');
    expect([keys.chosenId.value, keys.byKey.value]).toEqual(['ada', true]);
    await press('ArrowLeft');
    expect(keys.chosenId.value).toBe('ada');
    await press('ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight');
    expect(keys.chosenId.value).toBe('di');
    keys.choose('bo');
    expect([keys.chosenId.value, keys.byKey.value]).toEqual(['bo', false]);
});

it('logs as asked with Enter, or what was typed before it', async () => {
    await press('Enter');
    expect(commands.log).not.toHaveBeenCalled(); // nobody is chosen
    await press('ArrowRight', 'Enter');
    expect(told(commands.log)).toEqual(['ada', 8, {}]);
    await press('1', '2');
    expect(keys.typed.value).toBe(12);
    await press('Enter');
    expect(told(commands.log)).toEqual(['ada', 12, {}]);
    expect(keys.typed.value).toBeNull();
});

it('forgets what was typed on the way to somebody else, and with Escape', async () => {
    await press('ArrowRight', '7', 'ArrowRight');
    expect(keys.typed.value).toBeNull();
    await press('7', 'Escape', 'Enter');
    expect(told(commands.logBeside)).toEqual(['bo', 40]);
});

it('logs a hold only with its seconds, and lowerings with those that were timed', async () => {
    keys.choose('cy');
    await press('Enter');
    expect(commands.logHeld).not.toHaveBeenCalled();
    await press('2', '5', 'Enter');
    expect(told(commands.logHeld)).toEqual(['cy', 25]);
    keys.choose('di');
    lowered = [
        { seconds: 4.1, half: 2 },
        { seconds: 3.6, half: null },
    ];
    await press('Enter');
    expect(told(commands.log)).toEqual(['di', 2, { splits_s: [4.1, 3.6], halves_s: [2, 0] }]);
    expect(watches.clear).toHaveBeenCalledWith('di');
    lowered = [];
    await press('Enter');
    expect(told(commands.log)).toEqual(['di', 5, {}]);
});

it('logs nothing of who has done everything, is away, or needs something first', async () => {
    const all = [3, 2, 1].map((minutes) => done(8, new Date(Date.now() - minutes * 600_000).toISOString()));
    tiles = [
        athlete('Ada', [line()], { sets: all }),
        athlete('Bo', [line()], { coming: false }),
        athlete('Cy', [line()], { paused: true }),
    ].map((a) => tileOf(a, Date.now()));
    for (const id of ['ada', 'bo', 'cy']) {
        keys.choose(id);
        await press('Enter');
    }
    expect(commands.log).not.toHaveBeenCalled();
});

it('times with S while it is held, opens with N, takes back with U', async () => {
    const undo = vi.fn();
    commands.undoable.mockReturnValue({ words: '8', undo });
    keys.choose('cy');
    await press('S');
    await fireEvent.keyDown(document.body, { key: 's', repeat: true });
    expect(watches.press.mock.calls).toEqual([['cy']]);
    await fireEvent.keyUp(document.body, { key: 'S' });
    expect(watches.release).toHaveBeenCalledWith('cy');
    await press('n', 'u');
    expect(opened).toEqual(['cy']);
    expect(undo).toHaveBeenCalledOnce();
});

it('leaves the keys alone while something is open, and without a class', async () => {
    keys.choose('ada');
    isOpen = true;
    await press('Enter', 'ArrowRight', '5');
    [isOpen, tiles] = [false, []];
    await press('Enter', 'ArrowRight', '5');
    expect([commands.log.mock.calls, keys.chosenId.value, keys.typed.value]).toEqual([[], 'ada', null]);
});

it('goes by station through those who are up alone, and still undoes what it logged of somebody who is up no more', async () => {
    upOnly = ['ada', 'bo'];
    await press('ArrowRight', 'ArrowRight', 'ArrowRight');
    expect(keys.chosenId.value).toBe('bo');
    await press('ArrowLeft', 'Enter');
    upOnly = ['bo'];
    await press('Enter'); // their rest began: a second Enter is no second set
    expect(commands.log).toHaveBeenCalledTimes(1);
    await press('u');
    expect(commands.undoable).toHaveBeenCalledWith('ada');
});

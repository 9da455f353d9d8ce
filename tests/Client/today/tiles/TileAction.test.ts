import type { Lowered } from '../../../../client/domain/sets/lowered';
import { fireEvent, screen } from '@testing-library/vue';
import { beforeEach, expect, it, vi } from 'vitest';
import { tileOf, type Tile } from '../../../../client/domain/floor/tile';
import TileAction from '../../../../client/today/tiles/TileAction.vue';
import { athlete, hang, heronRung, line, lowering, plank, sheet } from '../../support/floor';
import { show } from '../../support/screen';

const commands = { log: vi.fn(), logBeside: vi.fn() };
const watches = {
    press: vi.fn(),
    release: vi.fn(),
    clear: vi.fn(),
    running: vi.fn(() => false),
    lowered: vi.fn((): Lowered[] => []),
    half: vi.fn(),
    halfS: vi.fn((): number | null => null),
    elapsedS: vi.fn(() => 0),
};

const action = (of: Parameters<typeof athlete>[1], typed: number | null = null) =>
    show(TileAction, { tile: tileOf(athlete('Ada', of), Date.now()), commands, watches, typed });
const said = (command: { mock: { calls: unknown[][] } }): unknown[] =>
    command.mock.calls.map(([tile, ...more]) => [(tile as Tile).athlete.id, ...more]);

beforeEach(() => {
    vi.clearAllMocks();
    watches.running.mockReturnValue(false);
    watches.lowered.mockReturnValue([]);
    watches.halfS.mockReturnValue(null);
});

it('logs as asked, or what was typed, and says whose it is to who cannot see', async () => {
    const { press } = action([line()]);
    await press('8 as asked for Ada Marsh');
    expect(said(commands.log)).toEqual([['ada', 8]]);
    document.body.innerHTML = '';
    const typed = action([line()], 11);
    await typed.press('11 log it for Ada Marsh');
    expect(said(commands.log)).toEqual([
        ['ada', 8],
        ['ada', 11],
    ]);
});

it('shows a mixed set whole: what it begins with, and what follows on this', () => {
    const { text } = action([line({ begun: { name: 'Unassisted pull-up', exercise: heronRung.exercise, reps: 2 }, aim: 6 })]);
    expect(text()).toContain('2 + 6 as asked');
});

it('says the unit of work beside the pull, and that it is for each side', async () => {
    const { press, text } = action([{ ...plank, per_side: true }]);
    expect(text()).toContain('40 s as asked, each side');
    await press(/^40 s/);
    expect(said(commands.logBeside)).toEqual([['ada', 40]]);
});

it('runs the watch while a hang is held, and shows the tenths', async () => {
    const { text, change } = action([hang]);
    const button = screen.getByRole('button', { name: /20 s, hold to time/ });
    await fireEvent.pointerDown(button);
    await fireEvent.pointerUp(button);
    expect([watches.press.mock.calls, watches.release.mock.calls]).toEqual([[['ada']], [['ada']]]);
    watches.running.mockReturnValue(true);
    watches.elapsedS.mockReturnValue(7.24);
    await change({ watches: { ...watches } });
    expect(text()).toContain('7.2 s, let go or tap');
});

it('times lowerings one by one under the same thumb, and logs those that were timed together', async () => {
    const { press, change } = action([lowering]);
    const watch = screen.getByRole('button', { name: /^Time hold while they lower/ });
    await fireEvent.pointerDown(watch);
    await fireEvent.pointerUp(watch);
    watches.lowered.mockReturnValue([{ seconds: 4.1, half: null }]);
    await change({ watches: { ...watches } });
    await fireEvent.click(watch); // the release of a touch lands on what is under it now
    expect(watch.isConnected).toBe(true);
    expect(commands.log).not.toHaveBeenCalled();
    await fireEvent.pointerDown(watch);
    watches.lowered.mockReturnValue([
        { seconds: 4.1, half: null },
        { seconds: 3.6, half: null },
    ]);
    await change({ watches: { ...watches } });
    expect(watches.press).toHaveBeenCalledTimes(2);
    expect(watch.textContent).toContain('4.1 3.6 s');
    await press(/^2 log/);
    expect(said(commands.log)).toEqual([['ada', 2, { splits_s: [4.1, 3.6] }]]);
    expect(watches.clear).toHaveBeenCalledWith('ada');
});

it('takes a tap half way while a lowering is timed, once', async () => {
    const { change } = action([lowering]);
    watches.running.mockReturnValue(true);
    await change({ watches: { ...watches } });
    const half = screen.getByRole('button', { name: /^½ half way/ });
    await fireEvent.pointerDown(half);
    expect(watches.half).toHaveBeenCalledWith('ada');
    watches.halfS.mockReturnValue(1.8);
    await change({ watches: { ...watches } });
    expect(half.textContent).toContain('1.8 s');
    expect(half.hasAttribute('disabled')).toBe(true);
});

it('offers no lowering where the caps leave none, and says which cap it is', () => {
    const none = athlete('Ada', [lowering]);
    none.sheet = sheet([lowering], { lowerings: { today: 0, a_session: 15, this_week: 0, a_week: 30, full: null } });
    const { text } = show(TileAction, { tile: tileOf(none, Date.now()), commands, watches, typed: null });
    expect(text()).toBe('No lowering is left today: 15 a session are the cap.');
    expect(screen.queryByRole('button')).toBeNull();
});

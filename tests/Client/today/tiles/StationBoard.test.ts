import { expect, it, vi } from 'vitest';
import type { Collision } from '../../../../client/domain/floor/collisions';
import { placesKept, type Entry } from '../../../../client/domain/floor/stations';
import { tileOf, type Tile } from '../../../../client/domain/floor/tile';
import StationBoard from '../../../../client/today/tiles/StationBoard.vue';
import type { Stopwatches } from '../../../../client/today/tiles/useStopwatches';
import { athlete, done, gear, line, rookRung, timetable } from '../../support/floor';
import { wordsOf } from '../../support/render';
import { show } from '../../support/screen';

const NOW = Date.parse('2026-03-20T12:00:00Z');
const STARTS = Date.parse('2026-03-20T11:30:00Z');
const watches = { running: () => false, lowered: () => [], halfS: () => null, elapsedS: () => 0 } as unknown as Stopwatches;
const commands = { log: vi.fn(), undoable: () => undefined };

const ago = (s: number): string => new Date(NOW - s * 1000).toISOString();
const onLoft = { ...rookRung, station: 'l', name: 'Rook 32 mm, foot, Loft bar' };
const told = timetable([
    ['ada', 'main:bands', 1, 1790, 'b'],
    ['bo', 'main:bands', 2, 1850, 'b'],
    ['cy', 'main:bands', 2, 1870, 'b'],
    ['ada', 'main:bands', 2, 2000, 'b'],
]);
const three = [
    athlete('Ada', [line()]),
    athlete('Bo', [line()], { sets: [done(8, ago(75))] }),
    athlete('Cy', [line()], { sets: [done(8, ago(200))] }),
].map((a) => tileOf(a, NOW));

function board(tiles: readonly Tile[], pieces = gear, collisions: Collision[] = []) {
    return show(StationBoard, {
        places: placesKept()(tiles, pieces, told, STARTS, NOW),
        collisions,
        free: ['Long rings'],
        out: new Set(pieces.filter((p) => p.out).map((p) => p.id)),
        commands,
        watches,
        nowMs: NOW,
        tiles,
        coachName: () => 'Bea',
        chosenId: undefined,
        typed: null,
        hour: (ms: number) => new Date(ms).toISOString().slice(11, 16),
    });
}
const section = (name: string): string => wordsOf(document.querySelector(`[aria-label="${name}"]`)!);
const named = (name: string): HTMLElement => document.querySelector<HTMLElement>(`[aria-label="${name}"]`)!;

it('says who is up on each bar, who follows and in how long, and what is free', () => {
    const { text } = board([...three, tileOf(athlete('Di', [line({ rung: onLoft })], { sets: [done(8, ago(30))] }), NOW)]);
    expect(section('Beam bar')).toMatch(/Ada set 1 of 3 Heron 44 mm, foot.*Bo 0:45 .*set 2 of 3.*Cy 1:20 over.*Ada in 3 min/);
    expect(section('Loft bar')).toMatch(/free, next in 1:30.*Di 1:30 Rook 32 mm, foot/);
    expect(document.querySelectorAll('[data-now]')).toHaveLength(1);
    expect(text()).toContain('Free: Long rings');
});

it('says of a band that is broken or missing whose turn it stops, and of a bar that it is out of use', () => {
    const { text } = board(
        three,
        gear.map((g) => ({ ...g, out: g.id === 'h' || g.id === 'l' })),
    );
    expect(section('Beam bar').match(/broken or missing today: switch/g)).toHaveLength(4);
    expect(document.querySelectorAll('[data-now]')).toHaveLength(0);
    expect(text()).toContain('Loft bar out of use today');
});

it('logs who is up with one tap, and opens anybody by the name', async () => {
    const { press, emitted } = board(three);
    await press(/^8 as asked/);
    expect(commands.log.mock.calls.map(([tile, count]) => [(tile as Tile).athlete.id, count as number])).toEqual([['ada', 8]]);
    await press(/^Bo/);
    expect(emitted<[Tile]>('open')[0]?.[0].athlete.id).toBe('bo');
});

it('moves somebody by two taps, or by the arrow keys on the handle', async () => {
    const { press, emitted, text } = board(three);
    await press(/^Move Cy/);
    expect(text()).toContain('Tap whom Cy Marsh is to go before');
    await press(/^Bo/);
    const moves = () =>
        emitted<[Entry, Entry | undefined]>('move').map(([moved, before]) => [moved.tile.athlete.id, before?.tile.athlete.id]);
    expect(moves()).toEqual([['cy', 'bo']]);
    expect(text()).not.toContain('Tap whom');
    named('Move Bo, set 2 of 3').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown', bubbles: true }));
    named('Move Bo, set 2 of 3').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true })); // it is first already
    expect(moves()).toEqual([
        ['cy', 'bo'],
        ['bo', 'ada'],
    ]);
    expect(emitted('open')).toEqual([]);
});

it('puts nobody before a set of their own', async () => {
    const twoSets = timetable([
        ['bo', 'main:bands', 2, 1850, 'b'],
        ['bo', 'main:bands', 3, 2000, 'b'],
    ]);
    const { press, emitted, change } = board(three);
    await change({ places: placesKept()([three[1]!], gear, twoSets, STARTS, NOW) });
    await press(/^Move Bo, set 3/);
    await press(/^Bo 0:45/);
    named('Move Bo, set 3 of 3').dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true }));
    expect(emitted('move')).toEqual([]);
});

it('moves somebody by dragging the handle onto another, and leaves them where a finger lets go elsewhere', async () => {
    const { emitted } = board(three);
    const handle = named('Move Cy, set 2 of 3');
    const bo = [...document.querySelectorAll<HTMLElement>('[data-entry]')].find((e) => e.dataset.entry?.startsWith('bo'))!;
    const drag = (type: string, clientY: number) => handle.dispatchEvent(new MouseEvent(type, { clientX: 5, clientY, bubbles: true }));
    document.elementFromPoint = () => document.body;
    drag('pointerdown', 100);
    drag('pointermove', 60);
    drag('pointerup', 60);
    document.elementFromPoint = () => bo;
    drag('pointerdown', 100);
    drag('pointermove', 104); // a thumb that trembles drags nothing
    drag('pointerup', 104);
    expect(emitted('move')).toEqual([]);
    drag('pointerdown', 100);
    drag('pointermove', 60);
    drag('pointerup', 60);
    expect(emitted<[Entry, Entry]>('move').map(([moved, before]) => [moved.tile.athlete.id, before.tile.athlete.id])).toEqual([
        ['cy', 'bo'],
    ]);
});

it('tells of two who need one band with the best way, and the others behind it', async () => {
    const ways = [
        { key: 'swap', words: 'Bo first: Ada waits 1 min, nobody else moves', isAsTold: false },
        { key: 'keep', words: 'Ada first: Bo waits 2 min, nobody else moves', isAsTold: true },
        { key: 'switch', words: 'Bo on Rook: Bo does not wait, nobody else moves', isAsTold: false },
    ];
    const { press, text, emitted } = board(three, gear, [
        { key: 'x', what: 'Ada and Bo both need Heron 44 mm', atMs: NOW, who: [three[0]!, three[1]!], ways },
    ]);
    expect(text()).toContain('Ada and Bo both need Heron 44 mm at 12:00. Best: Bo first: Ada waits 1 min, nobody else moves.');
    await press(/^Bo first$/);
    await press(/^Other ways/);
    expect(text()).toContain('As it is: Ada first: Bo waits 2 min');
    await press(/^Bo on Rook/);
    expect(emitted<[{ key: string }]>('take').map(([way]) => way.key)).toEqual(['swap', 'switch']);
});

import { expect, it, vi } from 'vitest';
import { clashesOf, placesOf } from '../../../../client/domain/floor/stations';
import { tileOf, type Tile } from '../../../../client/domain/floor/tile';
import StationBoard from '../../../../client/today/tiles/StationBoard.vue';
import type { Stopwatches } from '../../../../client/today/tiles/useStopwatches';
import { athlete, done, gear, heronRung, line, rookRung } from '../../support/floor';
import { wordsOf } from '../../support/render';
import { show } from '../../support/screen';

const NOW = Date.parse('2026-03-20T12:00:00Z');
const watches = { running: () => false, lowered: () => [], halfS: () => null, elapsedS: () => 0 } as unknown as Stopwatches;
const commands = { log: vi.fn() };

const ago = (s: number): string => new Date(NOW - s * 1000).toISOString();
const onLoft = { ...rookRung, station: 'l', name: 'Rook 32 mm, foot, Loft bar' };

function board(tiles: Tile[], pieces = gear) {
    return show(StationBoard, {
        places: placesOf(tiles, pieces, NOW),
        clashes: clashesOf(tiles, pieces, NOW),
        free: ['Long rings'],
        out: new Set(pieces.filter((p) => p.out).map((p) => p.id)),
        commands,
        watches,
        nowMs: NOW,
    });
}
const section = (name: string): string => wordsOf(document.querySelector(`[aria-label="${name}"]`)!);

it('says who is on each bar with what, who is next and in how long, and what is free', () => {
    const { text } = board(
        [
            athlete('Ada'),
            athlete('Bo', [line()], { sets: [done(8, ago(75))] }),
            athlete('Cy', [line({ rung: onLoft })], { sets: [done(8, ago(30))] }),
        ].map((a) => tileOf(a, NOW)),
    );
    expect(section('Beam bar')).toMatch(/Ada Heron 44 mm, foot/);
    expect(section('Beam bar')).toMatch(/Bo Heron 44 mm, foot 0:45/);
    expect(section('Loft bar')).toMatch(/free now.*Cy Rook 32 mm, foot 1:30/);
    expect(text()).toContain('Free: Long rings');
});

it('says what comes off and what goes on between two who use one bar', () => {
    board([athlete('Ada'), athlete('Bo', [line({ rung: rookRung })], { sets: [done(8, ago(100))] })].map((a) => tileOf(a, NOW)));
    expect(section('Beam bar')).toMatch(/Take off Heron 44 mm · Hang up Rook 32 mm/);
});

it('says of a band that is broken or missing whose turn it stops', () => {
    board(
        [athlete('Ada'), athlete('Bo', [line()], { sets: [done(8, ago(75))] })].map((a) => tileOf(a, NOW)),
        gear.map((g) => ({ ...g, out: g.id === 'h' })),
    );
    expect(section('Beam bar').match(/broken or missing today: switch/g)).toHaveLength(2);
});

it('warns before two want one band: at once, or so many seconds apart', () => {
    const onOther = { ...heronRung, station: 'l' };
    const { text, change } = board([athlete('Ada'), athlete('Bo', [line({ rung: onOther })])].map((a) => tileOf(a, NOW)));
    expect(text()).toMatch(/Heron 44 mm is wanted by Ada and Bo at once: let one go first\./);
    const later = [athlete('Ada'), athlete('Bo', [line({ rung: onOther })], { sets: [done(8, ago(90))] })].map((a) => tileOf(a, NOW));
    void change({ places: placesOf(later, gear, NOW), clashes: clashesOf(later, gear, NOW) });
    return vi.waitFor(() => expect(text()).toMatch(/Ada and Bo, 30 s apart: let one go first\./));
});

it('logs where one stands, opens by the name, and says of a bar that it is out of use', async () => {
    const { press, emitted, text } = board(
        [tileOf(athlete('Ada'), NOW)],
        gear.map((g) => (g.id === 'b' ? { ...g, out: true } : g)),
    );
    await press(/^8 as asked/);
    expect(commands.log.mock.calls.map(([tile, count]) => [(tile as Tile).athlete.id, count as number])).toEqual([['ada', 8]]);
    await press(/^Ada/);
    expect(emitted<[Tile]>('open')[0]?.[0].athlete.id).toBe('ada');
    expect(text()).toContain('out of use today');
});

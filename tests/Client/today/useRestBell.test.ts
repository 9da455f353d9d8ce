import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { tileOf, type Tile } from '../../../client/domain/floor/tile';
import { useRestBell } from '../../../client/today/useRestBell';
import { athlete, done, line } from '../support/floor';

const NOON = Date.parse('2026-03-20T12:00:00Z');
const started = vi.fn();
const vibrate = vi.fn();
const node = {
    connect: () => node,
    start: started,
    stop: () => {},
    frequency: { value: 0 },
    gain: { setValueAtTime: () => {}, exponentialRampToValueAtTime: () => {} },
};
const scope = effectScope();

/** Ada rests for two minutes from noon on, Bo for two from half a minute later; the class as it is so many seconds after noon. */
const at = (s: number, coming = true): Tile[] =>
    [
        athlete('Ada', [line()], { coming, sets: [done(8, '2026-03-20T12:00:00Z')] }),
        athlete('Bo', [line()], { sets: [done(8, '2026-03-20T12:00:30Z')] }),
    ].map((a) => tileOf(a, NOON + s * 1000));

beforeEach(() => {
    started.mockClear();
    vibrate.mockClear();
    vi.stubGlobal(
        'AudioContext',
        class {
            currentTime = 0;
            destination = node;
            createOscillator = () => node;
            createGain = () => node;
        },
    );
    Object.defineProperty(navigator, 'vibrate', { value: vibrate, configurable: true });
});
afterEach(() => {
    Reflect.deleteProperty(navigator, 'vibrate');
});

it('buzzes once as each rest ends, and sounds only where that was asked for', async () => {
    const tiles = ref(at(60));
    const bell = scope.run(() => useRestBell(() => tiles.value))!;
    expect([bell.sound.value, bell.buzz.value, bell.canBuzz]).toEqual([false, true, true]);
    for (const s of [119, 120, 121, 140]) {
        tiles.value = at(s);
        await nextTick();
    }
    expect([vibrate.mock.calls.length, started.mock.calls.length]).toEqual([1, 0]);
    bell.sound.value = true;
    tiles.value = at(151);
    await nextTick();
    expect([vibrate.mock.calls.length, started.mock.calls.length]).toEqual([2, 1]);
});

it('says nothing where it is off, or where somebody left in a rest', async () => {
    const tiles = ref(at(60));
    const bell = scope.run(() => useRestBell(() => tiles.value))!;
    tiles.value = at(100, false);
    await nextTick();
    tiles.value = at(125, false);
    await nextTick();
    bell.buzz.value = false;
    tiles.value = at(160, false);
    await nextTick();
    expect(vibrate).not.toHaveBeenCalled();
});

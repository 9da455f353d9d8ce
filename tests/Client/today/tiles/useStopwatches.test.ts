import { beforeEach, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { marks } from '../../../../client/domain/device';
import { useStopwatches } from '../../../../client/today/tiles/useStopwatches';
import { eventually } from '../../support/screen';

let stopped: [string, number][];
const open = (isOne = true) => effectScope().run(() => useStopwatches((id, s) => (stopped.push([id, s]), isOne)))!;

beforeEach(async () => {
    stopped = [];
    await marks.forget('steady-rung.watches');
    vi.useFakeTimers({ now: Date.parse('2026-03-20T12:00:00Z'), toFake: ['Date', 'setInterval', 'clearInterval'] });
});

it('runs while it is held, and tells the seconds when it is let go', () => {
    const watches = open();
    watches.press('ada');
    vi.advanceTimersByTime(6200);
    watches.release('ada');
    expect([stopped, watches.running('ada')]).toEqual([[['ada', 6.2]], false]);
});

it('starts with a tap and stops with the next, several at once', () => {
    const watches = open();
    for (const id of ['ada', 'bo']) {
        watches.press(id);
        vi.advanceTimersByTime(100);
        watches.release(id);
        vi.advanceTimersByTime(900);
    }
    expect(watches.any.value).toBe(true);
    watches.press('ada');
    watches.release('ada');
    vi.advanceTimersByTime(3000);
    watches.press('bo');
    expect(stopped).toEqual([
        ['ada', 2],
        ['bo', 4],
    ]);
});

it('keeps the seconds of each lowering, drops a slip of the thumb, and goes on through the end of the browser', async () => {
    const watches = open(false);
    for (const s of [4, 3.2, 0.2]) {
        watches.press('ada');
        vi.advanceTimersByTime(s * 1000);
        if (s < 0.35) {
            watches.press('ada');
        }
        watches.release('ada');
    }
    watches.half('ada'); // it stands
    expect(watches.lowered('ada').map((l) => [l.seconds, l.half])).toEqual([
        [4, null],
        [3.2, null],
    ]);
    watches.press('ada');
    vi.advanceTimersByTime(100);
    const began = Date.now() - 100;
    watches.release('ada');
    await eventually(async () => expect(await marks.get('steady-rung.watches')).toContain(String(began)));
    const again = open(false);
    await eventually(() => expect([again.running('ada'), again.lowered('ada').length]).toEqual([true, 2]));
    vi.setSystemTime(began + 2000);
    again.half('ada');
    vi.setSystemTime(began + 3000);
    again.half('ada');
    again.press('ada');
    expect(again.lowered('ada').at(-1)).toEqual({ seconds: 3, half: 2 });
    again.clear('ada');
    expect(again.lowered('ada')).toEqual([]);
});

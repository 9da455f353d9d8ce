import { fireEvent, screen } from '@testing-library/vue';
import { expect, it, vi } from 'vitest';
import HoldLog from '../../../client/log/held/HoldLog.vue';
import HoldPad from '../../../client/log/held/HoldPad.vue';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { COACH, heron, jolyon, set } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, sentSets, serve } from '../support/server';

const hold = {
    ...heron,
    key: 'hold',
    name: 'Chin over the bar',
    exercise: { setup: { kind: 'strict' as const }, movement: 'hold' as const, at: 'top' as const, seconds: 10 },
};
const stored = () => ({ outcomes: [{ id: 'x', stored: null, problem: null }] });

function pad(today = [set({ setup_key: 'hold', clean_reps: null, hang_s: 9.6 }), set({ id: 'other', setup_key: 'heron' })]) {
    const asked = serve({ 'POST /api/v1/commands': stored });
    const shown = show(HoldPad, {
        athleteId: 'jolyon',
        rung: hold,
        standard: { ...jolyon.standard, measure: 'seconds', words: '3 × 10 s' },
        today,
    });
    useCommandQueue().serve(COACH);
    return { asked, ...shown };
}

it('says what is held, what it carries, what is asked, and the holds of today alone', () => {
    const { text } = pad();
    expect(text()).toContain('Chin over the bar');
    expect(text()).toContain('goal 3 × 10 s');
    expect(text()).toMatch(/10 s(?! hold)/);
    expect(document.querySelector('[aria-label="Holds today"]')?.textContent).toBe('9.6 s');
});

it('times a hold while the button is held, and logs the seconds', async () => {
    vi.useFakeTimers({ now: Date.parse('2026-03-20T12:00:00Z'), toFake: ['Date', 'setInterval', 'clearInterval', 'performance'] });
    const { press, value, asked, emitted } = pad([]);
    const button = screen.getByRole('button', { name: /press and hold/ });
    await fireEvent.pointerDown(button);
    vi.advanceTimersByTime(8400);
    await fireEvent.pointerUp(button);
    expect(Number(value('Seconds'))).toBeCloseTo(8.4, 1);
    await press('Log hold');
    await eventually(() => expect(sentSets(asked)[0]).toMatchObject({ athlete_id: 'jolyon', purpose: 'work', exercise: hold.exercise }));
    expect(sentSets(asked)[0]?.hang_s).toBeCloseTo(8.4, 1);
    await eventually(() => expect(emitted<[string, string]>('logged')[0]?.[1]).toBe('8.4 s hold'));
    expect(value('Seconds')).toBe('');
});

it('refuses what are no seconds, and keeps what was typed', async () => {
    const { fill, press, sees, value, asked } = pad([]);
    for (const [typed, words] of [
        ['long', '“long” is not a number.'],
        ['', 'Needed'],
        ['9999', /9999 s is outside/],
    ] as const) {
        await fill('Seconds', typed);
        await press('Log hold');
        await sees(words);
        expect(value('Seconds')).toBe(typed);
    }
    expect(sentSets(asked)).toEqual([]);
});

it('logs a hold of any set-up on the device while the server is away', async () => {
    serve({ 'POST /api/v1/commands': () => refuse(503, 'away', 'The server is away.') });
    const { fill, press, emitted } = show(HoldLog, { athleteId: 'jolyon', exercise: hold.exercise });
    useCommandQueue().serve(COACH);
    await fill('Seconds', '12');
    await press('Log hang');
    await eventually(() => expect(emitted<[string, string]>('logged')[0]?.[1]).toBe('12 s hold'));
    await eventually(() => expect(useCommandQueue().pending.map((w) => w.athleteId)).toEqual(['jolyon']));
});

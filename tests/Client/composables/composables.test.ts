import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { useOnce } from '../../../client/composables/useOnce';
import { useUndo } from '../../../client/composables/useUndo';
import { useDigits } from '../../../client/log/useDigits';
import { useHold } from '../../../client/log/held/useHold';

let scope: EffectScope;
const within = <T>(use: () => T): T => scope.run(use) as T;

beforeEach(() => {
    vi.useFakeTimers();
    scope = effectScope();
});

afterEach(() => {
    scope.stop();
    vi.useRealTimers();
});

it('offers to undo the latest command, once, for ten seconds', async () => {
    const commands = [vi.fn(() => Promise.resolve()), vi.fn(() => Promise.resolve())];
    const undo = within(() => useUndo());
    commands.forEach((command, i) => undo.offer({ text: `command ${i}`, undo: command }));
    await undo.take();
    await undo.take();

    expect(commands[0]).not.toHaveBeenCalled();
    expect(commands[1]).toHaveBeenCalledTimes(1);

    undo.offer({ text: 'late', undo: commands[0]! });
    vi.advanceTimersByTime(9_999);
    expect(undo.offered.value?.text).toBe('late');
    vi.advanceTimersByTime(1);
    expect(undo.offered.value).toBeUndefined();
});

it('joins two digits typed soon after one another, not later ones nor ones too large', () => {
    const digits = within(() => useDigits(30));
    digits.type(1);
    digits.type(2);
    expect(digits.value.value).toBe(12);
    vi.advanceTimersByTime(1000);
    digits.type(5);
    expect(digits.value.value).toBe(5);
    digits.type(9);
    expect(digits.value.value).toBe(9);
    digits.clear();
    expect(digits.value.value).toBeNull();
});

it('measures how long it was held, and nothing for a release without a press', () => {
    const released = vi.fn();
    const hold = within(() => useHold(released));
    hold.release();
    hold.press();
    vi.advanceTimersByTime(4_300);
    expect(hold.elapsedS.value).toBeCloseTo(4.3, 1);
    hold.release();
    hold.release();

    expect(released).toHaveBeenCalledTimes(1);
    expect(released.mock.calls[0]?.[0]).toBeCloseTo(4.3, 1);
});

it('swallows what comes right after a command, and lets the next one through', () => {
    let now = 0;
    const once = useOnce({ now: () => now });
    const command = vi.fn();
    for (const at of [0, 80, 400, 899, 901, 1300]) {
        now = at;
        once(command);
    }
    expect(command).toHaveBeenCalledTimes(2);
});

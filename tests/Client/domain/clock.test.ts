import { expect, it, vi } from 'vitest';
import { heardTime, serverTime } from '../../../client/domain/clock';

it('follows the server where this device is far out, and leaves the way there and back alone', () => {
    heardTime('Fri, 20 Mar 2026 13:00:00 GMT');
    expect(serverTime.now().toISOString()).toBe('2026-03-20T13:00:00.000Z');
    expect(serverTime.offsetMs()).toBe(3_600_000);
    vi.setSystemTime('2026-03-20T12:00:10Z');
    expect(serverTime.now().toISOString()).toBe('2026-03-20T13:00:10.000Z');

    heardTime('Fri, 20 Mar 2026 12:00:29 GMT');
    expect(serverTime.offsetMs()).toBe(0);
    heardTime(null);
    heardTime('no date');
    expect(serverTime.now().toISOString()).toBe('2026-03-20T12:00:10.000Z');
});

import { expect, it } from 'vitest';
import { effectScope, watch } from 'vue';
import { marks } from '../../../client/domain/device';
import { useKept } from '../../../client/composables/useKept';
import { eventually } from '../support/screen';

const KEY = 'steady-rung.floor-day';

it('keeps what was set, sees what another tab keeps, and never goes back to an older word of its own', async () => {
    const scope = effectScope();
    const seen: (number | undefined)[] = [];
    const kept = scope.run(() => useKept<number>(KEY))!;
    scope.run(() => watch(kept.value, (now) => seen.push(now), { flush: 'sync' }));
    await eventually(() => expect(kept.isRead.value).toBe(true));
    expect(kept.value.value).toBeUndefined();
    for (let n = 1; n <= 20; n++) {
        kept.set(n);
    }
    await eventually(async () => expect(await marks.get(KEY)).toBe('20'));
    expect(seen).toEqual(Array.from({ length: 20 }, (_, i) => i + 1));
    await marks.put(KEY, '99');
    await eventually(() => expect(kept.value.value).toBe(99));
    scope.stop();
});

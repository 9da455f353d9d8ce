import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { api } from '../../../client/domain/http';
import { useBandDraft } from '../../../client/kit/useBandDraft';
import { useBench } from '../../../client/kit/useBench';
import { useScaleStream } from '../../../client/kit/useScaleStream';

let scope: EffectScope;
const answers: ((value: unknown) => void)[] = [];
const later = (): never => new Promise((done) => answers.push((data) => done({ data, response: new Response() }))) as never;

beforeEach(() => {
    vi.useFakeTimers();
    scope = effectScope();
    answers.length = 0;
    vi.spyOn(api, 'GET').mockImplementation(later);
    vi.spyOn(api, 'POST').mockImplementation(later);
});

afterEach(() => {
    scope.stop();
    vi.restoreAllMocks();
    vi.useRealTimers();
});

const settle = async (): Promise<void> => {
    for (let i = 0; i < 20; i++) {
        await Promise.resolve();
    }
    await nextTick();
};

it('asks for the curve once typing has settled, and lets a late answer never win', async () => {
    const draft = useBandDraft(undefined);
    Object.assign(draft.typed, { width: '29', thickness: '4.5', hung: '100' });
    const { bench } = scope.run(() => useBench(draft, { athlete: null, bar: null }))!;
    await vi.advanceTimersByTimeAsync(250);
    draft.typed.width = '2';
    draft.typed.width = '22';
    await nextTick();
    await vi.advanceTimersByTimeAsync(250);
    await settle();
    expect(answers).toHaveLength(2);

    answers[1]!({ curve: 'second', points: [], help: [] });
    await vi.advanceTimersByTimeAsync(1);
    await settle();
    answers[0]!({ curve: 'first', points: [], help: [] });
    await vi.advanceTimersByTimeAsync(1);
    await settle();
    expect(bench.value?.curve).toBe('second');
});

it('asks nothing while what is typed cannot be read', async () => {
    const draft = useBandDraft(undefined);
    scope.run(() => useBench(draft, { athlete: null, bar: null }));
    await vi.advanceTimersByTimeAsync(1000);
    expect(answers).toHaveLength(0);
});

it('asks the scale again and again until told to stop, and not after', async () => {
    const scale = scope.run(() => useScaleStream({ everyMs: 300 }))!;
    scale.listen();
    await settle();
    answers[0]!({ connected: true, state: 'steady' });
    await vi.advanceTimersByTimeAsync(300);
    await settle();
    expect(scale.stream.value?.state).toBe('steady');
    expect(answers).toHaveLength(2);

    scale.stop();
    answers[1]!({ connected: true, state: 'jumping' });
    await vi.advanceTimersByTimeAsync(1000);
    expect(answers).toHaveLength(2);
    expect(scale.stream.value).toBeUndefined();
    expect(scale.listening.value).toBe(false);
});

import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { render } from '@testing-library/vue';
import { expect, it } from 'vitest';
import { ref, type Ref } from 'vue';
import type { Result } from '../../../client/domain/http';
import { keepReads } from '../../../client/composables/reads';
import { useRead, type Read } from '../../../client/composables/useRead';
import { COACH } from '../support/samples';
import { eventually } from '../support/screen';

type Answer = (result: Result<string>) => void;

function reading(client = new QueryClient(), { kept = true }: { kept?: boolean } = {}) {
    const answers: Answer[] = [];
    const id: Ref<number> = ref(1);
    let read!: Read<string>;
    render(
        {
            setup() {
                read = useRead(
                    () => ['thing', id.value],
                    () => new Promise<Result<string>>((done) => answers.push(done)),
                    { kept },
                );
                return () => null;
            },
        },
        { global: { plugins: [[VueQueryPlugin, { queryClient: client }]] } },
    );
    return { answers, id, read, client };
}

it('lets a late answer never win over a later question, and has the earlier one at once when asked again', async () => {
    const { answers, id, read } = reading();
    id.value = 2;
    await eventually(() => expect(answers).toHaveLength(2));
    answers[1]!({ ok: true, value: 'second' });
    await eventually(() => expect(read.value.value).toBe('second'));
    answers[0]!({ ok: true, value: 'first' });
    await eventually(() => expect(read.busy.value).toBe(false));
    expect(read.value.value).toBe('second');
    id.value = 1;
    await eventually(() => expect(read.value.value).toBe('first'));
});

it('keeps what was read when a later read fails, and says the problem', async () => {
    const { answers, read } = reading();
    answers[0]!({ ok: true, value: 'here' });
    await eventually(() => expect(read.value.value).toBe('here'));
    const again = read.reload();
    answers[1]!({ ok: false, problem: { code: 'fault', detail: 'Broken.', faults: [] } });
    await again;
    expect([read.value.value, read.problem.value?.code]).toEqual(['here', 'fault']);
});

it('has what its owner read last at once after the page was opened anew, but not what is not to be kept', async () => {
    const first = new QueryClient();
    const stop = await keepReads(first, COACH);
    const { answers, read } = reading(first);
    answers[0]!({ ok: true, value: 'kept' });
    first.setQueryDefaults(['secret'], { meta: { kept: false } });
    await first.prefetchQuery({ queryKey: ['secret'], queryFn: () => 'secret' });
    await eventually(() => expect(read.value.value).toBe('kept'));
    stop();

    const second = new QueryClient();
    await eventually(async () => {
        (await keepReads(second, COACH))();
        expect([second.getQueryData(['thing', 1]), second.getQueryData(['secret'])]).toEqual(['kept', undefined]);
    });
    const other = new QueryClient();
    (await keepReads(other, 'gym.other'))();
    expect(other.getQueryData(['thing', 1])).toBeUndefined();
});

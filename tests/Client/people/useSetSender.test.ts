import { expect, it } from 'vitest';
import type { Result, Schemas } from '../../../client/domain/http';
import type { SetInput } from '../../../client/people/useAthlete';
import { useSetSender } from '../../../client/people/useSetSender';

type Stored = Result<Schemas['Set']>;

const offline: Stored = { ok: false, problem: { code: 'offline', detail: 'No connection.', faults: [] } };
const stored = (id: string): Stored => ({ ok: true, value: { id } as Schemas['Set'] });

function sender(answers: ((set: SetInput) => Stored)[]) {
    const sent: SetInput[] = [];
    const logged: string[] = [];
    const log = (set: SetInput): Promise<Stored> => {
        sent.push(set);
        return Promise.resolve(answers[sent.length - 1]!(set));
    };
    return { sent, logged, ...useSetSender(log, (set) => logged.push(set.id)) };
}

const hang = { purpose: 'baseline' as const, hang_s: 31.5 };

it('sends the same set again under its id and moment until it is stored, and then another', async () => {
    const { sent, logged, problem, unsent, send } = sender([() => offline, (set) => stored(set.id), (set) => stored(set.id)]);
    expect(await send(hang)).toBe(false);
    expect([problem.value?.code, unsent.value?.hang_s, logged]).toEqual(['offline', 31.5, []]);
    expect(await send(hang)).toBe(true);
    expect(sent[1]).toEqual(sent[0]);
    expect([problem.value, unsent.value, logged]).toEqual([undefined, undefined, [sent[0]!.id]]);
    await send(hang);
    expect(sent[2]!.id).not.toBe(sent[0]!.id);
});

it('takes what could not be sent as it is, to send it again', async () => {
    const { sent, unsent, send } = sender([() => offline, (set) => stored(set.id)]);
    await send({ ...hang, hang_s: 12 });
    await send(unsent.value!);
    expect(sent[1]).toEqual(sent[0]);
});

it('gives a set that was changed, or that comes after one was dropped, an id of its own', async () => {
    const { sent, problem, unsent, send, drop } = sender([() => offline, () => offline, (set) => stored(set.id)]);
    await send(hang);
    await send({ ...hang, hang_s: 32 });
    expect(sent[1]!.id).not.toBe(sent[0]!.id);
    drop();
    expect([problem.value, unsent.value]).toEqual([undefined, undefined]);
    await send({ ...hang, hang_s: 32 });
    expect(sent[2]!.id).not.toBe(sent[1]!.id);
});

import { cleanup } from '@testing-library/vue';
import { expect, it } from 'vitest';
import LogPad from '../../../client/people/LogPad.vue';
import type { Result, Schemas } from '../../../client/domain/http';
import type { SetInput } from '../../../client/people/useAthlete';
import { heron, jolyon, set } from '../support/samples';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

type Stored = Result<Schemas['Set']>;

const offline: Stored = { ok: false, problem: { code: 'offline', detail: '', faults: [] } };

function pad(answers: (Stored | Promise<Stored>)[] = [], done: Schemas['Set'][] = []) {
    const sent: SetInput[] = [];
    serve({ 'GET /api/cautions': () => ({ items: [{ code: 'pain-stop', moment: 'pain', text: 'Stop pulling. A licensed clinician looks at it.' }] }) });
    const log = (input: SetInput): Promise<Stored> => {
        sent.push(input);
        return Promise.resolve(answers[sent.length - 1] ?? { ok: true, value: set({ id: input.id }) });
    };
    return { sent, ...show(LogPad, { athleteId: 'jolyon', rung: heron, standard: jolyon.standard, done, log }) };
}

it('logs a set done as asked with one tap, on the set-up it shows', async () => {
    const { sent, press, emitted, text } = pad();
    expect(text()).toContain('carries 46.9 kg, 67 % · expect 8 reps (80 %: 6–10)');
    await press(/as asked/);

    expect(sent).toHaveLength(1);
    expect(sent[0]).toMatchObject({ purpose: 'work', choice: heron.choice, clean_reps: 8, no_counts: {}, reserve: null, pain: null });
    expect(emitted('logged')).toHaveLength(1);
});

it('logs what was counted, the no-counts, the reserve and the pain, and starts the next set empty', async () => {
    const { sent, press, user, sees, text } = pad();
    await press('6', 'Clean reps');
    await press('1', 'In reserve');
    await user.click(document.querySelector('summary')!);
    await press('Swing');
    await press('Swing 1');
    await press('Grip slip');
    await press('Pain');
    await sees('A licensed clinician looks at it.');
    await press('Elbow', 'Where');
    await press('4', 'Level of 10');
    await press(/log it/);
    await press(/as asked/);

    expect(sent[0]).toMatchObject({ clean_reps: 6, reserve: 1, no_counts: { swing: 2, 'grip-slip': 1 }, pain: { place: 'elbow', level: 4 } });
    expect(sent[1]).toMatchObject({ clean_reps: 8, reserve: null, no_counts: {}, pain: null });
    expect(text()).not.toContain('Level of 10');
});

it('keeps what is tapped for the next set while the last one is on its way', async () => {
    let store = (): void => {};
    const { sent, press, user, sees, emitted, text } = pad([new Promise((answer) => (store = () => answer({ ok: true, value: set({}) })))]);
    await press('7', 'Clean reps');
    await press(/log it/);
    await press('6', 'Clean reps');
    await press('1', 'In reserve');
    await user.keyboard('{Enter}');
    expect(sent).toHaveLength(1);
    expect(text()).toContain('storing 7…');

    store();
    await eventually(() => expect(emitted('logged')).toHaveLength(1));
    await sees('log it');
    await press(/log it/);
    expect(sent.map((s) => [s.clean_reps, s.reserve])).toEqual([
        [7, null],
        [6, 1],
    ]);
});

it('is worked from the keyboard: digits, enter, and N for a no-count', async () => {
    const { sent, user } = pad();
    await user.keyboard('1');
    await user.keyboard('1');
    await user.keyboard('{Enter}');
    await user.keyboard('n');
    expect(document.activeElement?.textContent).toContain('Short at bottom');

    expect(sent.map((s) => s.clean_reps)).toEqual([11]);
});

it('keeps a set that could not be sent, logs nothing over it, and sends the same one again', async () => {
    const { sent, press, user, text, emitted } = pad([offline]);
    await press('7', 'Clean reps');
    await press(/log it/);
    expect(text()).toContain('Not stored yet: 7 clean.');
    await user.keyboard('{Enter}');
    expect(sent).toHaveLength(1);

    await press('Try again');
    expect(sent[1]).toEqual(sent[0]);
    expect(emitted('logged')).toHaveLength(1);
    expect(text()).not.toContain('Not stored yet');
});

it('lets go of a set that could not be sent, when told to', async () => {
    const { sent, press, text } = pad([offline]);
    await press(/as asked/);
    await press('Drop it');
    expect(text()).not.toContain('Not stored yet');
    await press(/log it|as asked/);
    expect(sent[1]!.id).not.toBe(sent[0]!.id);
});

it('keeps a set on the device before it is sent, over a page that is loaded anew, until it is stored', async () => {
    const lost = pad([offline]);
    await lost.press('7', 'Clean reps');
    await lost.press(/log it/);
    cleanup();

    const found = pad();
    expect(found.text()).toContain('Not stored yet: 7 clean.');
    await found.press('Try again');
    expect(found.sent).toEqual(lost.sent);
    cleanup();
    expect(pad().text()).not.toContain('Not stored yet');
});

it('sends what it kept by itself when the network is back', async () => {
    const { sent, press, sees } = pad([offline]);
    await press(/as asked/);
    await sees('Not stored yet: 8 clean.');
    window.dispatchEvent(new Event('online'));
    await sees('as asked: one tap');
    expect(sent[1]).toEqual(sent[0]);
    window.dispatchEvent(new Event('online'));
    expect(sent).toHaveLength(2);
});

it('shows the sets done today, oldest first, and as many rings as are left', () => {
    pad([], [set({ id: '2', clean_reps: 7 }), set({ id: '1', clean_reps: 8 })]);
    const today = document.querySelector('[aria-label="Sets today"]')!;
    expect([...today.querySelectorAll('span')].map((s) => s.textContent)).toEqual(['8', '7']);
    expect(today.querySelectorAll('.left')).toHaveLength(1);
});

import { expect, it } from 'vitest';
import AthleteForm from '../../../client/body/AthleteForm.vue';
import type { Result } from '../../../client/domain/http';
import { fault, serve } from '../support/server';
import { show } from '../support/screen';

function form(answer: Result<unknown>, start?: Record<string, unknown>) {
    const saved: unknown[] = [];
    serve({ 'GET /api/v1/cautions': () => ({ items: [] }) });
    const save = (input: unknown): Promise<Result<unknown>> => {
        saved.push(input);
        return Promise.resolve(answer);
    };
    return { saved, ...show(AthleteForm, { verb: 'Add athlete', save, ...(start && { start }) }) };
}

it('sends what was typed in the units of the API, and a reach only where it was measured', async () => {
    const { saved, fill, press, user } = form({ ok: true, value: {} });
    await fill('Name', 'Tamsin Vail');
    await fill('Bodyweight', '64,5');
    await fill('Height', '171');
    await press('Add athlete');
    await fill(/Measured reach/, '206');
    await user.click(document.querySelector('input[value=climbing]')!);
    await press('Add athlete');

    expect(saved).toEqual([
        { name: 'Tamsin Vail', kind: 'gym', mass_kg: 64.5, stature_m: 1.71, reach_m: null, tags: [] },
        { name: 'Tamsin Vail', kind: 'climbing', mass_kg: 64.5, stature_m: 1.71, reach_m: 2.06, tags: [] },
    ]);
});

it('refuses beside the field, sends nothing, and keeps what was typed', async () => {
    const { saved, fill, press, value, text } = form({ ok: true, value: {} });
    await fill('Name', ' ');
    await fill('Bodyweight', '7');
    await fill('Height', 'tall');
    await press('Add athlete');

    expect(saved).toEqual([]);
    for (const part of ['Needed: a name.', '7 kg is outside 20–300 kg.', '“tall” is not a number. Allowed: 100–230 cm.']) {
        expect(text()).toContain(part);
    }
    expect([value('Bodyweight'), value('Height')]).toEqual(['7', 'tall']);
});

it('puts what the server refuses beside its field, in the unit that was typed', async () => {
    const refusal = fault('/reach_m', 'reach_m must be …', { value: 2.5, low: 1.7955, high: 2.3085, unit: 'm' });
    const { fill, press, value, sees } = form(
        { ok: false, problem: { code: 'invalid', detail: '', faults: [refusal] } },
        { name: 'Ada', kind: 'both', mass_kg: 64.5, stature_m: 1.71, reach_m: 2.06, tags: [] },
    );
    expect([value('Name'), value('Bodyweight'), value('Height'), value(/Measured reach/)]).toEqual(['Ada', '64.5', '171', '206']);
    await fill(/Measured reach/, '250');
    await press('Add athlete');

    await sees('250 cm is outside 179.55–230.85 cm.');
    await sees('Mend the marked fields. Nothing typed is lost.');
});

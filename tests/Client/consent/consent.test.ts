import { expect, it } from 'vitest';
import ConsentPage from '../../../client/athlete/ConsentPage.vue';
import KeptPage from '../../../client/settings/KeptPage.vue';
import ScreenPanel from '../../../client/screening/ScreenPanel.vue';
import type { Schemas } from '../../../client/domain/http';
import { jolyon as athlete, me } from '../support/samples';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve } from '../support/server';

const C = '/api/v1/athletes/zelda/consent';
const none: Schemas['Consent'] = {
    state: 'none',
    text: 'Nobody has agreed yet.',
    words_now: me.consent_words,
    words: null,
    on: null,
    by: null,
    guardian: null,
    born_on: null,
    noted_by: null,
};
const given: Schemas['Consent'] = {
    ...none,
    state: 'given',
    text: 'Agreed to health answers being kept.',
    words: me.consent_words,
    on: '2026-03-02',
    by: 'guardian',
    guardian: 'Mo Tarn',
    born_on: '2010-05-14',
    noted_by: 'Coach',
};

it('asks by the words of the gym, puts a refusal beside its field, and takes it back', async () => {
    let now = none;
    const asked = serve({
        'GET /api/v1/athletes/zelda': () => ({ ...athlete, id: 'zelda', name: 'Zelda' }),
        [`GET ${C}`]: () => now,
        [`POST ${C}`]: ({ body }) =>
            (body as Schemas['ConsentInput']).by === 'athlete'
                ? refuse(422, 'invalid', '', [fault('/by', 'At 15 a guardian agrees for them.')])
                : (now = given),
        [`POST ${C}/withdrawal`]: () => (now = { ...none, state: 'withdrawn', text: 'Taken back.', on: '2026-03-03', noted_by: 'Coach' }),
    });
    const { fill, press, sees } = show(ConsentPage, { id: 'zelda' });
    await sees('The gym keeps what I tell of my health.');
    await fill('Birthday', '2010-05-14');
    await press('Zelda has read it and agrees');
    await sees('At 15 a guardian agrees for them.');
    await press('A guardian');
    await fill('Guardian’s name', 'Mo Tarn ');
    await press('The guardian has read it and agrees');
    await sees(/Mo Tarn, guardian, on .* Noted by Coach/);
    const bodies = asked.filter((a) => a.command === `POST ${C}`).map((a) => a.body as Schemas['ConsentInput']);
    expect(bodies[1]).toEqual({ id: bodies[0]!.id, born_on: '2010-05-14', by: 'guardian', guardian: 'Mo Tarn', words: me.consent_words });

    await press('They take it back');
    await sees('What was kept until then stays until it is erased');
    await sees('Let them read this');
});

it('asks before the screen where nobody agreed, and stands open where the gym requires it', async () => {
    const missing = { ...athlete, screen: { ...athlete.screen, consent: 'none' as const, consent_text: none.text } };
    const screen = () => Promise.resolve({ ok: true as const, value: missing });
    const { sees, text } = show(ScreenPanel, { open: true, athlete: missing, screen }, undefined, { ...me, consent: 'required' });
    await sees(none.text);
    expect(document.querySelector('details')?.open).toBe(true);
    expect(text()).toContain('Both arms overhead');
});

it('asks nobody who agreed', async () => {
    const screen = () => Promise.resolve({ ok: true as const, value: athlete });
    const { sees, text } = show(ScreenPanel, { open: true, athlete, screen });
    await sees('Both arms overhead');
    expect(text()).not.toContain('has read it and agrees');
});

it('says what is kept, why, for how long, and what is agreed to', async () => {
    const { sees } = show(KeptPage, {}, undefined, { ...me, keep_health_years: 3 });
    await sees('To load nothing that is not safe to load.');
    await sees('3 years; then it is erased');
    await sees(me.consent_words);
    show(KeptPage, {}, undefined, { ...me, consent: 'not-asked' });
    await eventually(() => expect(document.body.textContent.match(/What is agreed to/g)).toHaveLength(1));
});

import { expect, it } from 'vitest';
import LatestNote from '../../../client/athlete/LatestNote.vue';
import NotesPage from '../../../client/athlete/NotesPage.vue';
import type { Schemas } from '../../../client/domain/http';
import { jolyon, me } from '../support/samples';
import { show } from '../support/screen';
import { refuse, serve } from '../support/server';

const note = (id: string, text: string): Schemas['Note'] => ({ id, text, by: 'Bea', written_at: '2026-03-02T18:00:00Z' });

function server(items: Schemas['Note'][], answers: Record<string, () => unknown> = {}) {
    return serve({
        'GET /api/v1/athletes/jolyon': () => jolyon,
        'GET /api/v1/athletes/jolyon/notes': () => ({ items, next_page: null }),
        ...answers,
    });
}

it('writes a note, keeps it typed where that fails, and sends it again under the same id', async () => {
    let away = true;
    const asked = server([], {
        'POST /api/v1/athletes/jolyon/notes': () =>
            away ? refuse(503, 'away', 'The server is away.') : { items: [note('n', 'Prefers the rings.')], next_page: null },
    });
    const { fill, press, sees, value } = show(NotesPage, { id: 'jolyon' });
    await sees('Nothing was written down yet.');
    await fill('Write a note', 'Prefers the rings.');
    await press('Keep it');
    await sees('The server is away.');
    expect(value('Write a note')).toBe('Prefers the rings.');
    away = false;
    await press('Keep it');
    await sees('Bea, Mon 2 Mar 18:00');
    expect(value('Write a note')).toBe('');
    const ids = asked.filter((a) => a.command.startsWith('POST')).map((a) => (a.body as Schemas['NoteInput']).id);
    expect(ids[1]).toBe(ids[0]);
});

it('takes a note away only when asked twice, and offers an assistant no such thing', async () => {
    const asked = server([note('n', 'Prefers the rings.')], {
        'DELETE /api/v1/athletes/jolyon/notes/n': () => ({ items: [], next_page: null }),
    });
    const coach = show(NotesPage, { id: 'jolyon' });
    await coach.press('Take away…');
    expect(asked.some((a) => a.command.startsWith('DELETE'))).toBe(false);
    await coach.press('Take it away for good');
    await coach.sees('Nothing was written down yet.');
    document.body.innerHTML = '';
    const assistant = show(NotesPage, { id: 'jolyon' }, undefined, { ...me, role: 'assistant', rights: ['log'] });
    await assistant.sees('Prefers the rings.');
    expect(assistant.text()).not.toContain('Take away');
    expect(assistant.text()).toContain('Write a note');
});

it('shows the latest on the page of an athlete, and nothing where there is none', async () => {
    server([note('n', 'Wants five by June.'), note('m', 'Prefers the rings.')]);
    const { sees, text } = show(LatestNote, { id: 'jolyon' });
    await sees('Wants five by June.');
    expect(text()).not.toContain('rings');
});

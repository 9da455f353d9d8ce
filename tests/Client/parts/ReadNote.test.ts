import { expect, it } from 'vitest';
import { computed } from 'vue';
import ReadNote from '../../../client/parts/ReadNote.vue';
import type { Problem } from '../../../client/domain/problems';
import { show } from '../support/screen';

function note({ value, problem }: { value?: string; problem?: Problem }) {
    let asked = 0;
    const read = {
        value: computed(() => value),
        problem: computed(() => problem),
        busy: computed(() => false),
        reload: () => Promise.resolve(void asked++),
    };
    return { asked: () => asked, ...show(ReadNote, { read, waits: 'Loading the kit…' }) };
}

const away: Problem = { code: 'offline', detail: 'No connection to the server.', faults: [] };

it('says what is on its way, and nothing once it is there', () => {
    expect(note({}).text()).toBe('Loading the kit…');
    document.body.innerHTML = '';
    expect(note({ value: 'here' }).text()).toBe('');
});

it('says why nothing could be read, or not anew, and asks again', async () => {
    for (const value of [undefined, 'of yesterday']) {
        document.body.innerHTML = '';
        const { asked, text, press } = note({ problem: away, ...(value && { value }) });
        expect(text()).toContain('No connection.');
        await press('Try again');
        expect(asked()).toBe(1);
    }
});

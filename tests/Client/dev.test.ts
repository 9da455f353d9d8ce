import { expect, it } from 'vitest';
import PartsPage from '../../client/dev/PartsPage.vue';
import { show } from './support/screen';

const parts = Object.keys(import.meta.glob('../../client/parts/**/*.vue')).map((file) => file.replace(/.*\/|\.vue$/g, ''));
const page = Object.values(
    import.meta.glob<string>('../../client/dev/PartsPage.vue', { query: '?raw', import: 'default', eager: true }),
)[0]!;

/** These need a server, or a sheet of paper, of their own; what they draw is made of the others. */
const ELSEWHERE = ['CautionNote', 'PrintSheet', 'ReadNote', 'VerdictIcon'];

it.each(parts.filter((part) => !ELSEWHERE.includes(part)))('shows the part %s', (part) => {
    expect(page).toContain(`<${part}`);
});

it('shows each state: picked, unanswered, as most have it, refused, undone', async () => {
    const { press, text, sees } = show(PartsPage);
    expect(document.querySelectorAll('button.open[aria-pressed="true"], button.usual[aria-pressed="true"]')).toHaveLength(2);
    expect(text()).toContain('70 kg is outside 20–60 kg.');
    await press('Undo');
    await sees('Undone 1 times.');
    await press('Three', 'Picked');
    expect(document.querySelector('[aria-label="Picked"] [aria-pressed="true"]')?.textContent).toContain('Three');
});

import { screen } from '@testing-library/vue';
import { expect, it } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { router } from '../../../client/router';
import GuidePanel from '../../../client/shell/GuidePanel.vue';
import { keysOf, pages, words } from '../../../client/shell/guide';
import { eventually, show } from '../support/screen';

/** Pages of somebody who works here; the rest have no guide beside them. */
const theirs = router
    .getRoutes()
    .filter((r) => r.redirect === undefined && r.meta['own'] !== true && !['/parts', '/:rest(.*)*'].includes(r.path))
    .map((r) => r.path);

it('says of every page what it is for, and of none that there is not', () => {
    expect(Object.keys(pages).sort()).toEqual([...theirs].sort());
});

async function guideAt(path: string) {
    const Nothing = { render: () => null };
    const some = createRouter({ history: createMemoryHistory(), routes: theirs.map((p) => ({ path: p, component: Nothing })) });
    await some.push(path);
    return show(GuidePanel, { open: true }, some);
}

it('opens at the page one is on, finds words by what they mean, and lists the keys', async () => {
    const { user, fill, sees, text } = await guideAt('/people/jolyon/link');
    await sees('Whoever has it sees their page');
    await user.click(screen.getByRole('tab', { name: 'Words' }));
    await sees('the part of bodyweight they pull once');
    await fill('Find a word', 'heels');
    await eventually(() => expect(text()).not.toContain('the part of bodyweight they pull once'));
    await sees('below zero is short of it');
    await fill('Find a word', 'nothing of the kind');
    await sees('No such word here.');
    await user.click(screen.getByRole('tab', { name: 'Keys' }));
    await eventually(() => expect(document.querySelectorAll('kbd')).toHaveLength(keysOf('/people').length));
});

it('lists the keys of the floor on the floor', async () => {
    const { user, sees, text } = await guideAt('/today');
    await user.click(screen.getByRole('tab', { name: 'Keys' }));
    await sees('find somebody of the class');
    expect(text()).not.toContain('a no-count, by its number');
});

it('explains words in order, each once and by others', () => {
    const names = words.map(([word]) => word);
    expect(names).toEqual([...new Set(names)]);
    for (const [word, means] of words) {
        expect(means.split(/[^a-z-]+/), word).not.toContain(word);
    }
});

import { expect, it } from 'vitest';
import { router } from '../../client/router';

const pages = router.getRoutes().filter((route) => route.redirect === undefined);

it('gives every page a title of its own', () => {
    const titles = pages.map((route) => route.meta['title']);
    expect(titles.every((title) => typeof title === 'string' && title.length > 2)).toBe(true);
    expect(new Set(titles).size).toBe(titles.length);
});

it('opens the class first, and says so where there is no page', () => {
    expect(router.getRoutes().find((route) => route.path === '/')?.redirect).toBe('/today');
    expect(router.resolve('/no/such/page').meta['title']).toBe('Nothing here');
});

it('takes the new athlete, the house rules and the classes for no one’s id', () => {
    expect(['/people/new', '/methods/rules', '/today/classes'].map((path) => router.resolve(path).meta['title'])).toEqual([
        'Add an athlete',
        'House rules',
        'Classes',
    ]);
});

import { fireEvent } from '@testing-library/vue';
import { expect, it, vi } from 'vitest';
import AppShell from '../../../client/shell/AppShell.vue';
import { useNewVersion } from '../../../client/composables/useNewVersion';
import { useSession } from '../../../client/composables/useSession';
import { me } from '../support/samples';
import { at, eventually, show } from '../support/screen';
import { serve } from '../support/server';

const press = (key: string): Promise<boolean> => fireEvent.keyDown(document.body, { key }) as unknown as Promise<boolean>;

async function shell(path: string, who = me) {
    const asked = serve({ 'POST /api/v1/sign-out': () => null });
    const shown = show(AppShell, {}, await at(path));
    useSession().change({ ...who });
    await shown.sees(who.gym_name);
    return { asked, ...shown };
}

it('says where one is, in which gym, and that the demo is one', async () => {
    const { text } = await shell('/people/jolyon/trend', { ...me, demo: true });
    expect([...document.querySelectorAll('nav .here')].map((e) => e.textContent.trim())).toEqual(['People']);
    expect(text()).toMatch(/The Mill demo/);
    expect(document.querySelector('.skip')?.getAttribute('href')).toBe('#main');
});

it('does not call a gym of its own a demo', async () => {
    const { text } = await shell('/kit');
    expect(text()).not.toContain('demo');
});

it('goes back to the athlete with Escape from a page under one, and nowhere from elsewhere', async () => {
    const { path } = await shell('/people/jolyon/trend');
    await press('Escape');
    await eventually(() => expect(path()).toBe('/people/jolyon'));
    await press('Escape');
    expect(path()).toBe('/people/jolyon');
});

it('finds people with /, and opens the guide with ?', async () => {
    const { path, sees } = await shell('/kit');
    await press('/');
    await eventually(() => expect(path()).toBe('/people'));
    await press('?');
    await sees('This page');
});

it('leaves keys alone that belong to a field or to the browser', async () => {
    const { path } = await shell('/kit');
    const field = document.body.appendChild(document.createElement('input'));
    await fireEvent.keyDown(field, { key: '/' });
    await fireEvent.keyDown(document.body, { key: '/', ctrlKey: true });
    expect(path()).toBe('/kit');
    field.remove();
});

it('offers a newer program, and takes it when asked', async () => {
    const { press: tap, text, sees } = await shell('/kit');
    expect(text()).not.toContain('Take the new version');
    const take = vi.fn(async () => {});
    useNewVersion().offer(take);
    await sees('Take the new version');
    await tap('Take the new version');
    expect(take).toHaveBeenCalledOnce();
});

it('signs out', async () => {
    const { press: tap, asked } = await shell('/kit');
    await tap('Sign out');
    await eventually(() => expect([asked.map((a) => a.command), useSession().me ?? null]).toEqual([['POST /api/v1/sign-out'], null]));
});

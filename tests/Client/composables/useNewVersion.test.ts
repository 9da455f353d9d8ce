import { createPinia } from 'pinia';
import { expect, it, vi } from 'vitest';
import { createApp } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { useNewVersion } from '../../../client/composables/useNewVersion';

const Nothing = { render: () => null };

/** A program in which a newer one waits. */
async function offered(at = '/people') {
    const router = createRouter({
        history: createMemoryHistory(),
        routes: [
            { path: '/today', component: Nothing, meta: { floor: true } },
            { path: '/:any(.*)*', component: Nothing },
        ],
    });
    const pinia = createPinia();
    createApp(Nothing).use(pinia).use(router);
    await router.push(at);
    const take = vi.fn(async () => {});
    const version = useNewVersion(pinia);
    version.offer(take);
    return { router, take, version };
}

it('waits on the page one is on, on its panels, and on the floor', async () => {
    const { router, take, version } = await offered();
    expect(version.waits).toBe(true);
    await router.push('/people/jolyon');
    await router.push('/people/jolyon?panel=1');
    await router.push('/kit?panel=1');
    expect(take).not.toHaveBeenCalled();
});

it('takes over once, between two places, but not on the way from the floor, where a set may be under way', async () => {
    const { router, take } = await offered('/today');
    await router.push('/people');
    expect(take).not.toHaveBeenCalled();
    await router.push('/kit');
    expect(take).toHaveBeenCalledTimes(1);
    await router.push('/calls');
    expect(take).toHaveBeenCalledTimes(1);
});

it('takes over when the coach says so', async () => {
    const { take, version } = await offered();
    await version.take();
    expect(take).toHaveBeenCalledTimes(1);
});

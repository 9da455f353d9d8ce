import { PointerEventsCheckLevel, userEvent, type UserEvent } from '@testing-library/user-event';
import { fireEvent, render, screen, within } from '@testing-library/vue';
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia, type Pinia } from 'pinia';
import App from '../../../client/App.vue';
import { useSession } from '../../../client/composables/useSession';
import type { Schemas } from '../../../client/domain/http';
import { me } from './samples';
import { expect, vi } from 'vitest';
import type { App as VueApp, Component } from 'vue';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import { wordsOf } from './render';
import { PATIENCE_MS } from './patience';

export interface Shown {
    emitted: <T = unknown[]>(event: string) => T[];
    user: UserEvent;
    /** What was read so far. */
    client: QueryClient;
    press: (name: string | RegExp, inside?: string) => Promise<void>;
    fill: (label: string | RegExp, value: string, inside?: string) => Promise<void>;
    choose: (label: string, option: string | RegExp) => Promise<void>;
    value: (label: string | RegExp) => string;
    text: () => string;
    sees: (text: string | RegExp) => Promise<void>;
    change: (props: Record<string, unknown>) => Promise<void>;
    path: () => string;
}

export const eventually = (holds: () => void | Promise<void>): Promise<void> => vi.waitFor(holds, { timeout: PATIENCE_MS, interval: 10 });

const FIELD = { selector: 'input, textarea' };
const Nothing = { render: () => null };

const routes = (): Router => createRouter({ history: createMemoryHistory(), routes: [{ path: '/:any(.*)*', component: Nothing }] });

/** Where a component is shown that reads the address. */
export async function at(path: string): Promise<Router> {
    const router = routes();
    await router.push(path);
    return router;
}

const stores: Pinia[] = [];

/** The queues of a test send nothing in the next, not even of who comes to be signed in after its end. */
export async function endQueues(): Promise<void> {
    const { useCommandQueue } = await import('../../../client/composables/useCommandQueue');
    for (const pinia of stores.splice(0)) {
        if ('command-queue' in pinia.state.value) {
            const queue = useCommandQueue(pinia);
            queue.serve(undefined);
            queue.serve = () => {};
        }
    }
}

/** A component on a page, used as a person uses it: by names, labels and words. But for the whole program somebody is signed in. */
export function show(component: Component, props: Record<string, unknown> = {}, router = routes(), who: Schemas['Me'] | null = me): Shown {
    const user = userEvent.setup({
        pointerEventsCheck: PointerEventsCheckLevel.Never,
        advanceTimers: (ms) => (vi.isFakeTimers() ? vi.advanceTimersByTime(ms) : undefined),
        delay: null,
    });
    const pinia = createPinia();
    stores.push(pinia);
    const signedIn = (app: VueApp): void =>
        app.runWithContext(() => {
            const session = useSession(pinia);
            session.me = component === App ? undefined : (who ?? undefined);
            app.config.globalProperties.$may = session.may;
        });
    const client = new QueryClient({ defaultOptions: { queries: { retryDelay: 0 } } });
    const { emitted, rerender } = render(component, {
        props,
        global: { plugins: [[VueQueryPlugin, { queryClient: client }], pinia, router, signedIn] },
    });
    const text = (): string => wordsOf(document.body);
    const place = async (inside?: string) => (inside === undefined ? screen : within(await screen.findByLabelText(inside)));

    const fill = async (label: string | RegExp, value: string, inside?: string): Promise<void> =>
        fireEvent.update(await (await place(inside)).findByLabelText(label, FIELD), value);

    async function choose(label: string, option: string | RegExp): Promise<void> {
        const select = screen.getByLabelText(label);
        await user.click(select.querySelector('.n-base-selection') ?? select);
        await user.click(await screen.findByText(option, { selector: '.n-base-select-option__content' }));
    }

    return {
        emitted: <T>(event: string) => (emitted()[event] ?? []) as T[],
        user,
        client,
        press: async (name, inside) => user.click(await (await place(inside)).findByRole('button', { name })),
        fill,
        choose,
        value: (label) => screen.getByLabelText<HTMLInputElement>(label, FIELD).value,
        text,
        sees: (wanted) =>
            eventually(() => (typeof wanted === 'string' ? expect(text()).toContain(wanted) : expect(text()).toMatch(wanted))),
        change: rerender,
        path: () => router.currentRoute.value.fullPath,
    };
}

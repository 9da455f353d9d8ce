import { userEvent, type UserEvent } from '@testing-library/user-event';
import { render, screen, within } from '@testing-library/vue';
import { createPinia } from 'pinia';
import { expect, vi } from 'vitest';
import type { Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';

export interface Shown {
    emitted: <T = unknown[]>(event: string) => T[];
    user: UserEvent;
    press: (name: string | RegExp, inside?: string) => Promise<void>;
    fill: (label: string | RegExp, value: string) => Promise<void>;
    choose: (label: string, option: string | RegExp) => Promise<void>;
    value: (label: string | RegExp) => string;
    text: () => string;
    sees: (text: string | RegExp) => Promise<void>;
    change: (props: Record<string, unknown>) => Promise<void>;
    path: () => string;
}

const Nothing = { render: () => null };

/** A component on a page, used as a person uses it: by names, labels and words. */
export function show(component: Component, props: Record<string, unknown> = {}, { path = '/' } = {}): Shown {
    const router = createRouter({ history: createMemoryHistory(), routes: [{ path: '/:any(.*)*', component: Nothing }] });
    void router.push(path);
    const user = userEvent.setup({ advanceTimers: (ms) => (vi.isFakeTimers() ? vi.advanceTimersByTime(ms) : undefined), delay: null });
    const { emitted, rerender } = render(component, { props, global: { plugins: [createPinia(), router] } });
    const text = (): string => (document.body.textContent ?? '').replace(/\s+/g, ' ');
    const place = (inside?: string) => (inside === undefined ? screen : within(screen.getByLabelText(inside)));

    async function fill(label: string | RegExp, value: string): Promise<void> {
        const field = await screen.findByLabelText(label);
        await user.clear(field);
        if (value !== '') {
            await user.type(field, value);
        }
    }

    async function choose(label: string, option: string | RegExp): Promise<void> {
        const select = screen.getByLabelText(label);
        await user.click(select.querySelector('.n-base-selection') ?? select);
        await user.click(await screen.findByText(option, { selector: '.n-base-select-option__content' }));
    }

    return {
        emitted: <T>(event: string) => (emitted()[event] ?? []) as T[],
        user,
        press: async (name, inside) => user.click(await place(inside).findByRole('button', { name })),
        fill,
        choose,
        value: (label) => screen.getByLabelText<HTMLInputElement>(label).value,
        text,
        sees: (wanted) => vi.waitFor(() => (typeof wanted === 'string' ? expect(text()).toContain(wanted) : expect(text()).toMatch(wanted))),
        change: rerender,
        path: () => router.currentRoute.value.fullPath,
    };
}

import { fireEvent, render, screen } from '@testing-library/vue';
import { defineComponent, h, nextTick, ref } from 'vue';
import { createMemoryHistory, createRouter, RouterView } from 'vue-router';
import { expect, it, vi } from 'vitest';
import ChipRow from '../../../client/parts/ChipRow.vue';
import FormField from '../../../client/parts/FormField.vue';
import { useLeaving } from '../../../client/composables/useLeaving';
import ManyChips from '../../../client/parts/ManyChips.vue';
import { show } from '../support/screen';

const field = (props: Record<string, unknown>) =>
    render({
        render: () =>
            h(
                FormField,
                { label: 'Bodyweight', ...props },
                { default: ({ inputProps }: { inputProps: Record<string, unknown> }) => h('input', inputProps) },
            ),
    });

it('binds a label, a hint and an error to its field, for whoever cannot see them', () => {
    field({ hint: 'In shoes.' });
    const input = screen.getByLabelText('Bodyweight');
    expect(document.getElementById(input.getAttribute('aria-describedby')!)?.textContent).toBe('In shoes.');
    expect(input.getAttribute('aria-invalid')).toBeNull();
    document.body.innerHTML = '';
    field({ hint: 'In shoes.', error: 'Needed: a mass.' });
    const wrong = screen.getByLabelText('Bodyweight');
    expect([
        document.getElementById(wrong.getAttribute('aria-describedby')!)?.textContent,
        wrong.getAttribute('aria-invalid'),
        screen.getByRole('alert').textContent,
    ]).toEqual(['Needed: a mass.', 'true', 'Needed: a mass.']);
});

it('describes nothing where there is nothing to say', () => {
    field({});
    expect(screen.getByLabelText('Bodyweight').getAttribute('aria-describedby')).toBeNull();
});

it('gives two fields of one page names of their own', () => {
    const one = () =>
        h(
            FormField,
            { label: 'Bodyweight' },
            { default: ({ inputProps }: { inputProps: Record<string, unknown> }) => h('input', inputProps) },
        );
    render({ render: () => [one(), one()] });
    expect(new Set(screen.getAllByLabelText('Bodyweight').map((e) => e.id)).size).toBe(2);
});

const chips = [
    { value: 1, label: 'One' },
    { value: 2, label: 'Two' },
    { value: null, label: '?' },
];
const pressed = (): string[] =>
    [...document.querySelectorAll('button')].filter((b) => b.getAttribute('aria-pressed') === 'true').map((b) => b.textContent.trim());

it('shows which of several is picked, the unknown among them, and tells what is tapped', async () => {
    const { press, emitted, change } = show(ChipRow, { label: 'In reserve', chips, value: 2 });
    expect(pressed()).toEqual(['Two']);
    await change({ value: null });
    expect(pressed()).toEqual(['?']);
    await press('One');
    expect(emitted('pick')).toEqual([[1]]);
});

it('shows all that are picked where there may be more', () => {
    show(ChipRow, { label: 'Seen', chips, value: [1, 2] });
    expect(pressed()).toEqual(['One', 'Two']);
});

it('puts one more among those picked, and takes it out again', async () => {
    const picked = ref<string[]>([]);
    const words = { asthma: 'Asthma', gout: 'Gout' };
    const { press } = show({
        render: () =>
            h(ManyChips, {
                label: 'Conditions',
                words,
                modelValue: picked.value,
                'onUpdate:modelValue': (v: string[]) => (picked.value = v),
            }),
    });
    await press('Gout');
    await press('Asthma');
    expect(picked.value).toEqual(['gout', 'asthma']);
    await press('Gout');
    expect(picked.value).toEqual(['asthma']);
});

/** A page with something typed, and another to go to. */
async function typed() {
    const dirty = ref(true);
    let free = (): void => {};
    const Form = defineComponent({
        setup: () => {
            ({ free } = useLeaving(dirty));
            return () => h('p', 'form');
        },
    });
    const router = createRouter({
        history: createMemoryHistory(),
        routes: [
            { path: '/form', component: Form },
            { path: '/other', component: { render: () => h('p', 'other') } },
        ],
    });
    await router.push('/form');
    render({ render: () => h(RouterView) }, { global: { plugins: [router] } });
    await nextTick();
    return { dirty, router, free: () => free() };
}

it.each([
    [false, '/form'],
    [true, '/other'],
])('asks before what was typed is lost: answered %s, one is at %s', async (answer, at) => {
    const confirm = vi.fn(() => answer);
    vi.stubGlobal('confirm', confirm);
    const { router } = await typed();
    await router.push('/other');
    expect([router.currentRoute.value.path, confirm.mock.calls.length]).toEqual([at, 1]);
});

it('asks nothing where nothing was typed, or where it was saved', async () => {
    const confirm = vi.fn(() => false);
    vi.stubGlobal('confirm', confirm);
    const { dirty, router, free } = await typed();
    dirty.value = false;
    await router.push('/other');
    await router.push('/form');
    dirty.value = true;
    await nextTick();
    free();
    await router.push('/other');
    expect([router.currentRoute.value.path, confirm.mock.calls.length]).toEqual(['/other', 0]);
});

it('lets the browser ask before the window is closed over something typed', async () => {
    const { dirty } = await typed();
    const closing = (): boolean => {
        const event = new Event('beforeunload', { cancelable: true });
        void fireEvent(window, event);
        return event.defaultPrevented;
    };
    expect(closing()).toBe(true);
    dirty.value = false;
    expect(closing()).toBe(false);
});

import { render } from '@testing-library/vue';
import { userEvent } from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { useKeys } from '../../../client/composables/useKeys';

function keys(template: string) {
    const handled: string[] = [];
    const pressed: string[] = [];
    document.body.innerHTML = '';
    const page = {
        setup: () => useKeys((key) => key !== 'Tab' && handled.push(key) > 0),
        render: () => null,
    };
    render(page);
    document.body.insertAdjacentHTML('beforeend', template);
    document.querySelectorAll('button').forEach((b) => b.addEventListener('click', () => pressed.push(b.textContent)));
    return { handled, pressed, user: userEvent.setup() };
}

it('takes Enter after a button was tapped, and leaves it to one that the keyboard went to', async () => {
    const { handled, pressed, user } = keys('<button>one</button><button>two</button>');
    await user.click(document.querySelector('button')!);
    await user.keyboard('{Enter}');
    expect([handled, pressed]).toEqual([['Enter'], ['one']]);

    await user.keyboard('{Tab}{Enter}');
    expect([handled.filter((k) => k === 'Enter'), pressed]).toEqual([['Enter'], ['one', 'two']]);
});

it('takes nothing while somebody types, holds a modifier, or has a panel open', async () => {
    const { handled, user } = keys('<input>');
    await user.click(document.querySelector('input')!);
    await user.keyboard('u');
    document.querySelector('input')!.blur();
    await user.keyboard('{Control>}u{/Control}');
    document.body.insertAdjacentHTML('beforeend', '<div role="dialog"></div>');
    await user.keyboard('u');
    document.querySelector('[role=dialog]')!.remove();
    expect(handled.filter((k) => k === 'u')).toEqual([]);
    await user.keyboard('u');
    expect(handled).toContain('u');
});

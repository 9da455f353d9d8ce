import { expect, it } from 'vitest';
import MannerForm from '../../../client/setups/MannerForm.vue';
import { useSetupDraft, type SetupDraft } from '../../../client/setups/useSetupDraft';
import { kit } from '../support/samples';
import { show } from '../support/screen';

function manner(changes: Partial<SetupDraft> = {}) {
    const { draft } = useSetupDraft(kit);
    Object.assign(draft, { kind: 'strict', ...changes });
    const shown = show(MannerForm, { kit, modelValue: draft });
    const chips = (group: string): string[] =>
        [...document.querySelectorAll(`[aria-label="${group}"] button`)].map((b) => b.textContent!.trim());
    return { draft, chips, ...shown };
}

it('offers what can be done on the kind, and only that', async () => {
    const { chips, change, draft } = manner();
    expect(chips('What is done')).toEqual(['Whole pull', 'Lower half', 'Upper half', 'Lowering', 'Hold', 'Shoulder blades only']);
    expect(chips('Up')).toEqual(['By the pull', 'Feet up, none down']);
    await change({ modelValue: { ...draft, kind: 'pulldown' } });
    expect(chips('What is done')).toEqual(['Whole pull']);
    expect(chips('Grip')).toEqual(['Over', 'Under', 'Neutral']);
});

it('asks for seconds where they are timed, and for a place where it is held', async () => {
    const { text, value, chips } = manner({ movement: 'hold', at: 'top', seconds: '20' });
    expect(text()).toContain('Held at');
    expect(value('Seconds')).toBe('20');
    expect(chips('Held at')).toEqual(['Hang', 'Active hang', 'Half way', 'Chin over the bar']);
    document.body.innerHTML = '';
    expect(manner().text()).not.toContain('Seconds');
});

it('says how it is held without being opened, and opens itself where it is not the usual way', () => {
    const usual = manner();
    expect(usual.text()).toContain('Grip and width: over, just outside');
    expect(document.querySelector('details')!.open).toBe(false);
    document.body.innerHTML = '';
    const under = manner({ grip: 'under', width: 'narrow' });
    expect(under.text()).toContain('Grip and width: under, narrow');
    expect(document.querySelector('details')!.open).toBe(true);
});

it('begins each movement with its usual way up', async () => {
    const { press, draft } = manner({ upBy: 'foot' });
    await press('Lowering', 'What is done');
    expect(draft.upBy).toBeNull();
    await press('Hop up, none down', 'Up');
    expect(draft.upBy).toBe('hop');
    await press('Whole pull', 'What is done');
    expect(draft.upBy).toBeNull();
});

it('takes the chip that is tapped', async () => {
    const { press, draft } = manner();
    await press('Lowering', 'What is done');
    await press('Under', 'Grip');
    await press('Narrow', 'Hands');
    expect(draft).toMatchObject({ movement: 'lowering', grip: 'under', width: 'narrow' });
});

import { expect, it } from 'vitest';
import WallCode from '../../../../client/today/panels/WallCode.vue';
import { classDay } from '../../support/floor';
import { me } from '../../support/samples';
import { at, eventually, show } from '../../support/screen';
import { refuse, serve } from '../../support/server';

const PATH = '/api/v1/classes/c/days/2026-03-20/board';
const code = { code: 'SP2KNX7K', ends_at: '2026-03-20T13:00:00Z' };
const open = async (rights = me.rights) => show(WallCode, { open: true, held: classDay([]).class }, await at('/today'), { ...me, rights });

it('gives the code and the address, and ends both', async () => {
    const asked = serve({ [`PUT ${PATH}`]: () => code, [`DELETE ${PATH}`]: () => null });
    const { press, sees, emitted } = await open();
    await sees('SP2K NX7K');
    await sees('/today/board');
    await sees('It ends by itself at 13:00.');
    await press(/^Close the board/);
    await eventually(() => expect([asked.at(-1)!.command, emitted('update:open')]).toEqual([`DELETE ${PATH}`, [[false]]]));
});

it('lets who settles the gym choose how people are called, and nobody else', async () => {
    const asked = serve({ [`PUT ${PATH}`]: () => code, 'PUT /api/v1/settings/board': () => ({ ...me, board_names: 'initials' }) });
    const { press, sees } = await open();
    await sees('SP2K NX7K');
    await press('Initials');
    await eventually(() => expect(asked.at(-1)).toMatchObject({ command: 'PUT /api/v1/settings/board', body: { names: 'initials' } }));
    document.body.innerHTML = '';
    const assistant = await open(['log']);
    await assistant.sees('SP2K NX7K');
    expect(assistant.text()).not.toContain('Initials');
});

it('says why there is no code', async () => {
    serve({ [`PUT ${PATH}`]: () => refuse(503, 'away', 'The server is away.') });
    await (await open()).sees('The server is away.');
});

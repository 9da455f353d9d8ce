import { expect, it } from 'vitest';
import BoardPage from '../../../client/board/BoardPage.vue';
import { boardOf } from '../support/board';
import { athlete, classDay } from '../support/floor';
import { at, eventually, show } from '../support/screen';
import { refuse, serve } from '../support/server';

const told = () => boardOf(classDay([athlete('Isaura'), athlete('Bo')]));
const open = async (path = '/today/board') => show(BoardPage, {}, await at(path), null);

it('asks for the code, says what is wrong with it, and then shows who is up and who is next', async () => {
    localStorage.clear();
    let isRight = false;
    serve({
        'GET /api/v1/board': () => (isRight ? told() : refuse(410, 'link-ended', 'No board has this code.')),
        'GET /api/v1/pulse/ticket': () => ({ cursor: 7 }),
    });
    const { fill, press, sees, text } = await open();
    expect(document.querySelector<HTMLButtonElement>('form button')!.disabled).toBe(true);
    await fill('Code of today', 'abcd 2345');
    await press('Show the class');
    await sees('No board has this code.');
    isRight = true;
    await fill('Code of today', 'abcd 2346');
    await press('Show the class');
    await sees('Friday noon');
    expect(text()).toMatch(/Beam bar Isaura .*Heron.* 8 reps, set 1 of 3 next Bo/);
    expect(document.querySelectorAll('button, input, a')).toHaveLength(0);
});

it('stays as it is where somebody else on this network guessed codes', async () => {
    localStorage.clear();
    let isSlowed = false;
    serve({
        'GET /api/v1/board': () => (isSlowed ? refuse(429, 'too-many-tries', 'Too many wrong codes.') : told()),
        'GET /api/v1/pulse/ticket': () => ({ cursor: isSlowed ? 8 : 7 }),
    });
    const { sees, text } = await open('/today/board#ABCD2346');
    await sees('Isaura');
    isSlowed = true;
    await sees('no connection: as it was last');
    expect(text()).toContain('Isaura');
});

it('keeps what it was told while the network is away, and ends with the class', async () => {
    localStorage.clear();
    const down = () => refuse(503, 'away', 'The server is away.');
    let answer: 'up' | 'away' | 'ended' = 'up';
    const board = () => (answer === 'up' ? told() : answer === 'away' ? down() : refuse(410, 'link-ended', 'The class has ended.'));
    serve({
        'GET /api/v1/board': board,
        'GET /api/v1/pulse/ticket': () => (answer === 'away' ? down() : { cursor: answer === 'up' ? 7 : 8 }),
    });
    const first = await open('/today/board#ABCD2346');
    await first.sees('Isaura');
    answer = 'away';
    await first.sees('no connection: as it was last');
    expect(first.text()).toContain('Isaura');

    document.body.innerHTML = '';
    const reloaded = await open();
    await reloaded.sees('Isaura');
    answer = 'ended';
    await reloaded.sees('The class has ended.');
    await eventually(() => expect(document.querySelector('input')).not.toBeNull());
    expect([reloaded.text().includes('Isaura'), localStorage.getItem('steady-rung.board-code')]).toEqual([false, '']);
});

import { expect, it } from 'vitest';
import { agentWords } from '../../../client/settings/agents';

it.each([
    ['Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/156.0.0.0 Safari/537.36 Edg/156.0', 'Edge on Linux'],
    ['Mozilla/5.0 (Linux; Android 15) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/156.0.0.0 Mobile Safari/537.36', 'Chrome on Android'],
    ['Mozilla/5.0 (Macintosh; Intel Mac OS X 15.0; rv:140.0) Gecko/20100101 Firefox/140.0', 'Firefox on macOS'],
    ['curl/8.1', 'Another program'],
    [null, 'Another program'],
])('tells in plain words what %s is', (agent, words) => {
    expect(agentWords(agent)).toBe(words);
});

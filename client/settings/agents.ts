const BROWSERS: readonly [RegExp, string][] = [
    [/Edg\//, 'Edge'],
    [/Firefox\//, 'Firefox'],
    [/Chrome\//, 'Chrome'],
    [/Safari\//, 'Safari'],
];

const SYSTEMS: readonly [RegExp, string][] = [
    [/Android/, 'Android'],
    [/iPhone|iPad/, 'iOS'],
    [/Windows/, 'Windows'],
    [/Mac OS X/, 'macOS'],
    [/Linux/, 'Linux'],
];

/** What a browser calls itself, in the words of who uses it; the first that fits, for they call themselves by each other's names too. */
export function agentWords(agent: string | null): string {
    const first = (names: typeof BROWSERS): string | undefined => names.find(([sign]) => sign.test(agent ?? ''))?.[1];
    const [browser, system] = [first(BROWSERS), first(SYSTEMS)];
    return browser && system ? `${browser} on ${system}` : (browser ?? system ?? 'Another program');
}

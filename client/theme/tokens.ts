/** The one place for colour, space, radius and type. */
export const tokens = {
    color: {
        paper: '#fbfaf6',
        card: '#ffffff',
        sunk: '#f3eee5',
        ply: '#e4d8c5',
        timber: '#b99a6b',
        bark: '#7a5c36',
        graphite: '#24272c',
        slate: '#4b5058',
        dust: '#666a70',
        line: '#d9cfc0',
        edge: '#8d857a',
        ink: '#17191c',
        climb: '#1c6a50',
        stay: '#3a5472',
        down: '#865400',
        refer: '#a2282b',
        rest: '#6a4664',
        switch: '#2f5f66',
        test: '#7a5c36',
        climbTint: '#e4f0ea',
        stayTint: '#e8edf3',
        downTint: '#f8ecd6',
        referTint: '#f9e5e3',
        restTint: '#f1e8ef',
        switchTint: '#e2eeef',
        testTint: '#f3ebdd',
    },
    /** The same on a dark floor, read from afar. */
    dark: {
        paper: '#17191c',
        card: '#22262b',
        sunk: '#2c3137',
        ply: '#4b4234',
        timber: '#b99a6b',
        bark: '#dcbf92',
        graphite: '#f1ece2',
        slate: '#cdc6b8',
        dust: '#b9b3a6',
        line: '#383d44',
        edge: '#7d848e',
        ink: '#17191c',
        climb: '#7fc7a6',
        stay: '#a3bddb',
        down: '#e3b566',
        refer: '#f39a95',
        rest: '#cfaacb',
        switch: '#90c8cf',
        test: '#dcbf92',
        climbTint: '#1d3a30',
        stayTint: '#26313f',
        downTint: '#3d2f15',
        referTint: '#46211f',
        restTint: '#392a37',
        switchTint: '#1f3639',
        testTint: '#3a2f20',
    },
    space: { hair: '4px', small: '8px', base: '12px', wide: '16px', broad: '24px', huge: '40px' },
    radius: { small: '6px', base: '10px' },
    type: {
        display: "'Bitter Variable', Georgia, serif",
        text: "'Archivo Variable', 'Helvetica Neue', Arial, sans-serif",
        small: '13px',
        base: '15px',
        large: '17px',
        wide: '20px',
        title: '28px',
        figure: '40px',
        /** On keys, read from afar. */
        key: '46px',
        /** On a wall, read at eight metres: names at least 8 % of the screen's height, all else 4 %. */
        wallName: '8.4vh',
        wallLine: '4.1vh',
        wallFigure: '12vh',
    },
    shade: { soft: 'rgb(36 39 44 / 12%)', deep: 'rgb(36 39 44 / 30%)' },
    target: '44px',
    dense: '40px',
    page: '1680px',
} as const;

export function cssVariables(): string {
    const lines: string[] = [];
    const { dark, ...shared } = tokens;
    for (const [group, values] of Object.entries(shared)) {
        if (typeof values === 'string') {
            lines.push(`--${group}: ${values};`);
            continue;
        }
        for (const [name, value] of Object.entries(values)) {
            lines.push(`--${group}-${name}: ${value};`);
        }
    }
    const paper = `@media print { :root { --type-small: ${tokens.type.base}; } }`; // 11 pt at least
    const atNight = Object.entries(dark).map(([name, value]) => `--color-${name}: ${value};`);
    return `:root { ${lines.join(' ')} } @media screen { :root[data-theme='dark'], .by-night { color-scheme: dark; ${atNight.join(' ')} } } ${paper}`;
}

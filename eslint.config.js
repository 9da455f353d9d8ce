import { readdirSync } from 'node:fs';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import ts from 'typescript-eslint';

/** The rooms beneath the places, in their order: each may import those before it. */
const BENEATH = [
    'domain',
    'theme',
    'composables',
    'draw',
    'parts',
    'log',
    'baseline',
    'ladder',
    'consent',
    'screening',
    'trend',
    'body',
    'decisions',
    'first-day',
    'shell',
];

const folders = readdirSync(new URL('client', import.meta.url), { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && entry.name !== 'public')
    .map((entry) => entry.name);
const places = folders.filter((name) => !BENEATH.includes(name));

/** Every folder of the client with the folders it may not import. */
const walls = folders.map((name) => {
    const barred = places.includes(name)
        ? places.filter((place) => place !== name)
        : folders.filter((other) => places.includes(other) || BENEATH.indexOf(other) > BENEATH.indexOf(name));
    return { name, barred: barred.flatMap((other) => [`../${other}/**`, `../../${other}/**`]) };
});
const noVue = [{ group: ['vue', 'vue-*', 'pinia', 'naive-ui', '*.vue'], message: 'client/domain is plain TypeScript.' }];

export default ts.config(
    { ignores: ['client/domain/*.gen.ts'] },
    ...ts.configs.recommended,
    ...vue.configs['flat/recommended'],
    prettier,
    {
        files: ['client/**/*.{ts,vue}'],
        languageOptions: { parserOptions: { parser: ts.parser } },
        rules: {
            '@typescript-eslint/no-explicit-any': 'error',
            'max-lines': ['error', { max: 230, skipBlankLines: true, skipComments: true }],
            'no-restricted-syntax': [
                'error',
                {
                    selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
                    message: 'The time is read off domain/clock, which follows the server.',
                },
                {
                    selector: "NewExpression[callee.name='Date'][arguments.length=0]",
                    message: 'The time is read off domain/clock, which follows the server.',
                },
            ],
            'no-undef': 'off',
            'vue/component-api-style': ['error', ['script-setup']],
            'vue/require-default-prop': 'off',
        },
    },
    { files: ['client/domain/clock.ts'], rules: { 'no-restricted-syntax': 'off' } },
    ...walls.map(({ name, barred }) => ({
        files: [`client/${name}/**/*.{ts,vue}`],
        rules: {
            'no-restricted-imports': [
                'error',
                {
                    patterns: [
                        ...(name === 'domain' ? noVue : []),
                        ...(barred.length
                            ? [
                                  {
                                      group: barred,
                                      message: `client/${name} may not import this room: places import no other place, and a room only those before it.`,
                                  },
                              ]
                            : []),
                    ],
                },
            ],
        },
    })),
);

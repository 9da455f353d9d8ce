import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import ts from 'typescript-eslint';

const noVue = [{ group: ['vue', 'vue-*', 'pinia', 'naive-ui', '*.vue'], message: 'client/domain is plain TypeScript.' }];
const noPlaces = [{ group: ['**/people/**', '**/calls/**', '**/kit/**', '**/cautions/**', '**/sign-in/**', '**/settings/**'], message: 'Parts and drawings know no place.' }];

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
            'max-lines': ['error', { max: 200, skipBlankLines: true, skipComments: true }],
            'no-restricted-syntax': [
                'error',
                { selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']", message: 'The time is read off domain/clock, which follows the server.' },
                { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'The time is read off domain/clock, which follows the server.' },
            ],
            'no-undef': 'off',
            'vue/component-api-style': ['error', ['script-setup']],
            'vue/require-default-prop': 'off',
        },
    },
    { files: ['client/domain/clock.ts'], rules: { 'no-restricted-syntax': 'off' } },
    { files: ['client/domain/**'], rules: { 'no-restricted-imports': ['error', { patterns: noVue }] } },
    { files: ['client/parts/**', 'client/draw/**'], rules: { 'no-restricted-imports': ['error', { patterns: noPlaces }] } },
);

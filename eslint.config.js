import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** One way down inside core: a stage of work may import the stages before it, never those after. */
const stages = ['units', 'larder', 'filling', 'build', 'bake', 'plan', 'day', 'learn'];
const mayImport = {
  units: [],
  larder: ['units'],
  filling: ['units', 'larder'],
  build: ['units', 'larder'],
  bake: ['units', 'larder', 'filling', 'build'],
  plan: ['units', 'larder', 'filling', 'build', 'bake'],
  day: ['units', 'larder', 'filling', 'build', 'bake', 'plan'],
  learn: ['units', 'larder', 'filling', 'build', 'bake', 'plan'],
};

const forbid = (files, group, message) => ({
  files,
  ignores: ['**/*.test.ts', '**/*.test.tsx', '**/test/**'],
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
});

const insideCore = stages.map((stage) =>
  forbid(
    [`core/src/${stage}/**`],
    [
      ...stages
        .filter((other) => other !== stage && !mayImport[stage].includes(other))
        .map((other) => `**/${other}/*`),
      '@mardle/*',
      'node:*',
      'react*',
      '@nestjs/*',
    ],
    `core/${stage} may import ${mayImport[stage].join(', ') || 'nothing of core'}; core knows no interface and no I/O.`,
  ),
);

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '.data/**', 'test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    languageOptions: { globals: { ...globals.node } },
    rules: {
      // Typed arrays and tables are read by indexes that are known to be there.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-invalid-void-type': 'off',
      '@typescript-eslint/no-empty-function': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', ignoreRestSiblings: true }],
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    // Nest reads the classes of injected parameters at run time: they are values, not only types.
    files: ['server/src/**', 'contract/src/**'],
    rules: { '@typescript-eslint/consistent-type-imports': 'off' },
  },
  {
    files: ['**/*.tsx', 'web/src/**/*.ts'],
    plugins: { 'react-hooks': hooks },
    rules: hooks.configs.recommended.rules,
  },
  ...insideCore,
  forbid(
    ['contract/src/**'],
    ['@nestjs/*', 'react*', 'node:*'],
    'The contract knows neither server nor screen.',
  ),
  forbid(['server/src/**'], ['react*', '**/web/**'], 'The server knows no screen.'),
  forbid(['web/src/**'], ['@nestjs/*', 'typeorm', 'node:*', '**/server/**'], 'The screen knows no server.'),
);

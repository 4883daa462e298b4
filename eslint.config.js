import { readFileSync } from 'node:fs';
import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** The names of the forms, as core's schema has them. */
const formsOf = readFileSync(new URL('core/src/schema/form.ts', import.meta.url), 'utf8').match(
  /formKinds = \[([^\]]+)\]/,
);
const forms = formsOf[1].match(/\w+/g);

/** A `!` says that an index is there, where an array is walked; anything else that may be missing is asked about. */
const assertsOnlyIndexes = {
  selector: 'TSNonNullExpression > :not(MemberExpression[computed=true])',
  message: 'Ask whether it is there, or say what went wrong; ! is for indexes of walked arrays.',
};

/** What sets a form apart lies in its own folder, in core and on the screen: nobody else asks which form it is. */
const formsInTheirRooms = {
  files: ['core/src/**', 'web/src/**', 'server/src/**', 'contract/src/**'],
  ignores: ['**/forms/**', '**/*.test.ts', '**/*.test.tsx', '**/test/**', 'core/src/geometry/tops/top.ts'],
  rules: {
    'no-restricted-syntax': [
      'error',
      assertsOnlyIndexes,
      {
        selector: `BinaryExpression[operator=/^[!=]==?$/] > Literal[value=/^(${forms.join('|')})$/]`,
        message: 'Ask the form (core: formOf, web: viewOf) instead of comparing its kind.',
      },
      {
        selector: `SwitchCase > Literal[value=/^(${forms.join('|')})$/]`,
        message: 'What sets a form apart lies in its folder under forms/.',
      },
      {
        selector:
          "BinaryExpression[operator=/^[!=]==?$/] > MemberExpression[object.name='top'][property.name='kind']",
        message: 'Use topAs, or the rules of the top.',
      },
    ],
  },
};

/** Core is told the time and the chance; it has neither. */
const noClockInCore = {
  files: ['core/src/**'],
  ignores: ['**/*.test.ts', '**/test/**'],
  rules: {
    'no-restricted-globals': [
      'error',
      'performance',
      'setTimeout',
      'setInterval',
      'process',
      'window',
      'document',
    ],
    'no-restricted-properties': [
      'error',
      { object: 'Math', property: 'random', message: 'Core is handed a seed.' },
      { object: 'Date', property: 'now', message: 'Core is handed the time.' },
    ],
  },
};

const lengthOf = (max) => ['error', { max, skipComments: true, skipBlankLines: true }];

/** What is longer, or branches more, says why beside its exception. */
const shortFunctions = {
  files: ['*/src/**/*.ts'],
  ignores: ['**/*.test.ts', '**/test/**'],
  rules: { 'max-lines-per-function': lengthOf(80), complexity: ['error', 20] },
};

/** Markup takes more lines than sums, and each part that is shown at times counts as a branch. */
const shortComponents = {
  files: ['web/src/**/*.tsx'],
  ignores: ['**/*.test.tsx', '**/test/**'],
  rules: { 'max-lines-per-function': lengthOf(120), complexity: ['error', 26] },
};

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '.data/**', 'test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    languageOptions: { globals: { ...globals.node } },
    rules: {
      // Typed arrays and tables are read by indexes that are known to be there; see assertsOnlyIndexes.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-extraneous-class': 'off',
      // A named shape reads better in messages than the type that it is made by.
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
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
  {
    files: ['*/src/**'],
    ignores: ['**/*.test.ts', '**/*.test.tsx', '**/test/**'],
    rules: { 'no-restricted-syntax': ['error', assertsOnlyIndexes] },
  },
  shortFunctions,
  shortComponents,
  formsInTheirRooms,
  noClockInCore,
);

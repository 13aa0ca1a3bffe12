import { defineConfig } from 'eslint/config';
import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';

const REACT_RULES = expo.flatMap(({ rules = {} }) => Object.keys(rules).filter((name) => name.startsWith('react')));

export default defineConfig([
  { ignores: ['**/node_modules/**', '**/dist/**', 'data/**', '**/.expo/**', '.cache/**', 'test-results/**'] },
  ...expo,
  prettier,
  {
    // No React in these folders. Looking for it takes half a minute.
    files: ['{core,server,e2e,scripts}/**'],
    rules: Object.fromEntries(REACT_RULES.map((name) => [name, 'off'])),
  },
  {
    // No file turns a rule off, and no line hides from the formatter.
    linterOptions: { noInlineConfig: true },
    rules: { 'no-warning-comments': ['error', { terms: ['prettier-ignore', 'eslint-disable'], location: 'anywhere' }] },
  },
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': 'error',
      // The compiler checks these, and faster.
      'import/no-unresolved': 'off',
      'import/namespace': 'off',
      'import/export': 'off',
      'import/default': 'off',
      'import/no-named-as-default-member': 'off',
      // Stylesheets are made by the theme and read through a hook.
      'react-native/no-unused-styles': 'off',
      complexity: ['error', 20],
      'max-lines': ['error', 300],
      'max-lines-per-function': ['error', 90],
      'max-len': ['error', { code: 120, ignorePattern: '^import ' }],
    },
  },
  {
    // A test is as long as what it tells; what it is called may be a sentence.
    files: ['**/*.test.{ts,tsx}', 'e2e/**/*.ts'],
    rules: {
      // A fixture that needs no other takes an empty pattern.
      'no-empty-pattern': ['error', { allowObjectPatternsAsParameters: true }],
      'max-lines-per-function': 'off',
      'max-len': ['error', { code: 120, ignoreStrings: true, ignoreTemplateLiterals: true }],
    },
  },
  {
    // The job's schema is one table, and so are words.
    files: ['core/src/job/*[sS]chema.ts'],
    rules: { 'max-lines-per-function': 'off' },
  },
  {
    files: ['**/message/en/*.ts', '**/labels/**/*.en.ts', '**/labels/en.ts', 'server/src/words/en.ts'],
    rules: { 'max-len': 'off' },
  },
  {
    files: ['**/*.cjs'],
    languageOptions: {
      globals: { __dirname: 'readonly', process: 'readonly', require: 'readonly', module: 'writable' },
    },
  },
  {
    // The core is computation only: no clock, no chance, no platform.
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'process',
        'fetch',
        'setTimeout',
        'setInterval',
        'Buffer',
        'console',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass a seed in.' },
        { object: 'Date', property: 'now', message: 'The core has no clock.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'The core has no clock.' },
      ],
    },
  },
  {
    // Only the store and the workers speak to the server, the device's storage or a worker.
    files: ['app/{routes,screens,ui,parts,platform,drawing,theme,labels}/**/*.{ts,tsx}'],
    rules: { 'no-restricted-globals': ['error', 'fetch', 'indexedDB', 'localStorage', 'caches', 'Worker'] },
  },
  {
    // Colours stand in theme/ only. Every sheet is guarded: one that fails takes nothing else with it.
    files: ['app/{routes,screens,ui,parts,platform,drawing,store,workers}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.*'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'Literal[value=/^#[0-9a-fA-F]{3,8}$|^rgba?\\(/]', message: 'Colours live in theme/.' },
        {
          selector: "FunctionDeclaration[id.name=/^(?!Broken).*(Sheet|Menu)$/] JSXOpeningElement[name.name='Sheet']",
          message: 'Make a sheet with guardedSheet.',
        },
      ],
    },
  },
]);

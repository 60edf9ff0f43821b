import js from '@eslint/js';
import tseslint from 'typescript-eslint';
import hooks from 'eslint-plugin-react-hooks';
import { manyWays, nestedChoices } from './eslint.debts.mjs';

const node = {
  process: 'readonly',
  console: 'readonly',
  URL: 'readonly',
  setTimeout: 'readonly',
  fetch: 'readonly',
  AbortSignal: 'readonly',
};
// The pictures script hands functions to the page it photographs.
const page = { window: 'readonly', document: 'readonly' };

/** The rooms of the core in their order: each takes what earlier ones made, by their one face, and never reaches back. */
const rooms = [
  ...[
    'reference',
    'model',
    'quantities',
    'reading',
    'needs',
    'versions',
    'jobs',
    'exposure',
    'fit',
    'adapt',
    'scale',
    'recipes',
  ],
  // The audit comes before all that plans, and can know nothing of it.
  ...[
    'audit',
    'keeping',
    'tasks',
    'work',
    'ledger',
    'state',
    'numbers',
    'schedule',
    'plan',
    'planner',
    'chances',
    'gather',
    'whatif',
  ],
  ...['cookday', 'day', 'table', 'after', 'asking', 'contract', 'devices', 'formats', 'shopping'],
];
const roomRules = rooms.map((room, at) => ({
  files: [`packages/core/src/${room}/**/*.ts`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          { regex: String.raw`^\.\./[^./]+/(?!index\.ts$)`, message: 'A room is entered by its index.ts.' },
          { regex: String.raw`^\.\./index\.ts$`, message: 'The core’s face is for those outside it.' },
          ...(at < rooms.length - 1
            ? [
                {
                  regex: String.raw`^\.\./(${rooms.slice(at + 1).join('|')})/`,
                  message: `A room takes what earlier rooms made: ${room} comes before this one.`,
                },
              ]
            : []),
        ],
      },
    ],
  },
}));
/** Outside the core there is only its face. */
const faceRule = {
  files: ['packages/{web,server}/src/**/*.{ts,tsx}', 'bench/**/*.ts'],
  ignores: ['**/*.test.ts', '**/*.test.tsx', 'bench/**'],
  rules: {
    'no-restricted-imports': [
      'error',
      { patterns: [{ regex: 'core/src|@lupin/core/', message: 'The core is entered by @lupin/core.' }] },
    ],
  },
};

/** How many ways a function may go. */
const mostWays = 20;

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'var/**', 'test-results/**', 'packages/server/migrations/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  { files: ['**/*.mjs'], languageOptions: { globals: { ...node, ...page } } },
  {
    files: ['packages/web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-console': 'off',
      complexity: ['error', mostWays],
      'no-nested-ternary': 'error',
    },
  },
  { files: nestedChoices, rules: { 'no-nested-ternary': 'off' } },
  ...Object.entries(manyWays).map(([file, most]) => ({ files: [file], rules: { complexity: ['error', most] } })),
  ...roomRules,
  faceRule,
);

import js from '@eslint/js';
import tseslint from 'typescript-eslint';
import hooks from 'eslint-plugin-react-hooks';

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
  ...['reference', 'model', 'reading', 'versions', 'exposure', 'fit', 'adapt', 'scale', 'quantities', 'recipes'],
  // The audit comes before all that plans, and can know nothing of it.
  ...['audit', 'tasks', 'ledger', 'state', 'numbers', 'schedule', 'plan', 'planner', 'chances', 'gather', 'whatif'],
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

/** How many ways a function may go; and, until they have come apart, those that go more. No other may join them. */
const mostWays = 20;
const manyWays = {
  'packages/core/src/after/learned.ts': 22,
  'packages/core/src/after/leftovers.ts': 21,
  'packages/core/src/audit/facts.ts': 23,
  'packages/core/src/audit/pins.ts': 23,
  'packages/core/src/audit/resources.ts': 27,
  'packages/core/src/day/played.ts': 31,
  'packages/core/src/devices/cavity.ts': 24,
  'packages/core/src/devices/rehearsed.ts': 34,
  'packages/core/src/exposure/brought.ts': 28,
  'packages/core/src/exposure/evidence.ts': 24,
  'packages/core/src/fit/checks.ts': 22,
  'packages/core/src/fit/verdict.ts': 32,
  'packages/core/src/plan/explain.ts': 22,
  'packages/core/src/quantities/readAmount.ts': 53,
  'packages/core/src/reading/claims.ts': 75,
  'packages/core/src/reading/ingredient.ts': 73,
  'packages/core/src/reading/label.ts': 32,
  'packages/core/src/recipes/check.ts': 23,
  'packages/core/src/recipes/plainText.ts': 53,
  'packages/core/src/recipes/stepParts.ts': 32,
  'packages/core/src/recipes/steps.ts': 40,
  'packages/core/src/recipes/timesAndHeats.ts': 26,
  'packages/core/src/recipes/yields.ts': 21,
  'packages/core/src/schedule/decode.ts': 30,
  'packages/core/src/schedule/moves.ts': 35,
  'packages/core/src/schedule/prune.ts': 31,
  'packages/core/src/schedule/units.ts': 27,
  'packages/core/src/state/progress.ts': 23,
  'packages/core/src/whatif/changes.ts': 25,
  'packages/server/src/main.ts': 26,
  'packages/web/src/features/after/BoxLabel.tsx': 27,
  'packages/web/src/features/cook/NowCard.tsx': 47,
  'packages/web/src/features/labels/LabelsPage.tsx': 30,
  'packages/web/src/features/labels/OwnFoodForm.tsx': 28,
  'packages/web/src/features/sharing/SharePanel.tsx': 22,
  'packages/web/src/features/timetable/Detail.tsx': 36,
  'packages/web/src/features/timetable/TimetablePage.tsx': 60,
  'packages/web/src/shared/AmountText.tsx': 36,
};

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
    },
  },
  ...Object.entries(manyWays).map(([file, most]) => ({ files: [file], rules: { complexity: ['error', most] } })),
  ...roomRules,
  faceRule,
);

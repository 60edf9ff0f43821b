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
    },
  },
);

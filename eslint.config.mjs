import next from '@next/eslint-plugin-next';
import prettier from 'eslint-config-prettier';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  {
    ignores: [
      '.next/**',
      'node_modules/**',
      'next-env.d.ts',
      'test-results/**',
      'public/sw.js',
      'public/pdf-reader/**',
    ],
  },
  ...tseslint.configs.strict,
  ...tseslint.configs.stylistic,
  hooks.configs.flat.recommended,
  {
    plugins: { '@next/next': next },
    rules: {
      ...next.configs.recommended.rules,
      ...next.configs['core-web-vitals'].rules,
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
      'no-console': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    files: ['src/**/*.{ts,tsx}', 'tests/**/*.ts', 'bench/**/*.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
    },
  },
  {
    files: ['src/core/**/*.ts', 'src/words/**/*.ts'],
    rules: { 'max-lines-per-function': ['error', { max: 60, skipComments: true }] },
  },
  {
    files: ['scripts/**', 'bench/**', 'tests/torture/**', 'tests/**/*.mjs'],
    rules: { 'no-console': 'off' },
  },
  prettier,
);

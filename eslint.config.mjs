import js from '@eslint/js'
import astro from 'eslint-plugin-astro'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'
import { compilerErrors } from './scripts/compilerErrors.mjs'

export default tseslint.config(
  {
    ignores: [
      'dist',
      '.astro',
      '.grelta',
      'test-results',
      'src/core/materials/library.ts',
      'src/core/materials/book.ts',
      'src/core/cure/tableData.ts',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    files: ['**/*.{ts,tsx}'],
    // Scripts within a page belong to no project.
    ignores: ['**/*.astro/*'],
    extends: [tseslint.configs.recommendedTypeCheckedOnly],
    languageOptions: { parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname } },
    plugins: { compiler: { rules: { errors: compilerErrors } } },
    rules: { 'compiler/errors': 'error' },
  },
  ...astro.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      // A value the code has just made sure of may be named so.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  { files: ['**/*.astro'], rules: { '@typescript-eslint/no-non-null-assertion': 'off' } },
  {
    files: ['test/**/*.ts'],
    rules: { '@typescript-eslint/no-unused-expressions': 'off' },
  },
  {
    files: ['**/*.{mjs,cjs,js}'],
    languageOptions: {
      globals: {
        ...Object.fromEntries(
          ['caches', 'clients', 'skipWaiting', 'AbortSignal', 'Response'].map((name) => [name, 'readonly']),
        ),
        console: 'readonly',
        process: 'readonly',
        module: 'writable',
        require: 'readonly',
        fetch: 'readonly',
        Buffer: 'readonly',
        URL: 'readonly',
        document: 'readonly',
        localStorage: 'readonly',
        location: 'readonly',
        matchMedia: 'readonly',
        addEventListener: 'readonly',
        removeEventListener: 'readonly',
        globalThis: 'readonly',
        setTimeout: 'readonly',
        setInterval: 'readonly',
      },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
)

import next from 'eslint-config-next/core-web-vitals';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

/** Two letters in a row that are no symbol of a unit. */
const WORD = String.raw`^(?!\s*(mm|cm|km|kg|km\/h)\s*$)[\s\S]*\p{L}{2,}`;

export default tseslint.config(
  { ignores: ['.next/**', '.cache/**', 'node_modules/**', 'coverage/**', 'next-env.d.ts', 'src/core/tsconfig.json'] },
  ...next,
  {
    files: ['**/*.ts', '**/*.tsx', '**/*.d.mts'],
    extends: [...tseslint.configs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: {
        project: ['./tsconfig.json', './src/offline/tsconfig.json'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      eqeqeq: 'error',
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'core is told the time' },
        { object: 'Math', property: 'random', message: 'core is given its random numbers' },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'navigator', 'fetch', 'process'],
    },
  },
  {
    files: ['src/stages/**/*.tsx', 'src/kit/**/*.tsx', 'src/app/*.tsx'],
    rules: {
      // What the interface says stands in one place a stage, so that it can be translated. Symbols of units stay.
      'no-restricted-syntax': [
        'error',
        {
          selector: `JSXText[value=/${WORD}/u]`,
          message: 'words of the interface stand in text.ts of the stage or the part of the kit',
        },
        {
          selector: `JSXAttribute[name.name=/^(title|aria-label|label|placeholder|alt|description|okText|cancelText)$/] > Literal[value=/${WORD}/u]`,
          message: 'words of the interface stand in text.ts of the stage or the part of the kit',
        },
      ],
    },
  },
  prettier,
);

import next from 'eslint-config-next/core-web-vitals';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

/** Two letters in a row that are no symbol of a unit. */
const WORD = String.raw`^(?!\s*(mm|cm|km|kg|km\/h)\s*$)[\s\S]*\p{L}{2,}`;

/** Two words in a row. */
const SENTENCE = String.raw`\p{Ll}{2,}[,:;]? \p{Ll}{2,}`;

const FROM_CATALOGUE = 'words of the interface come from the catalogue in src/messages/en';

// An error that only a developer meets may say itself what is wrong.
const NO_SENTENCE = [
  {
    selector: `Literal[value=/${SENTENCE}/u]:not(NewExpression > Literal):not(ExpressionStatement > Literal):not(CallExpression[callee.object.name="console"] > Literal)`,
    message: FROM_CATALOGUE,
  },
  {
    selector: `TemplateElement[value.raw=/${SENTENCE}/u]:not(NewExpression TemplateElement)`,
    message: FROM_CATALOGUE,
  },
];

/** What is said of components and hooks. */
const OF_COMPONENTS = next
  .flatMap(({ rules = {} }) => Object.keys(rules))
  .filter((name) => /^(react|react-hooks|jsx-a11y)\//.test(name));

export default tseslint.config(
  { ignores: ['.next/**', '.cache/**', 'node_modules/**', 'coverage/**', 'next-env.d.ts', 'src/core/tsconfig.json'] },
  ...next,
  {
    files: ['**/*.ts', '**/*.tsx', '**/*.d.mts'],
    extends: [...tseslint.configs.strictTypeChecked],
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
      // A number in a template is written as it is; a shorthand arrow may return what a handler returns.
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
    },
  },
  {
    // There are none here; the rules would look through each function for them, a fifth of the time of all.
    files: [
      'src/{core,formats,messages,records,relay,sync,workers}/**/*.ts',
      'src/app/api/**/*.ts',
      '{scripts,tests}/**/*.{ts,mjs,cjs,js}',
      '**/*.test.ts',
      '*.mjs',
    ],
    rules: Object.fromEntries(OF_COMPONENTS.map((name) => [name, 'off'])),
  },
  {
    // A test fails where something is not there, and says where.
    files: ['**/*.test.ts', 'tests/**/*.ts', 'scripts/**/*.ts'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/restrict-template-expressions': 'off',
      '@typescript-eslint/no-dynamic-delete': 'off',
      '@typescript-eslint/no-misused-spread': 'off',
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
    },
  },
  {
    // Hot loops over lists of several kinds, millions of times in one run: the helpers of core/items take up to 16 times as long there.
    files: [
      'src/core/recording/gear-{use,changes,model,window}.ts',
      'src/core/find/{gearing,pareto}.ts',
      'src/core/gears/shift-path.ts',
    ],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
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
    // What the interface says comes from the catalogue (src/messages/en). Symbols of units stay.
    files: ['src/{ui,features,views}/**/*.{ts,tsx}', 'src/messages/**/*.ts', 'src/app/*.tsx'],
    // Style sheets and drawings that are written as text.
    ignores: [
      '**/*.test.ts',
      'src/ui/theme/**',
      'src/ui/picture/svg.ts',
      'src/ui/chart/chart-picture.ts',
      'src/app/layout.tsx',
      'src/app/error.tsx',
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: `JSXText[value=/${WORD}/u]`, message: FROM_CATALOGUE },
        {
          selector: `JSXAttribute[name.name=/^(title|aria-label|label|placeholder|alt|description|okText|cancelText)$/] > Literal[value=/${WORD}/u]`,
          message: FROM_CATALOGUE,
        },
        ...NO_SENTENCE,
      ],
    },
  },
  {
    // What lies below says codes and values, and the catalogue says them in words.
    files: ['src/core/**/*.ts', 'src/formats/**/*.ts', 'src/store/**/*.{ts,tsx}', 'src/workers/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      // Indexes of the database, and the demo workshop.
      'src/store/db.ts',
      'src/store/auto-backups.ts',
      'src/store/demo*.ts',
      // Names that records hold: whoever changes one changes what people have saved.
      'src/core/catalog/freehubs.ts',
      'src/core/catalog/shift-families.ts',
      // Markup of the files that they write, and what a schema says of itself in English.
      'src/formats/ride/gpx.ts',
      'src/formats/ride/tcx.ts',
      'src/formats/backup-schema.ts',
    ],
    rules: { 'no-restricted-syntax': ['error', ...NO_SENTENCE] },
  },
  prettier,
);

import next from 'eslint-config-next'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  {
    ignores: [
      '.mutants/**',
      'bench/bare/',
      '**/.next/',
      '**/next-env.d.ts',
      'node_modules/',
      'data/',
      'next-env.d.ts',
      'test-results/',
      'playwright-report/',
      'db/migrations/',
    ],
  },
  ...next,
  {
    files: ['**/*.ts', '**/*.tsx', '**/*.mts'],
    extends: [...tseslint.configs.strictTypeChecked, ...tseslint.configs.stylisticTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/consistent-type-definitions': 'off',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      // A `default` says on purpose that the other kinds are alike; without one every kind has to stand there.
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  {
    // The core is pure: no clock, no chance, no environment. They come in by argument.
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'process',
        'window',
        'document',
        'localStorage',
        'fetch',
        'setTimeout',
        'setInterval',
        'performance',
        'crypto',
        'console',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Chance comes in by argument.' },
        { object: 'Date', property: 'now', message: 'Time comes in by argument.' },
      ],
      'no-restricted-syntax': ['error', { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Time comes in by argument.' }],
    },
  },
  {
    // What is typed and not kept in these words would lie in the browser's own restored tabs and suggestions, with names in it.
    files: ['app/**/*.tsx', 'ui/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'JSXOpeningElement[name.name=/^(input|textarea)$/]:not(:has(> JSXAttribute[name.name="autoComplete"])):not(:has(> JSXAttribute[name.name="type"][value.value=/^(checkbox|radio|range|file|color|hidden)$/]))',
          message: 'Say autoComplete="off", or what the browser may fill in.',
        },
      ],
    },
  },
)

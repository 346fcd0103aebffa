const { defineConfig } = require('eslint/config')
const expo = require('eslint-config-expo/flat')

const noClock = [
  { selector: "MemberExpression[object.name='Date'][property.name='now']", message: 'Time is an argument.' },
  { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Time is an argument.' },
  {
    selector: "MemberExpression[object.name='Math'][property.name='random']",
    message: 'Chance is an argument.',
  },
]
// Who may import whom is test/architecture.test.ts's.
module.exports = defineConfig([
  { ignores: ['dist/**', 'node_modules/**', '.cache/**', '.expo/**', 'test-results/**', 'public/**'] },
  ...expo,
  {
    rules: {
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
      'no-restricted-exports': 'off',
      'import/no-unresolved': 'off',
      'import/namespace': 'off',
      'import/no-duplicates': ['error', { considerQueryString: true }],
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
      'no-console': 'error',
      'no-nested-ternary': 'error',
      // Refs are read in handlers and effects only; the rule cannot see through our small hooks.
      'react-hooks/refs': 'off',
    },
  },
  {
    files: ['src/**/*.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'JSXAttribute[name.name=/^(gap|rowGap|columnGap|padding\\w*|margin\\w*)$/] Literal[raw=/^\\d/]',
          message: 'Space is told in tokens: gap="$2".',
        },
        {
          selector:
            "ImportDeclaration[source.value='react-native'] ImportSpecifier[imported.name=/^(FlatList|SectionList|VirtualizedList|CheckBox|Switch|Picker|ProgressBar)$/]",
          message: 'It is not sent to the browser (metro.config.js): use @tanstack/react-virtual, or src/ui.',
        },
        {
          selector: 'JSXSpreadAttribute > ObjectExpression',
          message:
            'A prop that does not fit its type is told to the types (ui/onTheWeb.d.ts), not spread past them.',
        },
      ],
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  // Each icon is a file of its own behind one type declaration.
  { files: ['src/ui/Icon.tsx', 'src/parts/note/formIcons.ts'], rules: { 'import/no-duplicates': 'off' } },
  { files: ['scripts/**', 'src/server/main.ts', '*.config.*'], rules: { 'no-console': 'off' } },
  {
    files: ['**/*.test.ts', '**/*.test.tsx'],
    languageOptions: {
      globals: {
        describe: 'readonly',
        it: 'readonly',
        expect: 'readonly',
        jest: 'readonly',
        beforeEach: 'readonly',
        afterEach: 'readonly',
      },
    },
  },
  {
    files: ['src/core/**'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', ...noClock] },
  },
])

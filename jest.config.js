const swc = {
  '^.+\\.m?[jt]sx?$': [
    '@swc/jest',
    { jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022' }, module: { type: 'commonjs' } },
  ],
}
const own = {
  '^@/(.*)$': '<rootDir>/src/$1',
  '^chrono-node/en$': '<rootDir>/node_modules/chrono-node/dist/cjs/locales/en/index.js',
}
const native = [
  '((jest-)?react-native|@react-native(-community)?|expo|@expo|react-navigation|@react-navigation|tamagui|@tamagui|lucide-react|fractional-indexing)([-/]|$)',
]

const webTransform = require('jest-expo/web/jest-preset').transform
const [babelJest, babelOptions] = webTransform['\\.[jt]sx?$']

/** `plain` runs core, state, server and demo in Node; `web` renders parts of the interface in jsdom. */
module.exports = {
  // On a fresh machine with all cores busy, a part of the interface takes seconds to be translated when it first loads.
  testTimeout: 30_000,
  projects: [
    {
      displayName: 'plain',
      testEnvironment: 'node',
      roots: ['<rootDir>/src', '<rootDir>/demo', '<rootDir>/test'],
      testMatch: ['**/*.test.ts'],
      transform: swc,
      transformIgnorePatterns: [
        'node_modules/(?!(@react-native-async-storage|idb|comlink|fractional-indexing|request-filtering-agent)/)',
      ],
      moduleNameMapper: own,
    },
    {
      displayName: 'web',
      preset: 'jest-expo/web',
      roots: ['<rootDir>/src'],
      testMatch: ['**/*.test.tsx'],
      transform: {
        ...webTransform,
        '\\.[jt]sx?$': [
          babelJest,
          {
            ...babelOptions,
            plugins: ['@babel/plugin-transform-dynamic-import', '@babel/plugin-transform-modules-commonjs'],
          },
        ],
        '^.+\\.mjs$': 'babel-jest',
      },
      transformIgnorePatterns: [`node_modules/(?!(?:\\.pnpm/[^/]+/node_modules/)?${native[0]})`],
      testEnvironmentOptions: { customExportConditions: ['require', 'default'] },
      moduleFileExtensions: ['web.ts', 'web.tsx', 'web.js', 'ts', 'tsx', 'js', 'jsx', 'json', 'cjs', 'mjs'],
      moduleNameMapper: { ...own, '^expo-router$': '<rootDir>/test/standIns/expoRouter.tsx' },
      setupFiles: [...require('jest-expo/web/jest-preset').setupFiles, '<rootDir>/test/setupWeb.js'],
    },
  ],
}

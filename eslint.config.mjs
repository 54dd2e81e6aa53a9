import vue from 'eslint-plugin-vue'
import typescript from 'typescript-eslint'
import vueParser from 'vue-eslint-parser'

const OUTSIDE = [
  'vue',
  'vue/*',
  '@vue/*',
  '\\#*',
  'nuxt',
  'nuxt/*',
  '@nuxt/*',
  'h3',
  'pinia',
  'vuetify',
  'vuetify/*',
  'drizzle-orm',
  'drizzle-orm/*',
  'postgres',
  'dexie',
  'node:*',
  'fs',
  'path',
  'crypto',
]
const ROOMS = [
  '**/app/**',
  '**/server/**',
  '**/cli/**',
  '**/words/**',
  '**/scripts/**',
  '~/**',
  '~~/**',
  '@/**',
]
const GLOBALS = [
  'Date',
  'crypto',
  'performance',
  'process',
  'window',
  'document',
  'navigator',
  'localStorage',
  'fetch',
  'setTimeout',
  'setInterval',
  'globalThis',
  'Buffer',
  'require',
  'console',
]

/** Folders of core, each of which uses only those before it. docs/architecture.md draws them. */
export const FLOORS = [
  'quantity',
  'physics',
  'statistics',
  'instruments',
  'vehicle',
  'knowledge',
  'quote',
  'inference',
  'checks',
  'record',
  'planning',
  'diagnosis',
]

const SILENCED = [
  {
    selector: 'TSAsExpression > TSNeverKeyword',
    message: 'a cast to never silences the compiler: say what it is',
  },
  {
    selector: 'TSAsExpression > TSAsExpression > TSUnknownKeyword',
    message: 'a cast by way of unknown silences the compiler: say what it is',
  },
]

/** The wall around core: none of the shell's rooms or packages, no clock, no chance, no process, by any kind of import. */
const wall = {
  'no-restricted-globals': ['error', ...GLOBALS],
  'no-restricted-properties': [
    'error',
    { object: 'Math', property: 'random', message: 'pass a random source in' },
  ],
  'no-restricted-syntax': [
    'error',
    ...SILENCED,
    { selector: 'ImportExpression', message: 'core has no dynamic imports' },
    { selector: 'TSImportType', message: 'import types by name' },
  ],
}
const outside = [
  { group: OUTSIDE, message: 'core is free of interface, database and platform' },
  { group: ROOMS, message: 'core uses nothing of the rooms around it' },
]
const above = (floor) =>
  FLOORS.slice(FLOORS.indexOf(floor) + 1).flatMap((f) => [`../${f}`, `../${f}/**`, `../../${f}/**`])

/** One rule set for each floor: what stands above it is out of reach. */
const floors = FLOORS.map((floor) => ({
  files: [`core/${floor}/**/*.ts`],
  ignores: ['**/*.test.ts', '**/*.fixture.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...outside,
          ...(above(floor).length > 0
            ? [{ group: above(floor), message: `${floor} uses only the floors below it` }]
            : []),
        ],
      },
    ],
  },
}))

const CORE_INSIDE = {
  group: ['**/core/**', '!**/core/*.fixture'],
  message: 'core has one public surface: #core',
}

export default typescript.config(
  {
    ignores: [
      '.nuxt/**',
      '.output/**',
      '.data/**',
      'node_modules/**',
      'server/database/migrations/**',
      'test-results/**',
      'playwright-report/**',
      'coverage/**',
      '.build/**',
    ],
  },
  ...typescript.configs.recommended,
  ...vue.configs['flat/essential'],
  {
    files: ['**/*.{ts,mjs,vue}'],
    languageOptions: {
      parser: vueParser,
      parserOptions: {
        parser: typescript.parser,
        sourceType: 'module',
        ecmaVersion: 'latest',
      },
    },
    rules: {
      'vue/multi-word-component-names': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      'no-empty': ['error', { allowEmptyCatch: false }],
      eqeqeq: 'error',
      'max-lines': ['error', 300],
      'vue/max-lines-per-block': ['error', { template: 150 }],
    },
  },
  // Tables of data: the book, and a language.
  {
    files: ['core/knowledge/{signs,faults}-*.ts', 'words/languages/*.ts'],
    rules: { 'max-lines': 'off' },
  },
  {
    files: ['{app,server,cli,words}/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', '**/*.fixture.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: [CORE_INSIDE] }],
      'no-restricted-syntax': ['error', ...SILENCED],
    },
  },
  {
    files: ['app/**/*.{ts,vue}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            CORE_INSIDE,
            { group: ['**/server/**'], message: 'the browser uses nothing of the server' },
          ],
        },
      ],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/**/*.fixture.ts'],
    rules: { ...wall, 'no-restricted-imports': ['error', { patterns: outside }] },
  },
  ...floors,
)

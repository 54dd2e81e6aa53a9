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

/** The wall around core: none of the shell's rooms or packages, no clock, no chance, no process, by any kind of import. */
export const CORE_RULES = {
  'no-restricted-imports': [
    'error',
    {
      patterns: [
        { group: OUTSIDE, message: 'core is free of interface, database and platform' },
        { group: ROOMS, message: 'core uses nothing of the rooms around it' },
      ],
    },
  ],
  'no-restricted-globals': [
    'error',
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
  ],
  'no-restricted-properties': [
    'error',
    { object: 'Math', property: 'random', message: 'pass a random source in' },
  ],
  'no-restricted-syntax': [
    'error',
    { selector: 'ImportExpression', message: 'core has no dynamic imports' },
    { selector: 'TSImportType', message: 'import types by name' },
  ],
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
      parserOptions: { parser: typescript.parser, sourceType: 'module', ecmaVersion: 'latest' },
    },
    rules: {
      'vue/multi-word-component-names': 'off',
      '@typescript-eslint/no-explicit-any': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      'no-empty': ['error', { allowEmptyCatch: false }],
      eqeqeq: 'error',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/**/*.fixture.ts'],
    rules: CORE_RULES,
  },
)

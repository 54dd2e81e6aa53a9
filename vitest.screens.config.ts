import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import Unimport from 'unimport/unplugin'
import { defineConfig } from 'vitest/config'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))

/**
 * Screens rendered to text without a browser. Names that Nuxt supplies come from the same folders as in the product;
 * the device's copy, the ranking's worker and the charts have stand-ins beside the tests.
 */
export default defineConfig({
  plugins: [
    Unimport.vite({
      presets: ['vue', 'pinia', 'vue-router', '@vueuse/core'],
      dirs: [here('app/composables'), here('app/stores')],
      imports: [
        { name: 'navigateTo', from: here('tests/screens/stand-ins/navigation.ts') },
        { name: 'useRanking', from: here('tests/screens/stand-ins/ranking.ts'), priority: 2 },
      ],
      addons: { vueTemplate: true },
    }),
    vue(),
  ],
  resolve: {
    alias: [
      { find: /^.*\/local-store\/store$/, replacement: here('tests/screens/stand-ins/copy.ts') },
      { find: 'vue-echarts', replacement: here('tests/screens/stand-ins/chart.ts') },
    ],
  },
  test: {
    include: ['tests/screens/**/*.test.ts'],
    environment: 'node',
    server: { deps: { inline: ['vuetify'] } },
    testTimeout: 120_000,
    maxWorkers: 2,
  },
})

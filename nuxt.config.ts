import { fileURLToPath } from 'node:url'

/** Nothing from outside is admitted: everything 'self', scripts by nonce. */
const contentPolicy = {
  'default-src': ["'self'"],
  'base-uri': ["'none'"],
  'connect-src': ["'self'"],
  'font-src': ["'self'"],
  'form-action': ["'self'"],
  'frame-ancestors': ["'none'"],
  'img-src': ["'self'", 'data:', 'blob:'],
  'manifest-src': ["'self'"],
  'object-src': ["'none'"],
  'script-src': ["'self'", "'nonce-{{nonce}}'"],
  'script-src-attr': ["'none'"],
  'style-src': ["'self'", "'unsafe-inline'"],
  'worker-src': ["'self'"],
  'upgrade-insecure-requests': false,
}

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  ssr: false,
  telemetry: false,
  devtools: { enabled: false },
  experimental: { appManifest: false, payloadExtraction: false },
  modules: [
    'vuetify-nuxt-module',
    '@pinia/nuxt',
    '@vueuse/nuxt',
    'nuxt-auth-utils',
    'nuxt-security',
    '@vite-pwa/nuxt',
  ],
  imports: { dirs: ['stores'] },
  components: [{ path: '~/components', pathPrefix: false }],
  alias: { '#core': fileURLToPath(new URL('./core/index.ts', import.meta.url)) },
  css: [
    '@fontsource/barlow-semi-condensed/latin-400.css',
    '@fontsource/barlow-semi-condensed/latin-500.css',
    '@fontsource/barlow-semi-condensed/latin-600.css',
    '~/assets/look.css',
  ],
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Thermognosis',
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'theme-color', content: '#1d2a2e' },
      ],
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' }],
    },
  },
  spaLoadingTemplate: false,
  typescript: {
    strict: true,
    tsConfig: {
      include: ['../tests/screens/**/*.ts'],
      compilerOptions: { noUncheckedIndexedAccess: true },
    },
  },
  vite: { worker: { format: 'es' }, build: { chunkSizeWarningLimit: 1500 } },
  nitro: {
    typescript: { strict: true },
    // Node 20 asks packages for "module-sync" before all else: what it finds there must be packed too.
    externals: {
      traceInclude: ['async-function', 'async-generator-function', 'generator-function'].map(
        (name) => fileURLToPath(new URL(`./node_modules/${name}/require.mjs`, import.meta.url)),
      ),
    },
    // The fonts that papers are set in.
    serverAssets: [
      {
        baseName: 'fonts',
        dir: fileURLToPath(
          new URL('./node_modules/@fontsource/barlow-semi-condensed/files', import.meta.url),
        ),
        pattern: 'barlow-semi-condensed-latin-{400,600}-normal.woff',
      },
    ],
  },
  runtimeConfig: {
    session: { password: '', maxAge: 60 * 60 * 24 * 14, cookie: { sameSite: 'lax' } },
  },
  auth: { loadStrategy: 'none' },
  vuetify: { vuetifyOptions: fileURLToPath(new URL('./app/look/vuetify.ts', import.meta.url)) },
  security: {
    nonce: true,
    sri: false,
    ssg: false,
    rateLimiter: false,
    xssValidator: false,
    requestSizeLimiter: false,
    corsHandler: false,
    allowedMethodsRestricter: false,
    hidePoweredBy: true,
    headers: {
      contentSecurityPolicy: contentPolicy,
      crossOriginEmbedderPolicy: false,
      referrerPolicy: 'no-referrer',
      strictTransportSecurity: false,
      xFrameOptions: 'DENY',
      permissionsPolicy: { camera: [], geolocation: [], microphone: [] },
    },
  },
  pwa: {
    strategies: 'injectManifest',
    srcDir: 'service-worker',
    filename: 'sw.ts',
    registerType: 'prompt',
    injectRegister: false,
    injectManifest: {
      globPatterns: ['_nuxt/**/*.{js,css,woff2}', 'icon.svg'],
      maximumFileSizeToCacheInBytes: 6 * 1024 * 1024,
    },
    manifest: {
      name: 'Thermognosis',
      short_name: 'Thermognosis',
      description: 'Diagnosis of overheating, no-heat and coolant-loss complaints',
      theme_color: '#1d2a2e',
      background_color: '#f5f1e8',
      display: 'standalone',
      icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
    },
    // A tab may stay open for days: it asks every hour whether there is a new version.
    client: { registerPlugin: true, periodicSyncForUpdates: 3600 },
  },
})

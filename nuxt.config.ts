import { copyFileSync, mkdirSync, statSync } from 'node:fs'
import { basename } from 'node:path'
import { fileURLToPath } from 'node:url'
import { safeHeaders } from './server/policy'

// Every package that the browser uses, so that the development server does not reload a page when
// it meets one.
const browserPackages = [
  'dexie',
  'joi',
  'comlink',
  'pinia',
  'minisearch',
  'papaparse',
  'htmlparser2',
  'tesseract.js',
  'barcode-detector/ponyfill',
  'uqr',
]

// The files of the photo reader: its worker, its wasm for three kinds of processor, the shapes of
// English letters. They ship with the app, so that no photo and no request leaves the machine.
const ocrFiles = [
  'tesseract.js/dist/worker.min.js',
  ...['', 'simd-', 'relaxedsimd-'].map(
    kind => `tesseract.js-core/tesseract-core-${kind}lstm.wasm.js`,
  ),
  '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz',
  // And the wasm that finds the bars of a packet's code, where the browser has no finder of its own.
  'zxing-wasm/dist/reader/zxing_reader.wasm',
]
const own = (path: string) => fileURLToPath(new URL(path, import.meta.url))
/** How much the browser fetches for it, said before it does. */
const photoReaderBytes = ocrFiles.reduce(
  (sum, file) => sum + statSync(own(`node_modules/${file}`)).size,
  0,
)
function bringOcrFiles() {
  mkdirSync(own('public/ocr'), { recursive: true })
  for (const file of ocrFiles)
    copyFileSync(own(`node_modules/${file}`), own(`public/ocr/${basename(file)}`))
}

export default defineNuxtConfig({
  compatibilityDate: '2026-01-15',
  imports: { dirs: ['stores'] },
  modules: ['@nuxt/ui', '@pinia/nuxt', '@nuxt/eslint', '@vite-pwa/nuxt'],
  // The data lives in the browser, so there is nothing to render on a server.
  ssr: false,
  telemetry: false,
  sourcemap: false,
  devtools: { enabled: false },
  css: ['~/assets/main.css'],
  alias: { '#core': fileURLToPath(new URL('./core', import.meta.url)) },
  components: [{ path: '~/components', pathPrefix: false }],
  hooks: { ready: bringOcrFiles },
  runtimeConfig: { public: { photoReaderBytes } },
  experimental: {
    viteEnvironmentApi: true,
    payloadExtraction: false,
    // A page is fetched when somebody is about to go there: the service worker has all of them anyway.
    defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } },
  },
  ui: {
    fonts: false,
    theme: { colors: ['primary', 'secondary', 'success', 'info', 'warning', 'error', 'neutral'] },
  },
  app: {
    head: {
      title: 'Ingwer',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        {
          name: 'description',
          content: 'Desserts you love, worked out for the people who eat them.',
        },
        { name: 'theme-color', content: '#f6f7f5' },
      ],
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' }],
    },
  },
  icon: {
    provider: 'none',
    fallbackToApi: false,
    clientBundle: {
      scan: { globInclude: ['app/**/*.{vue,ts}'] },
      icons: [
        'lucide:chevron-down',
        'lucide:check',
        'lucide:x',
        'lucide:loader-circle',
        'lucide:search',
      ],
      sizeLimitKb: 256,
    },
  },
  nitro: {
    compressPublicAssets: { gzip: true, brotli: false },
    routeRules: { '/**': { headers: { ...safeHeaders } } },
    prerender: { routes: ['/'], crawlLinks: false },
    serverAssets: [{ baseName: 'demo', dir: fileURLToPath(new URL('./demo', import.meta.url)) }],
    alias: { '#core': fileURLToPath(new URL('./core', import.meta.url)) },
  },
  // The core has no module that does anything by being loaded: whoever uses one sentence of it does
  // not get its tables along.
  vite: {
    build: {
      rollupOptions: {
        treeshake: {
          moduleSideEffects: (id: string) =>
            !id.startsWith(fileURLToPath(new URL('./core/', import.meta.url))),
        },
      },
    },
    worker: { format: 'es' },
    optimizeDeps: { include: browserPackages },
  },
  pwa: {
    // A new version waits until somebody says yes, or the last tab is closed.
    registerType: 'prompt',
    client: { periodicSyncForUpdates: 3600 },
    manifest: {
      name: 'Ingwer',
      short_name: 'Ingwer',
      description: 'Desserts you love, worked out for the people who eat them.',
      theme_color: '#f6f7f5',
      background_color: '#f6f7f5',
      display: 'standalone',
      icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
    },
    workbox: {
      clientsClaim: true,
      globPatterns: ['**/*.{js,css,html,svg,woff2,json}'],
      globIgnores: ['ocr/**'],
      runtimeCaching: [
        { urlPattern: /\/ocr\//, handler: 'CacheFirst', options: { cacheName: 'photo-reader' } },
      ],
      navigateFallback: '/',
      navigateFallbackDenylist: [/^\/api\//],
      maximumFileSizeToCacheInBytes: 6_000_000,
    },
  },
  eslint: { config: { stylistic: false } },
  typescript: { strict: true, typeCheck: false },
})

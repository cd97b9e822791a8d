import { defineConfig } from '@playwright/test'

const offline = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--component-updater=url-source=http://127.0.0.1:9/',
  '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE localhost , EXCLUDE 127.0.0.1',
]
/** Debian's Chromium without its windows: the same engine, and a quarter less to do. */
const chromium = '/usr/bin/chromium-headless-shell'
const demoPort = 4381
const emptyPort = 4382
const server = (port: number, demo: boolean) => ({
  command: 'node .output/server/index.mjs',
  url: `http://127.0.0.1:${port}/api/health`,
  reuseExistingServer: false,
  timeout: 30_000,
  env: { PORT: String(port), HOST: '127.0.0.1', ...(demo ? { INGWER_DEMO: '1' } : {}) },
})

/**
 * The real interface in Debian's Chromium, against the built server: once with the demo household,
 * once with an empty house.
 */
export default defineConfig({
  testDir: 'tests',
  testMatch: '**/*.spec.ts',
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: Boolean(process.env.CI),
  reporter: [['list']],
  use: {
    launchOptions: { executablePath: process.env.CHROMIUM ?? chromium, args: offline },
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    // Nothing that moves is waited for, and the app is not fetched twice: see keepsTheApp in
    // tests/kitchen.ts.
    contextOptions: { reducedMotion: 'reduce' },
    serviceWorkers: 'block',
    actionTimeout: 15_000,
    trace: process.env.TRACE ? 'on' : 'off',
  },
  projects: [
    // The longest first, so that none of them is left for one browser at the end.
    {
      name: 'long',
      testMatch: 'demo/**/*.spec.ts',
      grep: /@long/,
      use: { baseURL: `http://127.0.0.1:${demoPort}` },
    },
    {
      name: 'demo',
      testMatch: 'demo/**/*.spec.ts',
      grepInvert: /@long/,
      use: { baseURL: `http://127.0.0.1:${demoPort}` },
    },
    {
      name: 'empty',
      testMatch: 'empty/**/*.spec.ts',
      use: { baseURL: `http://127.0.0.1:${emptyPort}` },
    },
  ],
  webServer: [server(demoPort, true), server(emptyPort, false)],
})

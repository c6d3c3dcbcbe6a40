import { defineConfig } from '@playwright/test'

export default defineConfig({
  testDir: 'tests/Browser',
  // A machine that does other work beside this can be five times as slow: these ends are for what hangs, not for what is slow.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 1,
  reporter: [['list']],
  use: {
    // What cannot be clicked says so, and does not hold a whole run up.
    actionTimeout: 20_000,
    baseURL: process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8199',
    // The certificate of `deploy/smoke` is its own.
    ignoreHTTPSErrors: process.env.ZWINDLE_URL?.startsWith('https://127.0.0.1') ?? false,
    // Requests are watched and held up by the tests: a service worker would ask beside them.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env.ZWINDLE_CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
})

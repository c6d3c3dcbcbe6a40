import { defineConfig } from '@playwright/test'

/** One server a worker, each with data of its own: `bin/test` starts them. */
const servers = (process.env.ZWINDLE_URLS ?? process.env.ZWINDLE_URL ?? 'http://127.0.0.1:8199').split(',')
const baseURL = servers[Number(process.env.TEST_PARALLEL_INDEX ?? 0) % servers.length]!

export default defineConfig({
  testDir: 'tests/Browser',
  // A machine that does other work beside this can be five times as slow: these ends are for what hangs, not for what is slow.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  // No test rests on another: each is given to whichever worker is free.
  fullyParallel: true,
  workers: servers.length,
  reporter: [['list']],
  use: {
    // What cannot be clicked says so, and does not hold a whole run up.
    actionTimeout: 20_000,
    baseURL,
    // The certificate of `deploy/smoke` is its own.
    ignoreHTTPSErrors: baseURL.startsWith('https://127.0.0.1'),
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

import { defineConfig, devices } from '@playwright/test'
import { CHROMIUM } from './e2e/chromium'

export default defineConfig({
  testDir: './e2e',
  // Each story has a clinic of its own, so two go beside one another.
  workers: 2,
  // The clock only ends what hangs.
  timeout: 180_000,
  expect: { timeout: 15_000 },
  fullyParallel: true,
  reporter: 'list',
  use: { viewport: { width: 1280, height: 800 }, launchOptions: CHROMIUM, screenshot: 'only-on-failure' },
  projects: [{ name: 'chromium', use: { ...devices['Desktop Chrome'], viewport: { width: 1280, height: 800 } } }],
})

import { defineConfig, devices } from '@playwright/test'
import { CHROMIUM } from './e2e/chromium'

export default defineConfig({
  testDir: './e2e',
  workers: 1,
  timeout: 90_000,
  reporter: 'list',
  use: { viewport: { width: 1280, height: 800 }, launchOptions: CHROMIUM, screenshot: 'only-on-failure' },
  projects: [{ name: 'chromium', use: { ...devices['Desktop Chrome'], viewport: { width: 1280, height: 800 } } }],
})

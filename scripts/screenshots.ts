// One current picture of each main view, from demo data: npm run screenshots [-- FOLDER].
// Needs a build (npm run build) and Chromium.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { fillDemoClinic } from '../db/demo/clinic'
import { openDb } from '../db/open'
import { examHeads } from '../db/queries/exams'
import { CHROMIUM } from '../e2e/chromium'

const out = process.argv[2] ?? 'docs/screenshots'
const data = mkdtempSync(path.join(tmpdir(), 'dust-lantern-shots-'))
const PORT = '3199'
const db = openDb(path.join(data, 'clinic.sqlite'))
fillDemoClinic(db, new Date())
const exam = Object.fromEntries(examHeads(db).map((head) => [head.person.name, head.id]))
db.$client.close()

const server = spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', PORT], {
  env: { ...process.env, DUST_LANTERN_DATA: data, NEXT_TELEMETRY_DISABLED: '1' },
  stdio: 'ignore',
})
const base = `http://127.0.0.1:${PORT}`

async function ready(): Promise<void> {
  for (let tries = 0; tries < 100; tries++) {
    const answer = await fetch(`${base}/health`).catch(() => null)
    if (answer?.ok) return
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
  throw new Error('The server did not start. Is there a build? npm run build')
}

/** A view: where it is, and what is done there before the picture. */
interface View {
  readonly name: string
  readonly at: string
  readonly lamp?: boolean
  readonly before?: (page: Page) => Promise<void>
}

async function press(page: Page, keys: readonly string[]): Promise<void> {
  for (const key of keys) {
    // One key twice within a twentieth of a second is a switch that bounces.
    await page.keyboard.press(key)
    await page.waitForTimeout(60)
  }
}

/** The screen itself, not what stands in its place while it arrives. */
async function open(page: Page, url: string): Promise<void> {
  await page.goto(url)
  await page.getByRole('main').waitFor()
  await page.waitForFunction(() => !/^Opening/m.test(document.body.innerText))
  await page.waitForTimeout(300)
}

const of = (name: string, screen: string) => `/exam/${exam[name] ?? ''}/${screen}`
/** Everything that the tests of the leg ask first, answered no on the bench: single questions, then a group in one key. */
const ASKED = [...Array.from({ length: 22 }, () => 'n'), 'r', 'r', 'n']
const VIEWS: readonly View[] = [
  { name: 'today', at: '/today' },
  { name: 'story', at: of('Imre Talvane', 'story') },
  { name: 'bench', at: of('Imre Talvane', 'bench') },
  { name: 'bench-asks', at: of('Corwin Teasel', 'bench') },
  { name: 'bench-halt', at: of('Bram Wickery', 'bench') },
  {
    name: 'bench-confirm',
    at: of('Corwin Teasel', 'bench'),
    before: async (page) => {
      await press(page, ASKED)
      // Past the seated tests to the raise, by its name.
      await press(page, ['g'])
      await page.keyboard.type('straight leg raise left')
      await press(page, ['Enter', '4', '6', 'Enter', 'u'])
    },
  },
  {
    name: 'bench-slump',
    at: of('Corwin Teasel', 'bench'),
    before: async (page) => {
      await press(page, ['Space', 'Space', 'Space', 'Space', 'a'])
      await page.waitForTimeout(7500)
    },
  },
  { name: 'bench-lamp', at: of('Odalys Brightmoor', 'bench'), lamp: true },
  // From here on gates are closed for this person.
  {
    name: 'safety',
    at: of('Corwin Teasel', 'safety'),
    before: (page) => press(page, ['ArrowDown', 'y']),
  },
  { name: 'bench-arm', at: of('Teodor Quill', 'bench') },
  {
    name: 'bench-table',
    at: of('Teodor Quill', 'bench'),
    before: async (page) => {
      await press(page, ['g'])
      await page.keyboard.type('neurological upper right')
      await press(page, ['Enter', '5', '5', '4', '5'])
    },
  },
  {
    name: 'bell',
    at: of('Corwin Teasel', 'bench'),
    before: async (page) => {
      await press(page, ['b'])
      await page.getByRole('button', { name: 'Make a code' }).click()
      const code = await page.locator('text=/^[2-9A-Z]{6}$/').innerText()
      await page.setViewportSize({ width: 390, height: 780 })
      await page.goto(`${base}/bell/${code}`)
    },
  },
  { name: 'settings', at: '/settings' },
  {
    name: 'evidence',
    at: '/settings/evidence',
    before: (page) => page.getByRole('textbox', { name: 'Find' }).fill('thigh thrust'),
  },
  {
    name: 'rules',
    at: '/settings/rules',
    before: async (page) => {
      await page.getByRole('button', { name: 'New rule' }).click()
      await page.getByLabel('Name').fill('Harbour two')
      await page.getByRole('button', { name: 'Add a condition' }).click()
      await page.getByLabel('Condition 2: kind').selectOption('age')
      await page.getByRole('button', { name: 'Try it on earlier examinations' }).click()
      await page.getByText(/^Met in/).waitFor()
      await page.mouse.wheel(0, -2000)
    },
  },
  { name: 'weigh', at: of('Odalys Brightmoor', 'weigh') },
  { name: 'note', at: of('Odalys Brightmoor', 'note') },
  { name: 'library', at: '/library' },
  { name: 'library-test', at: '/library/sacral-thrust' },
]

try {
  await ready()
  const browser = await chromium.launch(CHROMIUM)
  for (const view of VIEWS) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme: view.lamp ? 'dark' : 'light' })
    await open(page, base + view.at)
    await view.before?.(page)
    await page.waitForTimeout(900)
    await page.screenshot({ path: path.join(out, `${view.name}.png`) })
    await page.close()
  }
  await browser.close()
} finally {
  server.kill('SIGTERM')
  rmSync(data, { recursive: true, force: true })
}

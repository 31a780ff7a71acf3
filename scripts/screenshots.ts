// One current picture of each main view, from demo data: npm run screenshots [-- FOLDER].
// Needs a build (npm run build) and Chromium.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { type Browser, chromium, type Page } from '@playwright/test'
import { fillDemoClinic } from '../db/demo/clinic'
import { fillGenerated } from '../db/demo/generated'
import { openDb } from '../db/open'
import { addAccount } from '../db/queries/accounts'
import { examHeads } from '../db/queries/exams'
import { catchUpAll } from '../db/queries/rebuild-findings'
import { CHROMIUM } from '../e2e/chromium'
import { hashSecret } from '../server/doors/secrets'
import { freePort, serve } from '../tests/served'

const out = process.argv[2] ?? 'docs/screenshots'
const data = mkdtempSync(path.join(tmpdir(), 'dust-lantern-shots-'))
const db = openDb(path.join(data, 'clinic.sqlite'))
fillDemoClinic(db, new Date())
fillGenerated(db, new Date(), 64)
catchUpAll(db)
// The latest of each person.
const exam = Object.fromEntries(
  examHeads(db)
    .toReversed()
    .map((head) => [head.person.name, head.id]),
)
const person = Object.fromEntries(examHeads(db).map((head) => [head.person.name, head.person.id]))
db.$client.close()

const served = await serve({ folder: data, port: await freePort() })
const base = served.url

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
const VIEWS: readonly View[] = [
  { name: 'today', at: '/today' },
  { name: 'story', at: of('Imre Talvane', 'story') },
  { name: 'bench', at: of('Imre Talvane', 'bench') },
  { name: 'bench-halt', at: of('Bram Wickery', 'bench') },
  // From here on gates are closed for this person.
  {
    name: 'safety',
    at: of('Corwin Teasel', 'safety'),
    before: (page) => press(page, ['ArrowDown', 'y']),
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
  {
    name: 'note',
    at: of('Odalys Brightmoor', 'note'),
    before: (page) => page.getByRole('button', { name: /^The findings point most/ }).click(),
  },
  { name: 'letter', at: of('Bram Wickery', 'letter') },
  {
    name: 'summary',
    at: of('Imre Talvane', 'summary'),
    before: (page) => page.getByLabel(/What you agreed/).fill('Walk ten minutes, twice a day.\nCome back on Friday.'),
  },
  { name: 'exchange', at: '/exchange' },
  { name: 'recheck', at: of('Ysolde Penmarrow', 'recheck') },
  {
    name: 'person',
    at: `/person/${person['Hesper Dray'] ?? ''}`,
    before: async (page) => page.getByRole('region', { name: 'The visits as a table' }).waitFor(),
  },
  { name: 'audit', at: '/audit', before: async (page) => page.getByRole('heading', { name: 'Plan' }).waitFor() },
  { name: 'library-test', at: '/library/sacral-thrust' },
]

/** Somebody signs in, and what only they see. */
async function signedIn(browser: Browser): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-shots-'))
  const clinic = openDb(path.join(folder, 'clinic.sqlite'))
  fillDemoClinic(clinic, new Date())
  const password = await hashSecret('three slow ferries at dusk')
  const lead = { id: 'wenna-saltmarsh', name: 'Wenna Saltmarsh', login: 'wenna', role: 'lead', invitation: null, invitedUntil: null, password } as const
  addAccount(clinic, lead, Date.now())
  const ofImre = examHeads(clinic).find((head) => head.person.name === 'Imre Talvane')?.id ?? ''
  clinic.$client.close()
  const own = await serve({ folder, port: await freePort(), demo: false })
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme: 'light' })
    const shot = (name: string) => page.screenshot({ path: path.join(out, `${name}.png`) })
    await page.goto(own.url)
    await page.getByLabel('Sign-in name').fill('wenna')
    await page.getByLabel('Password').fill('three slow ferries at dusk')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await page.waitForURL(/today$/)
    await open(page, `${own.url}/exam/${ofImre}/bench`)
    await page.waitForTimeout(1500)
    await page.getByRole('button', { name: 'Lock this screen' }).click()
    await page.getByRole('dialog', { name: 'Locked' }).waitFor()
    await page.waitForTimeout(400)
    await shot('lock')
  } finally {
    await own.stop()
    for (const one of [folder, `${folder}-keys`]) rmSync(one, { recursive: true, force: true })
  }
}

try {
  const browser = await chromium.launch(CHROMIUM)
  for (const view of VIEWS) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme: view.lamp ? 'dark' : 'light' })
    await open(page, base + view.at)
    await view.before?.(page)
    await page.waitForTimeout(900)
    await page.screenshot({ path: path.join(out, `${view.name}.png`) })
    await page.close()
  }
  await signedIn(browser)
  await browser.close()
} finally {
  await served.stop()
  rmSync(data, { recursive: true, force: true })
}

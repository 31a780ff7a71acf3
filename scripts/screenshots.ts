// One current picture of each main view, from demo data: npm run screenshots [-- FOLDER].
// Needs a build (npm run build) and Chromium.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { fillDemoClinic } from '../db/demo/clinic'
import { fillGenerated } from '../db/demo/generated'
import { openDb } from '../db/open'
import { examHeads } from '../db/queries/exams'
import { catchUpAll } from '../db/queries/rebuild-findings'
import { CHROMIUM } from '../e2e/chromium'
import { beginPractice, practise } from '../tests/practised'
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
// Somebody who learns: misreads every third answer at first, and fewer later.
const DAY = 24 * 60 * 60_000
const replays = ['neck 1', 'back 1', 'pelvis 4', 'back 3', 'neck 7', 'pelvis 2', 'back 2', 'neck 4'].map((name, i) =>
  practise(db, { by: 'maren-oake', case: name, policy: i === 1 ? 'random' : 'plan', misreads: 3 + 2 * i, at: Date.now() - (9 - i) * DAY }),
)
const underWay = beginPractice(db, { by: 'maren-oake', case: 'back 12', at: Date.now() - 10 * 60_000 })
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
  { name: 'recheck', at: of('Ysolde Penmarrow', 'recheck') },
  {
    name: 'person',
    at: `/person/${person['Hesper Dray'] ?? ''}`,
    before: async (page) => page.getByRole('region', { name: 'The visits as a table' }).waitFor(),
  },
  { name: 'audit', at: '/audit', before: async (page) => page.getByRole('heading', { name: 'Plan' }).waitFor() },
  { name: 'practice', at: '/practice', before: (page) => page.mouse.wheel(0, 460) },
  {
    name: 'practice-bench',
    at: `/practice/run/${underWay}/bench`,
    before: async (page) => {
      await press(page, ['g'])
      await page.keyboard.type('straight leg raise left')
      await press(page, ['Enter'])
      await page.getByRole('region', { name: 'The person' }).getByText('Nothing done yet.').waitFor()
      await page.keyboard.down('+')
      await page.getByText('The face shows it.').waitFor()
      await page.keyboard.up('+')
      await press(page, [','])
    },
  },
  { name: 'replay', at: `/practice/run/${replays[0] ?? ''}/replay` },
  { name: 'library-test', at: '/library/sacral-thrust' },
]

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
  await browser.close()
} finally {
  await served.stop()
  rmSync(data, { recursive: true, force: true })
}

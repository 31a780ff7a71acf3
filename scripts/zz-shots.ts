import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { fillDemoClinic } from '../db/demo/clinic'
import { openDb } from '../db/open'
import { examHeads } from '../db/queries/exams'
import { CHROMIUM } from '../e2e/chromium'
import { freePort, serve } from '../tests/served'
const data = mkdtempSync(path.join(tmpdir(), 'dl-zz-'))
const db = openDb(path.join(data, 'clinic.sqlite'))
fillDemoClinic(db, new Date())
const heads = examHeads(db)
const exam = Object.fromEntries(heads.toReversed().map((h) => [h.person.name, h.id]))
const person = Object.fromEntries(heads.map((h) => [h.person.name, h.person.id]))
db.$client.close()
const served = await serve({ folder: data, port: await freePort() })
const browser = await chromium.launch({ ...CHROMIUM })
const wanted = process.argv.slice(2)
async function shot(name: string, at: string, before?: (page: Page) => Promise<void>, size = { width: 1280, height: 800 }) {
  if (wanted.length > 0 && !wanted.includes(name)) return
  const page = await browser.newPage({ viewport: size })
  page.on('pageerror', (e) => console.log(name, 'pageerror', e.message))
  page.on('console', (m) => { if (m.type() === 'error') console.log(name, m.text()) })
  await page.goto(served.url + at)
  await page.getByRole('main').waitFor()
  await page.waitForFunction(() => !/^Opening/m.test(document.body.innerText))
  await page.waitForTimeout(400)
  await before?.(page)
  await page.waitForTimeout(300)
  await page.screenshot({ path: `/tmp/shot-${name}.png` })
  await page.close()
}
const press = async (page: Page, ...keys: string[]) => { for (const k of keys) { await page.keyboard.press(k); await page.waitForTimeout(90) } }
await shot('recheck', `/exam/${exam['Ysolde Penmarrow']}/recheck`)
await shot('recheck-better', `/exam/${exam['Hesper Dray']}/recheck`)
await shot('recheck-first', `/exam/${exam['Odalys Brightmoor']}/recheck`)
await shot('treat', `/exam/${exam['Odalys Brightmoor']}/bench`, async (page) => { await press(page, 'r') })
await shot('recheck-run', `/exam/${exam['Imre Talvane']}/bench`, async (page) => {
  await press(page, 'Enter'); await press(page, 'r'); await page.keyboard.type('neural slider'); await press(page, 'Enter'); await press(page, 'r'); await press(page, 'r'); await press(page, '6', '1')
})
await shot('today', '/today')
await shot('person', `/person/${person['Hesper Dray']}`)
await shot('person-worse', `/person/${person['Ysolde Penmarrow']}`)
await browser.close()
await served.stop()

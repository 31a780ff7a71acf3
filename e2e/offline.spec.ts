import type { Page } from '@playwright/test'
import { arrived, expect, expectAccessible, expectSaved, openClinic, patient, press, recordOf, test, got } from './clinic'

/** The program and today's examinations are on the device. */
async function onDevice(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/today`)
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true)
  await expect.poll(() => keptHere(page), { timeout: 30_000 }).toBeGreaterThan(4)
}

/** Rows of a store of the device. */
function rowsOf(page: Page, store: string): Promise<readonly unknown[]> {
  return page.evaluate(
    (name) =>
      new Promise<unknown[]>((resolve) => {
        const open = indexedDB.open('dust-lantern')
        open.onsuccess = () => {
          if (!open.result.objectStoreNames.contains(name)) {
            open.result.close()
            resolve([])
            return
          }
          const all = open.result.transaction(name).objectStore(name).getAll()
          all.onsuccess = () => {
            open.result.close()
            resolve(all.result as unknown[])
          }
        }
        open.onerror = () => resolve([])
      }),
    store,
  )
}

const keptHere = async (page: Page) => (await rowsOf(page, 'records')).length
const waiting = async (page: Page) => (await rowsOf(page, 'waiting')).length
const band = (page: Page) => page.getByRole('status').filter({ hasText: 'The server cannot be reached.' })

test('a stopped server does not stop an examination: it opens, goes on, survives reloads, and everything arrives', async ({ page, clinic }) => {
  await onDevice(page, clinic.url)
  const exam = clinic.examOf('Odalys Brightmoor')
  await page.goto(`${clinic.url}/exam/${exam}/bench`)
  const before = await recordOf(page)
  await clinic.stop()
  await press(page, 'Space')
  await expect(band(page)).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /entr(y|ies) kept here/ })).toBeVisible()
  await expectAccessible(page)
  // Reload, every link, another examination, Today: nothing is the browser's error page.
  await page.reload()
  await arrived(page)
  await expect(page.getByTitle('Odalys Brightmoor')).toBeVisible()
  await press(page, 'Space')
  await expect.poll(() => waiting(page)).toBeGreaterThanOrEqual(2)
  await page.getByRole('link', { name: 'Weigh' }).click()
  await expect(page).toHaveURL(/\/weigh$/)
  await arrived(page)
  await page.getByRole('link', { name: 'Note' }).click()
  await expect(page.getByRole('article', { name: 'Note' })).toContainText('Odalys Brightmoor')
  await page.getByRole('link', { name: 'Today' }).click()
  await expect(page.getByRole('heading', { name: 'The server is away' })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: /Imre Talvane/ }).click()
  await arrived(page)
  await expect(page.getByTitle('Imre Talvane')).toBeVisible()
  await page.goto(`${clinic.url}/exam/${exam}/bench`)
  await arrived(page)
  // Nothing of anybody lies on the device in clear.
  for (const store of ['waiting', 'records', 'drafts']) expect(JSON.stringify(await rowsOf(page, store))).not.toMatch(/Brightmoor|buttock|stage-answered/i)
  await clinic.start()
  await expectSaved(page)
  await expect(band(page)).toBeHidden()
  expect(await waiting(page)).toBe(0)
  const after = await recordOf(page)
  const answers = (record: typeof after) => record.runs.reduce((n, run) => n + run.answers.length, 0)
  expect(answers(after)).toBeGreaterThan(answers(before))
})

test('two windows without a server: what both record arrives, once each, and what clashes is told', async ({ page, clinic }) => {
  await onDevice(page, clinic.url)
  const exam = clinic.examOf('Odalys Brightmoor')
  const second = patient(await page.context().newPage())
  for (const one of [page, second]) await one.goto(`${clinic.url}/exam/${exam}/note`)
  await clinic.stop()
  const write = async (one: Page, text: string) => {
    const box = one.getByRole('textbox', { name: 'Your own words' })
    await box.fill(text)
    await box.blur()
  }
  await write(page, 'From the first window.')
  await write(second, 'From the second window.')
  await expect.poll(() => waiting(page)).toBe(2)
  await second.reload()
  await arrived(second)
  await clinic.start()
  for (const one of [page, second]) await expectSaved(one)
  const { events } = (await (await got(page, `${clinic.url}/exam/${exam}/events`)).json()) as { events: readonly { type: string; text?: string }[] }
  const texts = events.filter((event) => event.type === 'note-written').map((event) => event.text)
  for (const text of ['From the first window.', 'From the second window.']) expect(texts.filter((one) => one === text)).toHaveLength(1)
})

test('a device whose store is full says what is at risk, makes room, and loses nothing that is sent', async ({ page, clinic }) => {
  await page.addInitScript(() => {
    // The store takes nothing more, as on a full disk.
    const { put } = IDBObjectStore.prototype as { put: (this: IDBObjectStore, value: unknown, key?: IDBValidKey) => IDBRequest<IDBValidKey> }
    IDBObjectStore.prototype.put = function (value, key) {
      if (this.name === 'waiting' && (window as { full?: boolean }).full) throw new DOMException('full', 'QuotaExceededError')
      return key === undefined ? put.call(this, value) : put.call(this, value, key)
    }
  })
  const exam = clinic.examOf('Odalys Brightmoor')
  await page.goto(`${clinic.url}/exam/${exam}/bench`)
  const before = await recordOf(page)
  await page.evaluate(() => Object.assign(window, { full: true }))
  await clinic.stop()
  await press(page, 'Space')
  await expect(page.getByRole('status').filter({ hasText: 'in this window only: keep it open' })).toBeVisible()
  await clinic.start()
  await expectSaved(page)
  const after = await recordOf(page)
  const answers = (record: typeof after) => record.runs.reduce((n, run) => n + run.answers.length, 0)
  expect(answers(after)).toBeGreaterThan(answers(before))
})

test('what waited when somebody signed out is sealed, is nobody else’s, and is sent when they are back', async ({ browser }) => {
  const clinic = await openClinic({ demo: false })
  try {
    const page = patient(await (await browser.newContext()).newPage())
    // In the page itself: what a service worker passes on is not caught outside it every time.
    await page.addInitScript(() => {
      const fetched = window.fetch.bind(window)
      window.fetch = (asked, how) =>
        localStorage.getItem('cut') && how?.method === 'POST' && typeof asked === 'string' && asked.endsWith('/events')
          ? Promise.reject(new TypeError('cut'))
          : fetched(asked, how)
    })
    await page.goto(clinic.url)
    const fill = async (label: string, text: string) => page.getByLabel(label).fill(text)
    await fill('Code of this start', /type this code: (\S+)/.exec(clinic.said())?.[1] ?? '')
    await fill('Your name', 'Wenna Saltmarsh')
    await fill('Sign-in name', 'wenna')
    await fill('Password', 'three slow ferries at dusk')
    await page.getByRole('button', { name: 'Begin' }).click()
    await expect(page).toHaveURL(/\/today$/)
    await page.goto(`${clinic.url}/settings/people`)
    await page.getByLabel('Name', { exact: true }).fill('Tamsin Rook')
    await fill('Sign-in name', 'tamsin')
    await page.getByRole('button', { name: 'Make an invitation' }).click()
    const code = await page.locator('text=/^([2-9A-Z]{4}-){3}[2-9A-Z]{4}$/').innerText()

    const exam = clinic.examOf('Odalys Brightmoor')
    await page.goto(`${clinic.url}/exam/${exam}/bench`)
    await expectSaved(page)
    await page.evaluate(() => localStorage.setItem('cut', 'yes'))
    await press(page, 'Space')
    await expect(page.getByRole('status').filter({ hasText: /^Not stored yet: 2 entries kept here$/ })).toBeVisible()
    const left = 2
    await expect.poll(() => waiting(page)).toBe(left)
    await page.goto(`${clinic.url}/today`)
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page).toHaveURL(/\/sign-in$/)
    expect(await waiting(page)).toBe(left)
    expect(await keptHere(page)).toBe(0)
    expect(await page.evaluate(() => sessionStorage.length)).toBe(0)
    await page.evaluate(() => localStorage.removeItem('cut'))

    await page.getByRole('link', { name: 'I have an invitation' }).click()
    await fill('Code', code)
    await fill('New password', 'a bell that nobody rings twice')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page).toHaveURL(/\/today$/)
    await arrived(page)
    await page.waitForTimeout(7000)
    // The second practitioner neither sees nor sends it.
    expect(await waiting(page)).toBe(left)
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page).toHaveURL(/\/sign-in$/)
    await fill('Sign-in name', 'wenna')
    await fill('Password', 'three slow ferries at dusk')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page).toHaveURL(/\/today$/)
    await expect.poll(() => waiting(page)).toBe(0)
    const { events } = (await (await got(page, `${clinic.url}/exam/${exam}/events`)).json()) as { events: readonly { by: string }[] }
    expect(events.at(-1)?.by).toBe('wenna-saltmarsh')
  } finally {
    await clinic.close()
  }
})

import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { chromium, type BrowserContext, type Page } from '@playwright/test'
import { CHROMIUM } from './chromium'
import { arrived, expect, expectSaved, openClinic, patient, test } from './clinic'

const LEAD = { name: 'Wenna Saltmarsh', login: 'wenna', password: 'three slow ferries at dusk' }
const WORDS = 'marbled quince over the left scapula'
/** Everything that would tell whose records were open here. */
const NAMES = ['Brightmoor', 'Talvane', 'bell-founder', 'ferry purser', 'marbled quince']

/** A browser with a profile on disk, as a tablet has it. */
function withProfile(folder: string): Promise<BrowserContext> {
  return chromium.launchPersistentContext(folder, { ...CHROMIUM, viewport: { width: 1280, height: 800 } })
}

/** Files of a profile in which one of these stands, in any encoding a browser writes. */
function telling(folder: string): readonly string[] {
  const files = readdirSync(folder, { recursive: true, withFileTypes: true }).filter((entry) => entry.isFile())
  return files.flatMap((entry) => {
    const file = path.join(entry.parentPath, entry.name)
    let bytes: Buffer
    try {
      bytes = readFileSync(file)
    } catch {
      return []
    }
    return NAMES.filter((name) => bytes.includes(name) || bytes.includes(Buffer.from(name, 'utf16le'))).map((name) => `${path.relative(folder, file)}: ${name}`)
  })
}

async function onlyPage(context: BrowserContext): Promise<Page> {
  return patient(context.pages()[0] ?? (await context.newPage()))
}

test('a tablet that is lost tells nothing: not from its disk, not without the server, not once its session is ended', async () => {
  test.setTimeout(240_000)
  const clinic = await openClinic({ demo: false })
  const profile = mkdtempSync(path.join(tmpdir(), 'dust-lantern-profile-'))
  const copies = [1, 2].map(() => mkdtempSync(path.join(tmpdir(), 'dust-lantern-copied-')))
  try {
    const tablet = await withProfile(profile)
    const page = await onlyPage(tablet)
    await page.goto(clinic.url)
    await page.getByLabel('Code of this start').fill(/type this code: (\S+)/.exec(clinic.said())?.[1] ?? '')
    await page.getByLabel('Your name').fill(LEAD.name)
    await page.getByLabel('Sign-in name').fill(LEAD.login)
    await page.getByLabel('Password').fill(LEAD.password)
    await page.getByRole('button', { name: 'Begin' }).click()
    await expect(page).toHaveURL(/\/today$/)
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true)
    await expect
      .poll(
        () =>
          page.evaluate(
            () =>
              new Promise<number>((resolve) => {
                const open = indexedDB.open('dust-lantern')
                open.onsuccess = () => {
                  const count = open.result.transaction('records').objectStore('records').count()
                  count.onsuccess = () => {
                    open.result.close()
                    resolve(count.result)
                  }
                }
              }),
          ),
        { timeout: 30_000 },
      )
      .toBeGreaterThan(4)
    const exam = clinic.examOf('Odalys Brightmoor')
    await page.goto(`${clinic.url}/exam/${exam}/note`)
    await arrived(page)
    // Two windows are told apart by their number; a name would stay in the history.
    await expect(page).toHaveTitle(/^Note, number \d+/)
    await page.getByRole('textbox', { name: 'Your own words' }).fill(WORDS)
    await page.getByRole('textbox', { name: 'Your own words' }).blur()
    await expectSaved(page)
    await page.goto(
      `${clinic.url}/person/${await page.evaluate(async (id) => ((await (await fetch(`/exam/${id}/record`)).json()) as { person: { id: string } }).person.id, exam)}`,
    )
    await expect(page).toHaveTitle(/^Person, number \d+/)
    await page.goto(`${clinic.url}/exam/${exam}/bench`)
    await arrived(page)
    await page.getByRole('button', { name: 'Lock this screen' }).click()
    await expect(page.getByRole('dialog', { name: 'Locked' })).toBeVisible()
    await expect(page).toHaveTitle('Locked · Dust Lantern')
    // What the browser writes now and then is on disk.
    await page.waitForTimeout(3000)
    await tablet.close()
    for (const copy of copies) cpSync(profile, copy, { recursive: true, filter: (file) => !file.includes('Singleton') })
    expect(telling(copies[0] ?? '')).toEqual([])

    // The copy, without the server: nothing by itself, nothing by another password; by hers the day goes on.
    await clinic.stop()
    const first = await withProfile(copies[0] ?? '')
    const away = await onlyPage(first)
    await away.goto(`${clinic.url}/exam/${exam}/bench`)
    await expect(away.getByRole('heading', { name: 'The server is away' })).toBeVisible()
    await expect(away.locator('body')).not.toContainText(/Brightmoor|Talvane|quince/)
    await away.getByLabel('Password').fill('some other long password')
    await away.getByRole('button', { name: 'Open', exact: true }).click()
    await expect(away.locator('[role=alert]:not([id])')).toContainText('not the password of this session')
    await expect(away.locator('body')).not.toContainText(/Brightmoor|Talvane|quince/)
    await away.getByLabel('Password').fill(LEAD.password)
    await away.getByRole('button', { name: 'Open', exact: true }).click()
    await expect(away.getByTitle('Odalys Brightmoor')).toBeVisible()
    await first.close()

    // Ended from another browser: the second copy learns it with its first question, and from then on not even the password opens it.
    await clinic.start()
    const elsewhere = await chromium.launch(CHROMIUM)
    const other = patient(await elsewhere.newPage())
    await other.goto(`${clinic.url}/sign-in`)
    await other.getByLabel('Sign-in name').fill(LEAD.login)
    await other.getByLabel('Password').fill(LEAD.password)
    await other.getByRole('button', { name: 'Sign in' }).click()
    await expect(other).toHaveURL(/\/today$/)
    await other.goto(`${clinic.url}/account`)
    await other.getByRole('button', { name: 'Sign out everywhere' }).click()
    await expect(other).toHaveURL(/\/sign-in$/)
    await elsewhere.close()
    const second = await withProfile(copies[1] ?? '')
    const revoked = await onlyPage(second)
    await revoked.goto(`${clinic.url}/exam/${exam}/bench`)
    await expect(revoked).toHaveURL(/\/sign-in\?to=/)
    await arrived(revoked)
    await clinic.stop()
    await revoked.goto(`${clinic.url}/exam/${exam}/bench`)
    await expect(revoked.getByRole('heading', { name: 'The server is away' })).toBeVisible()
    await expect(revoked.getByLabel('Password')).toHaveCount(0)
    await expect(revoked.locator('body')).not.toContainText(/Brightmoor|Talvane|quince/)
    await second.close()
  } finally {
    await clinic.close()
    for (const one of [profile, ...copies]) rmSync(one, { recursive: true, force: true })
  }
})

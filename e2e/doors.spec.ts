import { readFileSync } from 'node:fs'
import path from 'node:path'
import type { APIRequestContext, Browser, Page } from '@playwright/test'
import { openDb } from '../db/open'
import { accountByLogin } from '../db/queries/accounts'
import { factorCode } from '../server/auth/second-factor'
import { type AccessLevel, matchRoute, PROCEDURE_ACCESS } from '../server/auth/routes'
import { practise } from '../tests/practised'
import { arrived, type Clinic, expect, expectAccessible, expectSaved, openClinic, patient, press, recordOf, test as base, got } from './clinic'

const LEAD = { name: 'Wenna Saltmarsh', login: 'wenna', password: 'three slow ferries at dusk' }
const STUDENT = { name: 'Piran Oakes', login: 'piran', password: 'seven kites over the mole' }
const PRACTITIONER = { name: 'Tamsin Rook', login: 'tamsin', password: 'a bell that nobody rings twice' }

/** A clinic with the demo's examinations in which people have to sign in. */
const test = base.extend<{ clinic: Clinic }>({
  clinic: async ({}, provide) => {
    const clinic = await openClinic({ demo: false })
    await provide(clinic)
    await clinic.close()
  },
})

/** What is said where the eye is; the framework's own announcer is silent here. */
const notice = (page: Page) => page.locator('[role=alert]:not([id])')

/** Set up the first lead by the code of this start. */
async function begin(page: Page, clinic: Clinic): Promise<void> {
  await page.goto(clinic.url)
  await expect(page).toHaveURL(/\/first$/)
  const code = /type this code: (\S+)/.exec(clinic.said())?.[1] ?? ''
  await page.getByLabel('Code of this start').fill(code.toLowerCase().replaceAll('-', ' '))
  await page.getByLabel('Your name').fill(LEAD.name)
  await page.getByLabel('Sign-in name').fill(LEAD.login)
  await page.getByLabel('Password').fill(LEAD.password)
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page).toHaveURL(/\/today$/)
  await arrived(page)
}

async function invite(page: Page, clinic: Clinic, who: typeof LEAD, role: string): Promise<string> {
  await page.goto(`${clinic.url}/settings/people`)
  await page.getByLabel('Name', { exact: true }).fill(who.name)
  await page.getByLabel('Sign-in name').fill(who.login)
  await page.getByLabel('May', { exact: true }).selectOption(role)
  await page.getByRole('button', { name: 'Make an invitation' }).click()
  const code = await page.locator('text=/^([2-9A-Z]{4}-){3}[2-9A-Z]{4}$/').innerText()
  await page.getByRole('button', { name: 'It is handed over' }).click()
  return code
}

/** Somebody with a browser of their own, who chooses a password by an invitation. */
async function join(browser: Browser, clinic: Clinic, code: string, password: string): Promise<Page> {
  const page = patient(await (await browser.newContext()).newPage())
  await page.goto(`${clinic.url}/join`)
  await page.getByLabel('Code').fill(code)
  await page.getByLabel('New password').fill(password)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page).toHaveURL(/\/today$/)
  await arrived(page)
  return page
}

async function signIn(page: Page, who: typeof LEAD): Promise<void> {
  await page.getByLabel('Sign-in name').fill(who.login)
  await page.getByLabel('Password').fill(who.password)
  await page.getByRole('button', { name: 'Sign in' }).click()
}

/** Every page and route of the build, with a real examination in the place of its number. */
function addresses(exam: string): readonly { readonly route: string; readonly path: string; readonly page: boolean }[] {
  const built = JSON.parse(readFileSync('.next/app-path-routes-manifest.json', 'utf8')) as Record<string, string>
  return Object.entries(built)
    .filter(([, route]) => !route.startsWith('/_'))
    .map(([file, route]) => ({
      route,
      path: route
        .replace('[examId]', exam)
        .replace('[test]', 'slump')
        .replace('[personId]', exam)
        .replace('[act]', 'nothing')
        .replace(/\[\w+\]/g, 'AAAAAA'),
      page: file.endsWith('/page'),
    }))
}

const ask = (request: APIRequestContext, url: string, method: string) =>
  request.fetch(url, { method, maxRedirects: 0, maxRetries: 2, ...(method === 'POST' && { data: { args: [] } }) })

test('every page, route and act of the build refuses a stranger, a student and a session that is over', async ({ page, browser, clinic }) => {
  await begin(page, clinic)
  const exam = clinic.examOf('Imre Talvane')
  const student = await join(browser, clinic, await invite(page, clinic, STUDENT, 'student'), STUDENT.password)
  const over = await browser.newContext()
  const overPage = patient(await over.newPage())
  await overPage.goto(`${clinic.url}/sign-in`)
  await signIn(overPage, LEAD)
  await expect(overPage).toHaveURL(/\/today$/)
  await arrived(overPage)
  // Kept as somebody would who copied it: the cookie is sent again after the session was ended.
  const stolen = await over.cookies()
  await overPage.getByRole('button', { name: 'Sign out' }).click()
  await expect(overPage).toHaveURL(/\/sign-in$/)
  await over.addCookies(stolen)
  const stranger = await browser.newContext()
  const nobodies = [
    ['a stranger', stranger.request],
    ['a session that is over', over.request],
  ] as const

  const walked = addresses(exam)
  expect(walked.length).toBeGreaterThan(35)
  for (const { route, path, page: isPage } of walked) {
    const matched = matchRoute(path)
    expect(matched?.name, `${route} stands in the table`).toBe(route)
    const door = matched?.access ?? 'lead'
    for (const method of isPage ? ['GET'] : ['GET', 'POST']) {
      const url = clinic.url + path
      if (door !== 'anyone') {
        for (const [who, request] of nobodies) {
          const answer = await ask(request, url, method)
          const refused = isPage ? answer.status() === 303 && (answer.headers().location ?? '').includes('/sign-in?to=') : answer.status() === 401
          expect(refused, `${who}: ${method} ${route} gave ${answer.status()}`).toBe(true)
          expect(await answer.text()).not.toMatch(/Talvane|bell-founder/)
        }
      }
      const answer = await ask(student.request, url, method)
      const forbidden: readonly AccessLevel[] = ['clinic', 'exam', 'lead']
      if (forbidden.includes(door)) expect(answer.status(), `a student: ${method} ${route}`).toBe(403)
      expect(answer.status(), route).toBeLessThan(500)
      expect(await answer.text(), `a student: ${route}`).not.toMatch(/Talvane|bell-founder/)
    }
  }
  for (const [name, door] of Object.entries(PROCEDURE_ACCESS)) {
    const url = `${clinic.url}/do/${name}`
    if (door !== 'anyone') for (const [who, request] of nobodies) expect((await ask(request, url, 'POST')).status(), `${who}: ${name}`).toBe(401)
    if (door === 'clinic' || door === 'lead') expect((await ask(student.request, url, 'POST')).status(), `a student: ${name}`).toBe(403)
  }
  // A practitioner leads nothing, and a student works on what is entrusted to them.
  const practitioner = await join(browser, clinic, await invite(page, clinic, PRACTITIONER, 'practitioner'), PRACTITIONER.password)
  for (const [name, door] of Object.entries(PROCEDURE_ACCESS))
    if (door === 'lead') expect((await ask(practitioner.request, `${clinic.url}/do/${name}`, 'POST')).status()).toBe(403)
  for (const { path, page: isPage } of walked)
    if (matchRoute(path)?.access === 'lead' && isPage) expect((await ask(practitioner.request, clinic.url + path, 'GET')).status()).toBe(403)

  await practitioner.goto(`${clinic.url}/exam/${exam}/bench`)
  await practitioner.getByTitle('Imre Talvane').click()
  await practitioner.getByRole('button', { name: `Entrust to ${STUDENT.name}` }).click()
  await expect(practitioner.getByRole('button', { name: `End it for ${STUDENT.name}` })).toBeVisible()
  await student.goto(`${clinic.url}/today`)
  await student.getByRole('link', { name: /^\d\d:\d\d Imre Talvane/ }).click()
  await arrived(student)
  await expectSaved(student)
  const other = clinic.examOf('Teodor Quill')
  expect((await ask(student.request, `${clinic.url}/exam/${other}/record`, 'GET')).status()).toBe(403)
  expect((await ask(student.request, `${clinic.url}/live?exam=${other}`, 'GET')).status()).toBe(404)
  await practitioner.getByRole('button', { name: `End it for ${STUDENT.name}` }).click()
  await expect(practitioner.getByRole('button', { name: `Entrust to ${STUDENT.name}` })).toBeVisible()
  expect((await ask(student.request, `${clinic.url}/exam/${exam}/record`, 'GET')).status()).toBe(403)

  await page.goto(`${clinic.url}/settings/trail`)
  const trail = page.getByRole('table')
  await expect(trail).toContainText('entrusted an examination to a student')
  await expect(trail).toContainText(`${STUDENT.name}opened an examinationImre Talvane`)
  await expectAccessible(page)
})

test('a screen locks over a running examination, which goes on; signed out, the way back shows nobody', async ({ page, browser, clinic }) => {
  await begin(page, clinic)
  await page.goto(`${clinic.url}/account`)
  await expectAccessible(page)
  const pin = page.getByRole('form', { name: 'PIN' })
  await pin.getByLabel('Password').fill(LEAD.password)
  await pin.getByLabel('New PIN').fill('1234')
  await pin.getByRole('button').click()
  await expect(notice(page)).toContainText('tried first by anybody')
  await pin.getByLabel('New PIN').fill('4917')
  await pin.getByRole('button').click()
  await expect(page.getByText('Kept.')).toBeVisible()

  await page.goto(`${clinic.url}/exam/${clinic.examOf('Odalys Brightmoor')}/bench`)
  const before = await recordOf(page)
  await page.getByRole('button', { name: 'Lock this screen' }).click()
  const lock = page.getByRole('dialog', { name: 'Locked' })
  await expect(lock).toBeVisible()
  await expect(lock.getByRole('textbox')).toBeFocused()
  await expectAccessible(page)
  // Keys of the bench reach nothing, and the server shows nothing.
  await press(page, 'Escape', 'Enter')
  await expect(lock).toBeVisible()
  expect((await got(page, `${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/record`)).status()).toBe(423)
  const second = patient(await page.context().newPage())
  await second.goto(`${clinic.url}/today`)
  await expect(second).toHaveURL(/\/locked\?to=/)
  await expect(second.locator('body')).not.toContainText('Brightmoor')
  await lock.getByRole('textbox').fill('0000')
  await press(page, 'Enter')
  await expect(notice(page)).toContainText('This does not fit.')
  await lock.getByRole('textbox').fill('4917')
  await press(page, 'Enter')
  await expect(lock).toBeHidden()
  await press(page, 'Space')
  await expectSaved(page)
  expect((await recordOf(page)).runs.length).toBeGreaterThanOrEqual(before.runs.length)

  // Signed out everywhere from another browser: this one is covered, keeps what is recorded, and sends it once the same person is back.
  const elsewhere = patient(await (await browser.newContext()).newPage())
  await elsewhere.goto(`${clinic.url}/sign-in`)
  await signIn(elsewhere, LEAD)
  await expect(elsewhere).toHaveURL(/\/today$/)
  await arrived(elsewhere)
  await elsewhere.goto(`${clinic.url}/account`)
  await elsewhere.getByRole('button', { name: 'Sign out everywhere' }).click()
  await expect(elsewhere).toHaveURL(/\/sign-in$/)
  await press(page, 'Space')
  const again = page.getByRole('dialog', { name: 'Sign in again' })
  await expect(again).toBeVisible()
  await again.getByLabel('Sign-in name').fill(LEAD.login)
  await again.getByLabel('Password').fill(LEAD.password)
  await press(page, 'Enter')
  await expect(again).toBeHidden()
  await expectSaved(page)

  await page.goto(`${clinic.url}/today`)
  await expect(page.locator('body')).toContainText('Odalys Brightmoor')
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page).toHaveURL(/\/sign-in$/)
  for (let back = 0; back < 3; back++) {
    await page.goBack().catch(() => null)
    await page.waitForTimeout(400)
    await expect(page.locator('body')).not.toContainText(/Brightmoor|Talvane/)
  }
})

test('a class: a lead sets cases, a student takes one and sees their own alone, the lead sees all and how two examiners agree', async ({
  page,
  browser,
  clinic,
}) => {
  await begin(page, clinic)
  const student = await join(browser, clinic, await invite(page, clinic, STUDENT, 'student'), STUDENT.password)
  await page.goto(`${clinic.url}/practice/classes`)
  await page.getByLabel('Title').fill('Autumn')
  await page.getByLabel('Cases, one a line').fill('pelvis 8\npelvis 4\nback 3')
  await page.getByRole('button', { name: 'Set the class' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Autumn')
  const set = new URL(page.url()).pathname

  // The student takes the first by hand: tests nothing and refers nobody, though something serious is there.
  await student.goto(`${clinic.url}/practice`)
  await expect(student.getByRole('link', { name: /^Cases written here/ })).toHaveCount(0)
  await student.getByRole('link', { name: 'Autumn: 3 of 3 cases left' }).click()
  await student.getByRole('button', { name: 'Begin Case 1' }).click()
  await expect(student).toHaveURL(/\/story$/)
  await arrived(student)
  await student.getByRole('navigation', { name: 'This case' }).getByRole('link', { name: 'Commit' }).click()
  await student.getByLabel(/^How sure/).fill('60')
  await student.getByRole('radio', { name: 'Treat, and recheck' }).check()
  await student.getByRole('button', { name: 'Commit, and see the truth' }).click()
  await expect(student.getByRole('heading', { level: 1 })).toHaveText('Not passed: an unsafe step')
  const replay = student.url()
  // The class, cases and results of others stay shut.
  expect((await ask(student.request, `${clinic.url}/practice/cases`, 'GET')).status()).toBe(403)

  // Both take the two others, each by a rule; the student misreads every third answer.
  const db = openDb(path.join(clinic.folder, 'clinic.sqlite'))
  const [lead, learner] = [LEAD, STUDENT].map(({ login }) => accountByLogin(db, login)?.id ?? '')
  const klass = set.split('/').at(-1) ?? ''
  const runs = ['pelvis 4', 'back 3'].map((name) => {
    practise(db, { by: learner ?? '', case: name, class: klass, policy: 'plan', misreads: 3, at: Date.now() })
    return practise(db, { by: lead ?? '', case: name, class: klass, policy: 'plan', at: Date.now() })
  })
  const alone = practise(db, { by: learner ?? '', case: 'neck 5', policy: 'plan', at: Date.now() })
  db.$client.close()

  await student.goto(`${clinic.url}${set}`)
  await expect(student.getByRole('heading', { name: 'Your results' })).toBeVisible()
  await expect(student.getByRole('main')).not.toContainText(LEAD.name)
  await expect(student.getByRole('heading', { name: 'Two examiners' })).toHaveCount(0)
  expect((await ask(student.request, `${clinic.url}/practice/run/${runs[0] ?? ''}/record`, 'GET')).status()).toBe(404)

  await page.goto(`${clinic.url}${set}`)
  await expect(page.getByRole('group', { name: 'Attempts' }).getByRole('row', { name: /Piran Oakes pelvis 8 no, unsafe/ })).toBeVisible()
  await expect(page.getByRole('group', { name: 'Means by person' }).getByRole('row', { name: /^Piran Oakes 3 2/ })).toBeVisible()
  await expect(
    page.getByRole('row', { name: /^(Wenna Saltmarsh and Piran Oakes|Piran Oakes and Wenna Saltmarsh) 2 \d+ \d+ % \(.*\) -?[01]\.\d\d \(/ }),
  ).toBeVisible()
  await expectAccessible(page)
  // What was taken for the class is open to who set it, and nothing can be added to it; what was taken alone is nobody else's.
  await page.goto(replay)
  await expect(page.getByText(/taken by Piran Oakes/)).toBeVisible()
  expect((await ask(page.request, `${clinic.url}/practice/run/${alone}/record`, 'GET')).status()).toBe(404)
})

test('a second factor is asked for after the password; a code is good once; guessing is slowed', async ({ page, clinic }) => {
  await begin(page, clinic)
  await page.goto(`${clinic.url}/account`)
  await page.getByRole('button', { name: 'Add a second factor' }).click()
  const secret = await page.locator('code').innerText()
  const card = page.getByRole('form', { name: 'Second factor' })
  await card.getByLabel('Password').fill(LEAD.password)
  await card.getByLabel('Code it shows now').fill(factorCode(secret, Date.now()))
  await expectAccessible(page)
  await card.getByRole('button', { name: 'Keep it' }).click()
  await expect(notice(page)).toContainText('Write these recovery codes down')
  const codes = await notice(page).getByRole('listitem').allInnerTexts()
  expect(codes).toHaveLength(8)
  await page.getByRole('button', { name: 'I have written them down' }).click()
  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(page).toHaveURL(/\/sign-in$/)
  await expectAccessible(page)
  await signIn(page, LEAD)
  const box = page.getByLabel('Code of your authenticator')
  await box.fill('000000')
  await press(page, 'Enter')
  await expect(notice(page)).toContainText('does not fit')
  // With the password alone nothing is open.
  expect((await page.request.get(`${clinic.url}/today`, { maxRedirects: 0 })).status()).toBe(303)
  await box.fill(codes[0] ?? '')
  await press(page, 'Enter')
  await expect(page).toHaveURL(/\/today$/)
  await arrived(page)
  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(page).toHaveURL(/\/sign-in$/)
  // The clock of the server stands still, so that a slow machine waits for nothing: the wait neither runs out nor is missed.
  const at = Date.now()
  clinic.stopClock(at)
  for (let wrong = 0; wrong < 4; wrong++) {
    await page.getByLabel('Sign-in name').fill(LEAD.login)
    await page.getByLabel('Password').fill('not the password at all')
    await press(page, 'Enter')
    await expect(notice(page)).toContainText('do not fit')
    await page.getByLabel('Password').fill('')
  }
  await signIn(page, LEAD)
  // This browser is known to her: four slips at it cost a second, and the right password is heard after that.
  await expect(notice(page)).toContainText('Too many wrong tries')
  clinic.stopClock(at + 2000)
  await signIn(page, LEAD)
  await expect(page.getByLabel('Code of your authenticator')).toBeVisible()
})

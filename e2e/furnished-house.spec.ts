import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import path from 'node:path'
import type { Page } from '@playwright/test'
import { CATALOGUE } from '../core/catalogue'
import { percent } from '../core/note/percent'
import {
  arrived,
  askedFirst,
  counting,
  expect,
  expectAccessible,
  expectSaved,
  goTo,
  noToAll,
  patient,
  press,
  quietScreens,
  openClinic,
  test,
  got,
} from './clinic'

const bench = (page: Page) => ({
  heading: page.locator('#in-hand'),
  board: page.getByRole('complementary', { name: 'Board' }),
})

test('the effort budget: slump, a raise with the device, the SI joint, 3 of 5', async ({ page, clinic }) => {
  // A new person to the first test, counted from Today.
  await page.goto(`${clinic.url}/today`)
  const arrive = counting(page)
  await arrive.press('p')
  await page.keyboard.type('Jory Penhale')
  await arrive.press('Enter')
  await expect(page).toHaveURL(/story$/)
  await arrived(page)
  await page.getByLabel('In their own words').fill('shoots into the calf, and aches in the buttock')
  await page.getByRole('button', { name: 'shooting' }).click()
  await page.getByRole('radio', { name: '3', exact: true }).click()
  await page.getByRole('checkbox', { name: 'right calf', exact: true }).click()
  await page.getByRole('checkbox', { name: 'right buttock', exact: true }).click()
  await page.getByRole('button', { name: 'Agreed, verbally' }).click()
  await page.getByRole('link', { name: 'Safety screen' }).click()
  await expect(page).toHaveURL(/safety$/)
  await arrived(page)
  // What has to be answered singly is, and is not counted; every other group is one key.
  const { together } = await noToAll(page)
  await expect(page.getByText('Every question is answered.')).toBeVisible()
  await page.getByRole('link', { name: 'To the bench' }).click()
  expect(arrive.spent() + together + 2 + 7, 'new person to first test, typing of a field counted as one').toBeLessThan(20)

  // Negative seven-stage slump, both sides: 14 keys; each of its stages one key.
  const { heading, board } = bench(page)
  await quietScreens(page, 'leg')
  await expect(heading).toContainText('Slump test, left')
  const slump = counting(page)
  for (let stage = 0; stage < 14; stage++) await slump.press('Space')
  await expect(heading).toContainText('Seated straight leg raise, left')
  expect(slump.spent()).toBeLessThanOrEqual(14)

  // Positive leg raise with the device: onset angle, place, intensity and the ankle in 6 keys.
  await goTo(page, 'straight leg raise right')
  const raise = counting(page)
  await raise.press('a')
  await expect(page.getByText('live, simulated')).toBeVisible()
  const shown = page.locator('text=/^\\d+°$/').first()
  const read = () => shown.innerText().then((text) => Number(text.replace('°', '')))
  await expect.poll(read, { timeout: 15_000, intervals: [50] }).toBeGreaterThan(40)
  await raise.press('Enter')
  const angle = await read()
  expect(angle).toBeGreaterThan(30)
  expect(angle).toBeLessThan(90)
  await raise.press('c', '6')
  await expect(heading).toContainText('Straight leg raise with ankle differentiation (Bragard), right')
  await raise.press('Enter', 'Enter')
  expect(raise.spent()).toBeLessThanOrEqual(6)
  await expect(board).toContainText('supports it: 1')

  // The pelvic five, all positive: 15 keys. The planned order brings one after the other.
  const five = counting(page)
  for (const name of ['pelvic distraction', 'faber right', 'thigh thrust right', 'gaenslen right', 'pelvic compression right']) {
    await goTo(page, name)
    await five.press('Enter', 'u', '5')
  }
  expect(five.spent()).toBeLessThanOrEqual(15)
  await expect(board).toContainText('SI joint, 3 of 5: met, 5 of 5')
  await expectSaved(page)

  // The interval arrives beside the page and lies around the figure.
  await expect(board).toContainText(/rule and model, \d+ % to \d+ %; from 30 %/)
  await page.goto(page.url().replace('/bench', '/note'))
  await expect(page.getByRole('article', { name: 'Note' })).toContainText(`S1 in the right calf at ${angle}°`)
})

test('two windows, an exam file that travels, and an evaluation that agrees with the screens', async ({ page, context, browser, clinic }) => {
  const imre = clinic.examOf('Imre Talvane')
  await page.goto(`${clinic.url}/exam/${imre}/bench`)
  const second = patient(await context.newPage())
  await second.goto(`${clinic.url}/exam/${imre}/bench`)
  await expect(bench(second).heading).toContainText('Straight leg raise with ankle differentiation (Bragard), left')

  // What is answered in one window appears in the other.
  await page.keyboard.press('Enter')
  await expect(bench(second).board).toContainText('supports it: 1')
  await goTo(second, 'hip turned in right')
  await second.keyboard.press('4')
  await second.keyboard.press('0')
  await second.keyboard.press('Space')
  await goTo(second, 'hip turned in left')
  await second.keyboard.press('1')
  await second.keyboard.press('8')
  await second.keyboard.press('Space')
  await expect(bench(page).board).toContainText('Sacroiliac hypomobility, left')
  await expectSaved(second)

  // Offline one goes on, while another device signs: the window learns of it, and what it could not record is there to be read.
  const corwin = clinic.examOf('Corwin Teasel')
  const away = patient(await (await browser.newContext()).newPage())
  await away.goto(`${clinic.url}/exam/${corwin}/bench`)
  await goTo(away, 'slump left')
  await askedFirst(away)
  await expectSaved(away)
  await away.context().setOffline(true)
  await press(away, 'Space')
  await expect(away.getByText('Not stored yet: 2 entries kept here')).toBeVisible()
  await second.goto(`${clinic.url}/exam/${corwin}/note`)
  await second.getByRole('button', { name: 'Sign', exact: true }).click()
  await second.getByRole('button', { name: 'Sign it' }).click()
  await expect(second.getByText('Signed. It takes addenda, and what is told about safety.')).toBeVisible()
  await expectSaved(second)
  await away.context().setOffline(false)
  const lying = away.getByRole('region', { name: 'Set aside' })
  await expect(lying).toContainText('could not join the record')
  await expect(away.getByRole('heading', { name: 'Signed' })).toBeVisible()
  await lying.getByRole('button', { name: /^Read/ }).click()
  await expect(lying).toContainText(/Slump test, (left|right), .*: nothing/)
  await expectAccessible(away)
  await away.goto(`${clinic.url}/today`)
  await away.getByRole('link', { name: /set aside/ }).click()
  await expect(away.getByRole('main')).toContainText(/Slump test, (left|right), .*: nothing/)
  await expectAccessible(away)
  await away.getByRole('button', { name: /let go$/ }).click()
  await expect(away.getByText('Nothing is set aside on this device.')).toBeVisible()
  await away.context().close()

  // The file, evaluated without the application, says what Weigh says.
  const text = await (await got(page, `${clinic.url}/exam/${imre}/file`)).text()
  const file = path.join(clinic.folder, 'imre.json')
  writeFileSync(file, text)
  const line = execFileSync('npm', ['run', '--silent', 'evaluate', '--', file], { encoding: 'utf8' })
  const evaluation = JSON.parse(line) as {
    findings: { test: string; side: string; result: string }[]
    sources: { id: string; side: string; model: number; estimate: number; headline: string; interval: [number, number] }[]
  }
  const root = evaluation.sources.find((s) => s.id === 'root-lumbar-low' && s.side === 'left')
  expect(evaluation.findings.find((f) => f.test === 'leg-raise-ankle')?.result).toBe('positive')
  expect(evaluation.findings.find((f) => f.test === 'crossed-leg-raise')?.result).toBe('negative')
  await page.getByRole('link', { name: 'Weigh', exact: true }).click()
  await page.getByRole('button', { name: /Lumbosacral radiculopathy \(L4-S1\), left/ }).click()
  await page.getByText('How the estimate was computed').click()
  const figures = page.getByRole('region', { name: 'Four estimates' })
  await expect(figures).toContainText(`Estimate · leads${percent(root?.estimate ?? 0)}`)
  await expect(figures).toContainText(`between ${percent(root?.interval[0] ?? 0)} and ${percent(root?.interval[1] ?? 0)}`)
  await expectAccessible(page)

  // Another clinic, where this examination is not known yet, takes it in; twice is once.
  const other = await openClinic()
  try {
    const foreign = text.replaceAll(imre, '0198f0a0-1111-7000-8000-000000000001').replaceAll('Imre Talvane', 'Imre of the North Mole')
    const parsed = JSON.parse(foreign) as { events: { id: string; run?: string }[] }
    const renamed = JSON.stringify({ ...parsed, events: parsed.events.map((e) => ({ ...e, id: e.id.replace(/^....../, '0198f0') })) })
    for (let twice = 0; twice < 2; twice++) {
      await page.goto(`${other.url}/today`)
      await page.locator('input[type=file]').setInputFiles({ name: 'exam.json', mimeType: 'application/json', buffer: Buffer.from(renamed) })
      // Somebody of this name is here: nobody is joined to them without being asked. The second time the examination is here already.
      if (twice === 0) {
        await expectAccessible(page)
        await page.getByRole('button', { name: 'Somebody new' }).click()
      }
      await expect(page).toHaveURL(/weigh$/)
    }
    await page.getByText('How the estimate was computed').click()
    await expect(page.getByRole('region', { name: 'Four estimates' })).toContainText(percent(root?.model ?? 0))
    await page.goto(`${other.url}/today`)
    await page.locator('input[type=file]').setInputFiles({
      name: 'bad.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{"format":"dust-lantern-exam","version":9,"exam":{},"events":[{}]}'),
    })
    await expect(page.getByRole('alert').filter({ hasText: 'cannot be read' })).toContainText('Nothing was imported')
  } finally {
    await other.close()
  }

  // The chain of everything recorded is unbroken.
  const verified = execFileSync('npm', ['run', '--silent', 'verify'], { encoding: 'utf8', env: { ...process.env, DUST_LANTERN_DATA: clinic.folder } })
  expect(verified).toMatch(/entries of examinations and \d+ links of the clinic.s chain, unbroken/)
})

test('the library: every name, every stage drawn, figures with their doubt', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/library`)
  await expect(page.getByRole('status').filter({ hasText: `${CATALOGUE.length} tests` })).toBeVisible()
  await page.getByLabel('Find by name, posture or structure').fill('bragard')
  await expect(page.getByRole('link', { name: /Straight leg raise with ankle differentiation/ })).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: '1 test' })).toBeVisible()
  await expectAccessible(page)
  await page.goto(`${clinic.url}/library/slump`)
  await page.getByRole('button', { name: /Let one part go/ }).click()
  await expect(page.getByText('Let the neck go: look ahead, then up.')).toBeVisible()
  await page.getByLabel('Technique').selectOption('without-neck')
  await expect(page.getByRole('button', { name: /Chin to chest/ })).toHaveCount(0)
  await expect(page.getByRole('row', { name: /Majlesi 2008/ })).toContainText('not checked against the paper')
  await expect(page.getByRole('row', { name: /Majlesi 2008/ })).toContainText('Changes the estimate.')
  await expectAccessible(page)
  expect((await page.goto(`${clinic.url}/library/head-thrust`))?.status()).toBe(404)
})

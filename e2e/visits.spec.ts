import type { Page } from '@playwright/test'
import { arrived, askedFirst, counting, expect, expectAccessible, expectSaved, goTo, patient, press, recordOf, test, got } from './clinic'

const heading = (page: Page) => page.locator('#in-hand')
const told = (page: Page) => page.locator('[role=alert]:not([id])')

/** The person's page, from the name in the examination. */
async function toPerson(page: Page, name: string): Promise<void> {
  await page.getByTitle(name).click()
  await page.getByRole('link', { name: 'Everything about this person' }).click()
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible()
}

/** Tell how strong a symptom is now, on Story. */
async function rate(page: Page, level: string): Promise<void> {
  await page.getByRole('radio', { name: level, exact: true }).first().press('Space')
  await expectSaved(page)
}

/** On to a screen of the examination by its link. */
async function to(page: Page, screen: 'Bench' | 'Recheck' | 'Note'): Promise<void> {
  await page.getByRole('navigation', { name: 'This examination' }).getByRole('link', { name: screen }).click()
  await expect(page).toHaveURL(new RegExp(`${screen.toLowerCase()}$`))
  await arrived(page)
}

test('baseline, treatment and recheck in one visit, by keyboard, in as many keys as the first time or fewer', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/bench`)
  // The unfinished differentiation of the demo is finished first.
  await press(page, 'Enter')
  const before = await recordOf(page)
  const sources = page.getByRole('complementary', { name: 'Board' })
  const estimate = await sources.locator('.figures').first().innerText()

  // Nothing waits, so R asks what was treated; words and Enter are enough.
  await press(page, 'r')
  await expect(page.getByRole('form', { name: 'What was treated' })).toBeVisible()
  await expectAccessible(page)
  await page.keyboard.type('slider for the sciatic nerve, ten times')
  await press(page, 'Enter')
  await expect(told(page)).toContainText('Treatment noted')

  // R takes the comparable signs in the order the body lies: sitting first.
  const hand = counting(page)
  await hand.press('r')
  // The gentler of two first; pressed again it goes past it.
  await expect(heading(page)).toContainText('Seated straight leg raise, left')
  await hand.press('r')
  await expect(heading(page)).toContainText('Slump test, left')
  await expect(page.getByText('Before the treatment: S1 in left calf at 38°, 6 of 10; positive')).toBeVisible()
  for (let left = 6; left > 0 && !(await heading(page).innerText()).includes('Straight leg raise, left'); left--) await press(page, 'r')
  await expect(heading(page)).toContainText('Straight leg raise, left')
  // The leg as it lay then stands in the joint.
  await expect(page.getByText('baseline 48°')).toBeVisible()
  // Its angle, that it is the own pain, where, how strong: the first time it took six keys.
  const again = counting(page)
  await again.press('6', '2', 'Enter', 'u', '3')
  expect(again.spent()).toBeLessThanOrEqual(6)
  await expectSaved(page)

  const after = await recordOf(page)
  expect(after.treatments).toHaveLength(1)
  expect(after.runs.filter((run) => run.moment === 1).map((run) => [run.test, run.side, run.variant])).toEqual([['leg-raise', 'left', 'neutral']])
  // What is measured after a treatment moves no figure.
  expect(after.runs.filter((run) => run.moment === 0)).toEqual(before.runs)
  expect(await sources.locator('.figures').first().innerText()).toBe(estimate)

  await to(page, 'Recheck')
  await expect(page.getByRole('main')).toContainText('After treatment')
  await expect(page.getByRole('main')).toContainText('1 better, 0 same, 0 worse')
  await expect(page.getByRole('main')).toContainText('One sign, one visit')
  await expect(page.getByText('onset 48° → 62° (+14°, error 10°)')).toBeVisible()
  await expectAccessible(page)

  // A sign is dropped, and another pinned, by one key each; both stay on the record.
  await press(page, 'ArrowDown', 'p')
  await press(page, 'ArrowUp', 'd')
  await expectSaved(page)
  const marks = Object.values((await recordOf(page)).signs)
  expect(marks).toEqual(expect.arrayContaining(['pinned', 'dropped']))
  await page.getByRole('button', { name: 'better', exact: true }).click()
  await expect(page.getByText('Response: better.')).toBeVisible()

  await to(page, 'Note')
  await expect(page.getByRole('main')).toContainText('Treatment 1: manual technique')
  await expect(page.getByRole('main')).toContainText('After treatment: 1 better, 0 same, 0 worse.')
  await expect(page.getByRole('main')).toContainText('Measurement error used (MDC95): Straight leg raise, left: 10°, published, J04')
})

test('a week later on another device: the same signs the same way, another technique is not comparable, and the page of the person tells it', async ({
  page,
  clinic,
  browser,
}) => {
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Lowen Strake')}/recheck`)
  await toPerson(page, 'Lowen Strake')
  await expectAccessible(page)
  await expect(page.getByText('Asked to come again on')).toBeVisible()
  await page.getByRole('button', { name: 'Open the next visit' }).click()
  await expect(page).toHaveURL(/story$/)
  await arrived(page)
  // The complaint keeps its number and its words; how strong it is, is asked anew.
  await expect(page.getByLabel('In their own words').first()).toHaveValue('a deep ache at the dimple, worse on the rake')
  expect((await recordOf(page)).symptoms.map((s) => [s.id, s.now])).toEqual([['S1', null]])
  await rate(page, '2')

  // Another device takes over: the record brings what it is compared with.
  const other = patient(await (await browser.newContext()).newPage())
  await other.goto(page.url().replace(/story$/, 'bench'))
  await arrived(other)
  // The signs come before the plan; what has to be asked again in every visit is asked first.
  await expect(heading(other)).toContainText('Sacroiliac distraction')
  await askedFirst(other)
  await expect(other.getByText(/^Baseline, visit 1/)).toBeVisible()
  for (let left = 6; left > 0 && !(await heading(other).innerText()).includes('FABER'); left--) await press(other, 'r')
  // Light grade instead of the firm one: allowed, and said.
  await press(other, 'm', '2')
  await expect(other.getByText(/it will not be comparable/)).toBeVisible()
  // Contact is agreed to again, then light, held and quick presses; a press that follows a change at once is not heard.
  const answered = async () => (await recordOf(other)).runs.at(-1)?.answers.length ?? 0
  for (let left = 6; left > 0 && (await answered()) < 3; left--) {
    await press(other, 'Space')
    await other.waitForTimeout(300)
  }
  expect(await answered()).toBe(3)
  await expectSaved(other)

  await page.reload()
  await to(page, 'Recheck')
  await expect(page.getByRole('main')).toContainText('not comparable')
  await expect(page.getByText(/^Another technique: “/).first()).toBeVisible()
  await expectAccessible(page)

  await toPerson(page, 'Lowen Strake')
  const table = page.getByRole('region', { name: 'The visits as a table' })
  await expect(table.getByRole('columnheader')).toHaveCount(5)
  await expect(table).toContainText('not comparable')
  // Whoever came is not due any more.
  await page.goto(`${clinic.url}/today`)
  await expect(page.getByRole('region', { name: 'Due for a recheck' })).toHaveCount(0)
  await expect(page.getByRole('link', { name: /Lowen Strake/ }).first()).toContainText('visit 4')
})

/** Cells of one stage of the neurological screen, as they are typed; the rest is usual. */
async function screenLeg(page: Page, strength: readonly string[]): Promise<void> {
  await goTo(page, 'neurological lower left')
  await askedFirst(page)
  // Strength, reflexes, feeling, cord signs; then what parts a root from one nerve is left out.
  await press(page, ...strength, 'u', 'Space', 'u', 'Space', 'u', 'Space', 'u', 'Space', 'Space')
}

test('strength that is lost since the visit before stops the examination; a discharge closes the episode', async ({ page, clinic }) => {
  const first = clinic.examOf('Imre Talvane')
  await page.goto(`${clinic.url}/exam/${first}/bench`)
  await press(page, 'Enter')
  await screenLeg(page, [])
  await expectSaved(page)
  await toPerson(page, 'Imre Talvane')
  await page.getByRole('button', { name: 'Open the next visit' }).click()
  await expect(page).toHaveURL(/story$/)
  await arrived(page)
  await rate(page, '4')
  await to(page, 'Bench')
  await screenLeg(page, ['4'])
  await expect(page.getByRole('main')).toContainText('Progressive neurological deficit')
  await to(page, 'Recheck')
  await expect(page.getByText('Strength, reflex or feeling was lost: stop, check it again, and refer.')).toBeVisible()
  await expectAccessible(page)

  await toPerson(page, 'Imre Talvane')
  await page.getByRole('button', { name: 'Discharge' }).click()
  const form = page.getByRole('form', { name: 'Discharge' })
  await form.getByRole('button', { name: 'Discharge' }).click()
  await expect(page.getByText('Write the summary in a few words.')).toBeVisible()
  await form.getByLabel('Summary').fill('referred the same day')
  await form.getByRole('button', { name: 'Discharge' }).click()
  await expect(page.getByText('Closed.')).toBeVisible()
  await page.getByRole('button', { name: 'Enter a confirmed source' }).click()
  const confirmed = page.getByRole('form', { name: 'Confirmed source' })
  await confirmed.getByLabel('Source').selectOption('root-lumbar-low')
  await expectAccessible(page)
  await confirmed.getByRole('button', { name: 'Keep it' }).click()
  await expect(confirmed.getByText('Still to choose: the side, whether it was that and by what.')).toBeVisible()
  await confirmed.getByLabel('Side').selectOption('left')
  await confirmed.getByLabel('Was it that?').selectOption('yes')
  await confirmed.getByLabel('By').selectOption('imaging')
  await confirmed.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText(/^Confirmed: Lumbosacral radiculopathy/)).toBeVisible()
})

test('an audit adds up what was done, against what turned out, and each figure names its examinations', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/audit`)
  await expect(page.getByRole('heading', { name: 'Plan' })).toBeVisible()
  const rules = page.getByRole('region', { name: 'Rules against confirmed sources' })
  // The demo has one confirmed source: a cell, in grey, with the examinations behind it.
  const row = rules.getByRole('row').filter({ hasText: 'Lumbosacral radiculopathy, graded' })
  await expect(row).toContainText('too few')
  await row.getByText('which').first().click()
  const [behind] = await row.getByRole('link').all()
  expect(await behind?.getAttribute('href')).toMatch(/^\/exam\/[0-9a-f-]{36}\/note$/)
  await expectAccessible(page)
  const saved = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save as CSV' }).click()
  expect((await saved).suggestedFilename()).toMatch(/^audit-\d{4}-\d\d-\d\d-to-\d{4}-\d\d-\d\d\.csv$/)
  await page.getByLabel('Region of the first complaint').selectOption('trunk')
  await expect(page.getByText('No examination in this stretch of time')).toBeVisible()
  await page.getByLabel('To').fill('2001-01-01')
  await expect(page.getByText('The last day comes before the first.')).toBeVisible()
  expect((await got(page, `${clinic.url}/audit/part?from=x&to=1`)).status()).toBe(422)
})

test('two examiners measure the same people; an own error replaces the published one by a choice that stays on record', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/audit/reliability`)
  await expectAccessible(page)
  const begin = async (examiners: string, stage: string, people: string) => {
    await page.getByRole('button', { name: 'Begin a series' }).click()
    const form = page.getByRole('form', { name: 'Begin a series' })
    await form.getByLabel('What is compared').selectOption(stage)
    await form.getByLabel('Examiners').selectOption(examiners)
    await form.getByLabel('Trials of each').fill(examiners === '2' ? '1' : '2')
    await form.getByLabel('People').selectOption(people)
    await form.getByRole('button', { name: 'Begin' }).click()
    await expect(form).toHaveCount(0)
  }
  // Yes and no, two examiners, simulated people: neither sees what the other entered.
  await begin('2', '', 'simulated')
  const first = page.getByRole('region', { name: /^Series: Straight leg raise/ }).first()
  for (let person = 1; person <= 6; person++) {
    for (const examiner of ['1', '2']) {
      const form = first.getByRole('form', { name: 'Enter a person' })
      await form.getByLabel('Person').fill(String(person))
      await form.getByLabel('Examiner').selectOption(examiner)
      await form.getByRole('button', { name: 'Measure a simulated person' }).click()
      await form.getByRole('button', { name: 'Enter', exact: true }).click()
      await expect(first.getByRole('rowheader', { name: String(person), exact: true })).toBeVisible()
      if (examiner === '1') await expect(first.getByRole('cell', { name: 'entered' })).toBeVisible()
    }
    await expect(first.getByRole('cell', { name: 'entered' })).toHaveCount(0)
  }
  await expect(first.getByRole('row', { name: /^Kappa \(Cohen\)/ })).toBeVisible()
  await expect(first.getByRole('row', { name: /^Agreement/ })).toContainText('%')
  await expect(first).toContainText('From 6 complete people')
  await expectAccessible(page)

  // An angle, one examiner, people: from five of them on a lead may choose it.
  await begin('1', 'raise', 'patients')
  const second = page.getByRole('region', { name: /^Series: Straight leg raise/ }).first()
  await expect(second).toContainText('It needs 5 people with 2 trials each at least')
  for (const [n, trials] of ['40, 42', '60, 61', '71, 73', '33, 34', '52, 50'].entries()) {
    const form = second.getByRole('form', { name: 'Enter a person' })
    await form.getByLabel('2 trials, with commas').fill(n === 0 ? 'forty' : trials)
    if (n === 0) {
      await form.getByRole('button', { name: 'Enter', exact: true }).click()
      await expect(form.getByText('These are no figures.')).toBeVisible()
      await form.getByLabel('2 trials, with commas').fill(trials)
    }
    await form.getByRole('button', { name: 'Enter', exact: true }).click()
    await expect(second.getByRole('rowheader', { name: String(n + 1), exact: true })).toBeVisible()
  }
  await expect(second.getByRole('row', { name: /^MDC95/ })).toContainText('3.3°')
  await expect(second).toContainText('Published error: 10°, published, J04')
  const use = second.getByRole('form', { name: 'Use this error' })
  await use.getByLabel('Why; it stays on record').fill('our own hands, five colleagues')
  await use.getByRole('button', { name: /^Use 3\.3°/ }).click()
  await expect(second).toContainText('This series is used in its place')
  await expect(second.getByRole('form', { name: 'Give the published error back' })).toBeVisible()

  // What is read from now on is read with it: 46 after 38 was within the published error, and is beyond this one.
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/bench`)
  await press(page, 'Enter', 'r')
  await page.keyboard.type('slider, ten times')
  await press(page, 'Enter')
  await goTo(page, 'straight leg raise left')
  await press(page, '5', '4', 'Enter', 'u', '5')
  await to(page, 'Recheck')
  await expect(page.getByText('onset 48° → 54° (+6°, error 3.3°)')).toBeVisible()
  await expect(page.getByText('own series, 5 people, 2 trials each')).toBeVisible()
})

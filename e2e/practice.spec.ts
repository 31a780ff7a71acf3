import type { Page } from '@playwright/test'
import { numberedCase } from '../core/trainer/generate'
import type { CaseRegion } from '../core/trainer/picture'
import type { SimulatedPatient } from '../core/trainer/simulated-patient'
import { SOURCES } from '../core/vocabulary/source'
import { placeWords } from '../core/vocabulary/body-area'
import { arrived, expect, expectAccessible, goTo, press, test } from './clinic'

const REGION_WORDS: Readonly<Record<CaseRegion, string>> = { neck: 'Neck and arm', back: 'Low back and leg', pelvis: 'Pelvis and hip' }

/** Begin a case from the keyboard. */
async function begin(page: Page, url: string, region: CaseRegion, number: number): Promise<SimulatedPatient> {
  await page.goto(`${url}/practice`)
  await page.getByRole('radio', { name: REGION_WORDS[region] }).focus()
  await page.keyboard.press('Space')
  await page.getByLabel('Number of the case').focus()
  await page.keyboard.type(String(number))
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/practice\/run\/.+\/story$/)
  await expect(page.getByText(`Case ${region} ${number}: a simulated person`)).toBeVisible()
  return numberedCase(region, number)
}

/** Ask everything there is to ask, write down the places, and go to the safety screen. */
async function takeStory(page: Page, patient: SimulatedPatient): Promise<void> {
  const asks = page.getByRole('region', { name: 'Ask the person' })
  await expect(asks).toBeVisible()
  for (let left = await asks.getByRole('button').count(); left > 0; left--) {
    await press(page, 'q')
    await page.keyboard.press('Enter')
    await expect(asks.getByRole('button')).toHaveCount(left - 1)
    // The button that was pressed is gone, and with it the focus.
    await page.evaluate(() => (document.activeElement instanceof HTMLElement ? document.activeElement.blur() : undefined))
  }
  await expect(asks).toContainText(patient.symptoms[0]?.words ?? '?')
  for (const place of patient.symptoms[0]?.places ?? []) {
    await press(page, 'p')
    await page.keyboard.type(placeWords(place))
    await page.keyboard.press('Enter')
    await page.keyboard.press('Escape')
    await page.evaluate(() => (document.activeElement instanceof HTMLElement ? document.activeElement.blur() : undefined))
  }
  await expect(page.getByText(/^Nothing is recorded yet/)).toHaveCount(0)
}

/** Read the whole safety screen out, and write down what is said. */
async function screenAll(page: Page): Promise<void> {
  await page
    .getByRole('navigation', { name: 'This case' })
    .getByRole('link', { name: /^Safety/ })
    .click()
  await arrived(page)
  const strip = page.getByRole('group', { name: 'Ask now' })
  const reply = strip.locator('p.font-serif[aria-live=polite]')
  const status = page.getByRole('status').first()
  for (let n = 0; n < 90 && (await page.getByText('Every question is answered.').count()) === 0; n++) {
    const before = (await status.textContent()) ?? ''
    const together =
      (await strip.getByRole('button', { name: /^Ask all/ }).count()) > 0 && (await strip.getByRole('button', { name: /^No to these/ }).count()) > 0
    if (together) {
      await press(page, ';')
      await expect(strip.getByText(/^To all of these/)).toBeVisible()
    } else if ((await reply.textContent()) === 'Not asked yet.') await press(page, ',')
    await expect(reply).toContainText('“')
    const none = together && (await strip.getByText('“No, none of that.”').count()) > 0
    const said = (await reply.textContent()) ?? ''
    await press(page, none ? 'r' : /^“(No|Not)/.test(said) ? 'n' : 'y')
    await expect(status).not.toHaveText(before)
  }
  await expect(page.getByText('Every question is answered.')).toBeVisible()
}

async function toBench(page: Page): Promise<void> {
  await page.getByRole('navigation', { name: 'This case' }).getByRole('link', { name: 'Bench' }).click()
  await arrived(page)
  const consent = page.getByRole('group', { name: 'Consent to testing' })
  await expect(consent).toBeVisible()
  await press(page, 'Enter')
  await expect(consent).toHaveCount(0)
}

/** One step with the hand: held until the face shows it or nothing moves any more, then the open question. @returns what they said */
async function doAndAsk(page: Page): Promise<string> {
  const person = page.getByRole('region', { name: 'The person' })
  await expect(person).toContainText('Nothing done yet.')
  await page.keyboard.down('+')
  const shown = person.getByLabel('Your hand')
  let last = ''
  for (let n = 0; n < 60; n++) {
    await page.waitForTimeout(250)
    if ((await person.getByText('The face shows it.').count()) > 0) break
    const now = (await shown.count()) > 0 ? ((await shown.textContent()) ?? '') : ''
    const newtons = Number(/^(\d+) N/.exec(now)?.[1] ?? NaN)
    if (newtons >= 250 || (now === last && !now.endsWith(' s')) || /^(\d+) of \1 s$/.test(now)) break
    last = now
  }
  await page.keyboard.up('+')
  await press(page, ',')
  const said = person.locator('p[aria-live=polite] .italic').last()
  await expect(said).toBeVisible()
  return (await said.textContent()) ?? ''
}

const FAMILIAR = /that is it|That is the one|There it is|That is what I came about|Just what I get/
const PULL = /pull|tight|stretches/

/** Write down what was said of a load, as it was: the places the strip offers are theirs. */
async function writeDown(page: Page, said: string): Promise<void> {
  if (FAMILIAR.test(said)) {
    await press(page, 'Enter')
    await expect(page.getByText(/^How strong\? “/)).toBeVisible()
    await press(page, '5')
    // Where no place stood there beforehand.
    if ((await page.getByRole('button', { name: /^Keep/ }).count()) > 0) await press(page, 'x', '4')
    await expect(page.getByRole('button', { name: /^Keep/ })).toHaveCount(0)
  } else await press(page, PULL.test(said) ? 's' : 'Space')
}

async function commit(page: Page, source: keyof typeof SOURCES, side: 'left' | 'right', certainty: string): Promise<void> {
  await page.getByRole('navigation', { name: 'This case' }).getByRole('link', { name: 'Commit' }).click()
  await arrived(page)
  await page.getByLabel('The source').selectOption({ label: SOURCES[source].name })
  await page.getByLabel('Side').selectOption(side)
  await page.getByLabel(/^How sure/).focus()
  await page.keyboard.type(certainty)
  await page.getByRole('radio', { name: 'Treat, and recheck' }).focus()
  await page.keyboard.press('Space')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Commit, and see the truth' }).focus()
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/replay$/)
  await expect(page.getByText('What truly hurt:')).toBeVisible()
}

test('a whole back by keyboard: a stretch taken for the familiar pain is told at its moment, and why', async ({ page, clinic }) => {
  const patient = await begin(page, clinic.url, 'back', 1)
  expect(patient.traps).toEqual(['hamstring-slump'])
  await takeStory(page, patient)
  await screenAll(page)
  await toBench(page)
  const side = patient.sources[0]?.side ?? 'left'
  const other = side === 'left' ? 'right' : 'left'
  await goTo(page, `straight leg raise ${other}`)
  const said = await doAndAsk(page)
  expect(said).toMatch(PULL)
  // Tempted: the pull is written down as theirs, on the side that does not hurt, so that no place is offered.
  await press(page, 'Enter', 'x', '4')
  await commit(page, 'hamstring', side, '80')
  await expectAccessible(page)
  await expect(page.getByRole('main')).toContainText('Tight hamstrings in a slump.')
  await page.getByRole('button', { name: /wrong Straight leg raise, Raise to first symptom: recorded as the familiar symptom/ }).click()
  await expect(page.getByText('It was a stretch.')).toBeVisible()
  await expect(page.getByText(/Healthy tissue at the end of its length pulls/)).toBeVisible()
  await expect(page.getByText('A careful expert now:')).toBeVisible()

  // The list and the curves know it; nothing of it stands anywhere else.
  await page.goto(`${clinic.url}/practice`)
  await expect(page.getByRole('group', { name: 'Attempts' })).toContainText('back 1')
  await page.goto(`${clinic.url}/today`)
  await expect(page.getByRole('main')).not.toContainText('back 1')
})

test('a whole neck by keyboard: pressing on after a positive press is unsafe', async ({ page, clinic }) => {
  const patient = await begin(page, clinic.url, 'neck', 1)
  expect(patient.traps).toEqual(['compression-positive'])
  await takeStory(page, patient)
  await screenAll(page)
  await toBench(page)
  await goTo(page, 'cervical compression')
  const said = await doAndAsk(page)
  expect(said).toMatch(FAMILIAR)
  await press(page, 'Space')
  await doAndAsk(page)
  await press(page, 'Space')
  await commit(page, 'root-cervical', patient.sources[0]?.side ?? 'left', '90')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Not passed: an unsafe step')
  await page
    .getByRole('button', { name: /^unsafe .*pressed on/ })
    .first()
    .click()
  await expect(page.getByText('Stop there: it has told what it can tell.')).toBeVisible()
})

test('a whole pelvis by keyboard, read as it was: the joint is found', async ({ page, clinic }) => {
  const patient = await begin(page, clinic.url, 'pelvis', 4)
  const side = patient.sources[0]?.side ?? 'left'
  await takeStory(page, patient)
  await screenAll(page)
  await toBench(page)
  for (const name of [`thigh thrust ${side}`, 'sacroiliac distraction']) {
    await goTo(page, name)
    const again = page.getByRole('group', { name: /^Consent/ })
    if ((await again.count()) > 0) await press(page, 'Enter')
    await writeDown(page, await doAndAsk(page))
  }
  await commit(page, 'sij-pain', side, '75')
  await expect(page.getByText('What truly hurt:')).toContainText('Sacroiliac joint')
  await expect(page.getByRole('row', { name: /^Reading the answer 100/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /^Safety 100/ })).toBeVisible()
})

test('drills by keyboard, a class, and a case that a teacher writes', async ({ page, clinic }) => {
  for (const drill of ['side-sense', 'true-positive', 'red-flags', 'place-reading', 'cluster-count']) {
    await page.goto(`${clinic.url}/practice/drill/${drill}`)
    await expect(page.getByRole('group', { name: 'Answers' })).toBeVisible()
    await press(page, '1')
    await expect(page.getByText(/^(Right|Not right)\.$/)).toBeVisible()
    await page.keyboard.press('Enter')
    await expect(page.getByText(/of 1 answer right/)).toBeVisible()
    if (drill === 'side-sense') await expectAccessible(page)
  }
  for (const drill of ['angle-eye', 'figure-meaning']) {
    await page.goto(`${clinic.url}/practice/drill/${drill}`)
    await page.getByLabel(/^Your estimate/).focus()
    await page.keyboard.type('40')
    await page.keyboard.press('Enter')
    await expect(page.getByText(/You said 40/)).toBeVisible()
  }
  await page.goto(`${clinic.url}/practice/drill/stage-order`)
  await page
    .getByRole('button', { name: /: later$/ })
    .first()
    .focus()
  await page.keyboard.press('Enter')
  await expectAccessible(page)
  // Dragged by hand, from the first place to the last.
  const rows = page.getByRole('list', { name: 'In order, first at the top' }).getByRole('listitem')
  const handle = rows.first().getByRole('button', { name: /^Drag / })
  const words = (await handle.getAttribute('aria-label'))?.replace('Drag ', '') ?? '?'
  const [from, to] = [await handle.boundingBox(), await rows.last().boundingBox()]
  if (!from || !to) throw new Error('There is nothing to drag.')
  await page.mouse.move(from.x + 20, from.y + 20)
  await page.mouse.down()
  await page.mouse.move(from.x + 20, to.y + to.height / 2, { steps: 12 })
  await page.mouse.up()
  await expect(rows.last()).toContainText(words)
  await page.getByRole('button', { name: 'This is the order' }).press('Enter')
  await expect(page.getByText(/^(Right|Not right)\.$/)).toBeVisible()
  await page.goto(`${clinic.url}/practice/drill/load-feel`)
  await page.keyboard.down('+')
  await page.waitForTimeout(2500)
  await page.keyboard.up('+')
  await page.getByRole('button', { name: 'Let go' }).click()
  await expect(page.getByText(/in the band,/)).toBeVisible()

  await page.goto(`${clinic.url}/practice/cases`)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Write a case' }).click()
  await page.getByLabel('Title, for teachers').fill('A root that looks like a muscle')
  await page.getByLabel('What truly hurts').selectOption({ label: SOURCES['root-lumbar-low'].name })
  await expect(page.getByRole('region', { name: 'The person' })).toContainText('Lumbosacral radiculopathy')
  await page.getByRole('button', { name: 'Keep this case' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('A root that looks like a muscle')
  await expectAccessible(page)

  await page.goto(`${clinic.url}/practice/classes`)
  await page.getByLabel('Title').fill('Autumn')
  await page.getByLabel('Cases, one a line').fill('neck 2\nA root that looks like a muscle\nknee 1')
  await page.getByRole('button', { name: 'Set the class' }).click()
  await expect(page.getByText('“knee 1” names no case.')).toBeVisible()
  await page.getByLabel('Cases, one a line').fill('neck 2\nA root that looks like a muscle')
  await page.getByRole('button', { name: 'Set the class' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Autumn')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Begin neck 2' }).click()
  await expect(page).toHaveURL(/\/story$/)
})

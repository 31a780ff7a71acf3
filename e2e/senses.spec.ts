import type { Locator } from '@playwright/test'
import { askedFirst, expect, goTo, press, test } from './clinic'
import { slowLine } from './slow-line'

/** What the eye has to tell two things apart where the system chooses all colours. */
function looks(one: Locator): Promise<{ readonly outline: string; readonly fill: string; readonly edge: string }> {
  return one.evaluate((node) => {
    const { outlineStyle, outlineWidth, backgroundColor, borderTopWidth, borderTopStyle } = getComputedStyle(node)
    return { outline: `${outlineStyle} ${outlineWidth}`, fill: backgroundColor, edge: `${borderTopStyle} ${borderTopWidth}` }
  })
}

test('where the system chooses the colours, what is chosen, done and positive is told apart, and every answer has an edge', async ({ page, clinic }) => {
  await page.emulateMedia({ forcedColors: 'active' })
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Teodor Quill')}/bench`)
  const ladder = page.getByRole('complementary', { name: /Stages/ }).getByRole('listitem')
  const now = ladder.and(page.locator('[aria-current=step]'))
  expect((await looks(now)).outline).toBe('solid 3px')
  const dot = (stage: Locator) => stage.locator('span').first()
  // A stage that was answered, and the one after the one in hand.
  expect((await looks(dot(ladder.first()))).fill).not.toBe((await looks(dot(ladder.last()))).fill)
  for (const answer of await page.getByRole('group', { name: 'Answers' }).getByRole('button').all()) expect((await looks(answer)).edge).toBe('solid 2px')
  const current = page.getByRole('navigation', { name: 'This examination' }).getByRole('link', { name: 'Bench' })
  expect((await looks(current)).outline).toBe('solid 3px')
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Teodor Quill')}/story`)
  const chosen = page.locator('[aria-pressed=true], [data-state=on]').first()
  await expect(chosen).toBeVisible()
  expect((await looks(chosen)).outline).toBe('solid 3px')
})

test('with the voice on, each instruction and each counted movement is said aloud, and nothing once it is off', async ({ page, clinic }) => {
  // The browser of this test has no voice: what it is asked to say is written down instead.
  await page.addInitScript(() => {
    const said: string[] = []
    Object.assign(window, {
      said,
      SpeechSynthesisUtterance: class {
        constructor(readonly text: string) {}
      },
    })
    Object.defineProperty(window, 'speechSynthesis', { value: { cancel: () => undefined, speak: ({ text }: { text: string }) => said.push(text) } })
  })
  const said = () => page.evaluate(() => (window as unknown as { said: readonly string[] }).said)
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Corwin Teasel')}/bench`)
  await askedFirst(page)
  await goTo(page, 'slump left')
  expect(await said()).toEqual([])
  await press(page, 'v')
  await expect.poll(async () => (await said()).at(-1)).toMatch(/sitting upright\. What do you feel now/)
  await press(page, 'Space')
  await expect.poll(async () => (await said()).at(-1)).toMatch(/^Round the whole back/)
  await press(page, '.')
  await goTo(page, 'repeated movements')
  await press(page, 't')
  await expect.poll(async () => (await said()).filter((text) => /^\d+$/.test(text)), { timeout: 15_000 }).toEqual(['1', '2'])
  await expect(page.getByRole('timer')).toHaveText('2 of 10')
  await press(page, 'v')
  const before = (await said()).length
  await expect(page.getByRole('timer')).toHaveText('3 of 10', { timeout: 15_000 })
  expect(await said()).toHaveLength(before)
})

test('a page keeps its name while what it shows is fetched anew over a slow line', async ({ page, clinic }) => {
  const line = await slowLine(clinic.url, 150)
  await page.goto(`${line.url}/settings`)
  await page.evaluate(() => {
    const names: string[] = []
    Object.assign(window, { names })
    new MutationObserver(() => names.push(document.title)).observe(document, { childList: true, subtree: true })
  })
  await page.getByRole('radio', { name: /^Six results/ }).check()
  await expect.poll(line.delivered).toContain('/settings')
  const names = await page.evaluate(() => (window as unknown as { names: readonly string[] }).names)
  expect(new Set(names)).toEqual(new Set(['Settings · Dust Lantern']))
  line.close()
})

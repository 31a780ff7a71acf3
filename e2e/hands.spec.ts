import type { Page } from '@playwright/test'
import { arrived, askedFirst, counting, expect, expectAccessible, goTo, noToAll, press, test } from './clinic'

/** What each act may cost in keys, text not counted; printed with what it did cost. */
const spentOn: string[] = []
function budget(act: string, keys: number, most: number): void {
  spentOn.push(`${act}: ${keys} of ${most}`)
  expect(keys, act).toBeLessThanOrEqual(most)
}

test.afterAll(() => {
  process.stdout.write(`${spentOn.map((line) => `  effort, ${line}`).join('\n')}\n`)
})

const heading = (page: Page) => page.locator('#in-hand')

test('effort: from a new person to the first test, a technique, any test, a reason, Weigh, the first answer', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/today`)
  const arrive = counting(page)
  await arrive.press('p')
  await page.keyboard.type('Jory Penhale')
  await arrive.press('Enter')
  await expect(page).toHaveURL(/story$/)
  await arrived(page)
  await arrive.press('p')
  await page.keyboard.type('l calf')
  await arrive.press('Enter', 'Escape', 'w')
  await page.keyboard.type('shoots into the calf')
  await arrive.press('Tab', 's', 'Tab', '6')
  await expect(page.getByRole('checkbox', { name: 'left calf', exact: true })).toBeChecked()
  await expect(page.getByRole('radio', { name: '6', exact: true })).toBeChecked()
  await arrive.press('Control+k')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.type('sa')
  await arrive.press('Enter')
  await expect(page).toHaveURL(/safety$/)
  await arrived(page)
  const { singly, together } = await noToAll(page)
  arrive.add(singly + together)
  await arrive.press('Control+k')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.type('be')
  await arrive.press('Enter')
  await expect(page).toHaveURL(/bench$/)
  await arrived(page)
  await arrive.press('Enter')
  await expect(page.getByRole('button', { name: /The rest is usual|Nothing/ }).first()).toBeEnabled()
  budget('new person to first test, every single question asked', arrive.spent(), 45)

  // Any test by its name: the key, three letters at most, Enter.
  const any = counting(page)
  await any.press('g', 's', 'l', 'u', 'Enter')
  await expect(heading(page)).toContainText('Slump test, right')
  budget('any test by its name', any.spent(), 5)

  const technique = counting(page)
  await technique.press('m', '2')
  await expect(page.getByRole('complementary', { name: /technique/ })).toContainText('Neck before trunk')
  budget('another technique', technique.spent(), 2)

  const quality = counting(page)
  await press(page, 'e')
  await quality.press('2')
  await expect(page.getByRole('button', { name: /^burning/ })).toHaveAttribute('aria-pressed', 'true')
  budget('quality of something else', quality.spent(), 1)
  await press(page, 'Escape')

  const skip = counting(page)
  await skip.press('k', '6')
  await page.keyboard.type('just eaten')
  await skip.press('Enter')
  await expect(page.getByRole('button', { name: 'Slump test, right: left out' })).toBeVisible()
  budget('left out for a reason of one’s own', skip.spent(), 3)

  // Tab reaches the answers at once, whatever has the focus before.
  await page.reload()
  await page.evaluate(() => {
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur()
  })
  const tab = counting(page)
  await tab.press('Tab')
  await expect(page.getByRole('link', { name: 'Skip to the content' })).toBeFocused()
  await tab.press('Enter')
  await expect(page.getByRole('group', { name: 'Answers' }).getByRole('button').first()).toBeFocused()
  budget('the first answer by Tab', tab.spent(), 2)
  await page.locator('#card-in-hand').focus()

  const why = counting(page)
  await why.press('y')
  await expect(page).toHaveURL(/weigh$/)
  budget('Weigh from the bench', why.spent(), 1)
  await arrived(page)
  await expect(page).toHaveTitle(/^Weigh, Jory Penhale/)
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused()
})

test('every state of the bench and every screen is accessible in both lights, and tells what was recorded', async ({ page, clinic }) => {
  // Some fifty states are looked at, one after the other.
  test.setTimeout(600_000)
  const teasel = `${clinic.url}/exam/${clinic.examOf('Corwin Teasel')}`
  for (const light of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme: light })
    // What a page is made of is the same in either light; the second asks about its colours.
    const check = () => expectAccessible(page, light === 'light' ? 'all' : 'colours')
    await page.goto(`${teasel}/story`)
    await press(page, 'p')
    await page.keyboard.type('l le')
    await expect(page.getByRole('option').first()).toBeVisible()
    await check()
    await page.goto(`${teasel}/bench`)
    if (light === 'light') {
      await check()
      await askedFirst(page)
    }
    await goTo(page, 'thigh thrust left')
    await check()
    for (const [key, name] of [
      ['m', 'Technique'],
      ['k', 'Left out, because'],
      ['w', 'A warning sign'],
      ['r', /How strong is it now/],
      ['q', 'Plan the rest by'],
      ['Enter', 'That is my pain'],
      ['e', 'Something else'],
    ] as const) {
      await press(page, key)
      await expect(page.getByRole('group', { name })).toBeVisible()
      await check()
      await press(page, 'Escape')
    }
    for (const [key, name] of [
      ['g', 'Go to a test'],
      ['?', 'Help on the bench'],
      ['b', /bell or a phone/],
      ['Control+k', 'Go to'],
    ] as const) {
      await press(page, key)
      await expect(page.getByRole('dialog', { name })).toBeVisible()
      await check()
      await press(page, 'Escape')
      await expect(page.getByRole('dialog')).toBeHidden()
    }
    if (light === 'light') {
      await press(page, 'Space')
      await expect(page.getByRole('status', { name: 'Recorded' })).toHaveText(/^Recorded: Thigh thrust, left, .*: nothing\. Next: .*\./)
    }
    await page.goto(`${clinic.url}/exam/${clinic.examOf('Bram Wickery')}/bench`)
    await check()
    await page.goto(`${clinic.url}/exam/${clinic.examOf('Odalys Brightmoor')}/weigh`)
    for (const fold of await page.locator('details > summary').all()) await fold.click()
    await check()
    await page.goto(`${clinic.url}/exam/${clinic.examOf('Odalys Brightmoor')}/note`)
    await page.getByRole('button', { name: 'Sign', exact: true }).click()
    await check()
    for (const route of ['/today', '/library', '/library/slump', '/settings']) {
      await page.goto(`${clinic.url}${route}`)
      await check()
      await press(page, '?')
      await expect(page.getByRole('dialog')).toBeVisible()
      await check()
    }
  }
  // Four steps show a newcomer round, and are gone for good when they are done.
  await page.goto(`${clinic.url}/today`)
  await page.getByRole('link', { name: 'Show me round' }).click()
  for (const next of [/^Next: Safety/, /^Next: The bench/, /^Next: Weigh/]) {
    await expectAccessible(page)
    await page.getByRole('link', { name: next }).click()
    await arrived(page)
  }
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await expect(page.getByRole('region', { name: 'Tour' })).toHaveCount(0)
  await page.goto(`${clinic.url}/today`)
  await expect(page.getByRole('link', { name: 'Show me round' })).toHaveCount(0)
})

test('a phone and 200 % zoom: no page scrolls sideways, and the figure keeps its height', async ({ page, clinic }) => {
  const imre = `/exam/${clinic.examOf('Imre Talvane')}`
  for (const viewport of [
    { width: 390, height: 780 },
    { width: 640, height: 400 },
  ]) {
    await page.setViewportSize(viewport)
    for (const route of [
      '/today',
      `${imre}/story`,
      `${imre}/safety`,
      `${imre}/bench`,
      `${imre}/weigh`,
      `${imre}/note`,
      '/library',
      '/library/slump',
      '/settings',
      '/settings/evidence',
      '/settings/rules',
    ]) {
      await page.goto(`${clinic.url}${route}`)
      const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
      expect(over, `${route} at ${viewport.width}`).toBeLessThanOrEqual(0)
    }
    await page.goto(`${clinic.url}${imre}/bench`)
    const figure = await page.locator('#card-in-hand').getByRole('img').first().boundingBox()
    expect(figure?.height).toBeGreaterThanOrEqual(200)
  }
})

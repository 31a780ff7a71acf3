import type { Page } from '@playwright/test'
import { arrived, askedFirst, type Clinic, counting, expect, expectAccessible, goTo, noToAll, press, test } from './clinic'

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
  await expect(page).toHaveTitle(/^Weigh, number \d+/)
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused()
})

/** Which light, and what is asked in it: what a page is made of is the same in either, so that the second asks about its colours. */
const LIGHTS = [
  ['light', 'all'],
  ['dark', 'colours'],
] as const

for (const [light, what] of LIGHTS) {
  test(`every state of the bench and every screen is accessible, ${light}`, async ({ page, clinic }) => {
    test.setTimeout(600_000)
    const check = () => expectAccessible(page, what)
    const teasel = `${clinic.url}/exam/${clinic.examOf('Corwin Teasel')}`
    await page.emulateMedia({ colorScheme: light })
    await page.goto(`${teasel}/story`)
    await press(page, 'p')
    await page.keyboard.type('l le')
    await expect(page.getByRole('option').first()).toBeVisible()
    await check()
    await page.goto(`${teasel}/safety`)
    await check()
    await page.goto(`${teasel}/bench`)
    await check()
    await askedFirst(page)
    // Every kind of stage, and what lies over its answers.
    for (const test of ['neurological lower left', 'hip internal rotation left', 'repeated movements', 'active straight leg raise left', 'thigh thrust left']) {
      await goTo(page, test)
      await check()
    }
    for (const [key, name] of [
      ['m', 'Technique'],
      ['k', 'Left out, because'],
      ['w', 'A warning sign'],
      ['z', /How strong is it now/],
      ['q', 'Plan the rest by'],
      ['j', 'Safety questions'],
      ['Enter', 'That is my pain'],
      ['e', 'Something else'],
    ] as const) {
      await press(page, key)
      await expect(page.getByRole('group', { name })).toBeVisible()
      await check()
      await press(page, 'Escape')
    }
    await page.getByRole('button', { name: 'More …' }).click()
    await check()
    await press(page, 'Escape')
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
    await press(page, 'Space')
    await expect(page.getByRole('status', { name: 'Recorded' })).toHaveText(/^Recorded: Thigh thrust, left, .*: nothing\. Next: .*\./)
    const odalys = `${clinic.url}/exam/${clinic.examOf('Odalys Brightmoor')}`
    await page.goto(`${odalys}/bench`)
    await check()
    await page.getByRole('button', { name: 'How this was computed: Sacroiliac joint, right' }).click()
    await expect(page.getByRole('dialog')).toBeVisible()
    await check()
    await page.goto(`${clinic.url}/exam/${clinic.examOf('Bram Wickery')}/bench`)
    await check()
    await page.goto(`${odalys}/recheck`)
    await check()
    await page.goto(`${odalys}/weigh`)
    for (const fold of await page.locator('details > summary').all()) await fold.click()
    await check()
    await page.goto(`${odalys}/note`)
    await page.getByRole('button', { name: 'Sign', exact: true }).click()
    await page.getByRole('button', { name: /^The findings point most/ }).click()
    await check()
    for (const paper of ['letter', 'summary']) {
      await page.goto(`${odalys}/${paper}`)
      await check()
    }
    for (const route of [
      '/today',
      '/library',
      '/library/slump',
      '/settings',
      '/settings/rules',
      '/audit',
      '/audit/reliability',
      '/exchange',
      '/aside',
      '/bell/AAAAAA',
      '/tilt/AAAAAA',
      '/nowhere',
      ...(await practice(page, clinic)),
    ]) {
      await page.goto(`${clinic.url}${route}`)
      await check()
    }
    for (const route of ['/today', '/library/slump', '/settings']) {
      await page.goto(`${clinic.url}${route}`)
      await press(page, '?')
      await expect(page.getByRole('dialog')).toBeVisible()
      await check()
    }
    // 264 rows: the first of them are like all the others.
    await page.goto(`${clinic.url}/settings/evidence`)
    await page.getByLabel('Find').fill('thigh thrust')
    await check()
  })
}

test('four steps show a newcomer round, and are gone for good when they are done', async ({ page, clinic }) => {
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
      ...(await practice(page, clinic)),
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

/** Pages of practice, with a case that was begun; those that its own journeys go through are looked at there. */
async function practice(page: Page, clinic: Clinic): Promise<readonly string[]> {
  await page.goto(`${clinic.url}/practice`)
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await expect(page).toHaveURL(/\/story$/)
  await arrived(page)
  const run = new URL(page.url()).pathname.replace(/\/story$/, '')
  return ['/practice', '/practice/drill/stage-order', ...['story', 'bench', 'commit'].map((screen) => `${run}/${screen}`)]
}

/** What is pressed with a finger and is lower than it may be, in pixels; places of the body chart are as large as the body is. */
function tooLow(page: Page, least: number): Promise<readonly string[]> {
  return page.evaluate((height) => {
    const pressed = [
      ...document.querySelectorAll<HTMLElement>('button, a[href], select, summary, input:not([type=radio], [type=checkbox], label input), label:has(input)'),
    ]
    return pressed.flatMap((one) => {
      const box = one.getBoundingClientRect()
      // Drawn for readers only, or a link past the header until it has the focus.
      if (box.width < 2 || box.height < 2 || box.height > height - 0.5) return []
      return [`${Math.round(box.height)} px: ${one.getAttribute('aria-label') ?? one.innerText}`]
    })
  }, least)
}

/** Are there buttons in this group, and on how many lines do they stand? */
async function lines(page: Page, name: string): Promise<readonly [boolean, number]> {
  const all = page.getByRole('group', { name }).getByRole('button')
  const tops = await all.evaluateAll((buttons) => buttons.map((one) => Math.round(one.getBoundingClientRect().top)))
  return [tops.length > 2, new Set(tops).size]
}

test('what is pressed is high enough for a finger, 56 pixels on the bench and 44 elsewhere, and answers stand on one line', async ({ page, clinic }) => {
  for (const name of ['Imre Talvane', 'Corwin Teasel', 'Bram Wickery', 'Wilmot Fenn']) {
    await page.goto(`${clinic.url}/exam/${clinic.examOf(name)}/bench`)
    expect(await tooLow(page, 56), name).toEqual([])
  }
  // Stages with the most answers and with the longest: one line of them, so that the drawing keeps its place.
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/bench`)
  for (const test of ['lumbar torsion', 'active straight leg raise left', 'repeated movements', 'cervical rotation active left', 'shoulder abduction relief']) {
    await goTo(page, test)
    await askedFirst(page)
    const again = 'Consent for this contact'
    if (await page.getByRole('group', { name: again }).isVisible()) {
      expect(await lines(page, again), test).toEqual([true, 1])
      await press(page, 'Space')
      await expect(page.getByRole('group', { name: again })).toBeHidden()
    }
    expect(await lines(page, 'Answers'), test).toEqual([true, 1])
    // The stage after it, where this one was answered by the first of its keys.
    await press(page, 'Space')
    await expect(page.getByRole('status', { name: 'Recorded' })).not.toBeEmpty()
    if (await page.getByRole('group', { name: 'Answers' }).isVisible()) expect(await lines(page, 'Answers'), `${test}, answered`).toEqual([true, 1])
    expect(await tooLow(page, 56), test).toEqual([])
  }
  const odalys = `/exam/${clinic.examOf('Odalys Brightmoor')}`
  await page.goto(`${clinic.url}${odalys}/bench`)
  await press(page, 'j')
  expect(await tooLow(page, 56), 'safety questions').toEqual([])
  const screens = ['story', 'safety', 'weigh', 'note'].map((screen) => `${odalys}/${screen}`)
  for (const route of [
    ...screens,
    '/today',
    '/library',
    '/library/slump',
    '/settings',
    '/settings/evidence',
    '/settings/rules',
    '/audit',
    '/audit/reliability',
    '/exchange',
    '/aside',
    ...(await practice(page, clinic)),
  ]) {
    await page.goto(`${clinic.url}${route}`)
    expect(await tooLow(page, route.endsWith('/bench') ? 56 : 44), route).toEqual([])
  }
})

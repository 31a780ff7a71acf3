import { arrived, askedFirst, expect, expectAccessible, expectSaved, goTo, press, test } from './clinic'

test('a new person: story, five pelvic tests, a leg raise with the ankle, the note, and a power cut', async ({ page, clinic }) => {
  const problems: string[] = []
  // While the power is out, nothing can load; that is the point.
  let powerOut = false
  page.on('console', (m) => m.type() === 'error' && !powerOut && problems.push(m.text()))
  page.on('pageerror', (e) => problems.push(e.message))

  await page.goto(clinic.url)
  await expect(page).toHaveURL(/\/today$/)
  await expect(page.getByRole('link', { name: /^09:00 Imre Talvane/ })).toContainText('one under way')
  await expectAccessible(page)

  // A new person, by keyboard alone.
  await press(page, 'p')
  await page.keyboard.type('Wenna Saltmarsh')
  await press(page, 'Enter')
  await expect(page).toHaveURL(/story$/)
  await arrived(page)

  // The story: painted from the keyboard, spoken words, intensity.
  const words = page.getByLabel('In their own words')
  await words.fill('a deep ache behind on the right, and it shoots down')
  await words.blur()
  await page.getByRole('button', { name: 'shooting' }).press('Space')
  await page.getByRole('radio', { name: '3', exact: true }).press('Space')
  for (const place of ['right buttock', 'right calf']) {
    const area = page.getByRole('checkbox', { name: place, exact: true })
    await area.focus()
    await press(page, 'Space')
    await expect(area).toBeChecked()
  }
  await page.getByRole('button', { name: 'Agreed, verbally' }).press('Enter')
  await expect(page.getByText('Given verbally.')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: 'To the bench' }).press('Enter')
  await expect(page).toHaveURL(/bench$/)
  await arrived(page)

  // Nothing scrolls at an arm's length.
  expect(
    await page.evaluate(() => document.documentElement.scrollHeight <= window.innerHeight && document.documentElement.scrollWidth <= window.innerWidth),
  ).toBe(true)
  await expectAccessible(page)
  // What the first test asks is asked in place, one key each.
  await expect(page.getByRole('group', { name: 'Ask first' })).toContainText('Cauda equina')
  await askedFirst(page)
  const board = page.getByRole('complementary', { name: 'Board' })
  await expect(board).toContainText('SI joint, 3 of 5: open, needs 3 more of 5')
  const heading = page.locator('#in-hand')

  // Seated tests are left for later: straight to the raise, by name.
  await goTo(page, 'straight leg raise left')

  // Leg raise: the better side first and quiet; then 48°, own pain in the calf, and the ankle.
  await expect(heading).toContainText('Straight leg raise, left')
  await press(page, '8', '4', 'Space')
  await goTo(page, 'straight leg raise right')
  await expect(heading).toContainText('Straight leg raise, right')
  await press(page, '4', '8', 'Enter')
  await expect(page.getByRole('group', { name: 'That is my pain' })).toBeVisible()
  await expectAccessible(page)
  await press(page, 'Enter')
  await expect(page.getByText('Where? The place decides what this means.')).toBeVisible()
  await press(page, 'c', '6')
  await expect(heading).toContainText('Straight leg raise with ankle differentiation (Bragard), right')
  await press(page, 'Enter', 'Enter')
  await expect(board).toContainText('supports it: 1')

  // Five pelvic tests: two quiet, three bring it on. The rule goes from open to met.
  await goTo(page, 'pelvic distraction')
  await expect(heading).toContainText('Sacroiliac distraction')
  await press(page, 'Space')
  await goTo(page, 'faber right')
  await press(page, 'Space')
  await expect(board).toContainText('SI joint, 3 of 5: open, needs 3 more of 3')
  for (const name of ['Thigh thrust', 'Gaenslen test', 'Sacroiliac compression']) {
    await goTo(page, `${name.toLowerCase()} right`)
    await expect(heading).toContainText(name)
    await press(page, 'Enter', 'u', '5')
  }
  await expect(board).toContainText('SI joint, 3 of 5: met, 3 of 5')
  await expect(board).toContainText('rule and model')
  await expect(page.getByText('a nerve symptom can fake a positive pelvic test')).toBeVisible()

  // Undo takes the last test back, and giving it again settles the rule again.
  await press(page, 'Backspace')
  await expect(board).toContainText('SI joint, 3 of 5: open, needs 1 more of 1')
  await goTo(page, 'pelvic compression right')
  await press(page, 'Enter', 'u', '5')
  await expect(board).toContainText('SI joint, 3 of 5: met, 3 of 5')
  await expectSaved(page)

  // The power fails. Everything acknowledged is still there.
  powerOut = true
  await clinic.kill()
  await clinic.start()
  await page.reload()
  powerOut = false
  await expect(board).toContainText('SI joint, 3 of 5: met, 3 of 5')

  await page.getByRole('link', { name: 'Weigh', exact: true }).click()
  await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible()
  await page.getByRole('button', { name: /Sacroiliac joint, right/ }).click()
  await page.getByText('How the estimate was computed').click()
  await expect(page.getByRole('region', { name: 'Four estimates' })).toContainText('Estimate · leads')
  await page.getByText('Cluster rules and pointers').click()
  await expect(page.getByRole('region', { name: 'SI joint, 3 of 5', exact: true })).toContainText('Gaenslen test: positive.')
  await expectAccessible(page)

  await page.getByRole('link', { name: 'Note', exact: true }).click()
  const note = page.getByRole('article', { name: 'Note' })
  await expect(note).toContainText('Straight leg raise, right (hip neutral, ankle free): positive. S1 in the right calf at 48°')
  await expect(note).toContainText('eased when the ankle was let go and returned when it was bent up')
  await expect(note).toContainText('SI joint, 3 of 5 (distraction, compression, thigh thrust, Gaenslen, FABER): met, 3 of 5')
  await expect(note).toContainText('It does not diagnose.')
  await page.getByLabel('Your own words').fill('Seen after a fall on the slip.')
  await page.getByLabel('Your own words').blur()
  await expect(note).toContainText('Seen after a fall on the slip.')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Sign', exact: true }).click()
  await page.getByRole('button', { name: 'Sign it' }).click()
  await expect(page.getByText('Signed. It takes addenda, and what is told about safety.')).toBeVisible()
  await expectSaved(page)
  await page.getByRole('link', { name: 'Today', exact: true }).click()
  await expect(page.getByRole('link', { name: /^\d\d:\d\d Wenna Saltmarsh/ })).toContainText('signed')
  // Whatever stands there as an answer was computed, and can be followed; so can that nothing stands out.
  await expect(page.getByRole('link', { name: /^How this was computed: Wenna Saltmarsh/ })).toHaveAttribute('href', /\/weigh$/)
  expect(problems).toEqual([])
})

test('interrupted, stopped, wrong side, offline: the record is what was answered', async ({ page, clinic, context }) => {
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/bench`)
  const heading = page.locator('#in-hand')
  const board = page.getByRole('complementary', { name: 'Board' })

  // Resumes exactly where it was left: the second stage of the ankle test.
  await expect(heading).toContainText('Straight leg raise with ankle differentiation (Bragard), left')
  await expect(page.getByRole('button', { name: /It comes back/ })).toBeVisible()

  // Offline: answers are kept here, shown as waiting, and delivered once, in order.
  await context.setOffline(true)
  await press(page, 'Enter')
  await goTo(page, 'pelvic distraction')
  await press(page, 'Space')
  await expect(page.getByText('Not stored yet: 3 entries kept here')).toBeVisible()
  await context.setOffline(false)
  await expectSaved(page)

  // The patient says stop in the middle of a test: inconclusive, never negative.
  await goTo(page, 'faber left')
  await press(page, 'Escape')
  await expect(page.getByText('Nothing was begun')).toBeVisible()
  await press(page, '.')
  await expect(page.getByText('Stopped for the patient: FABER test, left.')).toBeVisible()
  await expect(board).toContainText('SI joint, 3 of 5: open, needs 3 more of 4')

  // The other side by one key, any test by its other name, an unusual angle asked about once.
  await goTo(page, 'lasegue right')
  await expect(heading).toContainText('Straight leg raise, right')
  await press(page, '[')
  await expect(heading).toContainText('Straight leg raise, left')
  await press(page, '1', '1', '5', 'Space')
  await expect(page.getByText('115° is unusual for hip flexion with a straight knee')).toBeVisible()
  await press(page, 'Backspace', 'Backspace', 'Backspace', 'n')
  await expectSaved(page)
  await page.reload()
  await expect(board).toContainText('SI joint, 3 of 5: open, needs 3 more of 4')
})

test('bad input gets a message, writes nothing, and never breaks', async ({ request, clinic }) => {
  const exam = clinic.examOf('Corwin Teasel')
  const url = `${clinic.url}/exam/${exam}/events`
  const before = (await (await request.get(url)).json()) as { events: unknown[] }
  const id = '0198f0a0-0000-7000-8000-000000000001'
  const run = '0198f0a0-0000-7000-8000-000000000002'
  const stamp = { id, at: 1 }
  const cases: readonly (readonly [number, unknown, RegExp])[] = [
    [400, 'not json{', /not JSON/],
    [422, {}, /events/],
    [422, { after: 0, events: [{ ...stamp, type: 'nonsense' }] }, /type/],
    [422, { after: 0, events: [{ ...stamp, type: 'test-started', run, test: 'head-thrust', side: 'left', variant: 'x' }] }, /no test called/],
    [422, { after: 0, events: [{ ...stamp, type: 'test-started', run, test: 'faber', side: 'up', variant: 'pelvis-fixed' }] }, /side/],
    [422, { after: 0, events: [{ ...stamp, type: 'stage-answered', run, stage: 'raise', answer: { said: 'nothing', end: 70 } }] }, /was not started/],
    [422, { after: 0, events: [{ ...stamp, type: 'stage-answered', run, stage: 'raise' }] }, /answer/],
    [422, { after: 0, events: [{ ...stamp, at: 9e15, type: 'consent-withdrawn' }] }, /at/],
    [400, { after: 0, events: [{ ...stamp, type: 'note-written', text: 'a\u0000b' }] }, /characters/],
  ]
  for (const [status, body, message] of cases) {
    const answer = await request.post(url, { data: typeof body === 'string' ? Buffer.from(body) : body, headers: { 'content-type': 'application/json' } })
    expect(answer.status()).toBe(status)
    const problem = (await answer.json()) as { what: string; kept: string; do: string }
    expect(problem.what).toMatch(message)
    expect(problem.kept).toBeTruthy()
    expect(problem.do).toBeTruthy()
  }
  expect((await request.post(url.replace(exam, 'nobody'), { data: { after: 0, events: [{ ...stamp, type: 'consent-withdrawn' }] } })).status()).toBe(404)
  expect((await request.post(url, { data: {}, headers: { origin: 'http://elsewhere.example' } })).status()).toBe(403)
  expect((await request.get(`${clinic.url}/exam/nobody/bench`)).status()).toBe(404)
  // What no page and no route answers is refused in words, before the framework has to make sense of it.
  expect((await request.post(`${clinic.url}/today`, { headers: { 'next-action': 'x'.repeat(40) } })).status()).toBe(405)
  expect((await request.fetch(`${clinic.url}/today`, { method: 'DELETE' })).status()).toBe(405)
  expect((await request.get(`${clinic.url}/today`, { headers: { host: 'rebound.example' } })).status()).toBe(421)
  expect((await request.post(`${clinic.url}/do/nothing`, { data: { args: [] } })).status()).toBe(404)
  expect((await request.post(`${clinic.url}/do/start-person`, { data: { args: [{ personId: 'x', examId: 'y' }, {}] } })).status()).toBe(200)
  for (const [name, value] of [
    ['x-content-type-options', 'nosniff'],
    ['referrer-policy', 'no-referrer'],
  ] as const) {
    for (const where of ['/today', `/exam/${exam}/events`, `/exam/${exam}/file`, '/health'])
      expect((await request.get(clinic.url + where)).headers()[name], where).toBe(value)
  }
  expect(await (await request.get(url)).json()).toEqual(before)
})

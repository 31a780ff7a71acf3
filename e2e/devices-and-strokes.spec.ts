import { askedFirst, expect, expectAccessible, expectSaved, goTo, press, recordOf, test } from './clinic'

test('a bell and a phone on the limb, joined by a code', async ({ page, clinic, context }) => {
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Corwin Teasel')}/bench`)
  await goTo(page, 'straight leg raise left')
  await askedFirst(page)
  await press(page, 'b')
  await page.getByRole('button', { name: 'Make a code' }).press('Enter')
  const code = await page.locator('text=/^[2-9A-Z]{6}$/').innerText()
  await expect(page.getByRole('img', { name: /to scan$/ })).toBeVisible()
  await expectAccessible(page)
  await press(page, 'Escape')

  // A phone strapped to the limb: its tilt is the angle on the bench.
  const phone = await context.newPage()
  await phone.setViewportSize({ width: 390, height: 780 })
  await phone.goto(`${clinic.url}/tilt/${code}`)
  await expectAccessible(phone)
  const sensor = await context.newCDPSession(phone)
  await phone.getByRole('button', { name: 'Start at rest' }).click()
  await sensor.send('DeviceOrientation.setDeviceOrientationOverride', { alpha: 0, beta: 0, gamma: 0 })
  for (let beta = 2; beta <= 44; beta += 3) {
    await sensor.send('DeviceOrientation.setDeviceOrientationOverride', { alpha: 10, beta, gamma: 0 })
    await phone.waitForTimeout(40)
  }
  await expect(page.getByText('live, from the paired phone')).toBeVisible()
  const shown = () =>
    page
      .locator('text=/^\\d+°$/')
      .first()
      .innerText()
      .then((text) => Number(text.replace('°', '')))
  await expect.poll(shown).toBeGreaterThanOrEqual(40)

  // The bell: a press is the own pain, and takes the angle with it.
  const bell = await context.newPage()
  await bell.setViewportSize({ width: 390, height: 780 })
  await bell.goto(`${clinic.url}/bell/${code.toLowerCase()}`)
  await expectAccessible(bell)
  await expect(bell.getByText('Corwin')).toHaveCount(0)
  await bell.getByRole('button', { name: 'That is my pain' }).click()
  await expect(bell.getByText('Heard.')).toBeVisible()
  await expect(page.getByRole('group', { name: 'That is my pain' })).toBeVisible()
  await bell.getByRole('button', { name: '7', exact: true }).click()
  await expect(page.getByText('7 of 10', { exact: true })).toBeVisible()

  // A pad under the hand: half a second of frames, and the score when the hand is gone.
  await press(page, 'Escape', 'Backspace')
  await goTo(page, 'thigh thrust left')
  for (let from = 0; from < 8000; from += 1000) {
    const frames = Array.from({ length: 20 }, (_, i) => from + i * 50).map((t) =>
      JSON.stringify({ t, channel: 'force', unit: 'N', value: Math.min(270, t / 18.5), device: 'clinic pad' }),
    )
    expect((await page.request.post(`${clinic.url}/devices/${code}`, { data: frames.join('\n') })).status()).toBe(202)
  }
  await expect(page.getByText(/^270 N at most/)).toBeVisible()
  await expect(page.getByText(/built in 4\.\d s, 100 % in the band/)).toBeVisible()

  // Another code opens nothing, and guessing is stopped; a malformed frame is refused.
  const wrong = await page.request.post(`${clinic.url}/devices/AAAAAA`, { data: '{}' })
  expect(wrong.status()).toBe(404)
  const statuses = await Promise.all(
    Array.from({ length: 14 }, (_, n) => page.request.post(`${clinic.url}/devices/BBBBB${n % 8}`, { data: '{}' }).then((r) => r.status())),
  )
  expect(statuses).toContain(429)
  expect((await page.request.post(`${clinic.url}/devices/${code}`, { data: 'not a frame' })).status()).toBe(422)
  await bell.goto(`${clinic.url}/bell/ZZZZZZ`)
  await expect(bell.getByText('This code does not work')).toBeVisible()
})

test('a test is dragged to another place, and stays there', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Corwin Teasel')}/bench`)
  const chips = page.getByRole('navigation', { name: 'Planned tests by posture' }).getByRole('button')
  await expect(chips.first()).toHaveAttribute('aria-label', /Slump test, left: to do$/)
  const from = await chips.nth(0).boundingBox()
  const to = await chips.nth(2).boundingBox()
  if (!from || !to) throw new Error('The chips are on screen.')
  await page.mouse.move(from.x + 20, from.y + 20)
  await page.mouse.down()
  await page.mouse.move(from.x + 40, from.y + 20, { steps: 4 })
  await page.mouse.move(to.x + to.width / 2, to.y + 20, { steps: 12 })
  await page.mouse.up()
  await expect(chips.first()).toHaveAttribute('aria-label', /Slump test, right: to do$/)
  const exam = await recordOf(page)
  expect(exam.order.slice(0, 3)).toEqual(['slump right', 'seated-leg-raise left', 'slump left'])
  await page.reload()
  await expect(chips.first()).toHaveAttribute('aria-label', /Slump test, right: to do$/)
})

test('the body is painted with one stroke, and a lightly crossed place is not missed', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Wilmot Fenn')}/story`)
  const place = (name: string) => page.getByRole('checkbox', { name, exact: true })
  const thigh = await place('back of the right thigh').boundingBox()
  const calf = await place('right calf').boundingBox()
  if (!thigh || !calf) throw new Error('The chart is on screen.')
  const x = thigh.x + thigh.width * 0.55
  await page.mouse.move(x, thigh.y + thigh.height * 0.5)
  await page.mouse.down()
  await page.mouse.move(x, calf.y + calf.height * 0.5, { steps: 25 })
  await page.mouse.up()
  for (const name of ['back of the right thigh', 'back of the right knee', 'right calf']) await expect(place(name)).toBeChecked()
  await expect(page.getByText('Reaches below the knee (right calf).')).toBeVisible()
  // One stroke is one entry of the record.
  await expectSaved(page)
})

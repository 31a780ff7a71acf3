import { between } from './between'
import { arrived, expect, expectAccessible, expectSaved, patient, press, test } from './clinic'

/** Stands before a clinic and hands out another service worker from the moment it is told to, as after an upgrade. */
async function upgraded(url: string) {
  let newer = false
  const way = await between(url, (asked, came, answer) => {
    const isNew = newer && asked.url === '/sw.js'
    answer.writeHead(came.statusCode ?? 502, came.headers)
    came.pipe(answer, { end: !isNew })
    if (isNew) came.on('end', () => answer.end('\n// Another version.\n'))
  })
  return {
    ...way,
    upgrade: () => {
      newer = true
    },
  }
}

test('a new version asks before it takes over, and never while an examination is open in any window', async ({ page, context, clinic }) => {
  const way = await upgraded(clinic.url)
  try {
    await page.goto(`${way.url}/today`)
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true)
    const bench = patient(await context.newPage())
    await bench.goto(`${way.url}/exam/${clinic.examOf('Odalys Brightmoor')}/bench`)
    await expectSaved(bench)

    way.upgrade()
    await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update())
    const offer = page.getByRole('status').filter({ hasText: 'A new version of Dust Lantern is here.' })
    await expect(offer).toBeVisible()
    await expectAccessible(page)
    // Nothing happens by itself, and the window with the examination is not even asked.
    await press(bench, 'Space')
    await expectSaved(bench)
    await expect(bench.getByText('A new version of Dust Lantern')).toHaveCount(0)
    await page.evaluate(() => Object.assign(window, { asBefore: true }))
    await page.getByRole('button', { name: 'Use it now' }).click()
    await expect(page.getByText('An examination is open in another window: close it first.')).toBeVisible()
    expect(await page.evaluate(() => 'asBefore' in window)).toBe(true)

    await bench.close()
    await page.getByRole('button', { name: 'Look again' }).click()
    await expect.poll(() => page.evaluate(() => 'asBefore' in window).catch(() => true)).toBe(false)
    await arrived(page)
    await expect(page.getByText('A new version of Dust Lantern')).toHaveCount(0)
    expect(await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.waiting ?? null)).toBeNull()
  } finally {
    way.close()
  }
})

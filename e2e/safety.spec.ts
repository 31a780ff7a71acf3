import { askedItems } from '../core/story/screen'
import { expect, expectAccessible, expectSaved, goTo, noToAll, press, test } from './clinic'

/** What is asked while nothing else hangs on an answer. */
const QUESTIONS = askedItems({}).length

test('the safety screen by single keys: a halt locks the bench until a reason is on the record', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Corwin Teasel')}/safety`)
  const closes = page.getByRole('complementary', { name: 'What the answers close' })
  await expect(closes).toContainText('What was not asked clears nothing.')

  // Saddle, cord, artery and accident one by one; "no to the rest" does nothing there.
  await press(page, 'r')
  await expect(page.getByRole('status').filter({ hasText: `${QUESTIONS} questions not asked yet` })).toBeVisible()
  await noToAll(page, 'Fracture')
  // Fracture: a fall, then no to the rest; the other groups in one key each.
  await press(page, 'y')
  await noToAll(page)
  await expect(page.getByText('Every question is answered.')).toBeVisible()
  await expect(closes).toContainText('Blocked: Possible fracture of pelvis, sacrum or spine.')
  await expectAccessible(page)
  await expectSaved(page)

  // The bench goes on with what does not load the pelvis; what does is contraindicated, with why and what to do.
  await page.getByRole('link', { name: 'To the bench' }).click()
  await expect(page.locator('#in-hand')).toContainText('Slump test, left')
  await expect(page.getByRole('button', { name: 'FABER test, left: withheld' })).toBeVisible()
  await goTo(page, 'faber left')
  await expect(page.getByRole('alert', { name: 'Blocked' })).toContainText('Do not load this region until it is ruled out.')
  await expect(page.getByRole('button', { name: /That is my pain/ })).toBeDisabled()
  await press(page, 'Space')
  await expect(page.locator('#in-hand')).toContainText('FABER test, left')
  await expectAccessible(page)

  // A typed reason opens it, and stays on the record and in the note.
  await page.getByRole('button', { name: 'Open it with a reason' }).click()
  await page.getByLabel('Reason for going on all the same').fill('imaging on Tuesday showed no fracture')
  await press(page, 'Enter')
  await expect(page.getByText('Opened with a reason.')).toBeVisible()
  await press(page, 'Space')
  await expect(page.getByRole('button', { name: 'FABER test, left: done' })).toBeVisible()
  await page.getByRole('link', { name: 'Note', exact: true }).click()
  const note = page.getByRole('article', { name: 'Note' })
  await expect(note).toContainText('Yes to: A serious fall or accident with this?')
  await expect(note).toContainText('Opened by the practitioner: imaging on Tuesday showed no fracture.')
  await expect(note).toContainText(`All ${QUESTIONS} questions asked.`)

  // A saddle sign found later stops everything, in the header too.
  await page.getByRole('link', { name: /^Safety/ }).click()
  await page.getByRole('button', { name: /^Yes: Any new numbness between the legs/ }).click()
  await expect(page.getByRole('alert', { name: 'Halt' })).toContainText('Emergency referral now.')
  await expect(page.getByRole('link', { name: /Safety halt/ })).toBeVisible()
  await page.getByRole('link', { name: 'Bench', exact: true }).click()
  const halted = page.getByRole('alert', { name: /^Stop\. Possible cauda equina/ })
  await expect(halted).toContainText('Emergency, now')
  await expectAccessible(page)
  await goTo(page, 'slump left')
  await expect(halted).toBeVisible()
})

test('story, safety and note fit a phone', async ({ page, clinic }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  for (const screen of ['story', 'safety', 'note']) {
    await page.goto(`${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/${screen}`)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    // Nothing that is shown reaches past the right edge.
    const beyond = await page.evaluate(() =>
      [...document.querySelectorAll('main *')]
        .filter(
          (e) => e.getBoundingClientRect().right > window.innerWidth + 1 && e.getBoundingClientRect().width > 0 && !e.closest('svg') && !e.closest('.sr-only'),
        )
        .map((e) => e.tagName + e.textContent.slice(0, 30)),
    )
    expect(beyond, screen).toEqual([])
    await expectAccessible(page)
  }
})

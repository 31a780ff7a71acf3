import type { Page } from '@playwright/test'
import { arrived, type Clinic, expect, expectAccessible, expectSaved, goTo, noToAll, patient, press, quietScreens, recordOf, test } from './clinic'

/** A new person with one complaint, by keyboard alone: name, words, kind, strength, places, consent, the safety screen. */
async function arrive(page: Page, clinic: Clinic, name: string, words: string, qualities: readonly string[], places: readonly string[]): Promise<void> {
  await page.goto(`${clinic.url}/today`)
  await press(page, 'p')
  await page.keyboard.type(name)
  await press(page, 'Enter')
  await expect(page).toHaveURL(/story$/)
  await arrived(page)
  const field = page.getByLabel('In their own words')
  await field.focus()
  await page.keyboard.type(words)
  await field.blur()
  for (const quality of qualities) await page.getByRole('button', { name: quality }).press('Space')
  await page.getByRole('radio', { name: '3', exact: true }).press('Space')
  for (const place of places) {
    const area = page.getByRole('checkbox', { name: new RegExp(`^${place}(,|$)`) })
    await area.focus()
    await press(page, 'Space')
    await expect(area).toBeChecked()
  }
  await page.getByRole('button', { name: 'Agreed, verbally' }).press('Enter')
  await page.getByRole('link', { name: 'Safety screen' }).press('Enter')
  await expect(page).toHaveURL(/safety$/)
  await arrived(page)
  await noToAll(page)
  await expect(page.getByText('Every question is answered.')).toBeVisible()
  await page.getByRole('link', { name: 'To the bench' }).press('Enter')
  await expect(page).toHaveURL(/bench$/)
  await arrived(page)
}

/** What was answered in the latest performance of a test, stage by stage. */
const answersOf = (exam: Awaited<ReturnType<typeof recordOf>>, id: string, side: string) =>
  exam.runs.findLast((run) => run.test === id && run.side === side)?.answers.map((a) => [a.stage, a.answer.said])

test('a neck and arm, from the first question to the last test, by keyboard alone', async ({ page, clinic, context }) => {
  await arrive(
    page,
    clinic,
    'Hesper Quillon',
    'burns to the thumb when I look up',
    ['shooting', 'tingling'],
    ['back of the right neck', 'right outer forearm', 'right thumb and first finger'],
  )
  const heading = page.locator('#in-hand')
  const board = page.getByRole('complementary', { name: 'Board' })

  // The planned order brings one test after the other; nothing is looked up by name.
  await expect(heading).toContainText('Neurological examination, upper limb, left')
  await press(page, 'u', 'Space', 'u', 'Space', 'u', 'Space', 'u', 'Space', 'Space')
  await expect(heading).toContainText('Neurological examination, upper limb, right')
  await expectAccessible(page)
  // Strength: down to C6, weak; the rest usual.
  await press(page, 'ArrowDown', 'ArrowDown', '4', 'u', 'Space')
  await press(page, 'u', 'ArrowUp', '1', 'Space')
  await press(page, 'u', 'Space', 'u', 'Space')
  // Weak at C6: closer, what parts it from one nerve of the arm.
  await press(page, 'Enter', '4', 'u', 'Space')
  await expect(board).toContainText('Cervical radiculopathy (C5-T1), right')

  // Rotation: three trials each side; own pain stops the sore one.
  await expect(heading).toContainText('Cervical rotation, active, left')
  await press(page, '7', '0', 'Space', '7', '2', 'Space', '7', '1', 'Enter')
  await expect(heading).toContainText('Cervical rotation, active, right')
  await press(page, '5', '1', 'Space', '5', '4', 'Space', '5', '2', 'p')
  await expect(heading).toContainText('Cervical side-flexion, active (shoulder side noted), left')
  await press(page, 'Space')
  // A slip of the hand, taken back and given again.
  await press(page, 'Enter', 'Backspace', 'Space')
  await press(page, 'Backspace')
  await expect(heading).toContainText('Cervical side-flexion, active (shoulder side noted), right')
  await press(page, 'Enter', 'r', '6')
  await expect(heading).toContainText('Shoulder abduction relief (Bakody), right')
  await press(page, 'Enter')

  // The server goes away in the middle; answers are kept, and delivered in order.
  await context.setOffline(true)
  await expect(heading).toContainText('Slump test, left')
  for (let stage = 0; stage < 14; stage++) await press(page, 'Space')
  await expect(heading).toContainText('Cervical extension-rotation test, left')
  await press(page, 'Space', 's')
  await context.setOffline(false)
  await expectSaved(page)

  // Graded compression, each position asked about before it is pressed: quiet, then into the arm on bending right. That ends it.
  await expect(heading).toContainText('Cervical compression, graded')
  await press(page, 'Space', 'Space', 'Space', 'Space', 'Space', 'Space', 'Enter', 'r', '6')
  await expect(heading).toContainText('Cervical distraction test')
  await press(page, 'Enter', 'Space')

  // Arm nerve test, better side first. The page is closed in the middle and opened again: exactly there.
  await expect(heading).toContainText('Upper limb neurodynamic test 1 (median), left')
  await press(page, 'Space', 'Space', 'Space')
  const here = page.url()
  await expectSaved(page)
  await page.close()
  const again = patient(await context.newPage())
  await again.goto(here)
  await expect(again.locator('#in-hand')).toContainText('Upper limb neurodynamic test 1 (median), left')
  await expect(again.getByText('Straighten the left elbow slowly.')).toBeVisible()
  await press(again, '1', '0', 's', 's', 'Space')
  await expect(again.locator('#in-hand')).toContainText('Upper limb neurodynamic test 1 (median), right')
  await press(again, 'Space', 'Space', 'Space', '4', '2', 'Enter', 'r', '6')
  await expect(again.getByText('Keep the arm exactly there. Bend the head towards the right.')).toBeVisible()
  await press(again, 'Enter', 'Enter')
  await expect(again.locator('#in-hand')).toContainText('Upper limb neurodynamic test 2a (median), left')

  // The patient has had enough: the rest is left out, each with its reason.
  await press(again, 'k', '1')
  // The quiet-arm rule is out of reach, so the sore side's other arm tests can change nothing: on to the better side's next.
  await expect(again.locator('#in-hand')).toContainText('Upper limb neurodynamic test 2b (radial), left')

  const exam = await recordOf(again)
  expect(answersOf(exam, 'neck-compression', 'none')).toEqual([
    ['neutral', 'nothing'],
    ['extension-in', 'nothing'],
    ['extension', 'nothing'],
    ['bend-left-in', 'nothing'],
    ['bend-left', 'nothing'],
    ['bend-right-in', 'nothing'],
    ['bend-right', 'familiar'],
  ])
  expect(answersOf(exam, 'ulnt-1', 'left')).toEqual([
    ['girdle', 'nothing'],
    ['abduct', 'nothing'],
    ['turn-out', 'nothing'],
    ['elbow', 'stretch'],
    ['wrist', 'stretch'],
    ['neck-away', 'nothing'],
  ])
  expect(answersOf(exam, 'ulnt-1', 'right')?.slice(3)).toEqual([
    ['elbow', 'familiar'],
    ['neck-towards', 'eased'],
    ['neck-again', 'returned'],
  ])
  expect(exam.runs.find((run) => run.test === 'neck-rotation' && run.side === 'right')?.answers[0]?.answer).toEqual({
    said: 'measured',
    trials: [51, 54, 52],
    limitedBy: 'own-pain',
  })
  expect(exam.runs.filter((run) => run.test === 'neck-side-bend').map((run) => run.side)).toEqual(['left', 'right'])
  expect(exam.runs.find((run) => run.test === 'neuro-upper' && run.side === 'right')?.answers.at(-1)?.answer).toMatchObject({
    said: 'grid',
    cells: { 'elbow-bend.strength': '4', 'wrist-bend.strength': '5', 'ring.touch': 'normal', 'thumb-ball.touch': 'normal' },
  })
  expect(exam.skips).toEqual([{ test: 'ulnt-2a', side: 'left', why: 'too sore for it' }])

  await again.goto(here.replace('/bench', '/note'))
  const note = again.getByRole('article', { name: 'Note' })
  await expect(note).toContainText('52.3° (mean of 3, SD 1.5): less than 60° to this side')
  await expect(note).toContainText('Lost in the arm: strength C6 4 of 5')
  await expect(note).toContainText('Not done: Upper limb neurodynamic test 2a (median), left (too sore for it).')
})

test('a low back and leg: chains, tables, holds, and what a result closes', async ({ page, clinic }) => {
  await arrive(
    page,
    clinic,
    'Lowen Carrick',
    'down the front of the thigh, and it catches',
    ['shooting', 'catching'],
    ['front of the left thigh', 'left low back'],
  )
  const heading = page.locator('#in-hand')
  await quietScreens(page, 'leg')
  await expect(heading).toContainText('Slump test, right')
  for (let stage = 0; stage < 14; stage++) await press(page, 'Space')
  await expect(heading).toContainText('Seated straight leg raise, right')
  for (let i = 0; i < 6; i++) await press(page, 'Space')
  await expect(heading).toContainText('Straight leg raise, right')
  await press(page, '8', '4', 'Space', '8', '2', 's')
  // On to the knee bend by its name: the better side is quiet, and the chain goes on at that side.
  await goTo(page, 'prone knee bend right')
  await press(page, '1', '2', '0', 'Space', 'Space')
  await expect(heading).toContainText('Prone hip extension over a sacral contact (Yeoman), right')
  await expect(page.getByRole('group', { name: 'Consent for this contact' })).toBeVisible()
  await expectAccessible(page)
  await press(page, 'Enter', 'Space')
  await expect(heading).toContainText('Prone hip extension over a lumbar contact, right')
  await press(page, '3', 'Space')
  // The sore side brings it on: the chain ends there.
  await goTo(page, 'prone knee bend left')
  await press(page, '8', '5', 'Enter', 'f', '6')
  await expect(page.getByRole('button', { name: /Prone hip extension over a sacral contact \(Yeoman\), left/ })).toHaveCount(0)

  // Instability: a level, own pain at rest, gone with the legs lifted.
  await goTo(page, 'prone instability')
  await expect(page.getByRole('group', { name: 'Consent for this contact' })).toContainText('the back is bared')
  await press(page, 'Space', '4', 'Enter', 'b', '6', 'Enter', 'Enter')
  // A hold that is timed: ten seconds are counted down, and the seconds held go with the answer.
  await goTo(page, 'heels to buttocks')
  await press(page, 't')
  await expect(page.getByRole('timer')).toContainText('9 s left')
  await press(page, 'Space')
  // Repeated movements and the range in the flow of the hand.
  await goTo(page, 'low-back range')
  await press(page, '5', '8', 'Enter', '3', '2', '0', 'Enter', 'Space')
  const exam = await recordOf(page)
  expect(answersOf(exam, 'prone-instability', 'none')).toEqual([
    ['level', 'observed'],
    ['rest', 'familiar'],
    ['lifted', 'eased'],
    ['down-again', 'returned'],
  ])
  const heels = exam.runs.find((run) => run.test === 'heel-to-buttock')?.answers[0]?.answer
  expect(heels?.said === 'nothing' && (heels.held ?? 0)).toBeGreaterThanOrEqual(1)
  expect(exam.renewed).toEqual({ sacral: 'agreed', undressing: 'agreed' })
  expect(answersOf(exam, 'lumbar-range', 'none')?.map(([stage]) => stage)).toEqual(['flexion', 'quality', 'extension', 'side-bend'])

  // A warning sign: two keys, and nothing can be started any more.
  await press(page, 'w', 'l')
  await expect(page.getByRole('heading', { name: /^Stop\./ })).toBeVisible()
  await expectAccessible(page)
  await goTo(page, 'slump left')
  await press(page, 'Space')
  await expect(page.getByRole('alert', { name: /^Stop\./ })).toContainText('Ask the myelopathy and cauda equina questions')
  const after = await recordOf(page)
  expect(after.runs.length).toBe(exam.runs.length)
})

test('a pelvis: landmarks, directions, refusal, another order', async ({ page, clinic }) => {
  await arrive(page, clinic, 'Senara Voss', 'deep behind on the left', ['aching'], ['left sacroiliac area', 'left buttock'])
  const heading = page.locator('#in-hand')
  await expect(heading).toContainText('Slump test, right')
  // The slump can wait: five steps later, by keyboard.
  await press(page, 'Shift+ArrowRight', 'Shift+ArrowRight')
  await press(page, 'n')
  await expect(heading).toContainText('Slump test, left')
  await goTo(page, 'pelvic landmark')
  await press(page, 'x')
  await goTo(page, 'pubic joint shear')
  await press(page, 'Space')
  await press(page, '2', '2', 'Space', 'u', 'Space')
  await goTo(page, 'active leg raise left')
  await press(page, '3', 'Enter', 'Enter')
  await goTo(page, 'standing knee lift left')
  // The sacrum was refused: no answer is taken until it is asked again.
  await expect(page.getByRole('group', { name: 'Consent for this contact' })).toBeVisible()
  await press(page, 'x')
  for (const [name, answer] of [
    ['pelvic distraction', 'Enter'],
    ['faber left', 'Space'],
    ['thigh thrust left', 'Enter'],
    ['gaenslen left', 'Space'],
    ['pelvic compression left', 'Enter'],
  ] as const) {
    await goTo(page, name)
    await press(page, answer)
    if (answer === 'Enter') await press(page, 'u', '5')
  }
  await expect(page.getByRole('complementary', { name: 'Board' })).toContainText('SI joint, 3 of 5: met, 3 of 5')
  // The wrong side is said aloud, and a key changes it.
  await goTo(page, 'thigh thrust right')
  await expect(page.getByText('You said left is the sore side; this is the right.')).toBeVisible()
  const exam = await recordOf(page)
  expect(exam.renewed).toEqual({ sacral: 'refused', pubic: 'agreed' })
  expect(exam.skips.map((s) => [s.test, s.why])).toEqual([
    ['pelvic-landmarks', 'contact refused'],
    ['standing-hip-flexion', 'contact refused'],
  ])
  expect(exam.order.slice(0, 3)).toEqual(['slump left', 'seated-leg-raise right', 'slump right'])
  expect(answersOf(exam, 'active-leg-raise', 'left')).toEqual([
    ['effort', 'observed'],
    ['pain', 'observed'],
    ['compressed', 'observed'],
  ])
})

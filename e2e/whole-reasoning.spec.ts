import { execFileSync } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { percent } from '../core/note/percent'
import { expect, expectAccessible, expectSaved, goTo, press, recordOf, test, got } from './clinic'

interface Evaluation {
  readonly rules: readonly { readonly id: string; readonly side: string; readonly state: string }[]
  readonly sources: readonly { readonly id: string; readonly side: string; readonly model: number; readonly rule: { id: string; postTest: number } | null }[]
}

function evaluate(file: string): Evaluation {
  return JSON.parse(execFileSync('npm', ['run', '--silent', 'evaluate', '--', file], { encoding: 'utf8' })) as Evaluation
}

test('a clinic’s schools, plan and odds go into the next examination and no earlier one', async ({ page, clinic }) => {
  const odalys = clinic.examOf('Odalys Brightmoor')
  await page.goto(`${clinic.url}/settings`)
  await page.getByRole('radio', { name: /^Six results/ }).check()
  await page.getByRole('radio', { name: 'Neck before trunk' }).check()
  await page.getByRole('radio', { name: /^Fewest position changes/ }).check()
  await page.getByRole('radio', { name: /^First contact/ }).check()
  await page.getByLabel('Seconds from sitting to supine').fill('90')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('status').filter({ hasText: 'Saved.' })).toHaveCount(3)
  await expectAccessible(page)
  // What was chosen is on disk: a power cut changes nothing.
  await clinic.kill()
  await clinic.start()
  await page.goto(`${clinic.url}/settings`)
  await expect(page.getByRole('radio', { name: /^Six results/ })).toBeChecked()
  await expect(page.getByLabel('Seconds from sitting to supine')).toHaveValue('90')

  await page.goto(`${clinic.url}/exam/${odalys}/note`)
  await expect(page.getByRole('article', { name: 'Note' })).toContainText('the default school everywhere')
  await page.goto(`${clinic.url}/exam/${odalys}/story`)
  const card = page.getByRole('region', { name: 'Schools of this examination' })
  await expect(card).toContainText('Taking them over changes what is planned next; what was found stays as it was.')

  await page.goto(`${clinic.url}/today`)
  await press(page, 'p')
  await page.keyboard.type('Perpetua Oakmast')
  await press(page, 'Enter')
  await expect(page).toHaveURL(/story$/)
  const own = page.getByRole('region', { name: 'Schools of this examination' })
  await expect(own).toContainText('In which order is the slump built? Neck before trunk.')
  await expect(own).toContainText('people at first contact')
  const area = page.getByRole('checkbox', { name: 'right buttock', exact: true })
  await area.focus()
  await press(page, 'Space')
  await page.getByRole('button', { name: 'Agreed, verbally' }).press('Enter')
  await expectSaved(page)
  await page.goto(page.url().replace('/story', '/bench'))
  await expect(page.getByRole('button', { name: /^Plan/ })).toContainText('Fewest position changes')
  await expect(page.getByRole('complementary', { name: 'Board' })).toContainText('SI joint, 3 of 6')
  await page.goto(page.url().replace('/bench', '/note'))
  const note = page.getByRole('article', { name: 'Note' })
  await expect(note).toContainText('Which pelvic cluster? Six results')
  await expect(note).toContainText('Pretest probabilities: of people at first contact')
  await expect(note).toContainText('Plan: fewest position changes.')
})

test('the bench plans again after every answer, in the way that was chosen', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/bench`)
  const track = page.getByRole('navigation', { name: 'Planned tests by posture' })
  const before = await track.innerText()
  await expect(page.getByRole('button', { name: /^Plan/ })).toContainText('Full baseline')
  await press(page, 'q')
  await press(page, '3')
  await expect(page.getByRole('button', { name: /^Plan/ })).toContainText('Quickest answer')
  // The choice left the list: the next key belongs to the bench again.
  await goTo(page, 'thigh thrust left')
  await press(page, 'Space')
  // The ankle was begun, so it is put back into the hand; then the reason for what comes next stands on the board.
  await expect(page.locator('#in-hand')).toContainText('Straight leg raise with ankle differentiation (Bragard), left')
  await press(page, 'Enter')
  await expect(page.getByRole('complementary', { name: 'Board' })).toContainText(/(Now|Next):.*\.|nothing left here would change the picture/)
  const exam = await recordOf(page)
  expect(exam.mode).toBe('quickest-answer')
  expect(exam.runs.map((r) => r.test)).toContain('thigh-thrust')
  expect(await track.innerText()).not.toBe(before)
})

test('own figures and own rules speak under their author’s name, on Weigh, in the note and in the file', async ({ page, clinic }) => {
  const odalys = clinic.examOf('Odalys Brightmoor')
  // A figure without a source is refused and nothing typed is lost; with one it stands.
  await page.goto(`${clinic.url}/settings/evidence`)
  await page.getByRole('textbox', { name: 'Find' }).fill('sacroiliac distraction A02')
  await page.getByRole('textbox', { name: 'Find' }).fill('A02')
  await page.getByRole('button', { name: 'Own accuracy for A02' }).click()
  const form = page.getByRole('form', { name: 'Own accuracy for A02' })
  await form.getByLabel('Specificity, 0 to 1').fill('0,9')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form.getByRole('status')).toContainText('must say where the figure comes from')
  await expect(form.getByLabel('Specificity, 0 to 1')).toHaveValue('0,9')
  await form.getByLabel('Where the figure comes from').fill('our audit of the harbour')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Entered by this clinic: Maren Oake')).toBeVisible()
  await expectAccessible(page)

  // A rule of two conditions, tried before it is stored, out as a file and in again.
  await page.goto(`${clinic.url}/settings/rules`)
  await page.getByRole('button', { name: 'New rule' }).click()
  await page.getByLabel('Name').fill('Harbour two')
  await page.getByRole('button', { name: 'Add a condition' }).click()
  await page.getByLabel('Condition 2: kind').selectOption('age')
  await page.getByLabel('Condition 2: limit').selectOption('under')
  await page.getByLabel('Condition 2: years').fill('90')
  await page.getByLabel('Conditions needed').fill('2')
  await page.getByLabel('LR when met', { exact: true }).fill('5')
  await page.getByLabel('Where the figure comes from').fill('our audit of the harbour')
  await page.getByRole('button', { name: 'Try it on earlier examinations' }).click()
  await expect(page.getByRole('region', { name: 'Trial' })).toContainText('Odalys Brightmoor')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Save rule' }).click()
  await expect(page.getByRole('form', { name: 'Rule' })).toHaveCount(0)
  await expect(page.getByRole('listitem').filter({ hasText: 'Harbour two' })).toContainText('2 of 2; our audit of the harbour; by Maren Oake')
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Export all as JSON' }).click()])
  const exported = path.join(clinic.folder, 'own-rules.json')
  await download.saveAs(exported)
  await page.getByRole('button', { name: 'Withdraw Harbour two' }).click()
  await expect(page.getByText('No own rule yet.')).toBeVisible()
  await page.getByLabel('Import JSON').setInputFiles({ name: 'bad.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"x"}') })
  await expect(page.getByRole('status').filter({ hasText: 'cannot be stored' })).toBeVisible()
  await page.getByLabel('Import JSON').setInputFiles(exported)
  await expect(page.getByRole('button', { name: 'Withdraw Harbour two' })).toBeVisible()

  // Weigh says why the leading source leads, what would overturn it, and whose figures these are.
  await page.goto(`${clinic.url}/exam/${odalys}/weigh`)
  await page.getByRole('button', { name: /Sacroiliac joint, right/ }).click()
  const answer = page.getByRole('region', { name: 'The answer' })
  await expect(answer).toContainText('Sacroiliac joint, right, stands out')
  await expect(answer).toContainText(/Depends on|No single finding reversed/)
  for (const fold of ['How the estimate was computed', 'Cluster rules and pointers', 'Every open test, by its expected gain'])
    await page.getByText(fold).click()
  await expect(page.getByText(/Depends most on .*Had it come out the other way/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'Harbour two' })).toContainText('This clinic’s own rule, by Maren Oake')
  await expect(page.getByRole('region', { name: 'Harbour two' })).toContainText('met, 2 of 2')
  await expect(page.getByRole('rowheader', { name: /\(entered by this clinic\)/ })).toBeVisible()
  await expect(page.getByRole('region', { name: 'What next' })).toContainText('Plan: full baseline')
  await expectAccessible(page)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByText(/Odalys Brightmoor, 37, ferry purser, number 102/)).toBeVisible()
  await page.emulateMedia({ media: null })
  // On paper it is two pages, whatever is folded on the screen.
  const paper = (await page.pdf({ format: 'A4' })).toString('latin1')
  expect(paper.match(/\/Type\s*\/Page[^s]/g)?.length).toBeLessThanOrEqual(2)

  // The file carries what the clinic knew, so another program gives the same figures.
  const file = path.join(clinic.folder, 'odalys.json')
  writeFileSync(file, await (await got(page, `${clinic.url}/exam/${odalys}/file`)).text())
  const sij = evaluate(file).sources.find((s) => s.id === 'sij-pain' && s.side === 'right')
  const figures = page.getByRole('region', { name: 'Four estimates' })
  await expect(figures).toContainText(`Model, tests correlated${percent(sij?.model ?? 0)}`)
  await expect(figures).toContainText(percent(sij?.rule?.postTest ?? 0))
  const { rules } = JSON.parse(readFileSync(exported, 'utf8')) as { rules: { id: string }[] }
  expect(evaluate(file).rules.find((r) => r.id === rules[0]?.id && r.side === 'right')?.state).toBe('met')

  // Signed, it stays as it was read, whatever the clinic learns later.
  await page.getByRole('link', { name: 'Note', exact: true }).click()
  await page.getByRole('button', { name: 'Sign', exact: true }).click()
  await page.getByRole('button', { name: /^Sign/ }).last().click()
  await expect(page.getByText(/Signed/).first()).toBeVisible()
  await expectSaved(page)
  const signed = await page.getByRole('article', { name: 'Note' }).innerText()
  await page.goto(`${clinic.url}/settings/evidence`)
  await page.getByRole('textbox', { name: 'Find' }).fill('A02')
  await page.getByRole('button', { name: 'Own accuracy for A02' }).click()
  await page.getByRole('button', { name: 'Restore the published accuracy' }).click()
  await expect(page.getByText('Entered by this clinic')).toHaveCount(0)
  await page.goto(`${clinic.url}/exam/${odalys}/note`)
  expect(await page.getByRole('article', { name: 'Note' }).innerText()).toBe(signed)
})

test('the level of a nerve: ranked from what was found, with the one check that parts the first two', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/bench`)
  await goTo(page, 'neurological screen leg left')
  await press(page, '5', '5', '4', '5', '5', 'u', 'Space', 'u', 'Space', 'u', 'Space')
  await expectSaved(page)
  await page.getByRole('link', { name: 'Weigh', exact: true }).click()
  await page.getByRole('button', { name: /Lumbosacral radiculopathy \(L4-S1\), left/ }).click()
  await page.getByText('Which level').click()
  const level = page.getByRole('region', { name: 'Level, left leg' })
  await expect(level).toContainText(/fits best, then|too close to call/)
  await expect(level.getByRole('table')).toContainText('Straight leg raise')
  await expect(level).toContainText('no probability')
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Note', exact: true }).click()
  await expect(page.getByRole('article', { name: 'Note' })).toContainText('Level, left leg:')
})

import { execFileSync } from 'node:child_process'
import { arrived, expect, expectAccessible, recordOf, press, test, got } from './clinic'

test('a backup from Settings is restored, a person is saved as a file and erased, and the chain tells of it', async ({ page, clinic }) => {
  const exam = clinic.examOf('Odalys Brightmoor')
  await page.goto(`${clinic.url}/settings/backups`)
  await expect(page.getByText('None yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Make a backup now' }).click()
  const list = page.getByRole('list', { name: 'Backups' })
  await expect(list.getByRole('listitem')).toHaveCount(1)
  await expect(page.getByRole('region', { name: 'Anchor of the chain' })).toContainText('"signature":')
  await expectAccessible(page)

  await page.goto(`${clinic.url}/exam/${exam}/bench`)
  const answers = (record: Awaited<ReturnType<typeof recordOf>>) => record.runs.reduce((n, run) => n + run.answers.length, 0)
  const before = answers(await recordOf(page))
  await press(page, 'Space')
  expect(answers(await recordOf(page))).toBeGreaterThan(before)
  await page.goto(`${clinic.url}/settings/backups`)
  await page.getByRole('button', { name: /^Restore/ }).click()
  await expect(page.getByRole('dialog')).toContainText('moved aside')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Restore it' }).click()
  // The demo practitioner needs no password; anybody else would sign in here.
  await expect(page).toHaveURL(/\/today$/)
  await arrived(page)
  await page.goto(`${clinic.url}/exam/${exam}/bench`)
  expect(answers(await recordOf(page))).toBe(before)

  await page.getByTitle('Odalys Brightmoor').click()
  await page.getByRole('link', { name: 'Everything about this person' }).click()
  await expect(page.getByRole('heading', { name: 'Odalys Brightmoor' })).toBeVisible()
  await expectAccessible(page)
  const saved = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save everything about this person' }).click()
  expect((await saved).suggestedFilename()).toMatch(/^person-102-\d{4}-\d\d-\d\d\.json$/)
  const whole = (await (await got(page, page.url() + '/export')).json()) as { exams: { file: { events: unknown[] } }[]; opened: { what: string }[] }
  expect(whole.exams[0]?.file.events.length).toBeGreaterThan(10)
  expect(whole.opened.map((line) => line.what)).toContain('opened')

  await page.getByRole('button', { name: /^Erase Odalys/ }).click()
  const form = page.getByRole('form', { name: 'Erase' })
  await form.getByLabel('Type the number, 102').fill('101')
  await form.getByLabel(/^Why/).fill('asked for in writing')
  await form.getByRole('button', { name: 'Erase number 102' }).click()
  await expect(page.getByText('The number does not fit.')).toBeVisible()
  await form.getByLabel('Type the number, 102').fill('102')
  await form.getByLabel(/^Why/).fill('Brightmoor asked for it')
  await form.getByRole('button', { name: 'Erase number 102' }).click()
  await expect(page.getByText('The reason names the person')).toBeVisible()
  await form.getByLabel(/^Why/).fill('asked for in writing')
  await form.getByRole('button', { name: 'Erase number 102' }).click()
  await expect(page.getByText(/^Erased: 1 examination with/)).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Go to Today' }).click()
  await arrived(page)
  await expect(page.getByRole('main')).not.toContainText('Brightmoor')
  expect((await got(page, `${clinic.url}/exam/${exam}/record`)).status()).toBe(404)

  const tool = (name: string) =>
    execFileSync('npm', ['run', '--silent', name], {
      encoding: 'utf8',
      env: { ...process.env, DUST_LANTERN_DATA: clinic.folder, DUST_LANTERN_KEYS: `${clinic.folder}-keys` },
    })
  expect(tool('verify')).toMatch(/unbroken; last link \d+\. \d+ anchors fit\./)
  expect(tool('doctor')).toContain('The chain is whole')
  await page.goto(`${clinic.url}/settings/trail`)
  for (const words of ['erased a person', 'saved everything about a person', 'restored a backup', 'anchored the chain'])
    await expect(page.getByRole('table')).toContainText(words)
})

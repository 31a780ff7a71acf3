import { readFileSync } from 'node:fs'
import { parse } from 'csv-parse/sync'
import { strFromU8, unzipSync } from 'fflate'
import { Fhir } from 'fhir'
import ICAL from 'ical.js'
import type { Page } from '@playwright/test'
import { readPdf } from '../tests/read-pdf'
import type { ExamEvent } from '../core/record/event'
import { arrived, type Clinic, expect, expectAccessible, goTo, press, test, got } from './clinic'

const SAFETY_WORDS = 'It does not diagnose. Follow your local law, scope of practice and emergency numbers.'

/** Save what a link gives, and read it. */
async function saved(page: Page, press: () => Promise<void>): Promise<{ readonly name: string; readonly bytes: Buffer }> {
  const [download] = await Promise.all([page.waitForEvent('download'), press()])
  return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) }
}

/** What is on disk of somebody's examination. */
async function eventsOf(page: Page, clinic: Clinic, name: string): Promise<readonly ExamEvent[]> {
  const answer = await got(page, `${clinic.url}/exam/${clinic.examOf(name)}/record`)
  return ((await answer.json()) as { events: readonly ExamEvent[] }).events
}

/** The page on paper, as the browser prints it. */
async function printed(page: Page): Promise<readonly string[]> {
  return (await readPdf(await page.pdf({ preferCSSPageSize: true, format: 'A4' }))).pages
}

test('from a halt to the letter by one key: kept also without the server, read by the hospital, told in the note', async ({ page, clinic }) => {
  const bram = `${clinic.url}/exam/${clinic.examOf('Bram Wickery')}`
  await page.goto(`${bram}/bench`)
  await press(page, 'l')
  await expect(page).toHaveURL(/letter$/)
  await arrived(page)
  const paper = page.getByRole('article', { name: 'The letter as it will be' })
  await expect(paper).toContainText('EMERGENCY: please see this person now.')
  await expectAccessible(page)
  await page.getByLabel('To (may stay blank)').fill('Harbour hospital <b>ward 2</b>')
  await page.getByText('Agreed', { exact: true }).click()
  await page.getByLabel(/The letter, written from the record/).press('Control+End')
  await page.keyboard.type('\n\nTwo crew with him. =1+1 <script>alert(1)</script>')

  // The line is down: the letter is kept on this device, and goes when it is up again.
  await page.context().setOffline(true)
  await page.getByRole('button', { name: 'Keep it with the examination' }).click()
  const kept = page.getByRole('region', { name: 'Kept' })
  await expect(kept).toContainText('Letter 2, emergency, to Harbour hospital <b>ward 2</b>')
  await expect(kept).toContainText('Not everything is on the server yet')
  await page.context().setOffline(false)
  await expect(kept).not.toContainText('Not everything is on the server yet')
  const pdf = await saved(page, () => kept.getByRole('link', { name: 'PDF' }).first().click())
  expect(pdf.name).toMatch(/^letter-105-\d{4}-\d\d-\d\d-2\.pdf$/)
  const letter = await readPdf(pdf.bytes)
  expect(letter.pages[0]).toMatch(/^EMERGENCY: please see this person now\. To: Harbour hospital <b>ward 2<\/b>/)
  expect(letter.pages.join(' ')).toContain('Two crew with him. =1+1 <script>alert(1)</script>')
  letter.pages.forEach((text, i) => {
    expect(text).toContain(`Bram Wickery, number 105`)
    expect(text).toContain(`page ${i + 1} of ${letter.pages.length}`)
    expect(text).toContain(SAFETY_WORDS)
  })

  // There and back: a sentence of the note, the answer it rests on, and the sentence again.
  await page.getByRole('link', { name: 'To the note' }).click()
  await arrived(page)
  await expect(page.getByRole('article', { name: 'Note' })).toContainText('Referral letter, emergency, to Harbour hospital <b>ward 2</b>')
  await page.getByRole('button', { name: /^Emergency, now: Possible cauda equina/ }).click()
  const panel = page.getByRole('region', { name: 'What is behind the sentence' })
  await expect(panel).toContainText(/saddle\? yes/)
  await panel.getByRole('link', { name: 'See it on Safety' }).nth(1).click()
  await expect(page).toHaveURL(/safety\?from=short-1#saddle-numb$/)
  await arrived(page)
  await expect(page.locator('[aria-current=true]')).toContainText('where you would sit on a saddle')
  await page.getByRole('link', { name: 'Back to the sentence in the note' }).click()
  await expect(page).toHaveURL(/note\?at=short-1$/)
  await arrived(page)
  await expect(page.getByRole('button', { name: /^Emergency, now: Possible cauda equina/ })).toHaveAttribute('aria-pressed', 'true')
  // And from what closed to the sentence that says so.
  await page.goto(`${bram}/safety`)
  await page.getByRole('alert', { name: 'Halt' }).getByRole('link', { name: 'In the write-up' }).first().click()
  await expect(page).toHaveURL(/note\?about=gate/)
  await arrived(page)
  await expect(page.locator('[data-sentence][aria-pressed=true]')).toContainText('Possible cauda equina')
})

test('an examination in every format, each read by another program; and on paper what every page carries', async ({ page, clinic }) => {
  const odalys = `${clinic.url}/exam/${clinic.examOf('Odalys Brightmoor')}`
  await page.goto(`${odalys}/note`)
  const out = page.getByRole('region', { name: 'Give it out' })
  const note = await readPdf((await saved(page, () => out.getByRole('link', { name: 'PDF' }).click())).bytes)
  expect(note.pages.length).toBeLessThanOrEqual(2)
  expect(note.pages[0]).toContain('The findings point most to the sacroiliac joint, right')
  expect(note.structure).toContain('H2')
  const text = (await saved(page, () => out.getByRole('button', { name: 'Text', exact: true }).click())).bytes.toString()
  expect(text).toMatch(/^EXAMINATION\nOdalys Brightmoor, 37/)
  const markdown = (await saved(page, () => out.getByRole('button', { name: 'Markdown' }).click())).bytes.toString()
  expect(markdown).toMatch(/^# Note: Odalys Brightmoor/)
  const bundle = JSON.parse((await saved(page, () => out.getByRole('link', { name: 'FHIR R4' }).click())).bytes.toString()) as {
    entry: { resource: { resourceType: string } }[]
  }
  expect(new Fhir().validate(bundle).valid).toBe(true)
  expect(bundle.entry.filter((e) => e.resource.resourceType === 'Observation').length).toBeGreaterThan(5)
  const tables = unzipSync((await saved(page, () => out.getByRole('link', { name: 'Tables (CSV)' }).click())).bytes)
  const findings = parse<{ test: string; result: string }>(strFromU8(tables['findings.csv'] ?? new Uint8Array()), { columns: true, bom: true })
  expect(findings.find((row) => row.test === 'thigh-thrust')?.result).toBe('positive')
  await out.getByLabel('Day').fill('2027-02-03')
  const calendar = (await saved(page, () => out.getByRole('link', { name: 'Calendar file' }).click())).bytes.toString()
  const event = new ICAL.Component(ICAL.parse(calendar) as unknown[]).getFirstSubcomponent('vevent')
  expect(event?.getFirstPropertyValue('summary')).toBe('Appointment')
  expect(calendar).toContain(':20270203T090000')
  expect(calendar).not.toMatch(/Odalys|pain|sacro/i)
  const refused = await got(page, `${odalys}/out/appointment.ics?start=2027-02-30T09:00&zone=Europe/London`)
  expect(refused.status()).toBe(422)
  expect((await got(page, `${odalys}/out/secrets.pdf`)).status()).toBe(404)

  // The layout is chosen here for this note, in Settings for all of them.
  await page.goto(`${clinic.url}/settings`)
  await page.getByText(/^SOAP order\./).click()
  await expect(page.getByText('Saved').first()).toBeVisible()
  await page.goto(`${odalys}/note`)
  await expect(page.getByRole('heading', { name: 'Assessment' })).toBeVisible()

  await page.goto(`${odalys}/summary`)
  await page.getByLabel('What you agreed, in words for the person').fill('Rest today, walk tomorrow.')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Keep it with the examination' }).click()
  const given = page.getByRole('region', { name: 'Kept' })
  await expect(given).not.toContainText('Not everything is on the server yet')
  const summary = await readPdf((await saved(page, () => given.getByRole('link', { name: 'PDF' }).click())).bytes)
  expect(summary.pages).toHaveLength(1)
  expect(summary.pages[0]).toContain('Rest today, walk tomorrow.')
  expect(summary.alternatives.length).toBeGreaterThan(0)

  for (const screen of ['note', 'weigh', 'recheck', 'letter', 'summary']) {
    await page.goto(`${odalys}/${screen}`)
    const pages = await printed(page)
    pages.forEach((onPage, i) => {
      for (const words of ['Odalys Brightmoor, number 102, examined', 'Version: draft, not signed', `page ${i + 1} of ${pages.length}`, SAFETY_WORDS])
        expect(onPage, `${screen} ${i + 1}`).toContain(words)
    })
  }
  for (const place of ['/audit', '/library/slump']) {
    await page.goto(`${clinic.url}${place}`)
    const all = await printed(page)
    for (const onPage of all) for (const words of [SAFETY_WORDS, 'Printed 20', `of ${all.length}`]) expect(onPage, place).toContain(words)
  }
})

test('many files at once, each with what became of it; an archive of everybody; a person of another program', async ({ page, clinic }, info) => {
  await page.goto(`${clinic.url}/exchange`)
  const archive = await saved(page, () => page.getByRole('button', { name: 'Save everything of everybody' }).click())
  await expect(page.getByText(/^Saved: (\d+) of \1 examinations\.$/)).toBeVisible()
  const inside = Object.keys(unzipSync(archive.bytes))
  expect(inside).toContain('tables/findings.csv')
  expect(inside.filter((name) => name.endsWith('note.pdf')).length).toBeGreaterThan(12)
  const chooser = page.getByLabel('Choose files, or drop them here')
  await chooser.setInputFiles([
    { name: 'everybody.zip', mimeType: 'application/zip', buffer: archive.bytes },
    { name: 'broken.json', mimeType: 'application/json', buffer: Buffer.from('{') },
    {
      name: 'patient.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ resourceType: 'Patient', name: [{ family: '=Brâten', given: ['<b>Ida</b>'] }], birthDate: '1983-04-11' })),
    },
  ])
  const exams = inside.filter((name) => name.endsWith('/exam.json')).length
  await expect(page.getByText(`1 taken, ${exams} here already, 0 waiting for an answer, 1 refused.`)).toBeVisible({ timeout: 60_000 })
  await expectAccessible(page)
  await page
    .getByRole('row', { name: /patient\.json/ })
    .getByRole('link', { name: 'Open it' })
    .click()
  await expect(page.getByRole('heading', { name: '<b>Ida</b> =Brâten' })).toBeVisible()
  await page.getByRole('button', { name: 'Begin an examination' }).click()
  await expect(page).toHaveURL(/story$/)
  await arrived(page)
  info.annotations.push({ type: 'archive', description: `${archive.bytes.length} bytes` })
})

test('an angle from a picture: three points by keys and by hand, marked for ever, and the picture goes nowhere', async ({ page, clinic }) => {
  const sent: number[] = []
  page.on('request', (request) => sent.push(request.postDataBuffer()?.length ?? 0))
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/bench`)
  await goTo(page, 'hip IR left')
  await page.getByRole('button', { name: 'from a picture' }).click()
  const dialog = page.getByRole('dialog', { name: 'Angle from a picture' })
  await dialog.getByRole('button', { name: 'Take a picture' }).click()
  await expect(dialog.getByLabel('What the camera sees')).toBeVisible()
  await expect.poll(() => dialog.locator('video').evaluate((video: HTMLVideoElement) => video.videoWidth)).toBeGreaterThan(0)
  await dialog.getByRole('button', { name: 'Take it now' }).click()
  const ankle = dialog.getByRole('slider', { name: 'Point 3, on the ankle' })
  await expect(ankle).toBeVisible()
  await expectAccessible(page)
  const shown = dialog.locator('[aria-live=polite]')
  const before = await shown.innerText()
  await ankle.focus()
  for (let n = 0; n < 4; n++) await page.keyboard.press('Shift+ArrowUp')
  await expect(shown).not.toHaveText(before)
  // By hand: the point goes where it is dragged.
  const box = await ankle.boundingBox()
  if (!box) throw new Error('the point is not drawn')
  const byKeys = await shown.innerText()
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2 + 25, { steps: 4 })
  await page.mouse.up()
  await expect(shown).not.toHaveText(byKeys)
  // A press of a digit or of Space in the dialog is none on the bench.
  const count = (await eventsOf(page, clinic, 'Imre Talvane')).length
  const angle = Number((await shown.innerText()).replace('°', ''))
  await dialog.getByRole('button', { name: `Use ${angle}°` }).click()
  await expect(page.getByText('from a picture; the next answer keeps it')).toBeVisible()
  expect(await eventsOf(page, clinic, 'Imre Talvane')).toHaveLength(count)
  // The camera is let go.
  await expect(page.locator('video')).toHaveCount(0)
  await press(page, 'Space')
  await expect.poll(async () => (await eventsOf(page, clinic, 'Imre Talvane')).at(-1)).toMatchObject({ answer: { said: 'nothing', end: angle, picture: true } })
  expect(Math.max(...sent)).toBeLessThan(20_000)
  await page.goto(`${clinic.url}/exam/${clinic.examOf('Imre Talvane')}/note`)
  await expect(page.getByRole('article', { name: 'Note' })).toContainText(`nothing, to ${angle}°, from a picture`)
  await expect(page.getByRole('article', { name: 'Note' })).toContainText('An angle of it was read from a picture.')
})

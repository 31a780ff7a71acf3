import { describe, expect, it } from 'vitest'
import { STATEMENT } from '../../core/note/statement'
import { letterBody, letterText, urgencyOf } from '../../core/note/letter'
import { noteOf } from '../../core/note/note'
import { summaryOf, summaryText } from '../../core/note/summary'
import type { LetterWritten, SummaryGiven } from '../../core/record/paper-events'
import { printable } from '../../core/vocabulary/printable'
import type { Outgoing } from '../../db/queries/outgoing'
import { fhirSource, HOSTILE, recordsOfAllKinds, type Told, troubledRecords } from '../../tests/outside'
import { readPdf } from '../../tests/read-pdf'
import { cutsOf, piecesOf } from './letters'
import { CATALOGUE } from '../../core/catalogue'
import { figureOf } from '../../core/figure/figure'
import { drawFigure } from './draw-figure'
import { letterPaper, notePaper, summaryPaper } from './papers'
import { toPdf } from './pdf'

const NOW = Date.UTC(2026, 10, 27)
const outOf = (record: Told): Outgoing => ({
  ...fhirSource(record),
  title: {
    who: 'Ida Bråten, 43, number 101.',
    about: 'Ida Bråten, 43, number 101',
    when: '3 March 2026, 09:00',
    by: 'Maren Oake',
    name: 'Ida Bråten',
    born: '1983-04-11',
    number: 101,
    claimed: false,
    code: null,
    day: '2026-03-03',
  },
})
const squeezed = (text: string) => text.replace(/\s+/g, ' ').trim()
/** Text as a page holds it: without the spaces at which lines are broken. */
const tight = (text: string) => text.replace(/\s+/g, '')
const RECORDS: Readonly<Record<string, Told>> = { ...recordsOfAllKinds(), ...Object.fromEntries(troubledRecords(4).map((r, i) => [`troubled ${i}`, r])) }

describe('a note as PDF', () => {
  it.each(Object.keys(RECORDS))('%s: another program reads every sentence of it, in order, and what every page carries', async (name) => {
    const record = RECORDS[name]
    if (!record) throw new Error(name)
    const out = outOf(record)
    const read = await readPdf(await toPdf(notePaper(out, 'full'), NOW))
    const text = tight(read.pages.map((page) => page.split('Note: Ida Bråten')[0] ?? '').join(' '))
    let from = 0
    for (const { statements } of noteOf(out.assessment, out.title.who).filter((s) => s.id !== 'who')) {
      for (const statement of statements) {
        const wanted = tight(printable(statement.text).replace(/^- /, '').replaceAll('≥', '>=').replaceAll('≤', '<=').replaceAll('→', '->').normalize('NFC'))
        const at = text.indexOf(wanted, from)
        expect(at, statement.text).toBeGreaterThanOrEqual(from)
        from = at + wanted.length
      }
    }
    read.pages.forEach((page, i) => {
      expect(page).toContain('Note: Ida Bråten, number 101, examined 3 March 2026, 09:00')
      expect(page).toContain(`page ${i + 1} of ${read.pages.length}`)
      expect(page).toMatch(/Version(: draft, not signed| \d+: signed)/)
      expect(squeezed(page)).toContain(STATEMENT)
    })
  })

  it('is tagged: a title, headings and paragraphs that are read aloud, in English', async () => {
    const { measured } = recordsOfAllKinds()
    const read = await readPdf(await toPdf(notePaper(outOf(measured as Told), 'full'), NOW))
    expect(read.language).toBe('en')
    expect(read.title).toBe('Note')
    expect(read.structure.filter((kind) => kind === 'H1').length).toBeGreaterThan(0)
    expect(read.structure.filter((kind) => kind === 'H2').length).toBeGreaterThan(5)
    expect(read.structure.filter((kind) => kind === 'P').length).toBeGreaterThan(20)
  })

  it('is read in two pages for an ordinary examination, and a short layout is shorter', async () => {
    const { measured } = recordsOfAllKinds()
    const whole = await readPdf(await toPdf(notePaper(outOf(measured as Told), 'full'), NOW))
    expect(whole.pages.length).toBeLessThanOrEqual(2)
    const short = await readPdf(await toPdf(notePaper(outOf(measured as Told), 'short'), NOW))
    expect(short.pages.join(' ').length).toBeLessThan(whole.pages.join(' ').length)
  })

  it('keeps own words apart, and takes no text for anything but text', async () => {
    const { written } = recordsOfAllKinds()
    const read = await readPdf(await toPdf(notePaper(outOf(written as Told), 'full'), NOW))
    const text = tight(read.pages.join(' '))
    expect(text).toContain(tight('In the practitioner’s words: <script>alert(1)</script>'))
    expect(text).toContain(tight('<img src=x onerror=alert(1)>'))
    expect(text).toContain('Łódź')
    expect(text).toContain('Сергей')
  })
})

describe('letters that ship', () => {
  it('set Latin, Greek, Cyrillic and Vietnamese, and mark what they cannot', () => {
    for (const text of ['Łódź Ørsted Ñandú', 'Ελένη', 'Сергей', 'Nguyễn Thị', '48° − 25 ½ “so” – ’']) expect(piecesOf(text, 400).missing, text).toBe(0)
    expect(piecesOf('山田', 400).missing).toBe(2)
    expect(
      piecesOf('≥ 3 → 5', 400)
        .pieces.map((p) => p.text)
        .join(''),
    ).toBe('>= 3 -> 5')
  })

  it('lose no sign of any text: each stands in one piece, in a cut that has it', () => {
    for (const text of HOSTILE) {
      const { pieces } = piecesOf(text, 700)
      for (const { cut, text: piece } of pieces) {
        const has = cutsOf(700).find((c) => c.name === cut)
        for (const sign of piece.trim()) expect(sign === ' ' || has?.has(sign.codePointAt(0) ?? 0), `${sign} in ${cut}`).toBe(true)
      }
    }
  })

  it('says on the paper how many signs could not be set', async () => {
    const { begun } = recordsOfAllKinds()
    const strange = { ...outOf(begun as Told), title: { ...outOf(begun as Told).title, who: '山田, 43, number 101.' } }
    const read = await readPdf(await toPdf(notePaper(strange, 'full'), NOW))
    expect(read.pages.join(' ')).toContain('2 signs have no letters here')
  })
})

describe('a letter and a summary as PDF', () => {
  const letterOf = (out: Outgoing): LetterWritten => {
    const head = { about: out.title.about, born: out.title.born, examinedAt: out.at, by: out.title.by, when: (at: number) => new Date(at).toISOString() }
    const urgency = urgencyOf(out.assessment)
    const text = letterText({ to: '', urgency, agreed: 'yes' }, head, letterBody(out.assessment, head))
    return { type: 'letter-written', id: 'l', at: NOW, by: 'test-author', to: '', urgency, agreed: 'yes', text }
  }
  const summaryFrom = (out: Outgoing): SummaryGiven => {
    const asked = { agreed: 'Walk ten minutes, twice a day.\nCome back on Friday.', figures: true }
    return { type: 'summary-given', id: 's', at: NOW, by: 'test-author', ...asked, text: summaryText(summaryOf(out.assessment, asked)) }
  }

  it('the letter holds every line as it was kept, urgency first', async () => {
    for (const record of Object.values(RECORDS)) {
      const out = outOf(record)
      const letter = letterOf(out)
      const read = await readPdf(await toPdf(letterPaper(out, letter), NOW))
      const text = tight(read.pages.map((page) => page.split('Referral letter: Ida')[0] ?? '').join(' '))
      expect(text.startsWith(tight(letter.text.split('\n')[0] ?? ''))).toBe(true)
      for (const line of letter.text.split('\n')) expect(text).toContain(tight(printable(line).replace(/^- /, '').normalize('NFC')))
    }
  })

  it('the summary stands on one page, draws what told something, and says it to whoever cannot see it', async () => {
    for (const [name, record] of Object.entries(RECORDS)) {
      const out = outOf(record)
      const given = summaryFrom(out)
      const read = await readPdf(await toPdf(summaryPaper(out, given), NOW))
      expect(read.pages.length, name).toBe(1)
      const drawn = summaryOf(out.assessment, given).movements.map((m) => m.says)
      expect(read.alternatives).toEqual(drawn)
      for (const line of given.text.split('\n')) expect(tight(read.pages.join(' ')).toLowerCase()).toContain(tight(line.replace(/^- /, '')).toLowerCase())
    }
  })

  it.each(CATALOGUE.map((test) => [test.id, test] as const))('%s: what is drawn stays in its box', (_, test) => {
    const calls: string[] = []
    const doc: unknown = new Proxy(
      {},
      {
        get:
          (_target, name) =>
          (...given: readonly number[]) => (calls.push([String(name), ...given].join(' ')), doc),
      },
    )
    for (const stage of test.stages) {
      calls.length = 0
      const figure = figureOf(stage.pose, 'right')
      drawFigure(doc as PDFKit.PDFDocument, figure, { x: 50, y: 60, width: 200, height: 100 })
      const scale = Number(calls.find((c) => c.startsWith('scale '))?.split(' ')[1])
      const box = calls.findIndex((c) => c.startsWith('rect '))
      const [, x = NaN, y = NaN, width = NaN, height = NaN] = calls[box]?.split(' ').map(Number) ?? []
      expect(calls[box + 1]).toBe('clip')
      expect(calls.findIndex((c) => /^(fill|stroke|fillAndStroke)/.test(c))).toBeGreaterThan(box)
      expect(width * scale).toBeLessThanOrEqual(200.001)
      expect(height * scale).toBeLessThanOrEqual(100.001)
      expect([x, y]).toEqual([expect.closeTo(figure.bounds.min.x - 7, 6), expect.closeTo(-figure.bounds.max.y - 7, 6)])
    }
  })

  it('a summary that was given draws nothing that was found since', async () => {
    const { begun, measured } = recordsOfAllKinds()
    const [early, late] = [outOf(begun as Told), outOf(measured as Told)]
    expect(summaryOf(late.assessment, { agreed: '', figures: false }).movements).not.toEqual([])
    const read = await readPdf(await toPdf(summaryPaper(late, summaryFrom(early)), NOW))
    expect(read.alternatives).toEqual([])
    expect(read.pages.join(' ')).not.toMatch('Your pain came on')
  })

  it('is the same paper with the same clock', async () => {
    const { measured } = recordsOfAllKinds()
    const paper = notePaper(outOf(measured as Told), 'full')
    const [a, b] = [await readPdf(await toPdf(paper, NOW)), await readPdf(await toPdf(paper, NOW))]
    expect(a).toEqual(b)
  })
})

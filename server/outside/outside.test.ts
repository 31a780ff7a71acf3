import { episodeOf } from '../../core/record/episode-of'
import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, utimesSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { parse } from 'csv-parse/sync'
import { strFromU8, unzipSync } from 'fflate'
import type { Bundle, FhirResource } from 'fhir/r4'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { TABLES } from '../../core/exchange/csv/tables'
import { partsOf } from '../../core/exchange/parts'
import { fillDemoClinic } from '../../db/demo/clinic'
import { type Db, openDb, openToRead } from '../../db/open'
import { clinicKnowledge } from '../../db/queries/clinic'
import { changeEpisode, episodeOfExam } from '../../db/queries/episodes'
import { appendEvents } from '../../db/queries/exam-events'
import type { ExamEvent } from '../../core/record/event'
import { examHeads, examsOfPerson } from '../../db/queries/exams'
import { importedAs } from '../../db/queries/imports'
import { recordOf } from '../../db/queries/ledger'
import { isOutgoing, type Outgoing, outgoing } from '../../db/queries/outgoing'
import { allPeople, personById, personByNumber } from '../../db/queries/people'
import { wholePerson } from '../../db/queries/whole-person'
import { decode } from '../../tests/outside'
import { readPdf } from '../../tests/read-pdf'
import { toPdf } from '../paper/pdf'
import { archiveOf, countIn, scratchFolder } from './archive'
import { fhirOf, inFormat, tablesOf } from './formats'
import { readContent } from './read-import'
import { takeInExam, takeInPerson } from './take-in'
import { zipped } from './zip'

const NOW = new Date(2026, 10, 27, 12).getTime()
const BY = { by: 'maren-oake', now: NOW }
const print = (papers: Parameters<typeof toPdf>[0]) => toPdf(papers, NOW)
let folder = ''
let db: Db
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-outside-'))
  db = openDb(path.join(folder, 'clinic.sqlite'))
})
afterEach(() => {
  db.$client.close()
  rmSync(folder, { recursive: true, force: true })
})

const all = (from: Db): readonly Outgoing[] =>
  examHeads(from)
    .map((head) => outgoing(from, head.id, clinicKnowledge(from)))
    .filter(isOutgoing)
const fresh = () => openDb(':memory:')
async function archived(from: Db, scope: Parameters<typeof archiveOf>[1], told: number[] = []): Promise<Readonly<Record<string, Uint8Array>>> {
  const pieces: Uint8Array[] = []
  const made = archiveOf(from, scope, { template: 'full', now: NOW, print, scratch: folder, onDone: (done) => told.push(done) })
  for await (const piece of zipped(made, NOW)) pieces.push(piece)
  return unzipSync(Buffer.concat(pieces))
}

describe('an archive of everybody', () => {
  beforeEach(() => fillDemoClinic(db, new Date(NOW)))

  // The same clinic is the same archive: it is written once for the tests that read it.
  let once: Promise<readonly [Readonly<Record<string, Uint8Array>>, readonly number[]]> | null = null
  const whole = () =>
    (once ??= (async () => {
      const told: number[] = []
      return [await archived(db, { all: true }, told), told] as const
    })())

  it('is opened by another program, holds every examination in every format, and tells how far it is', async () => {
    const [files, told] = await whole()
    const exams = examHeads(db)
    expect(told).toEqual(exams.map((_, i) => i + 1))
    expect(countIn(db, { all: true })).toBe(exams.length)
    const named = (name: string) => Object.keys(files).filter((file) => file.endsWith(`/${name}`))
    for (const name of ['exam.json', 'fhir.json', 'note.txt', 'note.pdf']) expect(named(name)).toHaveLength(exams.length)
    expect(named('person.json')).toHaveLength(allPeople(db).length)
    expect(strFromU8(files['report.txt'] ?? new Uint8Array())).toMatch(`Examinations: ${exams.length}, of which 0 could not be read.`)
    // The letter that went with the one who was halted.
    const letter = Object.keys(files).find((file) => file.endsWith('letter-1.txt')) ?? ''
    expect(strFromU8(files[letter] ?? new Uint8Array())).toMatch(/^EMERGENCY/)
    const pdf = files[letter.replace('.txt', '.pdf')]
    expect((await readPdf(pdf ?? new Uint8Array())).pages[0]).toMatch(/EMERGENCY/)
  }, 180_000)

  it('comes back whole into an empty clinic: the same people, the same events, and nothing written twice', async () => {
    const [files] = await whole()
    const there = fresh()
    for (let twice = 0; twice < 2; twice++) {
      for (const [name, bytes] of Object.entries(files).filter(([file]) => file.endsWith('/exam.json'))) {
        const content = JSON.parse(strFromU8(bytes)) as unknown
        const taken = takeInExam(there, readContent(content, NOW), { same: true }, BY)
        expect(taken.as, name).toBe(twice === 0 ? 'taken' : 'known')
      }
    }
    expect(allPeople(there)).toHaveLength(allPeople(db).length)
    for (const head of examHeads(db)) {
      expect(recordOf(there, head.id).events).toEqual(recordOf(db, head.id).events)
      expect(importedAs(there, head.id)).toMatchObject({ by: 'maren-oake' })
      expect(personById(there, recordOf(there, head.id).exam?.personId ?? '')?.name).toBe(head.person.name)
    }
    there.$client.close()
  }, 180_000)

  it('tables hold the rows of all of them, as one program would write one after the other', async () => {
    const [files] = await whole()
    const outs = all(db)
    for (const table of TABLES) {
      const rows = parse(strFromU8(files[`tables/${table.name}.csv`] ?? new Uint8Array()), { columns: true, bom: true })
      expect(rows.length, table.name).toBe(outs.reduce((n, out) => n + table.rowsOf(out).length, 0))
    }
    expect(readdirSync(folder).filter((name) => name.startsWith('archive-'))).toEqual([])
  }, 180_000)

  it('leaves nothing behind where it is broken off', async () => {
    const pieces = zipped(archiveOf(db, { all: true }, { template: 'full', now: NOW, print, scratch: folder }), NOW)
    await pieces.next()
    expect(readdirSync(folder).some((name) => name.startsWith('archive-'))).toBe(true)
    await pieces.return(undefined)
    expect(readdirSync(folder).filter((name) => name.startsWith('archive-'))).toEqual([])
  })

  it('what a power cut left of an archive is removed with the next one, and a running one is not', () => {
    const left = path.join(folder, 'archive-left')
    const running = path.join(folder, 'archive-running')
    for (const one of [left, running]) mkdirSync(one)
    utimesSync(left, new Date(NOW - 2 * 86_400_000), new Date(NOW - 2 * 86_400_000))
    utimesSync(running, new Date(NOW - 60_000), new Date(NOW - 60_000))
    const mine = scratchFolder(folder, NOW)
    expect([existsSync(left), existsSync(running), existsSync(mine)]).toEqual([false, true, true])
  })

  it('names what cannot be read instead of leaving it out silently', async () => {
    const head = examHeads(db).find((h) => h.person.name === 'Imre Talvane')
    const triggers = db.$client.prepare("SELECT name FROM sqlite_master WHERE type = 'trigger' AND tbl_name = 'exam_events'").all() as { name: string }[]
    for (const { name } of triggers) db.$client.exec(`DROP TRIGGER "${name}"`)
    db.$client.prepare("UPDATE exam_events SET event = 'torn' WHERE exam_id = ? AND seq = 2").run(head?.id)
    const again = openToRead(path.join(folder, 'clinic.sqlite'))
    const files = await archived(again, { person: head?.person.id ?? '' })
    expect(strFromU8(files['report.txt'] ?? new Uint8Array())).toMatch(new RegExp(`examination ${head?.id ?? ''} has an entry that cannot be read`))
    again.$client.close()
  })
})

describe('one examination in every format', () => {
  beforeEach(() => fillDemoClinic(db, new Date(NOW)))
  const halted = () => {
    const head = examHeads(db).find((h) => h.person.name === 'Bram Wickery')
    const out = outgoing(db, head?.id ?? '', clinicKnowledge(db))
    if (!isOutgoing(out)) throw new Error('not there')
    return out
  }

  it('names the file by number and day, never by the name', async () => {
    for (const format of ['json', 'txt', 'md', 'pdf', 'fhir', 'csv'] as const) {
      const made = await inFormat([halted()], format, { template: 'full', now: NOW, print })
      expect(made.name).toMatch(/^[a-z]+-105-2026-11-26\.(json|txt|md|pdf|zip)$/)
      expect(made.name).not.toMatch(/bram/i)
      expect(made.body.length).toBeGreaterThan(200)
    }
  })

  it('says the same in all of them: the halt is in the note, the letter, FHIR and the tables', async () => {
    const out = halted()
    const made = async (format: 'txt' | 'md') => String((await inFormat([out], format, { template: 'full', now: NOW, print })).body)
    for (const text of [await made('txt'), await made('md'), fhirOf([out], NOW)]) expect(text).toContain('Possible cauda equina syndrome')
    expect(tablesOf([out])['safety.csv']).toMatch(/saddle-numb.+"yes"/)
    const pdf = await inFormat([out], 'pdf', { template: 'full', now: NOW, print })
    expect((await readPdf(pdf.body as Uint8Array)).pages.join(' ')).toContain('Possible cauda equina syndrome')
  })

  it('numbers letters and summaries in an archive as the screen does', async () => {
    const { file, person } = halted()
    const events = recordOf(db, file.exam.id).events.length
    const paper = (n: number, content: object) =>
      ({ ...content, id: `01a00000-0000-7000-8000-0000000000${10 + n}`, at: NOW + n, by: 'maren-oake' }) as ExamEvent
    const stored = appendEvents(db, file.exam.id, [
      paper(1, { type: 'summary-given', agreed: '', figures: false, text: 'A first summary' }),
      paper(2, { type: 'letter-written', to: '', urgency: 'urgent', agreed: 'yes', text: 'A second letter' }),
    ])
    expect(stored.ok).toBe(true)
    expect(recordOf(db, file.exam.id).events.length).toBe(events + 2)
    const files = await archived(db, { person: person.id })
    const texts = Object.entries(files).flatMap(([name, bytes]) =>
      /(letter|summary)-\d\.txt$/.test(name) ? [[name.split('/').at(-1), strFromU8(bytes).split('\n')[0]]] : [],
    )
    expect(texts).toEqual([
      ['letter-1.txt', expect.stringMatching(/^EMERGENCY/)],
      ['summary-1.txt', 'A first summary'],
      ['letter-2.txt', 'A second letter'],
    ])
  }, 120_000)

  it('tells an episode as active until it is closed', () => {
    const name = episodeOfExam(db, halted().file.exam.id)
    const status = () => {
      const { entry = [] } = JSON.parse(fhirOf([halted()], NOW)) as { entry?: { resource?: FhirResource }[] }
      return entry.flatMap(({ resource }) => (resource?.resourceType === 'EpisodeOfCare' ? [resource.status] : []))
    }
    expect(status()).toEqual(['active'])
    if (!name) throw new Error('no episode')
    const said = { id: '01a00000-0000-7000-8000-000000000001', by: 'Maren Oake', at: NOW }
    expect(changeEpisode(db, said, name, { kind: 'discharged', summary: 'sent on' })).toBeNull()
    expect(status()).toEqual(['finished'])
  })

  it('one bundle of several visits names the person, who examined and each episode once', () => {
    const head = examHeads(db).find((h) => h.person.name === 'Hesper Dray')
    const outs = examsOfPerson(db, head?.person.id ?? '')
      .map((one) => outgoing(db, one.id, clinicKnowledge(db)))
      .filter(isOutgoing)
    expect(outs.length).toBeGreaterThan(2)
    const bundle = JSON.parse(fhirOf(outs, NOW)) as Bundle
    const kinds = bundle.entry?.map((e) => e.resource?.resourceType) ?? []
    expect(kinds.filter((kind) => kind === 'Patient')).toHaveLength(1)
    expect(kinds.filter((kind) => kind === 'Encounter')).toHaveLength(outs.length)
    expect(kinds.filter((kind) => kind === 'Practitioner')).toHaveLength(new Set(outs.flatMap((out) => Object.keys(out.names))).size)
    expect(kinds.filter((kind) => kind === 'EpisodeOfCare')).toHaveLength(new Set(outs.map((out) => episodeOf(out.assessment.exam))).size)
    expect(partsOf(bundle, decode).map((part) => part.kind)).toEqual(outs.map(() => 'exam'))
  })
})

describe('what is brought in', () => {
  it('a person by FHIR is entered once, joined only where asked to, and can be nobody', () => {
    const named = { name: 'Ida Bråten', born: '1983-04-11' }
    const first = takeInPerson(db, named, { ask: true }, BY)
    expect(first.as).toBe('taken')
    expect(takeInPerson(db, named, { ask: true }, BY)).toMatchObject({ as: 'asked', people: [{ name: 'Ida Bråten', number: 101 }] })
    expect(takeInPerson(db, named, { same: true }, BY)).toMatchObject({ as: 'known' })
    expect(takeInPerson(db, { ...named, born: '1983-04-12' }, { same: true }, BY).as).toBe('asked')
    expect(takeInPerson(db, { ...named, born: null }, { same: true }, BY).as).toBe('asked')
    expect(takeInPerson(db, named, { new: true }, BY).as).toBe('taken')
    // Two of the same name and day: nobody is chosen between them.
    expect(takeInPerson(db, named, { same: true }, BY).as).toBe('asked')
    expect(takeInPerson(db, { name: 'x'.repeat(400), born: null }, { ask: true }, BY)).toMatchObject({ as: 'refused', status: 422 })
    expect(takeInPerson(db, { name: 'Future', born: '2031-01-01' }, { ask: true }, BY).as).toBe('refused')
    expect(allPeople(db)).toHaveLength(2)
  })

  it('an examination goes to the one person of the same name and day where that was asked, and to nobody else', () => {
    const from = fresh()
    fillDemoClinic(from, new Date(NOW))
    const out = all(from).find((o) => o.title.name === 'Bram Wickery')
    if (!out) throw new Error('not there')
    const { name, born } = out.file.person
    takeInPerson(db, { name, born }, { ask: true }, BY)
    expect(takeInExam(db, readContent(out.file, NOW), { ask: true }, BY)).toMatchObject({ as: 'asked', people: [{ number: 101 }] })
    expect(countIn(db, { all: true })).toBe(0)
    expect(takeInExam(db, readContent(out.file, NOW), { same: true }, BY)).toMatchObject({ as: 'taken', personId: personByNumber(db, 101)?.id })
    expect(wholePerson(db, personByNumber(db, 101)?.id ?? '')?.exams).toHaveLength(1)
    from.$client.close()
  })

  it('a refused file leaves nothing: no person, no examination, no mark', () => {
    const from = fresh()
    fillDemoClinic(from, new Date(NOW))
    const out = all(from)[0]
    if (!out) throw new Error('not there')
    const wrong = [
      { ...out.file, version: 99 },
      { ...out.file, events: out.file.events.slice(1) },
      { ...out.file, events: [...out.file.events, out.file.events[1]] },
      { ...out.file, exam: { ...out.file.exam, at: 9e15 } },
      { ...out.file, person: { ...out.file.person, born: '2999-01-01' } },
      null,
      [],
    ]
    for (const content of wrong) expect(takeInExam(db, readContent(content, NOW), { new: true }, BY).as).toBe('refused')
    expect(allPeople(db)).toEqual([])
    expect(examHeads(db)).toEqual([])
    expect(existsSync(folder)).toBe(true)
    from.$client.close()
  })

  it('everything of a person is brought in examination by examination', () => {
    const from = fresh()
    fillDemoClinic(from, new Date(NOW))
    const head = examHeads(from).find((h) => h.person.name === 'Hesper Dray')
    const whole = JSON.parse(JSON.stringify(wholePerson(from, head?.person.id ?? ''))) as unknown
    const parts = partsOf(whole, decode)
    expect(parts.length).toBeGreaterThan(2)
    for (const part of parts) expect(part.kind === 'exam' && takeInExam(db, readContent(part.content, NOW), { same: true }, BY).as).toBe('taken')
    expect(allPeople(db)).toHaveLength(1)
    const beside = JSON.parse(JSON.stringify(wholePerson(from, head?.person.id ?? '', { beside: true }))) as unknown
    expect(partsOf(beside, decode).every((part) => part.kind === 'wrong')).toBe(true)
    from.$client.close()
  })
})

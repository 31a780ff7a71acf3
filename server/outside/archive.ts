import { closeSync, createReadStream, mkdtempSync, openSync, readdirSync, rmSync, statSync, writeSync } from 'node:fs'
import path from 'node:path'
import { TABLES } from '../../core/exchange/csv/tables'
import { BYTE_ORDER_MARK, csvDictionary, csvHeader, csvRows } from '../../core/exchange/csv/to'
import type { TemplateId } from '../../core/note/template'
import { numberedPapers } from '../../core/record/paper-events'
import type { Db } from '../../db/open'
import { clinicKnowledge } from '../../db/queries/clinic'
import { examsOfPerson } from '../../db/queries/exams'
import { forget } from '../../db/queries/ledger'
import { isOutgoing, type Outgoing, outgoing } from '../../db/queries/outgoing'
import { allPeople } from '../../db/queries/people'
import { wholePerson } from '../../db/queries/whole-person'
import { letterPaper, notePaper, summaryPaper } from '../paper/papers'
import { fhirOf, noteTexts, type Printer, stem } from './formats'

/** Everything of one person, or of everybody. */
export type Scope = { readonly person: string } | { readonly all: true }

/** A file of the archive, in pieces that need not be held together. */
export interface Entry {
  readonly name: string
  readonly pieces: Iterable<string | Uint8Array> | AsyncIterable<string | Uint8Array>
}

export interface ArchiveWith {
  readonly template: TemplateId
  readonly now: number
  readonly print: Printer
  /** A folder of its own user, where tables grow until they are written. */
  readonly scratch: string
  /** How many examinations are in it so far. */
  readonly onDone?: (done: number) => void
}

/** Begins the names of folders in which archives grow. */
const SCRATCH = 'archive-'
/** No archive takes so long: a folder that is older was left by a power cut. */
const LEFT_AFTER_MS = 86_400_000

/** A folder of its own for one archive; what a power cut left of earlier ones is removed. */
export function scratchFolder(folder: string, now: number): string {
  for (const name of readdirSync(folder).filter((one) => one.startsWith(SCRATCH))) {
    const left = path.join(folder, name)
    if (now - statSync(left).mtimeMs > LEFT_AFTER_MS) rmSync(left, { recursive: true, force: true })
  }
  return mkdtempSync(path.join(folder, SCRATCH))
}

/** How many examinations an archive holds. */
export function countIn(db: Db, scope: Scope): number {
  return peopleIn(db, scope).reduce((n, id) => n + examsOfPerson(db, id).length, 0)
}

function peopleIn(db: Db, scope: Scope): readonly string[] {
  return 'person' in scope ? [scope.person] : allPeople(db).map((person) => person.id)
}

/**
 * The files of an archive, one after the other, an examination held at a time.
 *
 * Every person has a folder with what is kept of them, every examination one with the exam file, the note as text and PDF, FHIR, letters and
 * summaries. The tables of all of them and the data dictionary come last, and a report of what is in it and what could not be read.
 */
export async function* archiveOf(db: Db, scope: Scope, { template, now, print, scratch, onDone }: ArchiveWith): AsyncGenerator<Entry> {
  const clinic = clinicKnowledge(db)
  const tables = new GrowingTables(scratch)
  const unreadable: string[] = []
  let done = 0
  try {
    for (const id of peopleIn(db, scope)) {
      const whole = wholePerson(db, id, { beside: true })
      if (!whole) continue
      const folder = `person-${whole.person.number}`
      yield { name: `${folder}/person.json`, pieces: [`${JSON.stringify(whole, null, 2)}\n`] }
      for (const head of examsOfPerson(db, id).toReversed()) {
        const out = outgoing(db, head.id, clinic)
        forget(db, head.id)
        if (isOutgoing(out)) {
          yield* filesOf(out, `${folder}/${stem(out)}-${head.id.slice(-6)}`, { template, now, print })
          tables.add(out)
        } else
          unreadable.push(`${folder}: examination ${head.id} ${out.why === 'unknown' ? 'is not there' : `has an entry that cannot be read (${out.entry})`}`)
        onDone?.(++done)
      }
    }
    yield* tables.entries()
    yield { name: 'tables/dictionary.csv', pieces: [BYTE_ORDER_MARK, csvDictionary()] }
    yield { name: 'report.txt', pieces: [reportOf(done, unreadable, now)] }
  } finally {
    tables.end()
  }
}

async function* filesOf(out: Outgoing, folder: string, { template, now, print }: Pick<ArchiveWith, 'template' | 'now' | 'print'>): AsyncGenerator<Entry> {
  yield { name: `${folder}/exam.json`, pieces: [`${JSON.stringify(out.file, null, 2)}\n`] }
  yield { name: `${folder}/fhir.json`, pieces: [fhirOf([out], now)] }
  yield { name: `${folder}/note.txt`, pieces: [noteTexts([out], template)] }
  yield { name: `${folder}/note.pdf`, pieces: [await print([notePaper(out, template)])] }
  for (const { paper, kind, n } of numberedPapers(out.assessment.exam.papers)) {
    yield { name: `${folder}/${kind}-${n}.txt`, pieces: [`${paper.text}\n`] }
    const made = paper.type === 'letter-written' ? letterPaper(out, paper) : summaryPaper(out, paper)
    yield { name: `${folder}/${kind}-${n}.pdf`, pieces: [await print([made])] }
  }
}

function reportOf(done: number, unreadable: readonly string[], now: number): string {
  const head = [`Written ${new Date(now).toISOString()} by Dust Lantern.`, `Examinations: ${done}, of which ${unreadable.length} could not be read.`]
  return `${[...head, ...unreadable, '', 'exam.json is imported again as it is; see docs/exchange.md for every other file.'].join('\n')}\n`
}

/** Tables that grow on disk while examinations go by, so that none has to be held. */
class GrowingTables {
  private readonly folder: string
  private readonly files: readonly { readonly name: string; readonly file: string; readonly handle: number }[]
  private open = true

  constructor(scratch: string) {
    this.folder = mkdtempSync(path.join(scratch, SCRATCH))
    this.files = TABLES.map((table) => {
      const file = path.join(this.folder, `${table.name}.csv`)
      const handle = openSync(file, 'wx', 0o600)
      writeSync(handle, BYTE_ORDER_MARK + csvHeader(table))
      return { name: table.name, file, handle }
    })
  }

  add(out: Outgoing): void {
    TABLES.forEach((table, i) => {
      const rows = csvRows(table, out)
      const handle = this.files[i]?.handle
      if (rows !== '' && handle !== undefined) writeSync(handle, rows)
    })
  }

  *entries(): Generator<Entry> {
    for (const { name, file } of this.files) yield { name: `tables/${name}.csv`, pieces: createReadStream(file) as AsyncIterable<Uint8Array> }
  }

  end(): void {
    if (!this.open) return
    this.open = false
    for (const { handle } of this.files) closeSync(handle)
    rmSync(this.folder, { recursive: true, force: true })
  }
}

// Writes examinations in an open format: npm run --silent export -- --person 101 --format fhir --out FILE
// Exit 0 when everything was written, 1 when something could not be (nobody of that number, an entry that cannot be read, a full disk),
// 2 when it was asked for in a way that is not known. What is wrong goes to standard error; without --out the file goes to standard output.
import { createWriteStream, existsSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { parseArgs } from 'node:util'
import { TABLES } from '../core/exchange/csv/tables'
import { TEMPLATES, type TemplateId } from '../core/note/template'
import { dataFile, type Db, openDb, openToRead } from '../db/open'
import { clinicKnowledge, houseOf } from '../db/queries/clinic'
import { examHead, examsOfPerson } from '../db/queries/exams'
import { isOutgoing, type Outgoing, outgoing } from '../db/queries/outgoing'
import { personByNumber } from '../db/queries/people'
import { writeTrail } from '../db/queries/trail'
import { wholePerson } from '../db/queries/whole-person'
import { archiveOf, countIn, type Scope, scratchFolder } from '../server/outside/archive'
import { type Format, FORMATS, inFormat, tablesOf } from '../server/outside/formats'
import { zipped } from '../server/outside/zip'
import { toPdf } from '../server/paper/pdf'

const USE = `npm run --silent export -- (--person NUMBER | --exam ID | --all) --format ${FORMATS.join('|')}|zip [--out FILE] [--table ${TABLES.map((t) => t.name).join('|')}|dictionary] [--layout ${TEMPLATES.map((t) => t.id).join('|')}]`
const OPTIONS = {
  person: { type: 'string' },
  exam: { type: 'string' },
  all: { type: 'boolean' },
  format: { type: 'string' },
  out: { type: 'string' },
  table: { type: 'string' },
  layout: { type: 'string' },
} as const
/** Of an archive, how far it has come is told after so many examinations. */
const TOLD_EVERY = 50

class Ended extends Error {
  constructor(
    readonly code: 1 | 2,
    what: string,
  ) {
    super(what)
  }
}

try {
  await run()
} catch (error) {
  const [code, what] = error instanceof Ended ? [error.code, error.message] : [1, error instanceof Error ? error.message : String(error)]
  console.error(what)
  process.exitCode = code
}

async function run(): Promise<void> {
  const asked = askedFor()
  const file = dataFile()
  if (!existsSync(file)) throw new Ended(1, `There is no clinic at ${file}. DUST_LANTERN_DATA names its folder.`)
  noteOnTrail(file, asked)
  const db = openToRead(file)
  try {
    if (asked.format === 'zip') await writeArchive(db, asked)
    else await writeFormat(db, asked, asked.format)
  } finally {
    db.$client.close()
  }
}

/** What leaves by the command line stands on the trail like what leaves by the screen. */
function noteOnTrail(file: string, { whose, format }: AskedFor): void {
  const db = openDb(file)
  try {
    const person = 'person' in whose ? personByNumber(db, whose.person)?.id : undefined
    const about = 'exam' in whose ? whose.exam : (person ?? '')
    const what = 'all' in whose ? 'clinic-archived' : format === 'zip' ? 'person-archived' : 'given-out'
    writeTrail(db, { at: Date.now(), who: '', what, about, address: 'command line', more: format })
  } finally {
    db.$client.close()
  }
}

interface AskedFor {
  readonly whose: { readonly person: number } | { readonly exam: string } | { readonly all: true }
  readonly format: Format | 'zip'
  readonly out: string | null
  readonly table: string | null
  readonly layout: TemplateId | null
}

function askedFor(): AskedFor {
  let read
  try {
    read = parseArgs({ options: OPTIONS, allowPositionals: false }).values
  } catch (error) {
    throw new Ended(2, `${error instanceof Error ? error.message : ''}\n${USE}`)
  }
  const { person, exam, all, format, out, table, layout } = read
  const named = [person !== undefined, exam !== undefined, all === true].filter(Boolean).length
  if (named !== 1) throw new Ended(2, `Name one person, one examination, or --all.\n${USE}`)
  if (person !== undefined && !/^\d{1,9}$/.test(person)) throw new Ended(2, `--person is a number, as on Today: “${person}” is none.\n${USE}`)
  const known = [...FORMATS, 'zip'] as const
  const chosen = known.find((f) => f === format)
  if (!chosen) throw new Ended(2, `--format is one of ${known.join(', ')}${format === undefined ? '' : `; “${format}” is not known`}.\n${USE}`)
  if (all && chosen !== 'zip') throw new Ended(2, `--all goes with --format zip.\n${USE}`)
  if (exam !== undefined && chosen === 'zip') throw new Ended(2, `An archive is of a person or of all: --person or --all.\n${USE}`)
  if (table !== undefined && (chosen !== 'csv' || ![...TABLES.map((t) => t.name), 'dictionary'].includes(table)))
    throw new Ended(2, `--table goes with --format csv and is one of ${[...TABLES.map((t) => t.name), 'dictionary'].join(', ')}.\n${USE}`)
  const template = TEMPLATES.find((t) => t.id === layout)?.id ?? null
  if (layout !== undefined && template === null) throw new Ended(2, `--layout is one of ${TEMPLATES.map((t) => t.id).join(', ')}.\n${USE}`)
  return {
    whose: person !== undefined ? { person: Number(person) } : exam !== undefined ? { exam } : { all: true },
    format: chosen,
    out: out === undefined || out === '-' ? null : path.resolve(process.env.OUTSIDE_FROM ?? process.cwd(), out),
    table: table ?? null,
    layout: template,
  }
}

/** Ids of examinations, the oldest first. */
function examsAsked(db: Db, whose: AskedFor['whose']): readonly string[] {
  if ('exam' in whose) {
    if (!examHead(db, whose.exam)) throw new Ended(1, `There is no examination ${whose.exam} here.`)
    return [whose.exam]
  }
  return examsOfPerson(db, personAsked(db, whose))
    .map((head) => head.id)
    .toReversed()
}

function personAsked(db: Db, whose: AskedFor['whose']): string {
  const person = 'person' in whose ? personByNumber(db, whose.person) : undefined
  if (!person) throw new Ended(1, `There is nobody with the number ${'person' in whose ? whose.person : ''} here.`)
  return person.id
}

async function writeFormat(db: Db, { whose, out, table, layout }: AskedFor, format: Format): Promise<void> {
  const ids = examsAsked(db, whose)
  const now = Date.now()
  if (format === 'json' && 'person' in whose) {
    const whole = wholePerson(db, personAsked(db, whose))
    const torn = whole?.exams.filter((e) => e.file === null) ?? []
    save(out, `${JSON.stringify(whole, null, 2)}\n`)
    if (torn.length > 0) throw new Ended(1, `${torn.length} of ${ids.length} examinations cannot be read and are named without their content.`)
    return
  }
  const clinic = clinicKnowledge(db)
  const found = ids.map((id) => outgoing(db, id, clinic))
  const all = found.filter(isOutgoing)
  if (all.length === 0) throw new Ended(1, ids.length === 0 ? 'No examination is filed under this number.' : 'None of these examinations can be read.')
  if (format === 'csv') writeTables(all, out, table)
  else {
    const template = layout ?? houseOf(db).template
    const made = await inFormat(all, format, { template, now, print: (papers) => toPdf(papers, now) })
    save(out, made.body)
  }
  if (all.length < found.length)
    throw new Ended(1, `${found.length - all.length} of ${found.length} examinations have an entry that cannot be read, and are left out.`)
}

/** One table, or the findings with the other tables and the dictionary beside them: FILE.csv, FILE-measures.csv, FILE-dictionary.csv ... */
function writeTables(all: readonly Outgoing[], out: string | null, table: string | null): void {
  const tables = tablesOf(all)
  if (table !== null || out === null) {
    save(out, tables[`${table ?? 'findings'}.csv`] ?? '')
    return
  }
  const { dir, name, ext } = path.parse(out)
  for (const [file, text] of Object.entries(tables))
    save(file === 'findings.csv' ? out : path.join(dir, `${name}-${path.parse(file).name}${ext || '.csv'}`), text)
}

async function writeArchive(db: Db, { whose, out, layout }: AskedFor): Promise<void> {
  const scope: Scope = 'all' in whose ? { all: true } : { person: personAsked(db, whose) }
  const of = countIn(db, scope)
  const now = Date.now()
  const scratch = scratchFolder(path.dirname(dataFile()), now)
  try {
    const onDone = (done: number) => {
      if (done % TOLD_EVERY === 0) console.error(`${done} of ${of} examinations`)
    }
    const entries = archiveOf(db, scope, { template: layout ?? houseOf(db).template, now, scratch, onDone, print: (papers) => toPdf(papers, now) })
    await pipeline(Readable.from(zipped(entries, now)), out === null ? process.stdout : createWriteStream(out, { mode: 0o600 }))
    console.error(`${of} of ${of} examinations`)
  } finally {
    rmSync(scratch, { recursive: true, force: true })
  }
}

/** Files that name people are for their owner alone. */
function save(file: string | null, body: string | Uint8Array): void {
  if (file === null) process.stdout.write(body)
  else writeFileSync(file, body, { mode: 0o600 })
}

// Brings files in: npm run --silent import -- FILE ...   Exam files, everything of a person, FHIR (Patient or Bundle), or an archive of them.
// Each examination is taken whole or not at all; a line a part on standard output says what became of it. Exit 0 when everything was taken
// or was here already, 1 when something was refused or has to be asked about, 2 when a file cannot be read or the command is not known.
// --same joins an examination to the person here with the same name and day of birth, where there is exactly one; --new enters a new person each
// time; --by ID names who brings it in.
import { existsSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { unzipSync } from 'fflate'
import { isExamFile, partsOf } from '../core/exchange/parts'
import { takeLock } from '../db/lock'
import { dataFile, openDb } from '../db/open'
import { practitionerById } from '../db/queries/practitioners'
import { catchUpAll } from '../db/queries/rebuild-findings'
import { writeTrail } from '../db/queries/trail'
import { readContent } from '../server/outside/read-import'
import { type TakenIn, takeInExam, takeInPerson, type Whose } from '../server/outside/take-in'

const USE = 'npm run --silent import -- [--same | --new] [--by PRACTITIONER] FILE ...'

process.exitCode = run()

function run(): number {
  let read
  try {
    read = parseArgs({ options: { same: { type: 'boolean' }, new: { type: 'boolean' }, by: { type: 'string' } }, allowPositionals: true })
  } catch (error) {
    return told(2, `${error instanceof Error ? error.message : ''}\n${USE}`)
  }
  const { values, positionals } = read
  if (positionals.length === 0) return told(2, `Name at least one file.\n${USE}`)
  if (values.same && values.new) return told(2, `--same and --new exclude each other.\n${USE}`)
  const file = dataFile()
  if (!existsSync(file)) return told(1, `There is no clinic at ${file}. DUST_LANTERN_DATA names its folder.`)
  const lock = takeLock(path.dirname(file))
  if (!lock.ok) return told(1, 'Dust Lantern runs on this folder. Stop it first, or import the files on the screen; nothing was changed.')
  const db = openDb(file)
  try {
    const by = values.by ?? 'import'
    if (values.by !== undefined && !practitionerById(db, by)) return told(1, `Nobody here is called ${by}. Nothing was changed.`)
    const whose: Whose = values.same ? { same: true } : values.new ? { new: true } : { ask: true }
    let code = 0
    for (const name of positionals) code = Math.max(code, bring(name, whose, by))
    catchUpAll(db)
    return code
  } finally {
    db.$client.close()
    lock.release()
  }

  function bring(name: string, as: Whose, by: string): number {
    const contents = contentsOf(path.resolve(process.env.OUTSIDE_FROM ?? process.cwd(), name))
    if (typeof contents === 'string') {
      line(name, '', 'unreadable', contents)
      return 2
    }
    let code = 0
    for (const { within, content } of contents) {
      for (const part of partsOf(content, decoded)) {
        const where = [within, part.where].filter(Boolean).join(', ')
        if (part.kind === 'wrong') {
          line(name, where, 'refused', `${part.issue.pointer} ${part.issue.what}`.trim())
          code = Math.max(code, 1)
          continue
        }
        const now = Date.now()
        const taken = part.kind === 'exam' ? takeInExam(db, readContent(part.content, now), as, { by, now }) : takeInPerson(db, part.person, as, { by, now })
        if (taken.as === 'taken' && taken.examId !== null) writeTrail(db, { at: now, who: by, what: 'imported', about: taken.examId, address: 'command line' })
        line(name, where, taken.as, words(taken))
        if (taken.as === 'refused' || taken.as === 'asked') code = Math.max(code, 1)
      }
    }
    return code
  }
}

function told(code: number, what: string): number {
  console.error(what)
  return code
}

function line(file: string, where: string, became: string, what: string): void {
  const text = JSON.stringify({ file, ...(where !== '' && { where }), became, ...(what !== '' && { what }) })
  console.log(text)
  if (became !== 'taken' && became !== 'known') console.error(`${file}${where === '' ? '' : ` (${where})`}: ${became}. ${what}`)
}

function words(taken: TakenIn): string {
  switch (taken.as) {
    case 'taken':
    case 'known':
      return taken.examId ?? taken.personId
    case 'asked':
      return `${taken.named.name} may be here already: ${taken.people.map((p) => `number ${p.number} (${p.why})`).join(', ')}. Pass --same or --new, or import it on the screen.`
    case 'refused':
      return `${taken.problem.what} ${taken.problem.do}`
  }
}

/** What a file holds: one JSON, or every exam file and person of an archive; a sentence where it cannot be read. */
function contentsOf(file: string): readonly { readonly within: string; readonly content: unknown }[] | string {
  let bytes: Buffer
  try {
    bytes = readFileSync(file)
  } catch (error) {
    return `It cannot be opened (${(error as NodeJS.ErrnoException).code ?? 'unknown'}).`
  }
  try {
    if (bytes.subarray(0, 2).toString('latin1') !== 'PK') return [{ within: '', content: JSON.parse(bytes.toString('utf8')) as unknown }]
    const inside = unzipSync(bytes, { filter: ({ name }) => isExamFile(name) })
    const files = Object.entries(inside)
    if (files.length === 0) return 'It is an archive without an exam.json.'
    return files.map(([name, content]) => ({ within: name, content: JSON.parse(Buffer.from(content).toString('utf8')) as unknown }))
  } catch (error) {
    return `It is neither JSON nor an archive of exam files (${error instanceof Error ? error.message : ''}).`
  }
}

function decoded(base64: string): string | null {
  return /^[A-Za-z0-9+/\s]*={0,2}$/.test(base64) ? Buffer.from(base64, 'base64').toString('utf8') : null
}

// Evaluates examination files without the web application: findings, rules and sources, a line a file.
// A signed examination is told as it was signed; --today reads it again with today's rules. --no-intervals leaves the draws out.
// Exit 2 when any file cannot be read: what is wrong goes to standard error with JSON pointers, nothing to standard output.
// --stream reads one file a line from standard input instead, and answers each with one line at once: one that cannot be read with { "issues" }.
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { createInterface } from 'node:readline'
import { evaluationOf } from '../core/exchange/evaluation'
import { evaluationAsSigned } from '../core/exchange/signed-evaluation'
import { readExamFile } from '../core/exchange/exam-file/from'
import { assessCase, assessExamFile } from '../core/exchange/exam-file/replay'
import type { Issue } from '../core/exchange/exam-file/file'

const FLAGS = ['--today', '--no-intervals', '--stream']
/** With more files than this, how far it has come is told on standard error. */
const TOLD_EVERY = 200

const words = process.argv.slice(2)
// A signed examination is told as it was signed, unless it is asked how it reads today.
const today = words.includes('--today')
const intervals = !words.includes('--no-intervals')
const streamed = words.includes('--stream')
const names = words.filter((word) => !FLAGS.includes(word))
const unknown = names.filter((name) => name.startsWith('--'))
if (unknown.length > 0) {
  console.error(`${unknown.join(', ')} is not known. Known are ${FLAGS.join(', ')}.`)
  process.exit(2)
}
if (streamed === names.length > 0) {
  console.error(
    streamed
      ? 'With --stream the files come by standard input, one a line; none is named.'
      : 'Name at least one file: npm run --silent evaluate -- [--today] [--no-intervals] FILE.json ..., or pass --stream and one file a line on standard input.',
  )
  process.exit(2)
}
process.exitCode = await (streamed ? evaluateStream() : evaluateFiles())

/** What one file says, as a line, or what is wrong with it. */
function evaluated(text: string): { readonly line: string | null } | { readonly issues: readonly Issue[] } {
  let content: unknown
  try {
    content = JSON.parse(text)
  } catch {
    return { issues: [{ pointer: '', what: 'is not JSON' }] }
  }
  const read = readExamFile(content)
  if (!read.ok) return { issues: read.issues }
  const assessment = read.kind === 'case' ? assessCase(read.file) : assessExamFile(read.file)
  const frozen = assessment?.exam.signed?.frozen
  if (frozen && !today) return { line: JSON.stringify(evaluationAsSigned(frozen)) }
  return { line: assessment && JSON.stringify(evaluationOf(assessment, { intervals })) }
}

function complaint(where: string, { pointer, what }: Issue): string {
  return `${where}: ${pointer === '' ? 'the whole file' : pointer} ${what}`
}

/** All files or none: a file that cannot be read keeps every line back. */
function evaluateFiles(): number {
  const lines: string[] = []
  const complaints: string[] = []
  for (const [i, name] of names.entries()) {
    if (i > 0 && i % TOLD_EVERY === 0) console.error(`${i} of ${names.length} files`)
    try {
      const made = evaluated(readFileSync(path.resolve(process.env.EVALUATE_FROM ?? '.', name), 'utf8'))
      if ('issues' in made) complaints.push(...made.issues.map((issue) => complaint(name, issue)))
      else if (made.line !== null) lines.push(made.line)
    } catch (error) {
      complaints.push(complaint(name, { pointer: '', what: `could not be read: ${error instanceof Error ? error.message : 'unknown reason'}` }))
    }
  }
  for (const words of complaints) console.error(words)
  if (complaints.length > 0) return 2
  for (const line of lines) console.log(line)
  return 0
}

/** A line in, a line out, so that another program can keep them together. */
async function evaluateStream(): Promise<number> {
  let n = 0
  let code = 0
  for await (const text of createInterface({ input: process.stdin, crlfDelay: Infinity })) {
    if (text.trim() === '') continue
    n += 1
    const made = evaluated(text)
    if ('issues' in made) {
      code = 2
      for (const issue of made.issues) console.error(complaint(`line ${n}`, issue))
      console.log(JSON.stringify({ issues: made.issues }))
    } else console.log(made.line ?? 'null')
  }
  return code
}

// Evaluates examination files without the web application: findings, rules and sources, a line a file.
// A signed examination is told as it was signed; --today reads it again with today's rules. --no-intervals leaves the draws out.
// Exit 2 when any file cannot be read: what is wrong goes to standard error with JSON pointers, nothing to standard output.
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { evaluationOf } from '../core/exchange/evaluation'
import { evaluationAsSigned } from '../core/exchange/signed-evaluation'
import { readExamFile } from '../core/exchange/exam-file/from'
import { assessCase, assessExamFile } from '../core/exchange/exam-file/replay'

const FLAGS = ['--today', '--no-intervals']
/** With more files than this, how far it has come is told on standard error. */
const TOLD_EVERY = 200

const words = process.argv.slice(2)
// A signed examination is told as it was signed, unless it is asked how it reads today.
const today = words.includes('--today')
const intervals = !words.includes('--no-intervals')
const names = words.filter((word) => !FLAGS.includes(word))
const unknown = names.filter((name) => name.startsWith('--'))
if (unknown.length > 0) {
  console.error(`${unknown.join(', ')} is not known. Known are ${FLAGS.join(' and ')}.`)
  process.exit(2)
}
if (names.length === 0) {
  console.error('Name at least one file: npm run --silent evaluate -- [--today] [--no-intervals] FILE.json ...')
  process.exit(2)
}
const lines: string[] = []
const complaints: string[] = []
for (const [i, name] of names.entries()) {
  const complain = (pointer: string, what: string) => {
    complaints.push(`${name}: ${pointer === '' ? 'the whole file' : pointer} ${what}`)
  }
  if (i > 0 && i % TOLD_EVERY === 0) console.error(`${i} of ${names.length} files`)
  try {
    const read = readExamFile(JSON.parse(readFileSync(path.resolve(process.env.EVALUATE_FROM ?? '.', name), 'utf8')))
    if (!read.ok) {
      for (const issue of read.issues) complain(issue.pointer, issue.what)
      continue
    }
    const assessment = read.kind === 'case' ? assessCase(read.file) : assessExamFile(read.file)
    const frozen = assessment?.exam.signed?.frozen
    if (frozen && !today) lines.push(JSON.stringify(evaluationAsSigned(frozen)))
    else if (assessment) lines.push(JSON.stringify(evaluationOf(assessment, { intervals })))
  } catch (error) {
    complain('', error instanceof SyntaxError ? 'is not JSON' : `could not be read: ${error instanceof Error ? error.message : 'unknown reason'}`)
  }
}
for (const complaint of complaints) console.error(complaint)
if (complaints.length > 0) process.exit(2)
for (const line of lines) console.log(line)

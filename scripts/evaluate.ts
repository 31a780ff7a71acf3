// Evaluates examination files without the web application: findings, rules and sources, a line a file.
// A signed examination is told as it was signed; --today reads it again with today's rules.
// Exit 2 when any file cannot be read: what is wrong goes to standard error with JSON pointers, nothing to standard output.
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { evaluationOf } from '../core/exchange/evaluation'
import { evaluationAsSigned } from '../core/exchange/signed-evaluation'
import { readExamFile } from '../core/exchange/exam-file/from'
import { assessCase, assessExamFile } from '../core/exchange/exam-file/replay'

const words = process.argv.slice(2)
// A signed examination is told as it was signed, unless it is asked how it reads today.
const today = words.includes('--today')
const names = words.filter((word) => word !== '--today')
if (names.length === 0) {
  console.error('Name at least one file: npm run --silent evaluate -- FILE.json')
  process.exit(2)
}
const lines: string[] = []
const complaints: string[] = []
for (const name of names) {
  const complain = (pointer: string, what: string) => {
    complaints.push(`${name}: ${pointer === '' ? 'the whole file' : pointer} ${what}`)
  }
  try {
    const read = readExamFile(JSON.parse(readFileSync(path.resolve(process.env.EVALUATE_FROM ?? '.', name), 'utf8')))
    if (!read.ok) {
      for (const issue of read.issues) complain(issue.pointer, issue.what)
      continue
    }
    const assessment = read.kind === 'case' ? assessCase(read.file) : assessExamFile(read.file)
    const frozen = assessment?.exam.signed?.frozen
    if (frozen && !today) lines.push(JSON.stringify(evaluationAsSigned(frozen)))
    else if (assessment) lines.push(JSON.stringify(evaluationOf(assessment)))
  } catch (error) {
    complain('', error instanceof SyntaxError ? 'is not JSON' : `could not be read: ${error instanceof Error ? error.message : 'unknown reason'}`)
  }
}
for (const complaint of complaints) console.error(complaint)
if (complaints.length > 0) process.exit(2)
for (const line of lines) console.log(line)

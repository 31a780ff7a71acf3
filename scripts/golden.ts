// Keeps a signed examination of this edition for ever: npm run golden. Files of earlier editions are never touched.
import { existsSync, writeFileSync } from 'node:fs'
import { assess } from '../core/assess'
import { EDITION } from '../core/edition'
import { signatureOf } from '../core/exchange/freeze'
import { toExamFile } from '../core/exchange/exam-file/to'
import { evaluationAsSigned } from '../core/exchange/signed-evaluation'
import { noteOf } from '../core/note/note'
import { plainText } from '../core/note/paragraph'
import { CASES } from '../core/exchange/golden/cases'

for (const [name, made] of Object.entries(CASES)) {
  const file = `core/exchange/golden/${name}-${EDITION.catalogue}-${EDITION.rules}-${EDITION.register}.json`
  if (existsSync(file) && !process.argv.includes('--anew')) {
    console.log(`${file} is there already`)
    continue
  }
  const record = made()
  const signed = record.then(signatureOf(record.exam))
  const { frozen } = signed.exam.signed ?? {}
  if (!frozen) throw new Error('A signature holds what was signed.')
  const golden = {
    file: toExamFile(signed.exam, signed.events, { name: 'Somebody', born: null, work: '' }, signed.exam.openedAt),
    note: plainText(noteOf(assess(signed.exam), 'Somebody, 43.')),
    evaluation: evaluationAsSigned(frozen),
  }
  writeFileSync(file, `${JSON.stringify(golden, null, 1)}\n`)
  console.log(file)
}

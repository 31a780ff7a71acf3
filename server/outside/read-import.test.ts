import { describe, expect, it } from 'vitest'
import { toExamFile } from '../../core/exchange/exam-file/to'
import { BUTTOCK, signed, sorePelvis } from '../../tests/people'
import { readImport } from './read-import'

const NOW = Date.UTC(2027, 0, 1)
const record = signed(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]))
const file = () => toExamFile(record.exam, record.events, { name: 'Somebody', born: '1983-04-11', work: '' }, 7)
const read = (change: (text: string) => string) => readImport(change(JSON.stringify(file())), NOW)

describe('a file that is signed', () => {
  it('is read when its signature follows from its own record', () => {
    expect(read((text) => text)).toMatchObject({ as: 'exam', hash: expect.stringMatching(/^[0-9a-f]{64}$/) as string })
  })

  it('is refused with what differs when it does not: a result, an estimate, a sentence, an entry that was changed below it', () => {
    const changes: readonly ((text: string) => string)[] = [
      (text) => text.replace(/("run":"[^"]*","result":")positive/, '$1negative'),
      (text) => text.replace(/"conclusion":"[^"]*"/, '"conclusion":"Fit for manipulation"'),
      (text) => text.replace(/("estimates":\[\{[^}]*?":)0\.\d+/, '$10.001'),
      (text) => text.replace('"said":"familiar","symptom":"S1","places":["right-buttock"]', '"said":"familiar","symptom":"S1","places":["left-calf"]'),
    ]
    for (const change of changes) {
      expect(change(JSON.stringify(file()))).not.toBe(JSON.stringify(file()))
      const answer = read(change)
      expect(answer.as).toBe('forged')
      if (answer.as === 'forged') expect(answer.words.length).toBeGreaterThan(0)
    }
  })

  it('of an edition that cannot be computed here stays a claim of the file', () => {
    expect(read((text) => text.replace(/"edition":\{[^}]*\},"findings"/, '"edition":{"catalogue":99,"rules":99,"register":99},"findings"')).as).toMatch(
      /exam|wrong/,
    )
  })
})

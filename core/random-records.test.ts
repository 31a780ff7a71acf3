import { describe, expect, it } from 'vitest'
import { randomExam } from '../tests/random-exam'
import { assess } from './assess'
import { headlineOf } from './evidence/headline'
import { noteOf } from './note/note'
import { plainText } from './note/paragraph'
import { adviceOf } from './planner/advice'
import { routeOf } from './planner/route'

/** A few here; the bench plans some thousands of them (`bench/random-plans.ts`). */
const RECORDS = 60

describe('whatever the record takes', () => {
  it('is assessed, planned and written without an exception, an undefined or a NaN, and without a figure outside 0 to 1', () => {
    for (let n = 0; n < RECORDS; n++) {
      const { exam } = randomExam(`whatever ${n}`, 40)
      const assessment = assess(exam)
      const route = routeOf(assessment)
      const { why, stop, price } = adviceOf(assessment, route)
      const text = [plainText(noteOf(assessment, 'Somebody, 43.')), why, stop ?? '', JSON.stringify(price)].join('\n')
      expect(text, `whatever ${n}`).not.toMatch(/undefined|NaN|\[object|null°|Infinity/)
      for (const { weighed } of assessment.sources) {
        if (!weighed) continue
        for (const p of [weighed.model, weighed.product, headlineOf(weighed)]) {
          expect(p, `whatever ${n}`).toBeGreaterThan(0)
          expect(p, `whatever ${n}`).toBeLessThan(1)
        }
      }
      // Every reading says why, and names only sides on which something can be said.
      for (const finding of assessment.findings) expect(finding.why.trim(), `${finding.test} ${n}`).toMatch(/^[^\s].*[.!?]$/s)
    }
  })

  it('keeps what was not looked at from being normal, and what was not loaded from being quiet', () => {
    for (let n = 0; n < RECORDS; n++) {
      const { exam } = randomExam(`looked at ${n}`, 40)
      for (const finding of assess(exam).findings) {
        const run = exam.runs.find((r) => r.id === finding.run)
        if (finding.result !== 'negative' || run?.test !== finding.test) continue
        expect(run.stopped === null || run.answers.length > 0, `${finding.test} ${n}`).toBe(true)
        expect(finding.reproduced, `${finding.test} ${n}: ${finding.why}`).toBeUndefined()
      }
    }
  })
})

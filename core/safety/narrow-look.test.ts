import { describe, expect, it } from 'vitest'
import { randomExam } from '../../tests/random-exam'
import { CATALOGUE, testById } from '../catalogue'
import { findingsOf, findingsOfTest } from '../findings/findings'
import type { Exam } from '../record/exam'
import { isContraindicated } from './contraindicated'
import { contraindicationOf, closedGates } from './safety'

const REPERTORY = { testById, all: CATALOGUE }
const EXAMS: readonly Exam[] = Array.from({ length: 60 }, (_, n) => randomExam(`narrow ${n}`, 40).exam)

describe('looking only at what one test needs says the same as looking at everything', () => {
  it('the gate that bars a test', () => {
    let contraindicated = 0
    for (const exam of EXAMS) {
      // A copy each: what one look has worked out is kept with the examination it looked at.
      const whole = closedGates({ ...exam })
      for (const test of CATALOGUE) {
        for (const { id: variant } of test.variants) {
          const first = whole.find((c) => c.gate.strength !== 'caution' && c.opened === null && isContraindicated(c.gate, test.id, variant, c.standing))
          if (first) contraindicated++
          expect(contraindicationOf({ ...exam }, test.id, variant), `${test.id} ${variant}`).toEqual(first)
        }
      }
    }
    expect(contraindicated, 'some were barred').toBeGreaterThan(100)
  })

  it('the results of a test', () => {
    let found = 0
    for (const exam of EXAMS) {
      const all = findingsOf({ ...exam }, REPERTORY)
      for (const test of CATALOGUE) {
        const results = (findings: typeof all) => findings.filter((f) => f.test === test.id).map((f) => `${f.side} ${f.about} ${f.run} ${f.result} ${f.why}`)
        const mine = results(findingsOfTest({ ...exam }, test.id, REPERTORY))
        found += mine.length
        expect(mine, test.id).toEqual(results(all))
      }
    }
    expect(found).toBeGreaterThan(300)
  })
})

import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, own, performed, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import type { Composed } from '../record/compose'
import { adviceOf, beyondThePlan } from './advice'
import { routeOf } from './route'

const advice = ({ exam }: Composed) => {
  const assessment = assess(exam)
  return adviceOf(assessment, routeOf(assessment))
}

/** Every test outside the plan that is worth doing, done and quiet. */
function andBeyond(record: Composed): Composed {
  for (let so = record; ; ) {
    const assessment = assess(so.exam)
    const more = beyondThePlan(assessment, routeOf(assessment))
    if (!more) return so
    so = performed(so, more.test.id, more.side)
  }
}

describe('the next test beside the reason to stop', () => {
  it('a plan that goes on past the reason to stop claims no worth for its next test', () => {
    const quiet = (['slump', 'leg-raise', 'hip-internal-rotation'] as const).reduce(
      (r, test) => performed(performed(r, test, 'left'), test, 'right'),
      sorePelvis(),
    )
    const met = ['faber', 'thigh-thrust', 'sij-compression'].reduce(
      (r, test) => r.test(test, 'right', [BUTTOCK]),
      quiet.test('sij-distraction', 'none', [BUTTOCK]),
    )
    // What the plan leaves out is asked first: while a test of the catalogue would tell something, nothing is called over.
    expect(advice(met).stop).toBeNull()
    const now = advice(andBeyond(performed(met, 'repeated-movement', 'none')))
    expect(now.stop).toMatch('nothing left here would change the picture')
    expect(now.why).toMatch(/^Seated straight leg raise, .*: would only complete the baseline\.$/)
    expect(advice(sorePelvis()).why).not.toMatch('complete the baseline')
  })

  it('a reproduced symptom is followed to its differentiation before anything is called over', () => {
    const raised = (record: Composed) => record.test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
    const slumped = soreLeg().test('slump', 'left', [NOTHING, NOTHING, NOTHING, NOTHING, own(['left-calf'], 6, 35), { said: 'eased' }, { said: 'returned' }])
    // Everything else is done first, so that nothing but the raise and what follows it is left.
    let last = slumped
    for (const { test, side } of routeOf(assess(slumped.exam)).flatMap((leg) => leg.steps)) {
      if (test.id !== 'slump' && !(test.id === 'leg-raise' && side === 'left')) last = performed(last, test.id, side)
    }
    for (const record of [raised(soreLeg()), raised(slumped), raised(last)]) {
      for (const mode of ['full-baseline', 'fewest-turns', 'quickest-answer'] as const) {
        const now = advice(record.then({ type: 'plan-chosen', mode }))
        expect(now.step?.test.id, mode).toBe('leg-raise-ankle')
        expect(now.stop, mode).toBeNull()
        expect(now.why, mode).not.toMatch('only complete the baseline')
      }
    }
  })
})

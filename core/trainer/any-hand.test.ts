import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, testById } from '../catalogue'
import { EDITION } from '../edition'
import { parseEvent } from '../record/event-schema'
import { offered, sidesOf, stagesOf } from '../record/outline'
import type { Answer } from '../record/answer'
import type { Attempt, Commitment } from './attempt'
import { carefulSteps, examine } from './examinee'
import { numberedCase } from './generate'
import { judge, overall } from './judge/judge'
import { SKILLS } from './judge/moment'
import type { Reach, Step } from './mechanics/strain'
import { hurtingAt } from './mechanics/felt'
import { strainAt, tensionOf } from './mechanics/strain'
import { askedTruly } from './perform'
import { CASE_REGIONS, PLAYED } from './picture'
import { respond } from './respond'
import { composedId } from '../record/compose'

const anyPatient = fc.tuple(fc.constantFrom(...CASE_REGIONS), fc.integer({ min: 1, max: 60 })).map(([region, n]) => numberedCase(region, n))
const anyReach: fc.Arbitrary<Reach> = fc.record(
  { degrees: fc.integer({ min: -180, max: 180 }), newtons: fc.integer({ min: 0, max: 2000 }), held: fc.integer({ min: 0, max: 3600 }) },
  { requiredKeys: [] },
)
const anyTest = fc
  .constantFrom(...CATALOGUE)
  .chain((test) => fc.tuple(fc.constant(test), fc.constantFrom(...sidesOf(test)), fc.constantFrom(...offered(test.variants).map((v) => v.id))))

/** What may be said at a stage of a kind. */
const MAY: Readonly<Record<string, readonly Answer['said'][]>> = {
  load: ['nothing', 'stretch', 'other', 'familiar'],
  release: ['eased', 'unchanged'],
  return: ['returned', 'stayed-away'],
  relief: ['eased', 'unchanged', 'worse', 'nothing-to-relieve'],
  observe: ['observed'],
  measure: ['measured'],
  grid: ['grid'],
}

describe('whatever the hands do', () => {
  it('a person answers every step in a way that its stage can take and the record can keep', () => {
    fc.assert(
      fc.property(anyPatient, anyTest, fc.array(anyReach, { minLength: 8, maxLength: 8 }), (patient, [test, side, variant], reaches) => {
        const before: Step[] = []
        for (const [i, { id }] of stagesOf(test, variant).entries()) {
          const stage = test.stages.find((s) => s.id === id)
          if (!stage) continue
          const step: Step = { stage, reach: reaches[i % reaches.length] ?? {} }
          const { answer, why, words, slips, stop } = respond(patient, { test, side, variant, before, step })
          expect([test.id, id, MAY[stage.kind]?.includes(answer.said)]).toEqual([test.id, id, true])
          expect(why.length).toBeGreaterThan(0)
          // Nobody speaks as the record does.
          expect(words).not.toMatch(/familiar|provok|negative|positive|radicul|neural/i)
          expect(stop).toBe(slips === 'Stop! Please stop.')
          const event = { type: 'stage-answered', id: composedId(1, 'any', i), at: 1, by: 'x', run: composedId(1, 'run', 1), stage: id, answer }
          const kept = parseEvent(event)
          expect([test.id, id, kept.ok ? '' : JSON.stringify(answer)]).toEqual([test.id, id, ''])
          before.push(step)
        }
      }),
      { numRuns: 300 },
    )
  })

  it('a movement that is taken farther never hurts less', () => {
    fc.assert(
      fc.property(anyPatient, anyTest, fc.integer({ min: 0, max: 120 }), fc.integer({ min: 1, max: 40 }), (patient, [test, side, variant], near, more) => {
        const stage = test.stages.find((s) => s.kind === 'load' && s.angle && !s.angle.unit)
        if (!stage?.angle) return
        // The way of the movement: from where the part rests to the farther end.
        const { min, max, rest = 0 } = stage.angle
        const way = max - rest >= rest - min ? 1 : -1
        const at = (degrees: number) => respond(patient, { test, side, variant, before: [], step: { stage, reach: { degrees: rest + way * degrees } } }).answer
        const [first, farther] = [at(near), at(near + more)]
        if (first.said !== 'familiar') return
        expect([test.id, farther.said]).toEqual([test.id, 'familiar'])
        if (farther.said === 'familiar') expect(farther.intensity ?? 0).toBeGreaterThanOrEqual(first.intensity ?? 0)
      }),
      { numRuns: 400 },
    )
  })

  it('letting a part go never tightens what hurts', () => {
    const staged = ['slump', 'ulnt-1', 'leg-raise', 'femoral-stretch'].flatMap((id) => testById(id) ?? [])
    fc.assert(
      fc.property(anyPatient, fc.constantFrom(...staged), fc.constantFrom('left' as const, 'right' as const), (patient, test, side) => {
        const variant = test.variants[0]?.id ?? ''
        const before: Step[] = []
        for (const { id } of stagesOf(test, variant)) {
          const stage = test.stages.find((s) => s.id === id)
          if (!stage) continue
          const step: Step = { stage, reach: {} }
          const last = before.at(-1)
          if (stage.kind === 'release' && last) {
            const hurting = hurtingAt(patient, { test, side, variant, before: before.slice(0, -1), step: last })
            const now = { test, side, variant, before, step }
            const then = { test, side, variant, before: before.slice(0, -1), step: last }
            if (hurting) expect(strainAt(now, hurting.source, tensionOf(now))).toBeLessThanOrEqual(strainAt(then, hurting.source, tensionOf(then)) + 1e-9)
          }
          before.push(step)
        }
      }),
      { numRuns: 200 },
    )
  })
})

describe('whatever was written down', () => {
  const TAKEN = CASE_REGIONS.flatMap((region) =>
    [1, 2, 4].map((n) => {
      const patient = numberedCase(region, n)
      const { record, commitment } = examine(patient, 'plan', EDITION)
      return { patient, events: record.events, steps: carefulSteps(patient, record.events), commitment }
    }),
  )
  const NO_PAR = { plan: { tests: 3, turns: 1, seconds: 300 }, planFinds: true, best: null }
  const anyCommitment: fc.Arbitrary<Commitment> = fc.record({
    sources: fc.array(fc.record({ source: fc.constantFrom(...PLAYED), side: fc.constantFrom('left' as const, 'right' as const), level: fc.constant(null) }), {
      maxLength: 2,
    }),
    certainty: fc.integer({ min: 0, max: 100 }),
    next: fc.constantFrom('treat' as const, 'refer' as const),
    urgency: fc.constantFrom(null, 'emergency' as const, 'medical-review' as const),
  })
  const anyPart = <T>(list: readonly T[]) => fc.subarray([...list])

  it('the judge has a word for it: scores lie between 0 and 100, an unsafe step is 0, every moment says what and why', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TAKEN).chain((taken) => fc.tuple(fc.constant(taken), anyPart(taken.events.slice(1)), anyPart(taken.steps))),
        anyCommitment,
        ([{ patient, events }, kept, steps], commitment) => {
          const opening = events[0] ?? askedTruly(patient, EDITION).events[0]
          if (!opening) return
          const given: Attempt = { events: [opening, ...kept], steps: steps, commitment, committedAt: (events.at(-1)?.at ?? 0) + 1 }
          const judged = judge(patient, given, NO_PAR)
          for (const skill of SKILLS) {
            const { score, of } = judged.scores[skill]
            expect(score === null ? of === 0 : score >= 0 && score <= 100).toBe(true)
          }
          const unsafe = judged.moments.some((m) => m.verdict === 'unsafe')
          expect([judged.passed, unsafe ? overall(judged) : 0]).toEqual([!unsafe, 0])
          for (const m of judged.moments) expect([m.what, m.what.length > 3, m.why.length > 3]).toEqual([m.what, true, true])
          expect(judged.moments.map((m) => m.at)).toEqual(judged.moments.map((m) => m.at).toSorted((a, b) => a - b))
          expect(judge(patient, given, NO_PAR)).toEqual(judged)
        },
      ),
      { numRuns: 120 },
    )
  })
})

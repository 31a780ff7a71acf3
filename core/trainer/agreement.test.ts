import { describe, expect, it } from 'vitest'
import { EDITION } from '../edition'
import type { ExamEvent } from '../record/event'
import { twoExaminers } from './agreement'
import { curveOf, type Judged } from './curves'
import { examine } from './examinee'
import { numberedCase } from './generate'
import { SKILLS } from './judge/moment'
import { answerScreen, answerStory, storyQuestions } from './story-questions'

const CASES = [1, 2, 4, 6].map((n) => {
  const patient = numberedCase('pelvis', n)
  return { case: patient.case, events: examine(patient, 'plan', EDITION).record.events }
})

/** The same record by somebody who feels something else at every other load. */
const careless = (events: readonly ExamEvent[]): readonly ExamEvent[] => {
  let n = 0
  return events.map((e) => {
    if (e.type !== 'stage-answered' || (e.answer.said !== 'nothing' && e.answer.said !== 'familiar')) return e
    if (n++ % 2 === 0) return e
    return { ...e, answer: e.answer.said === 'familiar' ? { said: 'nothing' } : { said: 'familiar', symptom: 'S1', places: [], intensity: null } }
  })
}

describe('two examiners of the same people', () => {
  it('agree fully where they wrote the same, and less where one reads otherwise', () => {
    const same = twoExaminers(CASES, CASES)
    expect(same.cases).toBe(4)
    expect(same.results?.percent.value).toBe(1)
    expect(same.differ).toEqual([])
    const other = twoExaminers(
      CASES,
      CASES.map((c) => ({ ...c, events: careless(c.events) })),
    )
    expect(other.results?.percent.value).toBeLessThan(1)
    expect(other.results?.kappa?.value ?? 1).toBeLessThan(0.9)
    expect(other.differ.length).toBeGreaterThan(0)
  })

  it('are compared on cases both took, and on nothing else', () => {
    expect(twoExaminers(CASES.slice(0, 1), CASES.slice(1))).toMatchObject({ cases: 0, tests: 0, results: null })
  })
})

describe('a learning curve', () => {
  const attempt = (at: number, reading: number | null, brier = 0.04): Judged => ({
    at,
    case: 'neck 1',
    passed: true,
    right: true,
    brier,
    scores: { ...(Object.fromEntries(SKILLS.map((s) => [s, 100])) as Judged['scores']), reading },
  })

  it('is a running mean with how sure each point is, and leaves out what could not be judged', () => {
    const curve = curveOf([attempt(2, 60), attempt(1, 40), attempt(3, null), attempt(4, 80)], 'reading')
    expect(curve.map((p) => [p.at, p.mean, p.of])).toEqual([
      [1, 40, 1],
      [2, 50, 2],
      [4, 60, 3],
    ])
    expect([curve[0]?.half, (curve[2]?.half ?? 0) > 0]).toEqual([null, true])
  })

  it('takes certainty from the mean Brier score and not from the mean of scores', () => {
    expect(curveOf([attempt(1, 1, 0.01), attempt(2, 1, 0.49)], 'calibration').at(-1)?.mean).toBe(0)
  })
})

describe('a story', () => {
  it('is told by whoever asks, and a second complaint only where it is asked for', () => {
    const two = Array.from({ length: 40 }, (_, i) => numberedCase('back', i + 1)).find((p) => p.symptoms.length === 2)
    if (!two) throw new Error('Nobody has two complaints.')
    const [first, second] = two.symptoms
    expect(answerStory(two, 'complaint')).toBe(first?.words)
    expect(answerStory(two, 'other')).toContain(second?.words ?? '?')
    for (const { id } of storyQuestions(two).filter((q) => q.id !== 'other'))
      expect([id, answerStory(two, id).includes(second?.words ?? '?')]).toEqual([id, false])
    for (const { id } of storyQuestions(two)) expect([id, answerStory(two, id).length > 1]).toEqual([id, true])
  })

  it('answers the screen truly, in its own words', () => {
    for (const item of ['cancer', 'fever', 'saddle-numb'] as const) {
      for (let n = 1; n < 30; n++) {
        const patient = numberedCase('back', n)
        expect(answerScreen(patient, item)).toMatch(patient.screen[item] === 'yes' ? /yes/i : /^No/)
      }
    }
  })
})

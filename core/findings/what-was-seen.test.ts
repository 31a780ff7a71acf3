import { describe, expect, it } from 'vitest'
import { NOTHING, opened, own, performed, soreLeg, STRETCH } from '../../tests/people'
import { assess } from '../assess'
import { askItem, findingBehind } from '../clusters/ask'
import { asksFor } from '../clusters/asks-for'
import { CLUSTERS } from '../clusters'
import { type Item, measured, observed, positive } from '../clusters/item'
import { CATALOGUE, testById } from '../catalogue'
import { cells, limited, lost, mean, said } from '../catalogue/reading/table'
import type { Answer } from '../record/answer'
import { type Composed, composedId } from '../record/compose'
import { placesWords } from './place-fits'
import { findingsOf, findingsOfTest } from './findings'
import { wasSeen } from './read-table'

const RUN = composedId(1, 'seen', 1)
const REPERTORY = { testById, all: CATALOGUE }
const run = (...answers: readonly (readonly [string, Answer])[]) => ({
  variant: 'any',
  answers: answers.map(([stage, answer], i) => ({ event: `${i}`, stage, answer, at: i })),
})
const seen = (what: Parameters<typeof wasSeen>[0], ...answers: readonly (readonly [string, Answer])[]) =>
  wasSeen(what, { run: run(...answers), side: 'left', exam: { symptoms: [] } })
const found = (record: Composed, test: string, side: 'left' | 'right' = 'left') => {
  const finding = assess(record.exam).findings.find((f) => f.test === test && f.about === side)
  if (!finding) throw new Error(`${test} has no finding.`)
  return finding
}

describe('what can be asked of a performance', () => {
  it('a mean within its bounds, both included; none where nothing was measured there', () => {
    const at = (value: number) => seen(mean('turn', 10, 20), ['turn', { said: 'measured', trials: [value] }])
    expect([9, 10, 15, 20, 21].map(at)).toEqual([false, true, true, true, false])
    expect(seen(mean('turn', 0, 90), ['tilt', { said: 'measured', trials: [15] }])).toBe(false)
    expect(seen(mean('turn', 0, 90))).toBe(false)
  })

  it('what ended a movement, at that stage and by that cause alone', () => {
    const pain: Answer = { said: 'measured', trials: [30], limitedBy: 'own-pain' }
    expect(seen(limited('turn', 'own-pain'), ['turn', pain])).toBe(true)
    expect(seen(limited('turn', 'own-pain'), ['tilt', pain])).toBe(false)
    expect(seen(limited('turn', 'own-pain'), ['turn', { said: 'measured', trials: [30] }])).toBe(false)
    expect(seen(limited('turn', 'own-pain'), ['turn', NOTHING])).toBe(false)
    expect(seen(limited('turn', 'own-pain'), ['turn', { said: 'measured', trials: [30] }], ['tilt', pain])).toBe(false)
  })

  it('cells of the column and rows that are named, as many as are asked', () => {
    const grid: Answer = { said: 'grid', cells: { 'a.sign': 'yes', 'b.sign': 'yes', 'a.other': 'yes', 'c.sign': 'no' } }
    expect(seen(cells('table', 'sign', ['yes']), ['table', grid])).toBe(true)
    expect(seen(cells('table', 'sign', ['yes'], 2), ['table', grid])).toBe(true)
    expect(seen(cells('table', 'sign', ['yes'], 3), ['table', grid])).toBe(false)
    expect(seen(cells('table', 'sign', ['yes'], 1, ['c']), ['table', grid])).toBe(false)
    expect(seen(said(['eased'], 'lift'), ['lift', { said: 'eased' }])).toBe(true)
    expect(seen(said(['eased'], 'lift'), ['lower', { said: 'eased' }])).toBe(false)
  })
})

describe('relief', () => {
  const lifted = (levels: readonly (number | null)[], answer: Answer) => {
    const told = levels.reduce<Composed>(
      (r, now, i) => r.symptom(`S${i + 1}` as 'S1', { places: ['left-forearm-front'], qualities: ['shooting'], now }),
      opened(),
    )
    return found(performed(told.consent(), 'neck-distraction', 'none', { lift: answer }), 'neck-distraction')
  }

  it('with one of two symptoms there, there is something to relieve; with none of them there is not', () => {
    expect(lifted([0, 4], { said: 'eased' }).result).toBe('positive')
    expect(lifted([0, 0], { said: 'eased' }).result).toBe('inconclusive')
    expect(lifted([0, 0], { said: 'unchanged' }).why).toMatch('No symptom was there')
    expect(lifted([null], { said: 'eased' }).result).toBe('positive')
  })

  it('a fall that was told has to be as large as a rise has to be', () => {
    expect(lifted([4], { said: 'eased', intensity: 3 }).result).toBe('positive')
    expect(lifted([4], { said: 'eased', intensity: 4 }).result).toBe('inconclusive')
    expect(lifted([6], { said: 'eased', intensity: 5 }).result).toBe('inconclusive')
    expect(lifted([6], { said: 'eased', intensity: 4 }).why).toMatch('6 to 4 of 10')
  })
})

describe('a condition seen in a screen', () => {
  const weak = (rows: readonly string[] | undefined, cells: Readonly<Record<string, string>>) => {
    const { exam } = soreLeg()
      .then({ type: 'test-started', run: RUN, test: 'neuro-lower', side: 'left', variant: 'short' })
      .then({ type: 'stage-answered', run: RUN, stage: 'strength', answer: { said: 'grid', cells } })
      .then({ type: 'test-stopped', run: RUN, why: 'examiner-chose' })
    return askItem(observed('weak', 'weak', 'neuro-lower', lost('strength', rows)).leaf, 'left', { exam, findings: [] }).truth
  }

  it('is open until the rows it names were looked at, whatever the others were', () => {
    expect(weak(['l5'], { 'l5.strength': '5' })).toBe('false')
    expect(weak(['l5'], { 'l4.strength': '5' })).toBe('open')
    expect(weak(['l5'], { 'l4.strength': '3', 'l5.strength': '5' })).toBe('false')
    expect(weak(['l5'], { 'l5.strength': '4' })).toBe('true')
    expect(weak(undefined, { 'l5.strength': '5' })).toBe('open')
  })
})

describe('a result that the examiner set', () => {
  it('keeps what points, and moves no figure', () => {
    const raise = soreLeg().test('leg-raise', 'left', [own(['left-low-back'], 6, 50)])
    const run = raise.exam.runs[0]?.id ?? ''
    expect(found(raise, 'leg-raise').readings.map((r) => r.strength)).toEqual(expect.arrayContaining(['quantified', 'pointer']))
    const set = raise.then({ type: 'finding-overridden', run, about: 'left', result: 'inconclusive', why: 'moved at the hip' })
    const strengths = found(set, 'leg-raise').readings.map((r) => r.strength)
    expect(strengths.length).toBeGreaterThan(0)
    expect(new Set(strengths)).toEqual(new Set(['pointer']))
  })
})

describe('a plain raise beside a sensitised one', () => {
  const both = (plain: number | undefined, sensitised: number | undefined) => {
    const record = soreLeg()
      .test('leg-raise', 'left', [own(['left-calf'], 6, plain)], 'neutral')
      .test('leg-raise', 'left', [own(['left-calf'], 6, sensitised)], 'ankle-preset')
    return found(record, 'leg-raise').checks.filter((c) => c.startsWith('With '))
  }

  it('tells how much sooner it began, and that it was no sooner; nothing where an angle was not told', () => {
    expect(both(60, 48)).toEqual([expect.stringMatching(/began at 48°, 12° sooner than the plain way \(60°\)/)])
    expect(both(48, 48)).toEqual([expect.stringMatching('no sooner than the plain way')])
    expect(both(undefined, 48)).toEqual([])
    expect(both(60, undefined)).toEqual([])
  })
})

describe('places in words', () => {
  it('both sides of one area are told once', () => {
    expect(placesWords(['left-low-back', 'right-low-back'])).toBe('low back on both sides')
    expect(placesWords(['left-low-back', 'right-buttock'])).toBe('left low back and right buttock')
    expect(placesWords([])).toBe('a place not recorded')
  })
})

describe('a negative slump', () => {
  const UP = { back: NOTHING, chin: NOTHING } as const
  const slump = (knee: Answer, variant = 'trunk-neck-knee-ankle') => found(performed(soreLeg(), 'slump', 'left', { ...UP, knee }, variant), 'slump')
  const other = (places: Parameters<typeof own>[0], qualities: readonly ('tingling' | 'dull')[]): Answer => ({ said: 'other', places, qualities })

  it('a pull points to the hamstring, but not where something else came on beside it', () => {
    const pulled = slump(STRETCH)
    expect(pulled.why).toMatch('A pull only, nothing familiar')
    expect(pulled.readings.map((r) => r.source)).toContain('hamstring')
    expect(slump(NOTHING).readings.map((r) => r.source)).not.toContain('hamstring')
    expect(slump(other(['left-calf'], ['dull'])).why).toMatch('Something else in the left calf')
    const both = found(performed(soreLeg(), 'slump', 'left', { ...UP, knee: STRETCH, ankle: other(['left-calf'], ['dull']) }), 'slump')
    expect(both.readings.map((r) => r.source)).not.toContain('hamstring')
  })

  it('counted by its kind alone only in that school, in the leg, and of a kind that nerves give', () => {
    expect(slump(other(['left-calf'], ['tingling']), 'any-symptom').result).toBe('positive')
    expect(slump(other(['left-calf'], ['dull', 'tingling']), 'any-symptom').result).toBe('positive')
    expect(slump(other(['left-calf'], ['dull']), 'any-symptom').result).toBe('negative')
    expect(slump(other(['left-neck-back'], ['tingling']), 'any-symptom').result).toBe('negative')
    expect(slump(other(['left-calf'], ['tingling'])).result).toBe('negative')
  })
})

describe('a turn that falls short of the other side', () => {
  const turned = (left: number, right: number | null) => {
    const told = opened()
      .symptom('S1', { places: ['left-back-of-head'], qualities: ['aching'], now: 3 })
      .consent()
    const one = performed(told, 'flexion-rotation', 'left', { turn: { said: 'measured', trials: [left] } })
    return found(right === null ? one : performed(one, 'flexion-rotation', 'right', { turn: { said: 'measured', trials: [right] } }), 'flexion-rotation')
  }

  it('by ten degrees or more decides; by less, without the other side, or decided by itself it does not', () => {
    expect(turned(40, 50)).toMatchObject({ result: 'positive', why: expect.stringMatching('40° against 50° on the other side') as string })
    expect(turned(40, 49).result).toBe('negative')
    expect(turned(40, null).result).toBe('negative')
    expect(turned(30, 50).why).not.toMatch('on the other side')
  })
})

describe('looking findings up', () => {
  const record = soreLeg()
    .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
    .test('leg-raise', 'right', [{ said: 'nothing', end: 80 }])
  const { findings } = assess(record.exam)

  it('one test at the cost of that test gives what all of them give', () => {
    // Asked first of an examination that was not read yet, then of one that was.
    const fresh = { ...record.exam }
    const alone = findingsOfTest(fresh, 'leg-raise', REPERTORY)
    expect(alone.map((f) => [f.test, f.side, f.result])).toEqual(
      findingsOf(fresh, REPERTORY)
        .filter((f) => f.test === 'leg-raise')
        .map((f) => [f.test, f.side, f.result]),
    )
    const known = performed(record, 'slump', 'left').exam
    findingsOf(known, REPERTORY)
    expect(findingsOfTest(known, 'leg-raise', REPERTORY).map((f) => f.test)).toEqual(['leg-raise', 'leg-raise'])
    expect(findingsOfTest(known, 'faber', REPERTORY)).toEqual([])
  })

  it('the one behind a condition: on the side of the rule, the fixed one, or either, the positive one first', () => {
    const behind = (item: Item, side: 'left' | 'right') => findingBehind(item, side, findings)?.side
    expect(behind(positive('leg-raise').leaf, 'right')).toBe('right')
    expect(behind(positive('leg-raise').leaf, 'left')).toBe('left')
    expect(behind(positive('leg-raise', 'either').leaf, 'right')).toBe('left')
    expect(behind(positive('slump').leaf, 'left')).toBeUndefined()
    expect(behind(measured({ id: 'm', words: 'm', test: 'leg-raise', field: 'onset', is: 'below', value: 60 }).leaf, 'left')).toBeUndefined()
  })

  it('a measure of a condition: where it began, and open where it did not', () => {
    const { exam } = record
    const onset = (is: 'below' | 'at-least', value: number) =>
      askItem(measured({ id: 'm', words: 'm', test: 'leg-raise', field: 'onset', is, value }).leaf, 'left', { exam, findings }).truth
    expect([onset('below', 48), onset('below', 49), onset('at-least', 48), onset('at-least', 49)]).toEqual(['false', 'true', 'true', 'false'])
    expect(askItem(measured({ id: 'm', words: 'm', test: 'slump', field: 'onset', is: 'below', value: 60 }).leaf, 'left', { exam, findings }).truth).toBe(
      'open',
    )
  })

  it('a rule asks for its own tests, twice asked as once', () => {
    const five = CLUSTERS.find((c) => c.id === 'pelvic-five')
    if (!five) throw new Error('The five are a rule.')
    for (let n = 0; n < 2; n++) {
      expect(asksFor({ ...five }, 'thigh-thrust')).toBe(true)
      expect(asksFor(five, 'thigh-thrust')).toBe(true)
      expect(asksFor(five, 'slump')).toBe(false)
    }
  })
})

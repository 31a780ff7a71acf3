import { describe, expect, it } from 'vitest'
import { bare, BUTTOCK, NOTHING, opened, own, performed, soreLeg, sorePelvis } from '../../tests/people'
import type { Composed } from '../record/compose'
import type { Exam } from '../record/exam'
import type { Place } from '../vocabulary/body-area'
import { unaskedBefore } from './gate-zero'
import { contraindicationOf, closedGates } from './safety'
import { causesOf, provocations, restUntil } from './state'

const irritable = () =>
  opened()
    .symptom('S1', { places: ['left-calf'], qualities: ['shooting'], now: 3, worst: 8, stirring: { stirredBy: 'little', settles: 'longer' } })
    .consent()
const raised = (n: number, record = irritable()) =>
  Array.from({ length: n }, (_, i) => i).reduce((r, i) => r.test('leg-raise', i % 2 ? 'left' : 'right', [NOTHING]), record)

describe('the budget of an easily stirred person', () => {
  it('counts what was given: the test under way is finished first, and one that loads nothing is none', () => {
    const five = raised(5)
    expect(causesOf('budget-spent', five.exam)).toEqual([])
    const begun = five.test('slump', 'left', [NOTHING], 'gentle')
    expect(provocations(begun.exam)).toHaveLength(6)
    expect(causesOf('budget-spent', begun.exam)).toEqual([])
    expect(causesOf('budget-spent', performed(five, 'slump', 'left', {}, 'gentle').exam)).toEqual(['six'])
    expect(causesOf('budget-spent', performed(five, 'neuro-lower', 'left').exam)).toEqual([])
    // A test begun after six is not what the six are counted without.
    expect(causesOf('budget-spent', performed(raised(6), 'neuro-lower', 'left').exam)).toEqual(['six'])
    expect(causesOf('budget-spent', raised(9, soreLeg()).exam)).toEqual([])
  })

  it('a rest lies between provocations: none before the first, none while one is under way', () => {
    expect(restUntil(irritable().exam)).toBeNull()
    const one = raised(1)
    const last = one.exam.runs.at(-1)?.answers.at(-1)?.at ?? 0
    expect(restUntil(one.exam)).toBe(last + 60_000)
    expect(restUntil(one.test('slump', 'left', [NOTHING], 'gentle').exam)).toBeNull()
  })
})

describe('what brings familiar pain on at both joints', () => {
  it('a lever of the pelvis on one side is no cause; on both sides it is, by any of its performances', () => {
    const right = sorePelvis().test('knee-to-shoulder', 'right', [BUTTOCK])
    expect(causesOf('both-joints', right.exam)).toEqual([])
    const both = right.test('knee-to-shoulder', 'left', [own(['left-buttock'])])
    expect(causesOf('both-joints', both.exam)).toHaveLength(2)
    // Two tests, a side each, are no lever that did both.
    expect(causesOf('both-joints', right.test('faber', 'left', [own(['left-buttock'])]).exam)).toEqual([])
  })
})

describe('what is asked before a test', () => {
  const painted = (...places: readonly Place[]) => bare().symptom('S1', { places, qualities: ['tingling'], now: 3 })
  const groups = (record: Composed, test: string, variant: string) => unaskedBefore(record.exam, test, variant)?.groups.map((g) => g.group.id) ?? []

  it('consent, spoken or written; a withdrawal asks for it again', () => {
    const consent = (record: Composed) => unaskedBefore(record.exam, 'faber', 'pelvis-fixed')?.consent ?? false
    expect(consent(sorePelvis())).toBe(false)
    const written = bare().then({ type: 'consent-given', form: 'written', explained: 'what the tests are like' })
    expect(consent(written)).toBe(false)
    expect(consent(bare())).toBe(true)
    expect(consent(written.then({ type: 'consent-withdrawn' }))).toBe(true)
  })

  it('what is painted on both sides asks by itself, whatever the test concerns', () => {
    // The hand on the head concerns neck and arm; both arms add nothing there, both legs do.
    const legs = groups(painted('left-calf', 'right-calf'), 'neuro-upper', 'short')
    expect(legs).toContain('saddle')
    const arms = groups(painted('left-thumb', 'right-thumb'), 'faber', 'pelvis-fixed')
    expect(arms).toContain('cord')
    expect(groups(painted('left-thumb'), 'faber', 'pelvis-fixed')).not.toContain('cord')
  })
})

describe('an opening lifts what it was made for', () => {
  const closed = (exam: Exam, gate: string) => closedGates(exam).find((c) => c.gate.id === gate)

  it('the causes it names; one recorded before causes were named lifts all of them', () => {
    const shut = sorePelvis().then({ type: 'screen-answered', item: 'known-fracture', answer: 'yes' })
    const gate = closedGates(shut.exam).find((c) => c.because.includes('known-fracture'))?.gate.id ?? ''
    const because = closed(shut.exam, gate)?.standing ?? []
    expect(because.length).toBeGreaterThan(0)
    const named = shut.then({ type: 'gate-opened', gate, why: 'seen on imaging', causes: because })
    expect(closed(named.exam, gate)).toMatchObject({ opened: 'seen on imaging', standing: [] })
    const more = named.then({ type: 'screen-answered', item: 'big-fall', answer: 'yes' })
    expect(closed(more.exam, gate)).toMatchObject({ opened: null, standing: ['big-fall'] })
    const [opening] = named.exam.unlocked
    const early = opening && { ...more.exam, unlocked: [{ ...opening, causes: null }] }
    expect(early && closed(early, gate)).toMatchObject({ opened: 'seen on imaging', standing: [] })
    expect(contraindicationOf(more.exam, 'faber', 'pelvis-fixed')).toBeDefined()
  })
})

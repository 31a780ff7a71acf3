import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, own, performed, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { noteOf } from '../note/note'
import { plainText } from '../note/paragraph'
import { routeOf, variantFor } from '../planner/route'
import type { Composed } from '../record/compose'
import { closedGates } from '../safety/safety'
import { CATALOGUE, testById } from '.'
import { chosenSchools, isSchool, notFollowed, SCHOOLS } from './schools'

const follow = (record: Composed, schools: Readonly<Record<string, string>>) => record.then({ type: 'schools-chosen', schools, setting: 'referred' })
const planned = (record: Composed) =>
  new Set(
    routeOf(assess(record.exam))
      .flatMap((leg) => leg.steps)
      .map((s) => s.test.id),
  )
const way = (record: Composed, id: string) => {
  const test = testById(id)
  return test && variantFor(record.exam, test)
}
const note = (record: Composed) => plainText(noteOf(assess(record.exam), 'A person.'))
const neck = () => sorePelvis().symptom('S1', { places: ['right-neck-back', 'right-forearm-back'], qualities: ['aching'], now: 3 })

describe('schools', () => {
  it('name only tests and variants that exist', () => {
    for (const question of SCHOOLS) {
      expect(question.schools.length, question.id).toBeGreaterThan(1)
      for (const school of question.schools) {
        for (const [id, variant] of Object.entries(school.variants))
          expect(
            testById(id)?.variants.map((v) => v.id),
            `${school.id} ${id}`,
          ).toContain(variant)
        for (const id of [...school.leavesOut, ...school.adds]) expect(testById(id), id).toBeDefined()
      }
    }
    expect(isSchool('slump-order', 'neck-first')).toBe(true)
    expect(isSchool('slump-order', 'sideways')).toBe(false)
  })

  it('every choice but the default is told in the note, with what was asked', () => {
    for (const question of SCHOOLS) {
      for (const [i, school] of question.schools.entries()) {
        const record = follow(sorePelvis(), { [question.id]: school.id })
        expect(chosenSchools(record.exam).map((c) => c.school.id)).toEqual(i === 0 ? [] : [school.id])
        if (i > 0) expect(note(record)).toMatch(`${question.ask} ${school.name}.`)
      }
    }
    expect(note(sorePelvis())).toMatch('the default school everywhere')
  })

  it('two schools chosen for one test are followed at once, or the one that is not is told', () => {
    const both = (schools: Readonly<Record<string, string>>, test: string) => way(follow(neck(), schools), test)
    expect(both({ 'arm-neck': 'neck-first', 'arm-one-order': 'elbow-last' }, 'ulnt-1')).toBe('neck-first-elbow-last')
    expect(both({ 'slump-order': 'ankle-first', 'slump-counts': 'any-symptom' }, 'slump')).toBe('ankle-first-any')
    const exam = follow(neck(), { 'slump-order': 'ankle-first', 'slump-counts': 'any-symptom' }).exam
    expect(notFollowed(exam, CATALOGUE)).toEqual([])
    // A test whose ways cannot be joined says which one is left out.
    const slump = testById('slump')
    if (!slump) throw new Error('There is a slump.')
    const apart = { ...slump, variants: slump.variants.filter((v) => !v.honours) }
    expect(notFollowed({ ...exam, schools: { ...exam.schools } }, [apart])[0]).toMatch('cannot be done together with')
  })

  it('choosing any of them never rewrites what was found', () => {
    const record = [
      sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('faber', 'right', [NOTHING]),
      performed(performed(soreLeg(), 'slump', 'left'), 'neuro-lower', 'left').test('leg-raise', 'left', [own(['left-calf'], 6, 48)]),
    ]
    const choice = fc.record(Object.fromEntries(SCHOOLS.map((q) => [q.id, fc.constantFrom(...q.schools.map((s) => s.id))])))
    fc.assert(
      fc.property(fc.constantFrom(...record), choice, (before, schools) => {
        const after = follow(before, schools)
        const told = ({ exam }: Composed) => JSON.stringify(assess(exam).findings)
        expect(told(after)).toBe(told(before))
        expect(after.exam.runs.map((r) => r.variant)).toEqual(before.exam.runs.map((r) => r.variant))
      }),
      { numRuns: 40 },
    )
  })

  it('a test that was begun keeps its way; one that was not takes that of the school', () => {
    const begun = performed(soreLeg(), 'slump', 'right')
    expect(way(follow(begun, { 'slump-order': 'neck-first' }), 'slump')).toBe('trunk-neck-knee-ankle')
    expect(way(follow(soreLeg(), { 'slump-order': 'neck-first' }), 'slump')).toBe('neck-first')
    expect(way(follow(neck(), { 'arm-neck': 'neck-first' }), 'ulnt-2a')).toBe('neck-first')
    expect(way(follow(neck(), { 'arm-one-order': 'elbow-last' }), 'ulnt-1')).toBe('arm-first-elbow-last')
    expect(way(follow(soreLeg(), { 'leg-raise': 'ankle-preset' }), 'leg-raise')).toBe('ankle-preset')
    expect(way(follow(neck(), { alar: 'nodded' }), 'alar-ligament')).toBe('nodded')
    expect(way(follow(sorePelvis(), { 'pelvic-force': 'graded' }), 'gaenslen')).toBe('graded')
    expect(way(follow(sorePelvis(), { 'facet-load': 'overpressure' }), 'lumbar-quadrant')).toBe('overpressure')
    expect(way(follow(neck(), { 'outlet-counts': 'pulse' }), 'elevated-arm-stress')).toBe('pulse-difference')
    expect(way(follow(soreLeg(), { 'slump-counts': 'any-symptom' }), 'slump')).toBe('any-symptom')
  })

  it.each([
    ['five', ['faber', 'gaenslen'], ['sacral-thrust'], 'pelvic-five'],
    ['six', ['sacral-thrust', 'gaenslen'], ['faber'], 'pelvic-six'],
    ['four', ['sacral-thrust'], ['faber', 'gaenslen'], 'pelvic-four'],
    ['five-thrust', ['sacral-thrust', 'gaenslen'], ['faber'], 'pelvic-five-thrust'],
  ])('pelvic cluster %s: its tests are planned and its rule leads', (id, has, hasNot, rule) => {
    const record = follow(sorePelvis(), { 'pelvic-cluster': id })
    for (const test of has) expect(planned(record), test).toContain(test)
    for (const test of hasNot) expect(planned(record), test).not.toContain(test)
    const three = ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), record)
    const sij = assess(three.exam).sources.find((s) => s.source === 'sij-pain' && s.side === 'right')
    expect(sij?.weighed?.rule?.rule.cluster.id).toBe(rule)
  })

  it('a slump only to confirm is planned once a raise brought the symptom on', () => {
    const record = follow(soreLeg(), { 'slump-who': 'to-confirm' })
    expect(planned(soreLeg())).toContain('slump')
    expect(planned(record)).not.toContain('slump')
    expect(planned(record.test('leg-raise', 'left', [own(['left-calf'], 6, 48)]))).toContain('slump')
  })

  it('craniocervical ligaments for everyone, or never; motion tests, facets and segments as the school has them', () => {
    expect(planned(follow(neck(), { 'ligaments-who': 'everyone' }))).toContain('alar-ligament')
    expect(planned(neck())).not.toContain('alar-ligament')
    expect(
      planned(follow(neck().then({ type: 'screen-answered', item: 'old-neck-trauma', answer: 'yes' }), { 'ligaments-who': 'history-only' })),
    ).not.toContain('alar-ligament')
    expect(planned(follow(sorePelvis(), { 'pelvic-motion': 'recorded' }))).toContain('standing-hip-flexion')
    expect(planned(sorePelvis())).not.toContain('standing-hip-flexion')
    const back = sorePelvis().symptom('S1', { places: ['right-low-back'], qualities: ['aching'], now: 3 })
    const lifted = follow(back, { 'facet-load': 'prone-lift' })
    expect(planned(lifted)).toContain('prone-lift-lumbar')
    expect(planned(follow(back, { 'facet-load': 'prone-lift' }))).not.toContain('lumbar-quadrant')
    expect(planned(follow(back, { instability: 'side-lying-shear' }))).toContain('side-lying-shear')
    expect(planned(follow(back, { instability: 'legs-lifted' }))).toContain('prone-instability')
  })

  it('pain without slack: gentler hands, or none, as the school has it', () => {
    const sore = performed(neck(), 'transverse-ligament', 'none', { lift: { said: 'observed', choice: 'pain' } })
    const says = (record: Composed) => closedGates(record.exam).flatMap((c) => (c.gate.id.startsWith('ligament-pain') ? [c.gate.do] : []))
    expect(says(sore)).toEqual([expect.stringMatching('prefer gentle mobilisation')])
    expect(says(follow(sore, { 'neck-thrust': 'no-hands' }))).toEqual([expect.stringMatching('No manual treatment of the upper cervical spine')])
  })
})

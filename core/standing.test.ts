import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, performed, signed, sorePelvis } from '../tests/people'
import { evaluated } from '../tests/cases'
import { assess } from './assess'
import type { Cluster } from './clusters/cluster'
import { contradictionOf } from './evidence/contradiction'
import type { RuleFigure } from './evidence/lead'
import { conclusionOf } from './note/conclusion'
import type { Composed } from './record/compose'
import { familiesShown, rankedSources, standingOf } from './standing'

const sources = (record: Composed) => assess(record.exam).sources
const yes = (record: Composed, ...items: readonly string[]) => items.reduce((r, item) => r.then({ type: 'screen-answered', item, answer: 'yes' }), record)
const met = ['sij-compression', 'thigh-thrust', 'gaenslen', 'faber'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis())

describe('what stands out', () => {
  it('a source leads from 30 % on and ten points before the next; below that nothing does', () => {
    expect(standingOf(sources(met))).toMatchObject({ kind: 'leads', source: { source: 'sij-pain', side: 'right' } })
    const quiet = ['sij-compression', 'thigh-thrust', 'gaenslen', 'faber'].reduce((r, t) => r.test(t, 'right', [NOTHING]), sorePelvis())
    expect(standingOf(sources(quiet))).toEqual({ kind: 'none' })
    expect(standingOf(sources(sorePelvis()))).toEqual({ kind: 'none' })
    const [first, ...rest] = rankedSources(sources(met))
    if (!first?.weighed) throw new Error('Something leads.')
    const close = {
      ...first,
      side: 'left' as const,
      weighed: { ...first.weighed, estimate: first.weighed.estimate - 0.05 },
    }
    expect(standingOf([first, close, ...rest])).toEqual({ kind: 'none' })
  })

  it.each([
    ['cord', ['clumsy-hands']],
    ['neck-artery', ['double-vision']],
    ['inflammatory', ['slow-start-young', 'stiff-morning', 'better-moving', 'wakes-late']],
    ['visceral', ['inner-organ']],
  ] as const)('whatever points to %s stands before a met rule, with its urgency, and no joint leads', (source, items) => {
    const told = sources(yes(met, ...items))
    expect(standingOf(told)).toMatchObject({ kind: 'refer', sources: [{ source }] })
    expect(rankedSources(told)[0]).toMatchObject({ source })
    expect(familiesShown(told)[0]).toBe('away')
    expect(told.find((s) => s.source === source)?.pointers[0]?.why).toMatch(/referral|assessment|rheumatology|review/)
    expect(familiesShown(sources(met))[0]).not.toBe('away')
  })
})

describe('evidence that contradicts itself', () => {
  const ARM = ['ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3'] as const
  const SIGNS = { 'biceps-reflex': true, 'arm-weakness': true, 'arm-feeling': true } as const
  const priors = { 'root-cervical': 0.23 }

  it('a decided rule and what lies outside it, more than four times apart: both are told, and neither leads', () => {
    const torn = { priors, neg: ARM, pos: ['neck-closing-a', 'neck-closing-b', 'neck-distraction', 'shoulder-abduction-relief'], conditions: SIGNS }
    const { conclusion, sources: told } = evaluated(torn)
    expect(conclusion).toEqual({ kind: 'evidence-disagrees', sources: [{ id: 'root-cervical', side: 'right' }] })
    const [up, down] = told.find((s) => s.id === 'root-cervical')?.contradiction ?? []
    expect(up?.p).toBeGreaterThan(0.5)
    expect(down?.p).toBeLessThan(0.05)
    // Without the quiet tests nothing contradicts.
    expect(evaluated({ ...torn, neg: [] }).conclusion.kind).toBe('stands-out')
  })

  it('is told the same once it is signed, and so is what is referred first', () => {
    const torn = ['sij-compression', 'gaenslen', 'faber', 'sacral-thrust'].reduce(
      (r, t) => performed(r, t, t === 'sacral-thrust' ? 'none' : 'right'),
      sorePelvis().test('sij-distraction', 'none', [BUTTOCK]).test('thigh-thrust', 'right', [BUTTOCK]),
    )
    const conclusion = (record: Composed) => conclusionOf(assess(record.exam))
    expect(conclusion(torn)).toBe('Sacroiliac joint, right: evidence disagrees')
    for (const record of [torn, met, sorePelvis(), yes(met, 'inner-organ')]) expect(conclusion(signed(record))).toBe(conclusion(record))
    expect(conclusion(yes(met, 'inner-organ'))).toMatch('Refer first')
  })

  it('two pelvic rules decided against each other', () => {
    const { conclusion } = evaluated({
      priors: { 'sij-pain': 0.3 },
      pos: ['sij-distraction', 'thigh-thrust'],
      neg: ['sij-compression', 'gaenslen', 'faber', 'sacral-thrust'],
    })
    expect(conclusion.kind).toBe('evidence-disagrees')
  })

  it('a rule that rests on too little contradicts nobody; a factor of four or less is no contradiction', () => {
    const figure = (lr: number, cluster: Partial<Cluster> = {}): RuleFigure =>
      ({ lr, rule: { cluster: { name: 'a rule', basis: 'published', ...cluster } } }) as unknown as RuleFigure
    const bare = { prior: 0.3, rule: null, outside: 1, others: [], model: 3 }
    expect(contradictionOf({ ...bare, others: [figure(0.1)] })).toMatchObject({ voices: [{ lr: 3 }, { lr: 0.1 }] })
    expect(contradictionOf({ ...bare, others: [figure(0.1, { neverLeads: true })] })).toBeNull()
    expect(contradictionOf({ ...bare, others: [figure(0.1, { neverLeads: true, rulesOut: true })] })).not.toBeNull()
    expect(contradictionOf({ ...bare, others: [figure(0.1, { basis: 'own' })] })).toBeNull()
    expect(contradictionOf({ ...bare, others: [figure(0.8)] })).toBeNull()
    expect(contradictionOf({ ...bare, others: [figure(6)] })).toBeNull()
    // Two rules that were measured as a whole need not be far apart.
    expect(contradictionOf({ ...bare, rule: figure(2), others: [figure(0.8)] })).not.toBeNull()
    expect(contradictionOf({ ...bare, rule: figure(4), outside: 0.9 })).not.toBeNull()
    expect(contradictionOf({ ...bare, rule: figure(2), outside: 0.6 })).toBeNull()
    expect(contradictionOf({ ...bare, rule: figure(0.1), outside: 3 })).toMatchObject({ voices: [{ who: 'what was found outside it' }, { who: 'a rule' }] })
    expect(contradictionOf({ ...bare, rule: figure(4), outside: 9 })).toBeNull()
  })
})

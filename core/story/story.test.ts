import { describe, expect, it } from 'vitest'
import { BODY_AREAS, PLACES } from '../vocabulary/body-area'
import { SOURCES } from '../vocabulary/source'
import { distributionHints, ROOTS_AT, rootsFitting } from './distribution'
import { FACTS } from './facts'
import { examIrritability, irritabilityOf } from './irritability'

describe('distribution', () => {
  it('names areas and roots that exist', () => {
    for (const [area, roots] of Object.entries(ROOTS_AT)) {
      expect(Object.keys(BODY_AREAS)).toContain(area)
      for (const root of roots) expect(root).toMatch(/^([CLS][1-8]|T1)$/)
    }
  })

  it('tells how far it reaches and which root fits, and never with certainty where roots overlap', () => {
    expect(distributionHints(['right-neck-back', 'right-forearm-back', 'right-thumb'])).toEqual([
      'Reaches the hand (right thumb and first finger).',
      'Fits nerve root C6.',
    ])
    expect(distributionHints(['left-calf'])).toEqual(['Reaches below the knee (left calf).', 'Fits nerve roots S1 and S2, which overlap.'])
    expect(distributionHints(['right-buttock'])).toEqual(['Lies below L5.'])
    expect(distributionHints(['right-low-back', 'right-sacroiliac'])).toEqual(['Lies above and below L5.'])
    expect(distributionHints(['left-saddle'])[0]).toMatch('saddle')
    expect(distributionHints([])).toEqual([])
  })

  it('neck and buttock alone fit no root: pain of every source is felt there', () => {
    expect(rootsFitting(['left-neck-back', 'left-buttock', 'left-shoulder-blade'])).toEqual([])
  })

  it('gives hints of at most a few words for any single place', () => {
    for (const place of PLACES) for (const hint of distributionHints([place])) expect(hint).toMatch(/^[A-Z].*\.$/)
  })
})

describe('irritability', () => {
  const told = (stirredBy: 'much' | 'little' | null, worst: number | null, settles: 'minutes' | 'longer' | null) =>
    irritabilityOf({ stirring: { stirredBy, settles }, now: null, worst })

  it('is high only when all three speak for it, and not known while that is open', () => {
    expect(told('little', 8, 'longer')).toBe('high')
    expect(told('little', 8, 'minutes')).toBe('moderate')
    expect(told('little', 4, 'minutes')).toBe('low')
    expect(told('much', 8, null)).toBe('unknown')
    expect(told('little', 8, null)).toBe('moderate')
    expect(told(null, null, null)).toBe('unknown')
  })

  it('of an examination is the highest of its symptoms, one level up once a symptom stayed raised', () => {
    const symptom = { id: 'S1' as const, words: '', places: [], qualities: [], now: 8, worst: null, usual: null, bringsOn: '', eases: '', stirring: null }
    expect(examIrritability({ symptoms: [symptom] }, false)).toBe('unknown')
    expect(examIrritability({ symptoms: [symptom] }, true)).toBe('moderate')
    expect(examIrritability({ symptoms: [{ ...symptom, stirring: { stirredBy: 'little', settles: 'longer' } }] }, true)).toBe('high')
  })
})

describe('facts of the history', () => {
  it('each is asked once, as a question, and says what reads it', () => {
    expect(new Set(FACTS.map((f) => f.id)).size).toBe(FACTS.length)
    for (const fact of FACTS) {
      expect(fact.ask).toMatch(/\?$/)
      expect(Object.keys(SOURCES)).toContain(fact.points.source)
      expect(fact.zones.length).toBeGreaterThan(0)
    }
  })
})

import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, sorePelvis } from '../tests/people'
import { assess } from './assess'
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

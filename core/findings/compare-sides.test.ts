import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, testById } from '../catalogue'
import type { Side } from '../vocabulary/side'
import { compareSides } from './compare-sides'
import type { Finding } from './finding'

const ranges = CATALOGUE.filter((test) => test.reading.kind === 'range')
const measured = (test: string, side: Side, end: number | undefined): Finding => ({
  test: test as Finding['test'],
  side,
  about: side,
  variant: '',
  run: `run-${side}`,
  result: 'inconclusive',
  why: 'Waits for the other side.',
  symptom: null,
  places: [],
  intensity: null,
  readings: [],
  onsetStage: null,
  checks: [],
  measures: end === undefined ? {} : { end },
})
const degrees = fc.integer({ min: 0, max: 120 })

describe('what one side says beside the other', () => {
  it('there are ranges to compare', () => {
    expect(ranges.length).toBeGreaterThan(0)
  })

  it.each(ranges.map((test) => test.id))('%s: lost only by the share and by more than the error of measuring; the freer side never', (id) => {
    const reading = testById(id)?.reading
    if (reading?.kind !== 'range') throw new Error('It is a range.')
    fc.assert(
      fc.property(degrees, degrees, (left, right) => {
        const [a, b] = compareSides([measured(id, 'left', left), measured(id, 'right', right)], testById, [])
        const lost = (mine: number, theirs: number) => theirs > 0 && 1 - mine / theirs >= reading.lost && theirs - mine >= reading.noise
        expect(a?.result).toBe(lost(left, right) ? 'positive' : 'negative')
        expect(b?.result).toBe(lost(right, left) ? 'positive' : 'negative')
        expect(a?.why).toContain(`${left}° against ${right}°`)
        // Only a loss points anywhere, and each pointer says both figures.
        expect(a?.readings.length).toBe(a?.result === 'positive' ? reading.whenLost.length : 0)
      }),
    )
  })

  it('one side alone decides nothing, and neither does a side that was not measured', () => {
    for (const { id } of ranges) {
      const one = measured(id, 'left', 10)
      expect(compareSides([one], testById, [])).toEqual([one])
      expect(compareSides([one, measured(id, 'right', undefined)], testById, [])[0]).toEqual(one)
    }
  })

  it('the order in which the sides were done changes nothing', () => {
    for (const { id } of ranges) {
      const both = [measured(id, 'left', 20), measured(id, 'right', 60)]
      expect(compareSides(both.toReversed(), testById, []).toReversed()).toEqual(compareSides(both, testById, []))
    }
  })

  it('a test that ships no more is left as it was found', () => {
    const old = measured('a-test-that-went', 'left', 10)
    expect(compareSides([old, { ...old, side: 'right', about: 'right' }], testById, [])[0]).toEqual(old)
  })
})

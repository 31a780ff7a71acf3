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

  it('a staged test that stops earlier than healthy people differ is told as supportive, at exactly that limit not', () => {
    const reading = testById('slump')?.reading
    const limit = reading?.kind === 'staged-tension' ? reading.sideLimit : 0
    const checks = (left: number | undefined, right: number | undefined) =>
      compareSides([measured('slump', 'left', left), measured('slump', 'right', right)], testById, [])[0]?.checks ?? []
    expect(checks(10 + limit + 1, 10)).toEqual([expect.stringContaining(`The knee stopped ${limit + 1}° earlier`)])
    for (const [left, right] of [
      [10 + limit, 10],
      [10, 40],
      [undefined, 10],
      [60, undefined],
    ] as const)
      expect(checks(left, right), `${left} ${right}`).toEqual([])
  })

  it('sore alike on both sides may be the hand; by more than one point it is not, and a negative side is none', () => {
    const pressed = (side: Side, intensity: number | null, result: Finding['result'] = 'positive'): Finding => ({
      ...measured('sij-palpation', side, undefined),
      result,
      intensity,
      readings: [{ source: 'sij-pain', direction: 'for', strength: 'pointer', why: 'x' }],
    })
    const of = (left: Finding, right: Finding) => compareSides([left, right], testById, [])[0]
    expect(of(pressed('left', 5), pressed('right', 6))).toMatchObject({
      result: 'inconclusive',
      readings: [],
      checks: ['May be pressure: repeat lighter on both sides.'],
    })
    expect(of(pressed('left', 5), pressed('right', 7))?.result).toBe('positive')
    expect(of(pressed('left', null), pressed('right', 3))?.result).toBe('positive')
    expect(of(pressed('left', 5), pressed('right', 5, 'negative'))?.result).toBe('positive')
    expect(of(pressed('left', 5, 'negative'), pressed('right', 5))?.result).toBe('negative')
  })

  it('a negative seated raise beside a limited supine one is looked at again, on that side alone and only by that much', () => {
    const by = testById('seated-leg-raise')?.reading
    const agreesWith = by?.kind === 'tension' ? by.agreesWith : undefined
    if (!agreesWith) throw new Error('It agrees with the supine raise.')
    const { within, quietFrom } = agreesWith
    const seated = (side: Side, end: number): Finding => measured('seated-leg-raise', side, end)
    const supine = (side: Side, end: number): Finding => measured('leg-raise', side, end)
    const disagree = (...findings: readonly Finding[]) =>
      compareSides(findings, testById, []).map((f) => f.checks.some((c) => c.startsWith('Seated and supine disagree')))
    expect(disagree(seated('left', quietFrom), supine('left', quietFrom - within))).toEqual([true, true])
    expect(disagree(seated('left', quietFrom), supine('left', quietFrom - within + 1))).toEqual([false, false])
    expect(disagree(seated('left', quietFrom - 1), supine('left', 20))).toEqual([false, false])
    expect(disagree(seated('left', quietFrom), supine('right', 20))).toEqual([false, false])
    expect(disagree({ ...seated('left', quietFrom), symptom: 'S1' }, supine('left', 20))).toEqual([false, false])
  })

  it('a test that ships no more is left as it was found', () => {
    const old = measured('a-test-that-went', 'left', 10)
    expect(compareSides([old, { ...old, side: 'right', about: 'right' }], testById, [])[0]).toEqual(old)
  })
})

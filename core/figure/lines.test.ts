import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '../catalogue'
import { clothesLines } from './clothes-lines'
import { figureOf } from './figure'
import { headLines } from './head-lines'
import { pushLines } from './push-lines'

const STAGES = CATALOGUE.flatMap((test) => test.stages.map((stage) => [`${test.id}, ${stage.id}`, stage] as const))
const numbersIn = (path: string) => path.match(/-?\d+(\.\d+)?(e-?\d+)?/g)?.map(Number) ?? []

describe('lines of the drawn patient, for screen and paper', () => {
  it.each(STAGES)('%s: whole paths, and a face only where a face is seen', (_, stage) => {
    for (const side of ['left', 'right'] as const) {
      const { head, limbs } = figureOf(stage.pose, side)
      const lines = headLines(head)
      const { shirt, shorts } = clothesLines(limbs)
      for (const path of [lines.outline, lines.hair, ...lines.lobes, ...lines.features, ...shirt, ...shorts]) {
        expect(path).toMatch(/^M/)
        expect(path).not.toMatch(/NaN|undefined|Infinity/)
      }
      expect(shirt.length).toBeGreaterThan(0)
      expect(shorts.length).toBeGreaterThan(0)
      if (head.seen === 'from-behind') expect(lines.pupils).toEqual([])
      // A lid and a brow with each eye, at most a nose and a mouth beside them.
      expect(lines.features.length).toBeGreaterThanOrEqual(lines.pupils.length * 2)
      expect(lines.features.length).toBeLessThanOrEqual(lines.pupils.length * 2 + 2)
      for (const eye of lines.pupils) expect(Math.hypot(eye.x, eye.y)).toBeLessThan(head.half)
    }
  })

  it('an arrow is as long whichever way it points, and a push straight in is a ring where the hand is', () => {
    const point = fc.record({ x: fc.integer({ min: -150, max: 150 }), y: fc.integer({ min: -150, max: 150 }) })
    fc.assert(
      fc.property(point, fc.integer({ min: -180, max: 180 }), (at, way) => {
        const [x = 0, y = 0, tipX = 0, tipY = 0] = numbersIn(pushLines(at, way).path)
        expect(Math.hypot(tipX - x, tipY - y)).toBeCloseTo(15, 1)
        expect(Math.hypot(x - at.x, y + at.y)).toBeCloseTo(8, 1)
        const { ring } = pushLines(at, 'in')
        expect(ring).toMatchObject({ x: at.x, r: 8.4 })
        expect(ring?.y).toBeCloseTo(-at.y, 9)
      }),
    )
  })
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '../catalogue'
import { legRaise } from '../catalogue/leg/leg-raise'
import { PLACES } from '../vocabulary/body-area'
import { CHART, chartShapes } from './body-map'
import { figureOf, onArc } from './figure'
import { distance } from './geometry'

describe('the drawn patient', () => {
  const raise = legRaise.stages[0]
  if (!raise) throw new Error('The leg raise has a stage.')

  it.each(CATALOGUE.flatMap((t) => t.stages.map((s) => [t.id, s] as const)))('%s: joined limbs, hands on the body, the other side mirrored', (_, stage) => {
    const right = figureOf(stage.pose, 'right')
    const left = figureOf(stage.pose, 'left')
    expect(right.hands).toHaveLength(stage.pose.contacts.length)
    for (const hand of right.hands) {
      const near = right.limbs.flatMap((l) => l.chain).map((c) => distance(c.at, hand.at) - c.half)
      expect(Math.min(...near), 'a hand rests on the body').toBeLessThan(22)
    }
    left.limbs.forEach((limb, i) => limb.chain.forEach((c, j) => expect(c.at.x).toBeCloseTo(-(right.limbs[i]?.chain[j]?.at.x ?? 0), 9)))
    const all = Object.values(right.bounds.min).concat(Object.values(right.bounds.max))
    for (const n of all) expect(Number.isFinite(n)).toBe(true)
  })

  it('the measured leg points where its angle says, and the limb keeps its length', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 110 }), fc.constantFrom('left' as const, 'right' as const), (angle, side) => {
        const figure = figureOf(raise.pose, side, angle)
        const shin = figure.bones['near-shin']
        const joint = figure.joint
        if (!shin || !joint) throw new Error('The raise measures the hip.')
        expect(distance(onArc(joint, angle, distance(joint.at, shin.to)), shin.to)).toBeLessThan(1e-9)
        expect(distance(joint.at, shin.to)).toBeCloseTo(joint.reach, 9)
      }),
    )
  })
})

describe('the body chart', () => {
  it('shows every place of the vocabulary, inside the chart, on its own side', () => {
    const shapes = [...chartShapes('front'), ...chartShapes('back')]
    expect(new Set(shapes.map((s) => s.place))).toEqual(new Set(PLACES))
    for (const shape of shapes) {
      const facing = (shape.view === 'front') === shape.place.startsWith('right') ? -1 : 1
      for (const p of shape.points) {
        expect(p.x * facing).toBeGreaterThanOrEqual(-1e-9)
        expect(Math.abs(p.x)).toBeLessThanOrEqual(CHART.half)
        expect(p.y).toBeLessThanOrEqual(CHART.height)
      }
    }
  })
})

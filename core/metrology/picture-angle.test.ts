import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '../catalogue'
import { angleAt, firstPoints, pictureReading, recordedAngle } from './picture-angle'

const coordinate = fc.double({ min: -1000, max: 1000, noNaN: true })
const point = fc.record({ x: coordinate, y: coordinate })

describe('an angle from three points on a picture', () => {
  it('is the one that was drawn, however the picture is turned, moved, mirrored or scaled', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 179 }),
        fc.integer({ min: 0, max: 359 }),
        fc.double({ min: 5, max: 500, noNaN: true }),
        fc.double({ min: 5, max: 500, noNaN: true }),
        point,
        fc.boolean(),
        (angle, turn, first, second, joint, mirror) => {
          const at = (degrees: number, length: number) => ({
            x: joint.x + (mirror ? -1 : 1) * length * Math.cos((degrees * Math.PI) / 180),
            y: joint.y + length * Math.sin((degrees * Math.PI) / 180),
          })
          expect(angleAt(at(turn, first), joint, at(turn + angle, second))).toBeCloseTo(angle, 6)
        },
      ),
    )
  })

  it('does not mind which limb is first, lies between 0 and 180, and is none where two points are one', () => {
    fc.assert(
      fc.property(point, point, point, (a, joint, b) => {
        const angle = angleAt(a, joint, b)
        expect(angle === null ? null : Math.round(angle * 1e6)).toBe(((other) => (other === null ? null : Math.round(other * 1e6)))(angleAt(b, joint, a)))
        if (angle !== null) expect(angle).toBeGreaterThanOrEqual(0)
        if (angle !== null) expect(angle).toBeLessThanOrEqual(180)
      }),
    )
    expect(angleAt({ x: 1, y: 1 }, { x: 1, y: 1 }, { x: 5, y: 1 })).toBeNull()
  })

  it('counts as the stage does: a leg raised by 48°, a knee 12° short of straight, an arm led out by 70°', () => {
    const counts = (joint: string) => pictureReading({ joint })
    const read = (between: number, joint: string) => {
      const reading = counts(joint)
      return reading && recordedAngle(between, reading)
    }
    expect(read(180 - 48, 'hip flexion with a straight knee')).toBe(48)
    expect(read(168, 'knee, degrees short of straight')).toBe(12)
    expect(read(70, 'shoulder abduction')).toBe(70)
    // Sitting with the knee 35° short of straight the hip angle is told as 55.
    expect(read(145, 'hip angle sitting (90 less what the knee is short of straight)')).toBe(55)
  })

  it('points begin at an angle that the stage can take, on a wide and on a tall picture', () => {
    for (const { angle } of CATALOGUE.flatMap((t) => t.stages)) {
      const reading = angle && pictureReading(angle)
      if (!angle || !reading) continue
      for (const [width, height] of [
        [900, 600],
        [600, 900],
      ] as const) {
        const [a, joint, b] = firstPoints(reading, angle.usual, width / height).map((p) => ({ x: p.x * width, y: p.y * height }))
        const between = a && joint && b ? angleAt(a, joint, b) : null
        const recorded = between === null ? null : recordedAngle(between, reading)
        expect(Math.abs((recorded ?? NaN) - (angle.usual[0] + angle.usual[1]) / 2), angle.joint).toBeLessThanOrEqual(1)
      }
    }
  })

  it('every stage that measures an angle in degrees can be read from a picture, and none that measures something else', () => {
    for (const { angle } of CATALOGUE.flatMap((t) => t.stages)) {
      if (!angle) continue
      expect(pictureReading(angle) !== null, angle.joint).toBe(angle.unit === undefined)
    }
  })
})

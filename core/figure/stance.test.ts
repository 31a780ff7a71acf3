import { describe, expect, it } from 'vitest'
import { CATALOGUE, testById } from '../catalogue'
import { sidesOf } from '../record/outline'
import { figureOf } from './figure'
import { headShape } from './head-shape'
import { stanceOf } from './stance'

const stance = (id: string, stage: string, side: 'left' | 'right' | 'none' = 'right') => {
  const pose = testById(id)?.stages.find((s) => s.id === stage)?.pose
  if (!pose) throw new Error(`${id} ${stage}`)
  return stanceOf(pose, side, figureOf(pose, side))
}

describe('where the examiner stands', () => {
  it.each(CATALOGUE.map((t) => [t.id, t] as const))(
    '%s: told wherever a hand is on the patient, the same in words for either side, and nowhere else',
    (_, test) => {
      for (const { pose } of test.stages) {
        const told = sidesOf(test).map((side) => stanceOf(pose, side, figureOf(pose, side)))
        for (const one of told) {
          expect(one === null).toBe(pose.contacts.length === 0)
          if (!one) continue
          expect(one.words).toMatch(/^You stand (beside|at|behind|in front of) .*\.$/)
          // Nobody stands on the patient, and everybody looks at them.
          const { at, to } = one.feet
          const away = { x: at.x - one.patient.hips.x, y: at.y }
          expect(Math.abs(at.y) > 33 || Math.abs(away.x) > 40).toBe(true)
          if (!one.patient.lies) expect(away.x * to.x + away.y * to.y).toBeLessThan(0)
        }
        expect(new Set(told.map((one) => one?.words)).size).toBe(1)
      }
    },
  )

  it('is the tested side of the table, which is the viewer’s, and mirrored with the picture at the ends', () => {
    expect(stance('leg-raise', 'raise')?.words).toBe('You stand beside the table, at the tested side.')
    expect(stance('leg-raise', 'raise')?.feet.at.y).toBeLessThan(0)
    const [right, left] = [stance('flexion-rotation', 'turn'), stance('flexion-rotation', 'turn', 'left')]
    expect(right?.words).toBe('You stand at the head of the table.')
    expect(left?.feet.at.x).toBeCloseTo(-(right?.feet.at.x ?? NaN))
  })
})

describe('a head', () => {
  it('shows both eyes and no ear behind when it looks at the viewer, one eye in profile, and no face from behind', () => {
    expect(headShape(0).eyes).toHaveLength(2)
    expect(headShape(90).eyes).toHaveLength(1)
    expect(headShape(180)).toMatchObject({ eyes: [], nose: null, mouth: null })
  })

  it('is the same turned either way, mirrored', () => {
    for (const turn of [15, 45, 80, 90, 130]) {
      const [one, other] = [headShape(turn), headShape(-turn)]
      const xs = (shape: typeof one) => shape.outline.map((p) => Math.round(p.x * 1e6)).toSorted((a, b) => a - b)
      expect(xs(one)).toEqual(
        xs(other)
          .map((x) => -x + 0)
          .toSorted((a, b) => a - b),
      )
      expect(one.nose?.tip.x ?? 0).toBeCloseTo(-(other.nose?.tip.x ?? 0))
    }
  })

  it('has its nose ahead of the brow, on the side it looks to', () => {
    const { outline } = headShape(90)
    const right = Math.max(...outline.map((p) => p.x))
    expect(outline.find((p) => p.x === right)?.y).toBeLessThan(0)
    expect(right).toBeGreaterThan(Math.max(...headShape(0).outline.map((p) => p.x)))
  })
})

import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '../catalogue'
import { offered, stagesOf } from '../record/outline'
import type { Side } from '../vocabulary/side'
import { figureOf, type Hand } from './figure'
import { distance, go, type Point } from './geometry'

/** How far palm and fingers reach from the contact, in centimetres. */
const PALM = 7.8
const FINGERS = 7.7
/** Nearer than this to the middle of a face, a hand lies over mouth or eyes. */
const FACE = 7

/** How near a hand comes to a point, along its length. */
function nearness(hand: Hand, to: Point): number {
  const [heel, tip] = [go(hand.at, hand.from, PALM), go(hand.at, hand.from + 180, FINGERS)]
  const along = ((to.x - heel.x) * (tip.x - heel.x) + (to.y - heel.y) * (tip.y - heel.y)) / (PALM + FINGERS) ** 2
  const share = Math.min(1, Math.max(0, along))
  return distance(to, { x: heel.x + share * (tip.x - heel.x), y: heel.y + share * (tip.y - heel.y) })
}

/** Every stage as it is drawn, whatever the technique. */
const STAGES = CATALOGUE.flatMap((test) =>
  offered(test.variants).flatMap((variant) =>
    stagesOf(test, variant.id).map((stage) => ({ name: `${test.id}, ${variant.id}, ${stage.id}`, pose: stage.pose })),
  ),
)

describe.each(['left', 'right'] as const satisfies readonly Side[])('the hands of the examiner, %s', (side) => {
  it('never lie over a face that looks at the viewer', () => {
    const over = STAGES.flatMap(({ name, pose }) => {
      const { head, hands } = figureOf(pose, side)
      return head.seen === 'profile' || head.seen === 'from-behind' ? [] : hands.filter((hand) => nearness(hand, head.at) < FACE).map(() => name)
    })
    expect([...new Set(over)]).toEqual([])
  })

  it('are two people’s at most, and none is drawn on another', () => {
    for (const { name, pose } of STAGES) {
      const { hands } = figureOf(pose, side)
      expect(hands.length, name).toBeLessThanOrEqual(4)
      hands.forEach((hand, i) => {
        // Two hands may lie on each other on purpose, as for a thrust: then their forearms part.
        for (const other of hands.slice(i + 1)) expect(distance(hand.at, other.at) > 2 || Math.abs(hand.from - other.from) > 10, name).toBe(true)
      })
    }
  })
})

describe('a leg in the air', () => {
  it('is held by a hand, unless it stands on the floor', () => {
    const loose = STAGES.flatMap(({ name, pose }) => {
      if (pose.plane !== 'profile' || pose.lies === 'upright') return []
      return (['near', 'far'] as const).flatMap((leg) => {
        const raised = Math.abs(pose[leg].hip) >= 25 && pose[leg].knee < 60
        const held = pose.contacts.some(({ on }) => on.startsWith(leg) && /thigh|shin|foot/.test(on))
        // Over the edge of the table the feet are on the floor.
        return raised && !held && !name.startsWith('prone-instability') ? [`${name}: ${leg}`] : []
      })
    })
    expect(loose).toEqual([])
  })
})

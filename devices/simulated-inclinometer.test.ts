import { describe, expect, it } from 'vitest'
import { endRange } from '../core/metrology/end-range'
import { type Frame, parseFrame } from '../core/metrology/frame'
import { onsetAt } from '../core/metrology/onset'
import { remember, type Sample } from '../core/metrology/trace'
import { inclinometer, type Movement, timesOf, trueAngle } from './simulated-inclinometer'

const RAISE: Movement = { seed: 'test', from: 0, to: 82, speed: 14 }
/** What the bench remembers just before the limb is brought back. */
const traceOf = (movement: Movement) => [...inclinometer(movement)].filter((f) => f.t <= timesOf(movement).heldUntil).reduce<readonly Sample[]>(remember, [])

describe('the simulated inclinometer', () => {
  it('speaks frames, the same for the same seed', () => {
    const frames: readonly Frame[] = [...inclinometer(RAISE)]
    expect(frames.every((f) => parseFrame(JSON.stringify(f)) !== null)).toBe(true)
    expect([...inclinometer(RAISE)]).toEqual(frames)
    expect([...inclinometer({ ...RAISE, seed: 'other' })]).not.toEqual(frames)
  })

  it('the onset found in its trace is near where the limb truly was when it was felt', () => {
    const errors = Array.from({ length: 60 }, (_, n) => {
      const movement = { ...RAISE, seed: `onset ${n}` }
      const felt = 4000 + n * 40
      const found = onsetAt([...inclinometer(movement)].filter((f) => f.t <= felt + 600).reduce<readonly Sample[]>(remember, []), felt + 250)
      return Math.abs((found?.angle ?? 999) - trueAngle(movement, felt))
    }).sort((a, b) => a - b)
    expect(errors[30]).toBeLessThan(1)
    expect(errors[56]).toBeLessThan(2.5)
  })

  it('the end found in its trace is where the limb was held', () => {
    for (const to of [45, 70, 88]) expect(Math.abs((endRange(traceOf({ ...RAISE, to })) ?? 0) - to)).toBeLessThan(1.5)
    expect(Math.abs((endRange(traceOf({ seed: 'knee', from: 90, to: 24, speed: 12 }), -1) ?? 0) - 24)).toBeLessThan(1.5)
  })
})

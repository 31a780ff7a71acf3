import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { endRange } from './end-range'
import { parseFrame } from './frame'
import { onsetAt } from './onset'
import { smoothAt } from './savitzky-golay'
import { remember, type Sample } from './trace'
import { stillReading } from './zero'

const trace = (angle: (t: number) => number, ms = 6000): readonly Sample[] => Array.from({ length: ms / 20 }, (_, i) => ({ t: i * 20, angle: angle(i * 20) }))

describe('smoothing', () => {
  it('leaves any parabola as it is, with its slope, inside the trace', () => {
    fc.assert(
      fc.property(fc.integer({ min: -9, max: 9 }), fc.integer({ min: -9, max: 9 }), fc.integer({ min: -9, max: 9 }), (a, b, c) => {
        const f = (x: number) => a + b * x + (c * x * x) / 10
        const s = smoothAt(
          Array.from({ length: 40 }, (_, x) => f(x)),
          20,
        )
        expect(s.value).toBeCloseTo(f(20), 8)
        expect(s.slope).toBeCloseTo(b + (2 * c * 20) / 10, 8)
      }),
    )
  })

  it('leaves a straight line as it is at the ends too', () => {
    const line = Array.from({ length: 30 }, (_, x) => 3 + 2 * x)
    for (const at of [0, 2, 28, 29])
      expect(smoothAt(line, at)).toMatchObject({ value: expect.closeTo(3 + 2 * at, 8) as number, slope: expect.closeTo(2, 8) as number })
  })
})

describe('onset', () => {
  const steady = trace((t) => (t / 1000) * 12)

  it('takes off what the limb moved during the reaction', () => {
    // Felt at 3000 ms, at 36°; pressed 250 ms later, at 39°.
    expect(onsetAt(steady, 3250)?.angle).toBeCloseTo(36, 6)
    expect(onsetAt(steady, 3400, 400)?.angle).toBeCloseTo(36, 6)
  })

  it('marks a press in a fast movement, and knows nothing far from any reading', () => {
    expect(onsetAt(steady, 3000)?.tooFast).toBe(false)
    expect(
      onsetAt(
        trace((t) => (t / 1000) * 26),
        2000,
      )?.tooFast,
    ).toBe(true)
    expect(onsetAt(steady, 60_000)).toBeNull()
    expect(onsetAt([], 1)).toBeNull()
  })
})

describe('end of range and zero', () => {
  it('finds the farthest rest, up or down, and none in a movement that never rests', () => {
    const up = trace((t) => (t < 3000 ? (t / 3000) * 80 : t < 4500 ? 80 : 80 - ((t - 4500) / 1500) * 70))
    expect(endRange(up)).toBeCloseTo(80, 0)
    const down = trace((t) => 90 - (t < 3000 ? (t / 3000) * 70 : 70))
    expect(endRange(down, -1)).toBeCloseTo(20, 0)
    expect(endRange(trace((t) => t / 50))).toBeNull()
  })

  it('zeroes on two seconds of stillness only', () => {
    expect(stillReading(trace(() => 1.5))).toBeCloseTo(1.5, 6)
    expect(stillReading(trace(() => 1.5, 1000))).toBeNull()
    expect(stillReading(trace((t) => t / 100))).toBeNull()
  })
})

describe('frames', () => {
  const frame = { t: 20, channel: 'angle', unit: 'deg', value: 3.2, device: 'x' }

  it('reads a frame, and nothing else', () => {
    expect(parseFrame(JSON.stringify(frame))).toEqual(frame)
    for (const bad of [
      '',
      '{',
      '{}',
      JSON.stringify({ ...frame, unit: 'N' }),
      JSON.stringify({ ...frame, value: 'x' }),
      JSON.stringify({ ...frame, more: 1 }),
    ]) {
      expect(parseFrame(bad)).toBeNull()
    }
  })

  it('keeps ten seconds, in order', () => {
    let kept: readonly Sample[] = []
    for (let t = 0; t < 15_000; t += 20) kept = remember(kept, { ...frame, t, value: t } as never)
    expect((kept.at(-1)?.t ?? 0) - (kept[0]?.t ?? 0)).toBeLessThan(10_000)
    expect(remember(kept, { ...frame, t: 3, value: 3 } as never)).toBe(kept)
  })
})

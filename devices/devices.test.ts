import { ADAPTERS } from '.'
import { readLines, serialLines } from './adapters/serial-lines'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { craniocervicalScores } from '../core/findings/craniocervical'
import { gainOf } from '../core/findings/gain'
import { HOLD_SECONDS, judgeHold } from '../core/metrology/cuff'
import { pressOf, scorePress } from '../core/metrology/force'
import { type Frame, parseFrame } from '../core/metrology/frame'
import { tiltBetween } from '../core/metrology/tilt'
import { bellPress } from './simulated-bell'
import { cuff } from './simulated-cuff'
import { forcePad, trueLoad } from './simulated-force-pad'

const loads = (frames: Iterable<Frame>) => [...frames].map((f) => ({ t: f.t, force: f.value }))
const pressures = (frames: Iterable<Frame>) => [...frames].map((f) => ({ t: f.t, mmHg: f.value }))
const press = { seed: 'a', target: 270, buildSeconds: 5, holdSeconds: 5, overshoot: 0 }
const held = (p: typeof press) => loads(forcePad(p)).filter((s) => s.t <= (p.buildSeconds + p.holdSeconds) * 1000)

describe('the force pad', () => {
  it('speaks frames that can be read, and the same seed gives the same press', () => {
    for (const frame of forcePad(press)) expect(parseFrame(JSON.stringify(frame))).toEqual(frame)
    expect([...forcePad(press)]).toEqual([...forcePad(press)])
    expect([...forcePad({ ...press, seed: 'b' })]).not.toEqual([...forcePad(press)])
  })

  it('a slow even press scores well; a fast, jerky or heavy one does not', () => {
    const good = scorePress(held(press), [245, 295])
    expect(good?.inBand).toBeGreaterThan(0.95)
    expect(good?.overshoot).toBe(0)
    expect(good?.smoothness).toBeGreaterThan(0.95)
    expect(good?.buildSeconds).toBeGreaterThan(2.5)
    const heavy = scorePress(held({ ...press, overshoot: 0.3 }), [245, 295])
    expect(heavy?.overshoot).toBeGreaterThan(40)
    const fast = scorePress(held({ ...press, buildSeconds: 0.8 }), [245, 295])
    expect(fast?.buildSeconds).toBeLessThan(1)
    const jerky = Array.from({ length: 200 }, (_, i) => ({ t: i * 25, force: 1.4 * i + 60 * Math.sin(i / 6) ** 2 }))
    expect(scorePress(jerky, [245, 295])?.smoothness).toBeLessThan(0.7)
  })

  it('the press ends where the hand lets go', () => {
    const whole = loads(forcePad(press))
    const given = pressOf(whole)
    expect(given.length).toBeLessThan(whole.length)
    expect((given.at(-1)?.t ?? 0) / 1000).toBeCloseTo(press.buildSeconds + press.holdSeconds, 0)
    expect(scorePress(given, [245, 295])?.inBand).toBeGreaterThan(0.9)
    expect(pressOf([])).toEqual([])
  })

  it('never reaching the band is told, and no press at all has no score', () => {
    expect(scorePress(held({ ...press, target: 100 }), [245, 295])).toMatchObject({ buildSeconds: null, inBand: 0 })
    expect(scorePress([], [245, 295])).toBeNull()
    expect(scorePress([{ t: 0, force: 2 }], [245, 295])).toBeNull()
  })

  it('scores stay within their bounds for any press', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 400 }),
        fc.double({ min: 0.5, max: 9, noNaN: true }),
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        (target, buildSeconds, overshoot) => {
          const p = { seed: 'p', target, buildSeconds, holdSeconds: 3, overshoot }
          const score = scorePress(held(p), [245, 295])
          if (!score) return
          expect(score.inBand).toBeGreaterThanOrEqual(0)
          expect(score.inBand).toBeLessThanOrEqual(1)
          expect(score.smoothness).toBeLessThanOrEqual(1 + 1e-9)
          expect(score.highest).toBeLessThan(trueLoad(p, buildSeconds * 1000) * 1.1 + 5)
        },
      ),
    )
  })
})

describe('the cuff', () => {
  const hold = (sag: number, target = 26) => pressures(cuff({ seed: 'c', target, seconds: 10, sag })).filter((s) => s.t >= 1200 && s.t <= 11_200)

  it('a strong neck holds steadily through its breathing; a weak one sags', () => {
    expect(judgeHold(hold(0), 26)).toMatchObject({ steady: true })
    expect(judgeHold(hold(4), 26).steady).toBe(false)
    expect(judgeHold(hold(0), 28).steady).toBe(false)
    expect(judgeHold(hold(0).slice(0, 80), 26).steady).toBe(false)
    expect(judgeHold([], 26)).toMatchObject({ steady: false, seconds: 0 })
    expect(judgeHold(hold(0), 26).seconds).toBeCloseTo(HOLD_SECONDS, 1)
  })

  it('scores: the highest steady pressure less 20, times the holds, ten at most', () => {
    expect(craniocervicalScores([22, 24, 26], 7)).toEqual({ activation: 6, index: 42 })
    expect(craniocervicalScores([30], 14)).toEqual({ activation: 10, index: 100 })
    expect(craniocervicalScores([], 5)).toEqual({ activation: 0, index: 0 })
  })
})

describe('bell, gain and tilt', () => {
  it('nobody presses before they felt it', () => {
    fc.assert(fc.property(fc.string(), fc.integer({ min: 0, max: 9000 }), (seed, felt) => bellPress(seed, felt).t >= felt + 120))
  })

  it('a gain counts only beyond measurement error', () => {
    expect(gainOf(28, 37, 8)).toMatchObject({ gain: 9, real: true })
    expect(gainOf(28, 33, 8).words).toBe('gained 5°, 28° to 33°: within measurement error (8°)')
    expect(gainOf(30, 30, 8).words).toMatch('no gain')
    expect(gainOf(30, 20, 8).words).toMatch('lost 10°, 30° to 20°: more than')
  })

  it('tilt is the turn out of the vertical, whatever the compass says', () => {
    const flat = { alpha: 0, beta: 0, gamma: 0 }
    expect(tiltBetween(flat, { alpha: 0, beta: 35, gamma: 0 })).toBeCloseTo(35, 9)
    expect(tiltBetween(flat, { alpha: 0, beta: 0, gamma: -50 })).toBeCloseTo(50, 9)
    expect(tiltBetween(flat, { alpha: 120, beta: 35, gamma: 0 })).toBeCloseTo(35, 9)
    const angle = fc.integer({ min: -85, max: 85 })
    fc.assert(
      fc.property(angle, angle, angle, angle, (b1, g1, b2, g2) => {
        const [a, b] = [
          { alpha: 0, beta: b1, gamma: g1 },
          { alpha: 9, beta: b2, gamma: g2 },
        ]
        expect(tiltBetween(a, b)).toBeCloseTo(tiltBetween(b, a), 9)
        expect(tiltBetween(a, a)).toBeCloseTo(0, 9)
      }),
    )
  })
})

describe('a device on a serial line', () => {
  const port = (chunks: readonly string[]) => {
    const text = new TextEncoder()
    let closed = false
    return {
      readable: new ReadableStream<Uint8Array>({
        start(controller) {
          for (const chunk of chunks) controller.enqueue(text.encode(chunk))
        },
      }),
      open: () => Promise.resolve(),
      close: () => {
        closed = true
        return Promise.resolve()
      },
      isClosed: () => closed,
    }
  }
  const line = (value: number) => JSON.stringify({ t: value, channel: 'angle', unit: 'deg', value, device: 'board' })

  it('hands on whole lines that are frames, however they were cut, and ends when it is told to', async () => {
    const heard: number[] = []
    const cable = port([`${line(1)}\n${line(2).slice(0, 9)}`, `${line(2).slice(9)}\nnonsense\n{"t":1}\n`, `${line(3)}\n${line(4)}`])
    const end = readLines(cable, (frame) => heard.push(frame.value))
    await expect.poll(() => heard).toEqual([1, 2, 3])
    await end()
    expect(cable.isClosed()).toBe(true)
    expect(heard).toEqual([1, 2, 3])
  })

  it('is on the roll, and not offered where the browser cannot reach it', async () => {
    expect(ADAPTERS.map((adapter) => adapter.id)).toContain('serial-lines')
    expect(serialLines.available()).toBe(false)
    await expect(serialLines.open(() => undefined)).rejects.toThrow('cannot reach')
  })
})

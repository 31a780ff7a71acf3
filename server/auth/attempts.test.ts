import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { attempts } from './attempts'
import { guesses } from '../guesses'

const RULES = { free: 3, firstMs: 1000, mostMs: 60_000, decayMs: 600_000 }

describe('wrong tries', () => {
  it('cost nothing at first, then each makes the next wait longer, up to a limit; time forgives them', () => {
    const tries = attempts(RULES)
    const waits = Array.from({ length: 12 }, () => {
      tries.wrong('a', 0)
      return tries.wait('a', 0)
    })
    expect(waits).toEqual([0, 0, 0, 1000, 2000, 4000, 8000, 16_000, 32_000, 60_000, 60_000, 60_000])
    expect(tries.wait('b', 0)).toBe(0)
    expect(tries.wait('a', 59_999)).toBe(1)
    // One is forgotten every ten minutes: after two hours all are.
    expect(tries.wait('a', 60_000)).toBe(0)
    tries.wrong('a', 9 * 600_000)
    expect(tries.wait('a', 9 * 600_000)).toBe(1000)
    tries.wrong('a', 30 * 600_000)
    expect(tries.wait('a', 30 * 600_000)).toBe(0)
  })

  it('behind one address are counted by whom they were aimed at: a right password clears its own and no other', () => {
    const tries = attempts({ ...RULES, free: 10 })
    // Fourteen people who slip once each hold nobody up, whoever comes fifteenth.
    for (let n = 0; n < 14; n++) tries.wrong('home', 0, `person ${n}`, 0.25)
    expect(tries.wait('home', 0)).toBe(0)
    for (let n = 0; n < 12; n++) tries.wrong('home', 0, 'somebody else')
    expect(tries.wait('home', 0)).toBeGreaterThan(0)
    tries.right('home', 'person 3', 0)
    expect(tries.wait('home', 0)).toBeGreaterThan(0)
    tries.right('home', 'somebody else', 0)
    expect(tries.wait('home', 0)).toBe(0)
  })

  it('wait no longer than the most, also after a clock was set back by a year', () => {
    const tries = attempts(RULES)
    const year = 365 * 86_400_000
    for (let n = 0; n < 20; n++) tries.wrong('a', year)
    expect(tries.wait('a', 0)).toBe(60_000)
    tries.wrong('a', 0)
    expect(tries.wait('a', 61_000)).toBe(0)
  })

  it('a wait never shrinks by trying on', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 5000 }), { maxLength: 40 }), (steps) => {
        const tries = attempts(RULES)
        let now = 0
        for (const step of steps) {
          now += step
          const before = tries.wait('a', now)
          tries.wrong('a', now)
          expect(tries.wait('a', now)).toBeGreaterThanOrEqual(before)
        }
      }),
    )
  })
})

describe('guessing a code', () => {
  it('is slowed by address before anything is looked up; a name that a header gives changes nothing', () => {
    const guess = guesses()
    let heard = 0
    // A guess every hundredth of a second for a day.
    for (let now = 0; now < 86_400_000; now += 10) {
      if (!guess.mayTry('10.0.0.9', 'AAAAAA', now)) continue
      heard++
      guess.wrong('10.0.0.9', 'AAAAAA', now)
    }
    expect(heard).toBeLessThan(250)
  })

  it('from everywhere at once closes the door to strangers, and not to a phone that has shown its code', () => {
    const guess = guesses()
    guess.right('10.0.0.7', 'BBBBBB')
    for (let n = 0; n < 60; n++) guess.wrong(`10.0.1.${n}`, 'AAAAAA', 0)
    expect(guess.mayTry('10.0.9.9', 'CCCCCC', 1)).toBe(false)
    expect(guess.mayTry('10.0.0.7', 'bbbbbb', 1)).toBe(true)
    expect(guess.mayTry('10.0.0.7', 'CCCCCC', 1)).toBe(false)
    expect(guess.mayTry('10.0.9.9', 'CCCCCC', 60_000)).toBe(true)
    guess.wrong('10.0.0.7', 'BBBBBB', 60_001)
    for (let n = 0; n < 60; n++) guess.wrong(`10.0.2.${n}`, 'AAAAAA', 60_002)
    expect(guess.mayTry('10.0.0.7', 'BBBBBB', 60_003)).toBe(false)
  })
})

import { describe, expect, it } from 'vitest'
import { icc31 } from '../core/metrology/reliability/icc'
import { simulatedResults, simulatedTrials } from './simulated-series'

const hip = { joint: 'hip', min: 0, max: 120, usual: [10, 100] as const }
const people = Array.from({ length: 30 }, (_, i) => i + 1)
const trials = (person: number, examiner = 1, limits = hip) => simulatedTrials({ limits, series: 'a series', person, examiner, trials: 3 })

describe('a simulated series', () => {
  it('gives the same person again, other people other figures, and none beyond what the joint does', () => {
    expect(trials(1)).toEqual(trials(1))
    expect(new Set(people.map((person) => trials(person).join())).size).toBeGreaterThan(25)
    const narrow = { ...hip, min: 50, max: 60 }
    // The instrument has an error of its own, so a reading may lie a little outside.
    for (const value of people.flatMap((person) => trials(person, 1, narrow))) expect(Math.abs(value - 55)).toBeLessThan(10)
  })

  it('scatters more between people than within one, so that there is something to find', () => {
    expect(icc31(people.map((person) => trials(person)))?.value).toBeGreaterThan(0.7)
    const mean = (examiner: number) => people.flatMap((person) => trials(person, examiner)).reduce((a, b) => a + b) / (people.length * 3)
    expect(mean(2) - mean(1)).toBeGreaterThan(0.5)
  })

  it('of yes and no has two examiners who mostly agree, and not always', () => {
    const said = (examiner: number) => people.map((person) => simulatedResults({ series: 'a series', person, examiner, trials: 1 })[0])
    const [first, second] = [said(1), said(2)]
    const same = first.filter((result, i) => result === second[i]).length
    expect(same).toBeGreaterThan(people.length / 2)
    expect(same).toBeLessThan(people.length)
    expect(new Set(first)).toEqual(new Set(['positive', 'negative']))
  })
})

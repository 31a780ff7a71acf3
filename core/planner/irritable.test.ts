import { describe, expect, it } from 'vitest'
import { irritableWalk } from '../../tests/irritable-walk'

/** A few here; the bench walks five hundred (`bench/random-records.ts`). */
const PEOPLE = 25

describe('an easily stirred person, examined as the bench suggests', () => {
  it('is given no full or sensitised way, at most six provocations, no rest within a test, and a pause whenever the symptom stays raised', () => {
    const walks = Array.from({ length: PEOPLE }, (_, n) => irritableWalk(`stirred ${n}`))
    for (const [n, { wrong }] of walks.entries()) expect(wrong, `stirred ${n}`).toEqual([])
    // The sixth, of two stages, was once cut off by being the sixth.
    expect(irritableWalk('nightly 266').wrong).toEqual([])
    const sum = (of: (w: (typeof walks)[number]) => number) => walks.reduce((total, w) => total + of(w), 0)
    expect(sum((w) => w.exam.runs.length)).toBeGreaterThan(PEOPLE)
    expect(sum((w) => w.raised)).toBeGreaterThan(5)
    expect(sum((w) => w.paused)).toBe(sum((w) => w.raised))
  })
})

import { describe, expect, it } from 'vitest'
import { SOURCES } from '../vocabulary/source'
import { CATALOGUE, testById } from '.'
import { instruct } from './exam-test'

describe('the catalogue', () => {
  it('has no id twice, and finds each by its id', () => {
    expect(new Set(CATALOGUE.map((t) => t.id)).size).toBe(CATALOGUE.length)
    for (const test of CATALOGUE) expect(testById(test.id)).toBe(test)
  })

  it('gives each test a turn of its own, a follow-on right after what it follows', () => {
    expect(new Set(CATALOGUE.map((t) => t.turn)).size).toBe(CATALOGUE.length)
    for (const test of CATALOGUE) if (test.follows) expect(CATALOGUE[CATALOGUE.indexOf(test) - 1]?.id).toBe(test.follows)
  })

  it.each(CATALOGUE.map((t) => [t.id, t] as const))('%s is whole', (_, test) => {
    expect(test.stages.length).toBeGreaterThan(0)
    expect(new Set(test.stages.map((s) => s.id)).size).toBe(test.stages.length)
    expect(test.variants.length).toBeGreaterThan(0)
    expect(test.seconds).toBeGreaterThan(0)
    expect(Object.keys(SOURCES)).toContain(test.reading.source)
    if (test.follows) expect(testById(test.follows)).toBeDefined()
    for (const stage of test.stages) {
      expect(stage.pose.contacts.length, `${stage.id} shows the examiner's hands`).toBeGreaterThan(0)
      expect(stage.ask.toLowerCase(), 'no leading question').not.toMatch(/painful|does (it|this) hurt|better\?|worse\?/)
      expect(stage.do.length, 'one sentence, read at arm’s length').toBeLessThan(125)
      for (const side of ['left', 'right', 'none'] as const) {
        if (side === 'none' && test.sides === 'each') continue
        expect(instruct(stage.do, side)).not.toMatch(/[{}]/)
      }
    }
  })
})

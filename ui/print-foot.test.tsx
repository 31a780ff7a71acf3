import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STATEMENT } from '@/core/note/statement'
import { footRules } from './print-foot'

const NOW = new Date(2026, 10, 27, 9, 5)

describe('what every printed page carries', () => {
  it('is the person, the number, the date, the page of how many, the version and the safety words', () => {
    const rules = footRules('Imre Talvane, number 101, examined 3 March 2026', 'Version: draft, not signed', NOW)
    for (const words of [
      'Imre Talvane, number 101, examined 3 March 2026',
      'Version: draft, not signed',
      'Printed 2026-11-27, 09:05',
      STATEMENT,
      'counter(page)',
      'counter(pages)',
    ])
      expect(rules).toContain(words)
  })

  it('no name ends a text, a rule or the sheet', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.constantFrom('"; } body { display: none } @page { x: "', '\\', '</style><script>', 'a\nb', '*/ /*')), (name) => {
        const rules = footRules(name, '', NOW)
        const inside = /@bottom-left \{ content: (.+); white-space/.exec(rules)?.[1] ?? ''
        // Every quote ends a text that was begun, and nothing stands outside them but spaces.
        expect(inside.replace(/"(?:[^"\\\n]|\\[0-9a-f]+ |\\A)*"/g, '').trim()).toBe('')
        expect(inside).not.toMatch(/[<>{}]/)
      }),
    )
  })
})

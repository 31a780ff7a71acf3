import fc from 'fast-check'
import { micromark } from 'micromark'
import { describe, expect, it } from 'vitest'
import { HOSTILE, recordsOfAllKinds } from '@/tests/outside'
import { assess } from '../../assess'
import { noteOf } from '../../note/note'
import { arranged, TEMPLATES } from '../../note/template'
import { printable } from '../../vocabulary/printable'
import { toText } from '../text/to'
import { escaped, toMarkdown } from './to'

/** The words of a page as a reader sees them. */
function wordsOf(html: string): string {
  return html
    .replace(/<[^>]+>/g, '')
    .replaceAll('&lt;', '<')
    .replaceAll('&gt;', '>')
    .replaceAll('&quot;', '"')
    .replaceAll('&amp;', '&')
}
const squeezed = (text: string) => text.replace(/\s+/g, ' ').trim()

describe('a note as Markdown', () => {
  it('makes text of every text, wherever it stands', () => {
    fc.assert(
      fc.property(fc.oneof(fc.constantFrom(...HOSTILE), fc.string({ unit: 'grapheme', maxLength: 60 })), (text) => {
        const html = micromark(`before\n\n${escaped(text)}`)
        expect(html).not.toMatch(/<(?!\/?p>)[a-z]/i)
        expect(squeezed(wordsOf(html))).toBe(squeezed(`before ${printable(text)}`))
      }),
      { numRuns: 400 },
    )
  })

  it('holds every sentence and every own word, in every layout', () => {
    for (const record of Object.values(recordsOfAllKinds())) {
      const note = noteOf(assess(record.exam), 'Somebody, 43.')
      for (const { id } of TEMPLATES) {
        const groups = arranged(note, id)
        const html = micromark(toMarkdown(groups, 'Note'))
        const words = squeezed(wordsOf(html))
        const text = squeezed(toText(groups))
        expect(html).not.toMatch(/<(script|img|a)\b/)
        for (const statement of groups.flatMap((g) => g.sections).flatMap((s) => s.statements)) {
          const told = squeezed(printable(statement.text))
          expect(words).toContain(told.replace(/^- /, ''))
          expect(text).toContain(told)
        }
        for (const section of groups.flatMap((g) => g.sections)) if (section.own) expect(words).toContain(squeezed(printable(section.own)))
      }
    }
  })
})

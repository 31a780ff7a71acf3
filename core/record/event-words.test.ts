import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyEventOf, EVENT_KINDS } from '../../tests/arbitrary-events'
import type { EventContent, ExamEvent } from './event'
import { eventWords } from './event-words'

const words = (content: EventContent) => eventWords({ ...content, id: 'any', at: 0, by: 'any' })

/** Everything a person typed or counted in an entry, wherever it stands. */
function told(event: ExamEvent): readonly string[] {
  switch (event.type) {
    case 'note-written':
    case 'addendum-written':
      return [event.text]
    case 'gate-opened':
    case 'test-skipped':
    case 'finding-overridden':
      return [event.why]
    case 'symptom-described':
      return [event.symptom, event.words]
    case 'symptom-rated':
      return [event.symptom, String(event.now)]
    case 'screen-answered':
      return [event.item, event.answer]
    case 'stage-answered': {
      const { answer } = event
      if (answer.said === 'familiar') return [answer.symptom, String(answer.intensity), ...(answer.onset === undefined ? [] : [String(answer.onset)])]
      if (answer.said === 'measured') return answer.trials.map(String)
      if (answer.said === 'grid') return Object.entries(answer.cells).flat()
      if (answer.said === 'other') return answer.words ? [answer.words] : []
      return []
    }
    default:
      return []
  }
}

describe('an entry in words, for whoever has to write it down by hand', () => {
  it.each(EVENT_KINDS)('%s: says something, and keeps whatever was typed or measured', (kind) => {
    fc.assert(
      fc.property(anyEventOf(kind), (event) => {
        const line = eventWords(event)
        expect(line.length).toBeGreaterThan(3)
        expect(line).not.toMatch(/undefined|\[object/)
        for (const part of told(event)) expect(line).toContain(part)
      }),
    )
  })

  it('a rating, an answer with its angle, a test with its side', () => {
    expect(words({ type: 'symptom-rated', symptom: 'S1', now: 6 })).toBe('S1 rated 6 of 10')
    expect(
      words({
        type: 'stage-answered',
        run: 'any',
        stage: 'raise',
        answer: { said: 'familiar', symptom: 'S1', places: ['left-calf'], intensity: 6, onset: 48 },
      }),
    ).toBe('Stage “raise”: S1 came on, 6 of 10 at left calf, at 48°')
    expect(words({ type: 'test-started', run: 'any', test: 'slump', side: 'left', variant: 'neck-first' })).toBe('Test begun: slump, left (neck-first)')
    expect(words({ type: 'test-started', run: 'any', test: 'sij-distraction', side: 'none', variant: '' })).not.toContain('none')
  })
})

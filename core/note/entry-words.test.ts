import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyEventOf, EVENT_KINDS } from '../../tests/arbitrary-events'
import { composedId } from '../record/compose'
import type { EventContent, ExamEvent } from '../record/event'
import { randomExam } from '../../tests/random-exam'
import { entryWords } from './entry-words'

const words = (content: EventContent) => entryWords({ ...content, id: 'any', at: 0, by: 'any' })

/** What the hand felt, in words without hyphens. */
const felt = ({ endFeel, painOrder }: { readonly endFeel?: string; readonly painOrder?: string }) =>
  [endFeel, painOrder?.replaceAll('-', ' ')].filter((w) => w !== undefined)

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
      return [event.symptom, event.words, event.bringsOn, event.eases, ...event.qualities]
    case 'symptom-rated':
      return [event.symptom, String(event.now)]
    case 'screen-answered':
      return [event.item, event.answer]
    case 'stage-answered': {
      const { answer } = event
      const figures = Object.entries(answer).flatMap(([, value]) => (typeof value === 'number' ? [String(value)] : []))
      if (answer.said === 'familiar') return [answer.symptom, ...(answer.intensity === null ? ['not asked'] : []), ...figures, ...felt(answer)]
      if (answer.said === 'measured') return answer.trials.map(String)
      if (answer.said === 'grid') return Object.entries(answer.cells).flat()
      if (answer.said === 'other') return [...(answer.words ? [answer.words] : []), ...figures, ...felt(answer)]
      return [...figures, ...('endFeel' in answer || 'painOrder' in answer ? felt(answer) : []), ...('part' in answer && answer.part ? [answer.part] : [])]
    }
    default:
      return []
  }
}

describe('an entry in words, for whoever has to write it down by hand', () => {
  it.each(EVENT_KINDS)('%s: says something, and keeps whatever was typed or measured', (kind) => {
    fc.assert(
      fc.property(anyEventOf(kind), (event) => {
        const line = entryWords(event)
        expect(line.length).toBeGreaterThan(3)
        expect(line).not.toMatch(/undefined|\[object/)
        for (const part of told(event)) expect(line).toContain(part)
      }),
    )
  })

  it('a rating, an answer with its angle and its test, a test with its side', () => {
    expect(words({ type: 'symptom-rated', symptom: 'S1', now: 6 })).toBe('S1 rated 6 of 10')
    const run = composedId(1, 'run', 1)
    const begun: ExamEvent = { type: 'test-started', run, test: 'leg-raise', side: 'left', variant: 'neutral', id: 'begun', at: 0, by: 'any' }
    const answered: ExamEvent = {
      type: 'stage-answered',
      run,
      stage: 'raise',
      answer: { said: 'familiar', symptom: 'S1', places: ['left-calf'], intensity: 6, onset: 48 },
      id: 'answered',
      at: 0,
      by: 'any',
    }
    expect(entryWords(answered, [begun])).toBe('Straight leg raise, left, raise to first symptom: S1 came on, 6 of 10 at left calf, at 48°')
    expect(entryWords({ type: 'undone', target: 'answered', id: 'back', at: 0, by: 'any' }, [begun, answered])).toMatch(/^Taken back: Straight leg raise, left/)
    expect(words({ type: 'test-started', run, test: 'sij-distraction', side: 'none', variant: '' })).toBe('Sacroiliac distraction: begun')
    expect(words({ type: 'screen-answered', item: 'saddle-numb', answer: 'yes' })).toMatch(/between the legs.*\? yes$/)
  })

  it('speaks the words of the screens, not the ids of the store, whatever was recorded', () => {
    for (let n = 0; n < 25; n++) {
      const { events } = randomExam(`words ${n}`, 30)
      for (const event of events) {
        const line = entryWords(event, events)
        // Ids are joined by hyphens; in words a hyphen joins what a person says together.
        expect(line, line).not.toMatch(/\b(neuro-|sij-|ulnt-|hip-internal|leg-raise-|[a-z]+\.[a-z]+ )/)
      }
    }
  })
})

import { testById } from '../core/catalogue'
import { admit } from '../core/record/admit'
import { type Composed, composedId } from '../core/record/compose'
import type { EventContent, ExamEvent } from '../core/record/event'
import { RULEBOOK } from '../core/safety/rulebook'
import type { TestSide } from '../core/vocabulary/side'
import type { Problem } from '../core/vocabulary/problem'

/** The record with a yes to these questions of the screen. */
export function yes(record: Composed, ...items: readonly string[]): Composed {
  return items.reduce((r, item) => r.then({ type: 'screen-answered', item, answer: 'yes' }), record)
}

let made = 0

/** Why the record refuses this; null when it takes it. */
export function refused(record: Composed, content: EventContent): Problem | null {
  const event = { ...content, id: composedId(2e12, 'refused or not', ++made), at: 2e12, by: 'test-author' } as ExamEvent
  const admission = admit(record.events, event, RULEBOOK)
  return admission.ok ? null : admission.problem
}

/** A test that begins, by its first technique where none is named. */
export function start(test: string, side: TestSide, variant?: string): EventContent {
  return { type: 'test-started', run: composedId(1, 'run', ++made), test, side, variant: variant ?? testById(test)?.variants[0]?.id ?? '' }
}

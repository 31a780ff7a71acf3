import type { Problem } from '../vocabulary/problem'
import type { Exam, Run } from './exam'
import { nextStage } from './ladder'
import { sidesOf } from './outline'
import type { Rulebook } from './rulebook'

const KEPT = 'Everything recorded before it is kept; this was not written.'

/** A refusal: what stands in the way, and what to do. */
export function no(what: string, todo: string): Problem {
  return { what, kept: KEPT, do: todo }
}

/** Blanks and strokes are no reason. */
export function hasWords(text: string): boolean {
  return /\p{L}{2}/u.test(text)
}

/** A refusal where a reason is none. */
export function saysNothing(why: string, what: string): Problem | null {
  return hasWords(why) ? null : no(`${what} needs a reason in words.`, 'Say why in a few words.')
}

/** Is there such a test, and is it done on this side? */
export function performable(test: string, side: string, book: Rulebook): Problem | null {
  const outline = book.test(test)
  if (!outline) return no(`There is no test called “${test}”.`, 'Choose one from the list of tests.')
  const sides: readonly string[] = sidesOf(outline)
  if (sides.includes(side)) return null
  return outline.sides === 'none'
    ? no(`${outline.name} loads both sides at once and has no side of its own.`, 'Record it without a side.')
    : no(`${outline.name} is done on the left or on the right, not on “${side}”.`, 'Say which side was tested.')
}

/** A performance of this examination. */
export function runOf(exam: Exam, id: string): Run | Problem {
  return exam.runs.find((run) => run.id === id) ?? no('This test was not started, or was taken back.', 'Start it again.')
}

/** Was it a refusal? */
export function isProblem(found: Run | Problem): found is Problem {
  return 'what' in found
}

/** Only what was performed to its end, or stopped, has a result to replace. */
export function overridable(exam: Exam, id: string, book: Rulebook): Problem | null {
  const run = runOf(exam, id)
  if (isProblem(run)) return run
  const outline = book.test(run.test)
  return outline && nextStage(run, outline) === null ? null : no('This test is not finished.', 'Finish or stop it first.')
}

import type { ExamEvent } from '../record/event'
import { entryWords } from './entry-words'

/** Entries that were made with hands on the patient, and are told back. */
const TOLD: ReadonlySet<ExamEvent['type']> = new Set([
  'stage-answered',
  'test-stopped',
  'test-skipped',
  'symptom-rated',
  'screen-answered',
  'undone',
  'warning-seen',
])

/**
 * What a screen reader says after an answer: what was recorded, what comes next, and where the leading rule stands.
 *
 * @param next - the stage or test that comes next; null where the plan is done
 * @param board - what stands out and where its rule is, in words; empty where nothing does
 * @returns empty where the last entry is none that is told back
 * @example spokenWords(entries, 'Gaenslen test, right', 'SI joint, 3 of 5: open, needs 2 more of 4')
 * // "Recorded: Thigh thrust, right, press along the thigh: nothing. Next: Gaenslen test, right. SI joint, 3 of 5: open, needs 2 more of 4."
 */
export function spokenWords(entries: readonly ExamEvent[], next: string | null, board: string): string {
  const last = entries.at(-1)
  if (!last || !TOLD.has(last.type)) return ''
  const recorded = `Recorded: ${entryWords(last, entries).replace(/\.$/, '')}.`
  return [recorded, next === null ? 'Nothing is left of the plan.' : `Next: ${next}.`, board && `${board}.`].filter(Boolean).join(' ')
}

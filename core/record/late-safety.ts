import type { ConsentWithdrawn, ExamEvent, ScreenAnswered, SymptomRated, WarningSeen } from './event'

/** What is told about safety after an examination was signed: it changes nothing that was signed, and closes gates all the same. */
export type LateSafety = ScreenAnswered | WarningSeen | ConsentWithdrawn | SymptomRated

/** May this join a record that is signed, beside addenda and papers? A late "no" takes nothing back: that is words of an addendum. */
export function isLateSafety(event: ExamEvent): event is LateSafety {
  switch (event.type) {
    case 'screen-answered':
      return event.answer === 'yes'
    case 'warning-seen':
    case 'consent-withdrawn':
    case 'symptom-rated':
      return true
    default:
      return false
  }
}

import { episodeOf } from '../../record/episode-of'
import { type Clinic, SHIPPED } from '../../evidence/knowledge'
import type { ExamEvent } from '../../record/event'
import type { Exam } from '../../record/exam'
import { type ExamFile, FORMAT, VERSION } from './file'

/** Write an examination as a file. Reading it back gives the same events. */
export function toExamFile(exam: Exam, events: readonly ExamEvent[], person: ExamFile['person'], at: number, clinic: Clinic = SHIPPED): ExamFile {
  return {
    format: FORMAT,
    version: VERSION,
    person,
    exam: { id: exam.id, at, episode: { id: episodeOf(exam), visit: exam.episode?.visit ?? 1 } },
    facts: { age: exam.ageYears },
    priors: {},
    clinic,
    events,
  }
}

import { type Assessment, assess } from '../../core/assess'
import type { Clinic } from '../../core/evidence/knowledge'
import { toExamFile } from '../../core/exchange/exam-file/to'
import type { ExamFile } from '../../core/exchange/exam-file/file'
import type { ExportedPerson } from '../../core/exchange/person'
import type { ExamEvent } from '../../core/record/event'
import type { Db } from '../open'
import { type ExamTitle, titleOfExam } from './exam-title'
import { examHead } from './exams'
import { recordOf } from './ledger'
import { episodeState } from '../../core/change/episode-change'
import { episodeOf } from '../../core/record/episode-of'
import { episodeEntries } from './episodes'
import { practitionerById } from './practitioners'

/** Everything of one examination that any format is made of. */
export interface Outgoing {
  readonly person: ExportedPerson
  readonly title: ExamTitle
  readonly at: number
  readonly assessment: Assessment
  readonly events: readonly ExamEvent[]
  readonly file: ExamFile
  /** Does the episode of care go on? Said beside its examinations. */
  readonly episodeOpen: boolean
  /** Names of those who recorded in it. */
  readonly names: Readonly<Record<string, string>>
}

/** Why an examination cannot leave the house. */
export type NotOutgoing = { readonly why: 'unknown' } | { readonly why: 'unreadable'; readonly entry: number }

/**
 * Gather one examination for writing it in any format.
 *
 * One with an entry that cannot be read does not leave: a file of it would not be whole, and would not say so.
 */
export function outgoing(db: Db, examId: string, clinic: Clinic): Outgoing | NotOutgoing {
  const head = examHead(db, examId)
  const { exam, events, faults } = recordOf(db, examId)
  const title = titleOfExam(db, examId)
  if (!head || !exam || !title) return { why: 'unknown' }
  if (faults.length > 0) return { why: 'unreadable', entry: faults[0]?.seq ?? 0 }
  const { id, name, born, work, number } = head.person
  const authors = [...new Set(events.map((event) => event.by))]
  return {
    person: { id, number, name, born, work },
    title,
    at: head.at,
    assessment: assess(exam, { clinic }),
    events,
    file: toExamFile(exam, events, { name, born, work }, head.at, clinic),
    episodeOpen: episodeState(episodeEntries(db, { episode: episodeOf(exam), person: id })).open,
    names: Object.fromEntries(authors.map((by) => [by, practitionerById(db, by)?.name ?? by])),
  }
}

/** Can it leave? */
export function isOutgoing(found: Outgoing | NotOutgoing): found is Outgoing {
  return !('why' in found)
}

import { format } from 'date-fns'
import 'server-only'
import { db } from '../db'
import { eventsOfExam } from '../db/queries/exam-events'
import { examHead } from '../db/queries/exams'
import { practitionerById } from '../db/queries/practitioners'
import { examFrom } from '../core/record/exam'

/** Who was examined, when and by whom, for what leaves the screen on paper. */
export interface ExamTitle {
  /** "Imre Talvane, 43, bell-founder, number 101. Examined 3 March 2026, 09:00 by Maren Oake." */
  readonly who: string
  readonly number: number
  readonly at: number
}

/** @returns null when there is no such examination */
export function examTitle(examId: string): ExamTitle | null {
  const head = examHead(db(), examId)
  const exam = examFrom(eventsOfExam(db(), examId))
  if (!head || !exam) return null
  const by = practitionerById(db(), exam.openedBy)?.name ?? exam.openedBy
  const about = [head.person.name, exam.ageYears, head.person.work, `number ${head.person.number}`].filter(Boolean).join(', ')
  return { who: `${about}. Examined ${format(head.at, 'd MMMM yyyy, HH:mm')} by ${by}.`, number: head.person.number, at: head.at }
}

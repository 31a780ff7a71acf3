import { format } from 'date-fns'
import 'server-only'
import { db } from '../db'
import { type Imported, importedAs } from '../db/queries/imports'
import { recordOf } from '../db/queries/ledger'
import { dayOf } from '../db/day'
import { examHead } from '../db/queries/exams'
import { practitionerById } from '../db/queries/practitioners'

/** Who was examined, when and by whom, for what leaves the screen on paper. */
export interface ExamTitle {
  /** "Imre Talvane, 43, bell-founder, number 101. Examined 3 March 2026, 09:00 by Maren Oake." */
  readonly who: string
  readonly number: number
  /** YYYY-MM-DD of the examination; "no-date" for a time no calendar can name. */
  readonly day: string
}

/** How an examination came here as a file, for screens and paper. */
export function importedWords({ by, at }: Imported): string {
  const who = practitionerById(db(), by)?.name ?? by
  return `Imported ${format(at, 'd MMMM yyyy, HH:mm')} by ${who} from a file: its authors, times and any signature are what the file says, and were not checked here.`
}

/** @returns null when there is no such examination */
export function examTitle(examId: string): ExamTitle | null {
  const head = examHead(db(), examId)
  const { exam } = recordOf(db(), examId)
  if (!head || !exam) return null
  const imported = importedAs(db(), examId)
  // What a file says of its author is not looked up: it may use a name that is somebody's here.
  const by = imported ? `${exam.openedBy}, as the file says` : (practitionerById(db(), exam.openedBy)?.name ?? exam.openedBy)
  const about = [head.person.name, exam.ageYears, head.person.work, `number ${head.person.number}`].filter(Boolean).join(', ')
  const named = !Number.isNaN(new Date(head.at).getTime())
  return {
    who: `${about}. Examined ${named ? format(head.at, 'd MMMM yyyy, HH:mm') : 'at a time that cannot be read'} by ${by}.${imported ? ` ${importedWords(imported)}` : ''}`,
    number: head.person.number,
    day: named ? dayOf(head.at) : 'no-date',
  }
}

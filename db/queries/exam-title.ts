import { format } from 'date-fns'
import { dayOf } from '../day'
import type { Db, Reads } from '../open'
import { examHead } from './exams'
import { type Imported, importedAs } from './imports'
import { recordOf } from './ledger'
import { codeOfExam } from './signatures'
import { practitionerById } from './practitioners'

/** Who was examined, when and by whom, for what leaves the screen on paper. */
export interface ExamTitle {
  /** "Imre Talvane, 43, bell-founder, number 101. Examined 3 March 2026, 09:00 by Maren Oake." */
  readonly who: string
  /** "Imre Talvane, 43, bell-founder, number 101" */
  readonly about: string
  /** "3 March 2026, 09:00" */
  readonly when: string
  readonly by: string
  readonly name: string
  readonly born: string | null
  readonly number: number
  /** YYYY-MM-DD of the examination; "no-date" for a time no calendar can name. */
  readonly day: string
  /** Came as a file: its signature is what the file says. */
  readonly claimed: boolean
  /** The check code of the signature; null while it is not signed, or where only a file says so. */
  readonly code: string | null
}

/** How an examination came here as a file, for screens and paper. */
export function importedWords(db: Reads, { by, at }: Imported): string {
  const who = practitionerById(db, by)?.name ?? by
  return `Imported ${format(at, 'd MMMM yyyy, HH:mm')} by ${who} from a file: its authors, times and any signature are what the file says, and were not checked here.`
}

/** @returns null when there is no such examination */
export function titleOfExam(db: Db, examId: string): ExamTitle | null {
  const head = examHead(db, examId)
  const { exam } = recordOf(db, examId)
  if (!head || !exam) return null
  const imported = importedAs(db, examId)
  // What a file says of its author is not looked up: it may use a name that is somebody's here.
  const by = imported ? `${exam.openedBy}, as the file says` : (practitionerById(db, exam.openedBy)?.name ?? exam.openedBy)
  const about = [head.person.name, exam.ageYears, head.person.work, `number ${head.person.number}`].filter(Boolean).join(', ')
  const named = !Number.isNaN(new Date(head.at).getTime())
  const when = named ? format(head.at, 'd MMMM yyyy, HH:mm') : 'at a time that cannot be read'
  return {
    who: `${about}. Examined ${when} by ${by}.${imported ? ` ${importedWords(db, imported)}` : ''}`,
    about,
    when,
    by,
    name: head.person.name,
    born: head.person.born,
    number: head.person.number,
    day: named ? dayOf(head.at) : 'no-date',
    claimed: imported !== null,
    code: imported === null ? codeOfExam(db, examId) : null,
  }
}

import { format } from 'date-fns'
import { ScreenTitle } from '@/ui/screen-title'
import type { KeptExam } from './kept-exam'

interface Props {
  readonly exams: readonly KeptExam[]
  /** An examination was asked for that is not kept here. */
  readonly asked: boolean
}

/** What can be opened while the server is away. */
export function KeptList({ exams, asked }: Props) {
  return (
    <main className="mx-auto max-w-3xl px-6 py-10">
      <ScreenTitle className="text-3xl">The server is away</ScreenTitle>
      <p className="mt-3">
        {asked ? 'This examination is not kept on this device. ' : ''}
        What was recorded here is kept and sent by itself once the server is back. {exams.length > 0 ? 'These of today go on without it:' : ''}
      </p>
      {exams.length === 0 ? (
        <p className="mt-3 text-ash">
          No examination of today is kept here for whoever is signed in at this browser. They are kept once Today was open for a moment, and only where the page
          came over https or from this computer itself.
        </p>
      ) : (
        <ul className="mt-5">
          {exams.map((exam) => (
            <li key={exam.examId} className="border-t border-hair">
              <a
                href={`/exam/${exam.examId}/bench`}
                className="grid min-h-14 grid-cols-[3.5rem_minmax(0,1fr)] items-center gap-x-4 py-2 sm:grid-cols-[3.5rem_15rem_minmax(0,1fr)]"
              >
                <span className="figures text-ash">{format(exam.at, 'HH:mm')}</span>
                <span className="font-semibold">{exam.person.name}</span>
                <span className="col-start-2 text-ash sm:col-start-3">
                  number {exam.person.number}
                  {exam.person.work && `, ${exam.person.work}`}
                </span>
              </a>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-8">
        <a href="/today" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Look for the server again
        </a>
      </p>
    </main>
  )
}

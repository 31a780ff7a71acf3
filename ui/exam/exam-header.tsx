'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { placesWords } from '@/core/findings/place-fits'
import type { Symptom } from '@/core/record/exam'
import { closedGates, unasked } from '@/core/safety/safety'
import { LockButton } from '../doors/lock-button'
import { Help } from '../help'
import { SkipLink } from '../skip-link'
import { ThemeSwitch } from '../theme-switch'
import { LinkStatus } from './link-status'
import { useExam } from './store'
import { useUndelivered } from './undelivered'
import { Whose } from './whose'
import type { NamedPerson } from './whose-dialog'

const SCREENS = [
  ['story', 'Story'],
  ['safety', 'Safety'],
  ['bench', 'Bench'],
  ['weigh', 'Weigh'],
  ['recheck', 'Recheck'],
  ['note', 'Note'],
] as const

interface Props {
  readonly examId: string
  readonly person: NamedPerson
  readonly demo: boolean
}

/** Who is on the table, what they came with, and the screens of one examination. */
export function ExamHeader({ examId, person, demo }: Props) {
  const { exam } = useExam()
  // Other examinations' entries go out from here too; their count is for Today.
  useUndelivered(examId)
  const path = usePathname()
  const open = unasked(exam)
  const stopped = closedGates(exam).some((c) => c.gate.strength === 'halt' && c.opened === null)
  return (
    <header className="no-print flex min-h-14 flex-wrap items-center gap-x-5 gap-y-1 border-b border-hair px-4 py-0.5 [&_a]:min-h-14 [&_button]:min-h-14 [&_button]:min-w-14 lg:flex-nowrap lg:px-6">
      <SkipLink />
      <Link href="/today" className="flex min-w-14 items-center text-ash underline decoration-hair underline-offset-4">
        Today
      </Link>
      <Whose examId={examId} person={person} />
      <ul className="hidden min-w-0 flex-1 gap-2 overflow-hidden lg:flex" aria-label="Familiar symptoms">
        {exam.symptoms.map((s) => (
          <li key={s.id} className="min-w-14 truncate rounded-full border border-edge bg-sheet px-3 py-1 text-[15px]">
            <strong>{s.id}</strong> {chip(s)}
          </li>
        ))}
      </ul>
      <nav aria-label="This examination" className="flex flex-wrap gap-1 lg:ml-auto lg:flex-nowrap">
        {SCREENS.map(([id, label]) => (
          <Link
            key={id}
            href={`/exam/${examId}/${id}`}
            aria-current={path.endsWith(`/${id}`) ? 'page' : undefined}
            className="flex min-w-14 items-center justify-center whitespace-nowrap rounded-md px-3 lg:px-2.5 aria-[current=page]:bg-ink aria-[current=page]:font-semibold aria-[current=page]:text-dust"
          >
            {label}{' '}
            {id === 'safety' &&
              (stopped ? (
                <span className="ml-1 rounded bg-halt px-1.5 font-semibold text-sheet">halt</span>
              ) : (
                open > 0 && <span className="ml-1.5 text-sm opacity-80">{open} open</span>
              ))}
          </Link>
        ))}
      </nav>
      <div className="flex items-center gap-3 whitespace-nowrap text-sm">
        <LinkStatus />
        {demo && <span className="rounded border border-lantern px-1.5 text-lantern-text">demo</span>}
        {!demo && <LockButton />}
        <Help />
        <ThemeSwitch />
      </div>
    </header>
  )
}

function chip(s: Symptom): string {
  const place = s.places[0] ? placesWords([s.places[0]]) : 'no place yet'
  return [place, s.qualities[0], s.now === null ? null : `${s.now} now`].filter(Boolean).join(', ')
}

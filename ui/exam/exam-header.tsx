'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { placesWords } from '@/core/findings/place-fits'
import type { Symptom } from '@/core/record/exam'
import { closedGates, unasked } from '@/core/safety/safety'
import { Help } from '../help'
import { SkipLink } from '../skip-link'
import { ThemeSwitch } from '../theme-switch'
import { LinkStatus } from './link-status'
import { useExam } from './store'
import { useUndelivered } from './undelivered'

const SCREENS = [
  ['story', 'Story'],
  ['safety', 'Safety'],
  ['bench', 'Bench'],
  ['weigh', 'Weigh'],
  ['note', 'Note'],
] as const

interface Props {
  readonly examId: string
  readonly name: string
  readonly work: string
  readonly demo: boolean
}

/** Who is on the table, what they came with, and the four screens of one examination. */
export function ExamHeader({ examId, name, work, demo }: Props) {
  const { exam } = useExam()
  // Other examinations' entries go out from here too; their count is for Today.
  useUndelivered(examId)
  const path = usePathname()
  const open = unasked(exam)
  const stopped = closedGates(exam).some((c) => c.gate.strength === 'halt' && c.opened === null)
  return (
    <header className="no-print flex min-h-14 flex-wrap items-center gap-x-5 gap-y-1 border-b border-hair px-4 py-1.5 lg:px-6 lg:flex-nowrap">
      <SkipLink />
      <Link href="/today" className="text-ash underline decoration-hair underline-offset-4">
        Today
      </Link>
      <p className="min-w-0 max-w-full truncate" title={name}>
        <span className="font-serif text-lg font-semibold">{name}</span>
        <span className="ml-3 text-ash">{[exam.ageYears, work].filter(Boolean).join(', ')}</span>
      </p>
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
            className="whitespace-nowrap rounded-md px-3 py-2 aria-[current=page]:bg-ink aria-[current=page]:font-semibold aria-[current=page]:text-dust"
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

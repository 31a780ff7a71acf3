'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { unasked } from '@/core/safety/safety'
import { Help } from '@/ui/help'
import { useExam } from '@/ui/exam/store'
import { SkipLink } from '@/ui/skip-link'
import { ThemeSwitch } from '@/ui/theme-switch'

const SCREENS = [
  ['story', 'Story'],
  ['safety', 'Safety'],
  ['bench', 'Bench'],
  ['weigh', 'Weigh'],
  ['commit', 'Commit'],
] as const

interface Props {
  readonly name: string
  readonly over: boolean
  readonly takenBy: string | null
}

/** A band that cannot be taken for a patient's record, and the screens of the run. */
export function PracticeHeader({ name, over, takenBy }: Props) {
  const { exam, at, link } = useExam()
  const path = usePathname()
  const open = unasked(exam)
  const screens = over ? ([['replay', 'Replay']] as const) : SCREENS
  return (
    <header className="no-print flex min-h-14 flex-wrap items-center gap-x-3 gap-y-1 border-b-4 border-lantern bg-glow px-4 py-0.5 [&_a]:min-h-14 [&_button]:min-h-14 [&_button]:min-w-14 sm:gap-x-5 lg:flex-nowrap lg:px-6">
      <SkipLink />
      <Link href="/practice" className="flex min-w-14 items-center underline decoration-hair underline-offset-4">
        Practice
      </Link>
      <p className="min-w-0 flex-1 font-semibold lg:flex-none">
        Case {name.startsWith('written') ? 'of this clinic' : name}: a simulated person{takenBy && `, taken by ${takenBy}`}
      </p>
      <nav aria-label="This case" className="order-last flex w-full flex-nowrap gap-1 overflow-x-auto lg:order-none lg:ml-auto lg:w-auto">
        {screens.map(([id, label]) => (
          <Link
            key={id}
            href={at(id)}
            aria-current={path.endsWith(`/${id}`) ? 'page' : undefined}
            className="flex min-w-14 items-center justify-center whitespace-nowrap rounded-md px-2 aria-[current=page]:bg-ink aria-[current=page]:font-semibold aria-[current=page]:text-dust"
          >
            {label}{' '}
            {id === 'safety' && open > 0 && (
              <span className="ml-1.5 text-sm opacity-80">
                {open} <span className="max-sm:sr-only">open</span>
              </span>
            )}
          </Link>
        ))}
      </nav>
      <div className="flex items-center gap-3 whitespace-nowrap text-sm">
        {link.waiting > 0 && <span role="status">{link.reachable ? 'keeping' : 'waits for the server'}</span>}
        <Help />
        <ThemeSwitch />
      </div>
    </header>
  )
}

import Link from 'next/link'
import { ScreenTitle } from '@/ui/screen-title'
import type { DayRow } from './day-book'

/** What a student may work on: examinations a practitioner entrusted to them. */
export function EntrustedList({ rows }: { readonly rows: readonly DayRow[] }) {
  return (
    <>
      <ScreenTitle className="mt-7 text-3xl">Entrusted to you</ScreenTitle>
      {rows.length === 0 ? (
        <p className="mt-3">Nothing at the moment. The library is open to you; a practitioner can entrust an examination by a press on the name in it.</p>
      ) : (
        <ul className="mt-4">
          {rows.map((row) => (
            <li key={row.examId} className="border-t border-hair">
              <Link href={`/exam/${row.examId}/${row.goOn}`} className="flex min-h-14 flex-wrap items-center gap-x-6 py-2">
                <span className="figures text-ash">{row.when}</span>
                <span className="font-semibold">{row.name}</span>
                <span>{row.complaint}</span>
                <span className="ml-auto text-ash">{row.progress}</span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </>
  )
}

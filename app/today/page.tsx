import { randomUUID } from 'node:crypto'
import { format } from 'date-fns'
import type { Metadata } from 'next'
import { cookies } from 'next/headers'
import { STATEMENT } from '@/core/note/statement'
import { dayOf } from '@/db/day'
import { page } from '@/server/auth/page'
import { SiteHeader } from '@/ui/site-header'
import { TOUR_COOKIE } from '@/ui/tour-cookie'
import { TourOffer } from '@/ui/tour-offer'
import { Notices } from '@/app/account/notices'
import { noticesFor } from '@/server/auth/notices'
import { DayBook } from './day-book'
import { peopleDue, rowsEntrusted, rowsOfDay, rowsOfOtherDays } from './day-rows'
import { DueList } from './due-list'
import { EntrustedList } from './entrusted-list'

export const metadata: Metadata = { title: 'Today' }

export default page('/today', async ({ who: visitor, db }) => {
  const now = new Date()
  const title = format(now, 'EEEE d MMMM')
  if (visitor.role === 'student') {
    return (
      <>
        <SiteHeader who={visitor} />
        <main className="mx-auto max-w-6xl px-4 pb-16 sm:px-6">
          <EntrustedList rows={rowsEntrusted(db, visitor.id, now)} title={title} />
          <p className="mt-10 max-w-3xl text-sm text-ash">{STATEMENT}</p>
        </main>
      </>
    )
  }
  const today = rowsOfDay(db, now)
  return (
    <>
      <SiteHeader who={visitor} />
      <main className="mx-auto max-w-6xl px-4 pb-16 sm:px-6">
        {visitor.demo && (await cookies()).get(TOUR_COOKIE)?.value !== 'over' && (
          <TourOffer examId={(today.find((row) => !row.finished) ?? today[0])?.examId ?? null} />
        )}
        <Notices notices={noticesFor(db, visitor.id, now.getTime())} />
        <DueList due={peopleDue(db, now)} />
        <DayBook today={today} earlier={rowsOfOtherDays(db, now)} title={title} day={dayOf(now.getTime())} made={randomUUID()} />
        <p className="mt-10 max-w-3xl text-sm text-ash">{STATEMENT}</p>
      </main>
    </>
  )
})

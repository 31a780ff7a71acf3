import { format } from 'date-fns'
import type { Metadata } from 'next'
import { connection } from 'next/server'
import type { Clinic } from '@/core/evidence/knowledge'
import { examFrom } from '@/core/record/exam'
import { db } from '@/db'
import { clinicKnowledge } from '@/db/queries/clinic'
import { eventsOfExam } from '@/db/queries/exam-events'
import { type ExamHead, examHeads } from '@/db/queries/exams'
import { dayOf } from '@/db/day'
import { STATEMENT } from '@/core/note/statement'
import { standingOf } from '@/server/standing'
import { who } from '@/server/who'
import { SiteHeader } from '@/ui/site-header'
import { DayBook, type DayRow } from './day-book'

export const metadata: Metadata = { title: 'Today' }
export default async function TodayPage() {
  await connection()
  const now = new Date()
  const today = dayOf(now.getTime())
  const heads = examHeads(db())
  const clinic = clinicKnowledge(db())
  const rows = heads.map((head) => rowOf(head, today, clinic)).sort((a, b) => a.order - b.order)
  return (
    <>
      <SiteHeader who={who()} />
      <main className="mx-auto max-w-6xl px-6 pb-16">
        <DayBook rows={rows} title={format(now, 'EEEE d MMMM')} today={today} />
        <p className="mt-10 max-w-3xl text-sm text-ash">{STATEMENT}</p>
      </main>
    </>
  )
}

function rowOf(head: ExamHead, today: string, clinic: Clinic): DayRow & { readonly order: number } {
  const exam = examFrom(eventsOfExam(db(), head.id))
  const day = dayOf(head.at)
  const progress = exam ? standingOf(exam, clinic) : null
  const isToday = day === today
  return {
    examId: head.id,
    number: head.person.number,
    name: head.person.name,
    about: [exam?.ageYears, head.person.work].filter(Boolean).join(', '),
    complaint: exam?.symptoms[0]?.words ?? '',
    standing: progress?.words ?? 'cannot be read',
    finished: progress?.at === 'signed',
    halted: progress?.at === 'halted',
    goOn: progress?.goOn ?? 'story',
    isToday,
    when: isToday ? format(head.at, 'HH:mm') : format(head.at, 'd MMM'),
    // Today by the clock, then earlier days, latest first.
    order: isToday ? head.at : Number.MAX_SAFE_INTEGER - head.at,
  }
}

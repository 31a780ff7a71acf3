'use client'

import Link from 'next/link'
import { useEffect, useState } from 'react'
import type { ExamEvent } from '@/core/record/event'
import { collect } from '@/ui/exam/delivery'
import { fetched } from '@/ui/fetched'
import { browserOutbox, type SetAside } from '@/ui/exam/outbox'

const AsideList = fetched(() => import('@/ui/exam/aside-list').then((m) => m.AsideList))

/** What lies aside of one examination, beside its record where the server still has it: a stage is named by the test it belongs to. */
interface OfExam {
  readonly examId: string
  readonly aside: readonly SetAside[]
  readonly record: readonly ExamEvent[]
}

/** What this device holds of every examination, also of one that is not in this clinic any more. */
export function AsideScreen() {
  const [all, setAll] = useState<readonly OfExam[] | null>(null)
  useEffect(() => {
    void read().then(setAll, () => setAll([]))
  }, [])
  const letGo = async (ids: readonly string[]) => {
    await (await browserOutbox()).dealtWith(ids)
    setAll(await read())
  }
  if (!all) return null
  if (all.length === 0) return <p className="mt-5 rounded-card border border-dashed border-hair px-5 py-4 text-ash">Nothing is set aside on this device.</p>
  return all.map(({ examId, aside, record }) => (
    <section key={examId} aria-label="Entries of one examination" className="mt-5 rounded-card border border-hair bg-sheet px-5 pb-4 pt-2">
      {record.length > 0 ? (
        <Link href={`/exam/${examId}/note`} className="inline-flex min-h-11 items-center underline underline-offset-4">
          Open the examination they were meant for
        </Link>
      ) : (
        <p className="flex min-h-11 items-center text-ash">Their examination is not in this clinic, or the server is away.</p>
      )}
      <AsideList aside={aside} record={record} onLetGo={(ids) => void letGo(ids)} />
    </section>
  ))
}

async function read(): Promise<readonly OfExam[]> {
  const box = await browserOutbox()
  const exams = [...(await box.asideExams()).keys()]
  return Promise.all(
    exams.map(async (examId) => {
      const [aside, came] = await Promise.all([box.asideOf(examId), collect(examId, 0)])
      return { examId, aside, record: came.kind === 'stored' ? came.events : [] }
    }),
  )
}

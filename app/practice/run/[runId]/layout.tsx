import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { db } from '@/db'
import { practitionerById } from '@/db/queries/practitioners'
import { runOf } from '@/db/queries/practice'
import { mayOpen } from '@/server/practice/may-open'
import { pageWho } from '@/server/visitor'
import { DoorWatch } from '@/ui/doors/watch'
import { PracticeRecord } from './practice-app'

export const dynamic = 'force-dynamic'

interface Props {
  readonly params: Promise<{ runId: string }>
  readonly children: ReactNode
}

export default async function PracticeRunLayout({ params, children }: Props) {
  const { runId } = await params
  const who = await pageWho()
  const run = runOf(db(), runId)
  if (!run || !mayOpen(run, who)) notFound()
  return (
    <>
      <PracticeRecord runId={runId} who={who} takenBy={run.by === who.id ? null : (practitionerById(db(), run.by)?.name ?? run.by)}>
        {children}
      </PracticeRecord>
      <DoorWatch who={who} />
    </>
  )
}

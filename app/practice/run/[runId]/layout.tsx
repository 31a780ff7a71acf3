import { notFound } from 'next/navigation'
import { practitionerById } from '@/db/queries/practitioners'
import { runOf } from '@/db/queries/practice'
import { mayOpen } from '@/server/practice/may-open'
import { layout } from '@/server/auth/page'
import { DoorWatch } from '@/ui/doors/watch'
import { PracticeRecord } from './practice-app'

export const dynamic = 'force-dynamic'

export default layout('/practice/run/[runId]/bench', ({ params: { runId }, db, who, children }) => {
  const run = runOf(db, runId)
  if (!run || !mayOpen(run, who)) notFound()
  return (
    <>
      <PracticeRecord runId={runId} who={who} takenBy={run.by === who.id ? null : (practitionerById(db, run.by)?.name ?? run.by)}>
        {children}
      </PracticeRecord>
      <DoorWatch who={who} />
    </>
  )
})

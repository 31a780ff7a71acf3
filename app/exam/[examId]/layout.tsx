import { notFound } from 'next/navigation'
import { examHead } from '@/db/queries/exams'
import { layout, pageMetadata } from '@/server/auth/page'
import { DoorWatch } from '@/ui/doors/watch'
import { ExamRecord } from './exam-app'

export const dynamic = 'force-dynamic'

/** Each screen's title carries the number of the person, so that two windows are told apart; a name would stay in the history of the browser. */
export const generateMetadata = pageMetadata('/exam/[examId]/bench', ({ params: { examId }, db }) => {
  const head = examHead(db, examId)
  const who = head && `number ${head.person.number}`
  return who ? { title: { template: `%s, ${who} · Dust Lantern`, default: who } } : {}
})

export default layout('/exam/[examId]/bench', ({ params: { examId }, db, who, children }) => {
  const head = examHead(db, examId)
  if (!head) notFound()
  return (
    <>
      <ExamRecord examId={examId} who={who} person={head.person}>
        {children}
      </ExamRecord>
      <DoorWatch who={who} examining />
    </>
  )
})

import type { RecordPoint } from '../core/record/chain'
import type { ExamEvent } from '../core/record/event'
import { db } from '../db'
import { type Taken, takeQueue } from '../db/queries/exam-events'

interface Job {
  readonly examId: string
  readonly events: readonly ExamEvent[]
  readonly at: RecordPoint | undefined
  readonly taken: (came: Taken) => void
  readonly failed: (error: unknown) => void
}

/** What arrived since the last commit. */
let jobs: Job[] = []

/**
 * Add what a window sent. What arrives while the disk is busy goes to it together: one commit for all of it, and nobody is answered
 * before it is on disk. What is refused of one holds back nothing of another.
 *
 * @param at - the record has to end here still; else nothing of it is taken
 */
export function append(examId: string, events: readonly ExamEvent[], at?: RecordPoint): Promise<Taken> {
  return new Promise((taken, failed) => {
    jobs.push({ examId, events, at, taken, failed })
    if (jobs.length === 1) setImmediate(commit)
  })
}

function commit(): void {
  const all = jobs
  jobs = []
  try {
    const { $client } = db()
    // Each is a transaction of its own inside: one that throws is undone alone.
    const came = $client.transaction(() => all.map(one)).immediate()
    for (const [i, tell] of came.entries()) tell(all[i])
  } catch (error) {
    // Nothing of it is on disk: every window keeps its own and sends it again.
    for (const { failed } of all) failed(error)
  }
}

/** Do one job. @returns how its window is told, once all of it is on disk */
function one({ examId, events, at }: Job): (job: Job | undefined) => void {
  try {
    const came = takeQueue(db(), examId, events, at)
    return (job) => job?.taken(came)
  } catch (error) {
    return (job) => job?.failed(error)
  }
}

import 'server-only'
import { keptOf } from '../../core/trainer/curves'
import { type Par, parInSteps } from '../../core/trainer/judge/economy'
import { judge, type Judgement } from '../../core/trainer/judge/judge'
import { db } from '../../db'
import { attemptOf, keepJudgement, parKept, type WholeRun } from '../../db/queries/practice'

/** What a run came to, with the cost at par; null while it is not committed. */
export interface Judged {
  readonly judgement: Judgement
  readonly par: Par
}

/** Judge a run that was committed and keep what is listed of it. It rests between its steps, so that whoever asks beside it does not wait. */
export async function judged(whole: WholeRun): Promise<Judged | null> {
  const attempt = attemptOf(whole)
  if (!attempt) return null
  const par = parKept(db(), whole.run.id) ?? (await restfully(parInSteps(whole.patient)))
  const judgement = judge(whole.patient, attempt, par)
  keepJudgement(db(), whole.run.id, keptOf(judgement, whole.run.case, attempt.committedAt), par)
  return { judgement, par }
}

async function restfully<T>(steps: Generator<undefined, T>): Promise<T> {
  for (;;) {
    const next = steps.next()
    if (next.done) return next.value
    await new Promise((rested) => setImmediate(rested))
  }
}

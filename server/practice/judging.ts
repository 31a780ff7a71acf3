import 'server-only'
import { parInSteps } from '../../core/trainer/judge/economy'
import { judge } from '../../core/trainer/judge/judge'
import { db } from '../../db'
import { attemptOf, judgementKept, keepJudgement, type KeptJudgement, type WholeRun } from '../../db/queries/practice'

/**
 * What the judge says of a run that was committed; null while it is under way. It is judged once and that stays, so that a score of last year
 * means what it meant. The judge rests between its steps: whoever asks beside it does not wait.
 */
export async function judged(whole: WholeRun): Promise<KeptJudgement | null> {
  const attempt = attemptOf(whole)
  if (!attempt) return null
  const kept = judgementKept(db(), whole.run.id)
  if (kept) return kept
  const par = await restfully(parInSteps(whole.patient))
  keepJudgement(db(), whole.run, attempt.committedAt, { judgement: judge(whole.patient, attempt, par), par })
  return judgementKept(db(), whole.run.id)
}

async function restfully<T>(steps: Generator<undefined, T>): Promise<T> {
  for (;;) {
    const next = steps.next()
    if (next.done) return next.value
    await new Promise((rested) => setImmediate(rested))
  }
}

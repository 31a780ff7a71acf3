import { asc, eq } from 'drizzle-orm'
import { type DrillId, isDrill, type Level } from '../../core/trainer/drills/drill'
import type { Drilled } from '../../core/trainer/drills/schedule'
import type { Db, Reads } from '../open'
import { drillAnswers } from '../schema'

/** An answer of a drill as it is kept. */
export interface KeptAnswer extends Drilled {
  readonly id: string
  readonly by: string
  readonly seed: string
}

/** Keep an answer. The same number again changes nothing. */
export function keepDrillAnswer(db: Db, answer: KeptAnswer): void {
  db.insert(drillAnswers).values(answer).onConflictDoNothing().run()
}

/** All answers of one person, oldest first; those of a drill that left the program are left out. */
export function drillAnswersOf(db: Reads, by: string): readonly Drilled[] {
  return db
    .select()
    .from(drillAnswers)
    .where(eq(drillAnswers.by, by))
    .orderBy(asc(drillAnswers.at), asc(drillAnswers.id))
    .all()
    .flatMap(({ drill, topic, at, level, right, share, error }) =>
      isDrill(drill) ? [{ drill: drill satisfies DrillId, topic, at, level: level as Level, right, share, error }] : [],
    )
}

import { asc, eq, sql } from 'drizzle-orm'
import { angleOf } from '../../core/record/answer'
import { type ErrorOf, errorsWith } from '../../core/change/errors'
import { type Changes, type Span, SPANS } from '../../core/change/changes'
import type { StoredChange, StoredMeasure, StoredPerformance, StoredVisit } from '../../core/change/series'
import { signRunOf, type SignRun } from '../../core/change/sign-run'
import { meanOf } from '../../core/findings/measures'
import type { Assessment } from '../../core/assess'
import type { Db, Writes } from '../open'
import { preparedOnce } from '../prepared'
import { exams, overviews, performances, signChanges } from '../schema'

/** Rewrite what is kept of the performances of an examination, and of what became of its signs. */
export function projectSigns(db: Pick<Writes, 'insert' | 'delete'>, examId: string, { exam, weights }: Assessment, changes: Changes): void {
  const errorOf = errorsWith(weights.knowledge.errors)
  db.delete(performances).where(eq(performances.examId, examId)).run()
  const rows = exam.runs.flatMap((run, n) => {
    const read = signRunOf(run, exam)
    if (!read) return []
    const { test, side, variant, moment, startedAt: at } = run
    const { result, why, symptom, intensity } = read.finding
    const told = { complete: read.complete, result, why, measures: JSON.stringify(measuresOf(read, errorOf)), symptom, intensity }
    return [{ examId, run: run.id, n, test, side, variant, moment, at, ...told }]
  })
  if (rows.length > 0) db.insert(performances).values(rows).run()
  db.delete(signChanges).where(eq(signChanges.examId, examId)).run()
  const changed = changes.signs.flatMap(({ test, side, since }) =>
    SPANS.flatMap((span) => {
      const change = since[span]
      if (!change) return []
      const { verdict, sentence, alert, before, after } = change
      return [{ examId, test, side, span, verdict, sentence, alert, before: before.run.id, after: after.run.id }]
    }),
  )
  if (changed.length > 0) db.insert(signChanges).values(changed).run()
}

function measuresOf({ run, test }: SignRun, errorOf: ErrorOf): readonly StoredMeasure[] {
  return test.stages.flatMap((stage): readonly StoredMeasure[] => {
    const answer = run.answers.findLast((a) => a.stage === stage.id)?.answer
    if (!answer || !stage.angle) return []
    const range = meanOf(run, stage.id)
    const value = range ?? angleOf(answer)
    if (value === undefined) return []
    const kind = range !== undefined ? 'range' : answer.said === 'familiar' ? 'onset' : 'end'
    const { joint, unit = '°', freer = 'more' } = stage.angle
    const error = errorOf(test.id, run.side, stage.id)?.value ?? null
    return [{ stage: stage.id, joint, kind, value, unit, freer, error, simulated: 'simulated' in answer && answer.simulated ? true : false }]
  })
}

const queries = preparedOnce((db) => {
  const person = sql.placeholder('person')
  return {
    performances: db
      .select({
        examId: performances.examId,
        run: performances.run,
        test: performances.test,
        side: performances.side,
        variant: performances.variant,
        moment: performances.moment,
        at: performances.at,
        complete: performances.complete,
        result: performances.result,
        why: performances.why,
        measures: performances.measures,
        symptom: performances.symptom,
        intensity: performances.intensity,
      })
      .from(exams)
      .innerJoin(performances, eq(performances.examId, exams.id))
      .where(eq(exams.personId, person))
      .orderBy(asc(exams.at), asc(performances.n))
      .prepare(),
    changes: db
      .select({
        examId: signChanges.examId,
        test: signChanges.test,
        side: signChanges.side,
        span: signChanges.span,
        verdict: signChanges.verdict,
        sentence: signChanges.sentence,
        alert: signChanges.alert,
        before: signChanges.before,
        after: signChanges.after,
      })
      .from(exams)
      .innerJoin(signChanges, eq(signChanges.examId, exams.id))
      .where(eq(exams.personId, person))
      .orderBy(asc(exams.at))
      .prepare(),
    visits: db
      .select({
        examId: exams.id,
        at: exams.at,
        visit: overviews.visit,
        episode: overviews.episode,
        state: overviews.state,
        conclusion: overviews.conclusion,
        changed: overviews.changed,
        symptoms: overviews.symptoms,
        treatments: overviews.treatments,
        head: overviews.head,
        covers: overviews.covers,
      })
      .from(exams)
      .innerJoin(overviews, eq(overviews.examId, exams.id))
      .where(eq(exams.personId, person))
      .orderBy(asc(exams.at), asc(exams.id))
      .prepare(),
  }
})

/** Every visit of a person, first to last, with how far its reading has come. */
export function visitsOfPerson(db: Db, person: string): readonly (StoredVisit & { readonly head: number; readonly covers: number })[] {
  return queries(db)
    .visits.all({ person })
    .map((row) => ({
      ...row,
      symptoms: JSON.parse(row.symptoms) as StoredVisit['symptoms'],
      treatments: JSON.parse(row.treatments) as StoredVisit['treatments'],
    }))
}

/** Every performance of a person, in the order of the visits. */
export function performancesOfPerson(db: Db, person: string): readonly StoredPerformance[] {
  return queries(db)
    .performances.all({ person })
    .map((row) => ({ ...row, measures: JSON.parse(row.measures) as readonly StoredMeasure[] }))
}

/** What became of every sign of a person, in the order of the visits. */
export function changesOfPerson(db: Db, person: string): readonly StoredChange[] {
  return queries(db)
    .changes.all({ person })
    .map((row) => ({ ...row, span: row.span as Span }))
}

import { and, asc, desc, eq, inArray } from 'drizzle-orm'
import { admitTo, type Ledger } from '../../core/record/admit'
import type { ExamEvent } from '../../core/record/event'
import { examFrom } from '../../core/record/exam'
import { RULEBOOK } from '../../core/safety/rulebook'
import type { Attempt, Commitment, PracticeStep } from '../../core/trainer/attempt'
import type { CaseFile } from '../../core/trainer/case-file/file'
import { patientNamed } from '../../core/trainer/case-name'
import { type Judged, keptOf } from '../../core/trainer/curves'
import type { Par } from '../../core/trainer/judge/economy'
import type { Judgement } from '../../core/trainer/judge/judge'
import type { SimulatedPatient } from '../../core/trainer/simulated-patient'
import type { Problem } from '../../core/vocabulary/problem'
import type { Db, Reads } from '../open'
import { practiceEntries, practiceJudgements, practiceRuns } from '../schema'
import type { RefusedEvent } from './exam-events'

/** A run of a case as it was begun. */
export interface PracticeRun {
  readonly id: string
  readonly by: string
  readonly at: number
  readonly case: string
  readonly file: CaseFile | null
  readonly class: string | null
}

/** A run with all that happened in it. */
export interface WholeRun {
  readonly run: PracticeRun
  readonly patient: SimulatedPatient
  readonly events: readonly ExamEvent[]
  readonly steps: readonly PracticeStep[]
  /** Null while it is under way. */
  readonly commitment: { readonly said: Commitment; readonly at: number } | null
}

/** Begin a run. The same id again changes nothing; null when it is begun, and then its record is opened. */
export function startRun(db: Db, run: PracticeRun, opening: ExamEvent): Problem | null {
  const patient = patientNamed(run.case, run.file)
  if (!patient) return { what: 'There is no such case.', kept: 'Nothing was begun.', do: 'Choose a region and a number from 1 to 99999.' }
  return db.transaction(
    (tx) => {
      const known = tx.select().from(practiceRuns).where(eq(practiceRuns.id, run.id)).get()
      if (known)
        return known.by === run.by && known.case === run.case
          ? null
          : { what: 'Another case was begun under this number.', kept: 'It stays as it is.', do: 'Begin it again.' }
      tx.insert(practiceRuns)
        .values({ ...run, file: run.file && JSON.stringify(run.file), patient: JSON.stringify(patient) })
        .run()
      tx.insert(practiceEntries)
        .values({ id: opening.id, run: run.id, kind: 'event', at: opening.at, content: JSON.stringify(opening) })
        .run()
      return null
    },
    { behavior: 'immediate' },
  )
}

/** A run as it was begun; undefined where there is none. */
export function runOf(db: Reads, id: string): PracticeRun | undefined {
  const row = db.select().from(practiceRuns).where(eq(practiceRuns.id, id)).get()
  return row && runFrom(row)
}

function runFrom({ id, by, at, case: name, file, class: set }: typeof practiceRuns.$inferSelect): PracticeRun {
  return { id, by, at, case: name, file: file === null ? null : (JSON.parse(file) as CaseFile), class: set }
}

/** A run with all that happened in it; undefined where there is none. */
export function wholeRun(db: Reads, id: string): WholeRun | undefined {
  const row = db.select().from(practiceRuns).where(eq(practiceRuns.id, id)).get()
  if (!row) return undefined
  const run = runFrom(row)
  const patient = JSON.parse(row.patient) as SimulatedPatient
  const rows = db.select().from(practiceEntries).where(eq(practiceEntries.run, id)).orderBy(asc(practiceEntries.n)).all()
  const of = <T>(kind: (typeof rows)[number]['kind']) => rows.filter((row) => row.kind === kind).map((row) => JSON.parse(row.content) as T)
  const committed = rows.find((row) => row.kind === 'commitment')
  return {
    run,
    patient,
    events: of<ExamEvent>('event'),
    steps: of<PracticeStep>('step'),
    commitment: committed ? { said: JSON.parse(committed.content) as Commitment, at: committed.at } : null,
  }
}

/** The attempt of a run that was committed; null while it is under way. */
export function attemptOf({ events, steps, commitment }: WholeRun): Attempt | null {
  return commitment && { events, steps, commitment: commitment.said, committedAt: commitment.at }
}

/** What became of entries that were sent to a run. */
export interface TakenHere {
  readonly events: readonly ExamEvent[]
  readonly refused: readonly RefusedEvent[]
}

const OVER: Problem = { what: 'This case was committed: nothing is added to it.', kept: 'It stands as it was judged.', do: 'Begin another case.' }

/** Add what a window recorded; what does not follow is refused alone, and what is stored already is passed over. */
export function takeEvents(db: Db, id: string, sent: readonly ExamEvent[]): TakenHere {
  return db.transaction(
    (tx) => {
      const whole = wholeRun(tx, id)
      const refused: RefusedEvent[] = []
      let ledger: Ledger = { events: whole?.events ?? [], exam: examFrom(whole?.events ?? []) }
      const known = new Set(ledger.events.map((e) => e.id))
      for (const event of sent) {
        if (known.has(event.id)) continue
        const admission = whole?.commitment ? ({ ok: false, problem: OVER } as const) : admitTo(ledger, [event], RULEBOOK)
        if (!admission.ok) {
          refused.push({ id: event.id, problem: admission.problem })
          continue
        }
        tx.insert(practiceEntries)
          .values({ id: event.id, run: id, kind: 'event', at: event.at, content: JSON.stringify(event) })
          .run()
        ledger = { events: admission.events, exam: admission.exam }
      }
      return { events: ledger.events, refused }
    },
    { behavior: 'immediate' },
  )
}

/** Add what the hands did. The same number again changes nothing; nothing is added once it is committed. */
export function takeSteps(db: Db, id: string, sent: readonly { readonly id: string; readonly step: PracticeStep }[]): Problem | null {
  return db.transaction(
    (tx) => {
      const over = tx
        .select()
        .from(practiceEntries)
        .where(and(eq(practiceEntries.run, id), eq(practiceEntries.kind, 'commitment')))
        .get()
      const numbers = sent.map((s) => `${id} ${s.id}`)
      const known = new Set(
        tx
          .select({ id: practiceEntries.id })
          .from(practiceEntries)
          .where(inArray(practiceEntries.id, numbers))
          .all()
          .map((row) => row.id),
      )
      const fresh = sent.filter((s) => !known.has(`${id} ${s.id}`))
      if (over) return fresh.length === 0 ? null : OVER
      for (const { id: number, step } of fresh) {
        tx.insert(practiceEntries)
          .values({ id: `${id} ${number}`, run: id, kind: 'step', at: step.at, content: JSON.stringify(step) })
          .run()
      }
      return null
    },
    { behavior: 'immediate' },
  )
}

/** End a run with what the trainee holds for true. The first commitment stands. */
export function commitRun(db: Db, id: string, said: Commitment, at: number): void {
  db.insert(practiceEntries)
    .values({ id: `${id} commitment`, run: id, kind: 'commitment', at, content: JSON.stringify(said) })
    .onConflictDoNothing()
    .run()
}

/** What the judge said when a run was committed, with what the same person costs at par. */
export interface KeptJudgement {
  readonly judgement: Judgement
  readonly par: Par
}

/** Keep what the judge said of a run. The first judgement stands. */
export function keepJudgement(db: Db, { id, case: name }: Pick<PracticeRun, 'id' | 'case'>, at: number, { judgement, par }: KeptJudgement): void {
  db.insert(practiceJudgements)
    .values({
      run: id,
      at,
      judgement: JSON.stringify(judgement),
      content: JSON.stringify(keptOf(judgement, name, at)),
      par: JSON.stringify(par),
    })
    .onConflictDoNothing()
    .run()
}

/** What the judge said of a run; null where it was not judged yet. */
export function judgementKept(db: Reads, id: string): KeptJudgement | null {
  const row = db.select().from(practiceJudgements).where(eq(practiceJudgements.run, id)).get()
  return row ? { judgement: JSON.parse(row.judgement) as Judgement, par: JSON.parse(row.par) as Par } : null
}

/** A run in a list: with what the judge said of it, once it was committed. */
export interface ListedRun extends PracticeRun {
  readonly judged: Judged | null
}

/** Runs of one person, or of one class, the latest first. */
export function runsOf(db: Reads, of: { readonly by: string } | { readonly class: string }): readonly ListedRun[] {
  return db
    .select()
    .from(practiceRuns)
    .leftJoin(practiceJudgements, eq(practiceJudgements.run, practiceRuns.id))
    .where('by' in of ? eq(practiceRuns.by, of.by) : eq(practiceRuns.class, of.class))
    .orderBy(desc(practiceRuns.at), desc(practiceRuns.id))
    .all()
    .map((row) => ({ ...runFrom(row.practice_runs), judged: row.practice_judgements ? (JSON.parse(row.practice_judgements.content) as Judged) : null }))
}

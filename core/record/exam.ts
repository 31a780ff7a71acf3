import type { Place } from '../vocabulary/body-area'
import type { Intensity } from '../vocabulary/intensity'
import type { Quality } from '../vocabulary/quality'
import { type Edition, FIRST_EDITION } from '../vocabulary/edition'
import type { Side, TestSide } from '../vocabulary/side'
import type { Answer, SymptomId } from './answer'
import type { ExamEvent, FindingOverridden, PlanMode, Setting, Stirring, TestStopped } from './event'
import type { Frozen } from './frozen'
import { asCalledNow, OLD_NAMES, type OldNames } from './old-names'
import { notUndone } from './undo'

/** A complaint the examination is judged against. */
export interface Symptom {
  readonly id: SymptomId
  readonly words: string
  readonly places: readonly Place[]
  readonly qualities: readonly Quality[]
  readonly now: Intensity | null
  readonly worst: Intensity | null
  readonly usual: Intensity | null
  readonly bringsOn: string
  readonly eases: string
  readonly stirring: Stirring | null
}

/** One answer, where on the ladder it was given, and when. */
export interface StageAnswer {
  readonly event: string
  readonly stage: string
  readonly answer: Answer
  readonly at: number
}

/** One performance of one test. */
export interface Run {
  readonly id: string
  readonly test: string
  readonly side: TestSide
  readonly variant: string
  /** Edition of the catalogue it is read with: stages added later do not belong to it. */
  readonly catalogue: number
  readonly startedAt: number
  readonly answers: readonly StageAnswer[]
  readonly stopped: TestStopped['why'] | 'consent-withdrawn' | null
}

/** A test that was left out on purpose. */
export interface Skip {
  readonly test: string
  readonly side: TestSide
  readonly why: string
}

/** The examination as it stands: what happened, not what it means. */
export interface Exam {
  readonly id: string
  readonly personId: string
  readonly ageYears: number | null
  readonly openedAt: number
  readonly openedBy: string
  /** What it was opened with, and is read with for ever. */
  readonly edition: Edition
  readonly symptoms: readonly Symptom[]
  /** Every number a symptom ever had here, removed ones too. */
  readonly described: readonly SymptomId[]
  readonly consent: 'not-asked' | 'verbal' | 'written' | 'withdrawn'
  /** Answers of the safety screen by item. What is absent was not asked, which is never a no. */
  readonly screen: Readonly<Record<string, 'yes' | 'no'>>
  /** Halts and blocks opened with a reason. */
  readonly unlocked: readonly { readonly gate: string; readonly why: string }[]
  readonly runs: readonly Run[]
  readonly skips: readonly Skip[]
  /** Results the examiner replaced, with the reason. */
  readonly overrides: readonly { readonly run: string; readonly about: Side; readonly result: FindingOverridden['result']; readonly why: string }[]
  /** How strong a symptom was between tests, oldest first. */
  readonly ratings: readonly { readonly symptom: SymptomId; readonly now: Intensity; readonly at: number }[]
  /** Warning signs seen, with when. */
  readonly warnings: readonly { readonly sign: string; readonly at: number }[]
  /** The practitioner's own order of the tests, as "test side"; empty while the planned one stands. */
  readonly order: readonly string[]
  /** Schools followed, by question; what is absent follows the default. */
  readonly schools: Readonly<Record<string, string>>
  /** Where the people examined come from: it decides the starting odds. */
  readonly setting: Setting
  /** How the remaining tests are put in order. */
  readonly mode: PlanMode
  /** Consent asked again for a region, latest answer. */
  readonly renewed: Readonly<Record<string, 'agreed' | 'refused'>>
  /** Facts of the history; what is absent was not asked. */
  readonly facts: Readonly<Record<string, 'yes' | 'no'>>
  readonly ownWords: string
  readonly signed: {
    readonly at: number
    readonly by: string
    /** What was read then; null in records signed before it was kept. */
    readonly frozen: Frozen | null
  } | null
  readonly addenda: readonly { readonly at: number; readonly by: string; readonly text: string }[]
  /** How many events the log holds, undone ones included. */
  readonly length: number
}

/**
 * Fold a log into the examination it describes.
 *
 * Total: events that no longer make sense after an undo are passed over, so any stored log can be read.
 *
 * @returns null when the log holds no opening
 */
export function examFrom(events: readonly ExamEvent[], oldNames: OldNames = OLD_NAMES): Exam | null {
  let exam: Exam | null = null
  for (const event of notUndone(events)) {
    if (exam) exam = step(exam, asCalledNow(event, oldNames, exam))
    else if (event.type === 'exam-opened') exam = opened(event)
  }
  return exam && { ...exam, length: events.length }
}

/**
 * The examination with one more event, without folding the whole log again.
 *
 * @param events - the log with the event in it, needed only where something is taken back
 * @returns the same as `examFrom(events)`; null when nothing is left
 */
export function withEvent(exam: Exam, event: ExamEvent, events: readonly ExamEvent[]): Exam | null {
  if (event.type === 'undone') return examFrom(events)
  return { ...step(exam, asCalledNow(event, OLD_NAMES, exam)), length: events.length }
}

function opened(event: Extract<ExamEvent, { type: 'exam-opened' }>): Exam {
  return {
    id: event.examId,
    personId: event.personId,
    ageYears: event.ageYears,
    openedAt: event.at,
    openedBy: event.by,
    edition: event.edition ?? FIRST_EDITION,
    symptoms: [],
    described: [],
    consent: 'not-asked',
    screen: {},
    unlocked: [],
    runs: [],
    skips: [],
    overrides: [],
    ratings: [],
    warnings: [],
    order: [],
    schools: {},
    setting: 'referred',
    mode: 'full-baseline',
    renewed: {},
    facts: {},
    ownWords: '',
    signed: null,
    addenda: [],
    length: 1,
  }
}

function step(exam: Exam, event: ExamEvent): Exam {
  switch (event.type) {
    case 'exam-opened':
    case 'undone':
      return exam
    case 'symptom-described':
      return {
        ...exam,
        symptoms: withSymptom(exam.symptoms, event),
        described: exam.described.includes(event.symptom) ? exam.described : [...exam.described, event.symptom],
      }
    case 'symptom-removed':
      return { ...exam, symptoms: exam.symptoms.filter((s) => s.id !== event.symptom) }
    case 'consent-given':
      return { ...exam, consent: event.form }
    case 'consent-withdrawn':
      return { ...exam, consent: 'withdrawn', runs: exam.runs.map((run) => endedBy(run, 'consent-withdrawn')) }
    case 'screen-answered':
      return { ...exam, screen: { ...exam.screen, [event.item]: event.answer } }
    case 'screen-rest-no':
      return { ...exam, screen: { ...Object.fromEntries(event.items.map((item) => [item, 'no' as const])), ...exam.screen } }
    case 'gate-opened':
      return { ...exam, unlocked: [...exam.unlocked, { gate: event.gate, why: event.why }] }
    case 'test-started':
      return {
        ...exam,
        runs: [
          ...exam.runs,
          {
            id: event.run,
            test: event.test,
            side: event.side,
            variant: event.variant,
            catalogue: exam.edition.catalogue,
            startedAt: event.at,
            answers: [],
            stopped: null,
          },
        ],
      }
    case 'stage-answered':
      return mapRun(exam, event.run, (run) => ({
        ...run,
        answers: [...run.answers, { event: event.id, stage: event.stage, answer: event.answer, at: event.at }],
      }))
    case 'test-stopped':
      return mapRun(exam, event.run, (run) => ({ ...run, stopped: event.why }))
    case 'test-skipped':
      return { ...exam, skips: [...exam.skips, { test: event.test, side: event.side, why: event.why }] }
    case 'finding-overridden':
      return { ...exam, overrides: [...exam.overrides, { run: event.run, about: event.about, result: event.result, why: event.why }] }
    case 'symptom-rated':
      return { ...exam, ratings: [...exam.ratings, { symptom: event.symptom, now: event.now, at: event.at }] }
    case 'warning-seen':
      return { ...exam, warnings: [...exam.warnings, { sign: event.sign, at: event.at }] }
    case 'route-ordered':
      return { ...exam, order: event.order }
    case 'schools-chosen':
      return { ...exam, schools: event.schools, setting: event.setting }
    case 'plan-chosen':
      return { ...exam, mode: event.mode }
    case 'consent-renewed':
      return { ...exam, renewed: { ...exam.renewed, [event.region]: event.answer } }
    case 'fact-told':
      return { ...exam, facts: { ...exam.facts, [event.fact]: event.answer } }
    case 'note-written':
      return { ...exam, ownWords: event.text }
    case 'exam-signed':
      return { ...exam, signed: { at: event.at, by: event.by, frozen: event.frozen ?? null } }
    case 'addendum-written':
      return { ...exam, addenda: [...exam.addenda, { at: event.at, by: event.by, text: event.text }] }
  }
}

/** Only a test without any answer yet, or one still on its ladder, is ended; `stopped` on a finished run changes nothing it found. */
function endedBy(run: Run, why: Run['stopped']): Run {
  return run.stopped === null ? { ...run, stopped: why } : run
}

function mapRun(exam: Exam, id: string, change: (run: Run) => Run): Exam {
  // Nearly always the last one: a record of hundreds of answers is folded after each.
  const at = exam.runs.findLastIndex((run) => run.id === id)
  const run = exam.runs[at]
  return run ? { ...exam, runs: exam.runs.with(at, change(run)) } : exam
}

function withSymptom(symptoms: readonly Symptom[], event: Extract<ExamEvent, { type: 'symptom-described' }>): readonly Symptom[] {
  const { symptom: id, words, places, qualities, now, worst = null, usual = null, bringsOn, eases, stirring } = event
  const told: Symptom = { id, words, places, qualities, now, worst, usual, bringsOn, eases, stirring }
  return symptoms.some((s) => s.id === id) ? symptoms.map((s) => (s.id === id ? told : s)) : [...symptoms, told]
}

import type { Intensity } from '../vocabulary/intensity'
import { type Edition, FIRST_EDITION } from '../vocabulary/edition'
import type { Side, TestSide } from '../vocabulary/side'
import type { SymptomId } from './answer'
import type { ConsentRenewed, ExamEvent, FindingOverridden, PlanMode, Setting, StageAnswered, TestStarted, TestStopped } from './event'
import type { SectionId } from '../vocabulary/note-section'
import type { PaperEvent } from './paper-events'
import type { Frozen } from './frozen'
import { isLateSafety, type LateSafety } from './late-safety'
import { type Memory, memoryOf, NO_MEMORY, remember } from './memory'
import { asCalledNow, OLD_NAMES, type OldNames } from './old-names'
import type { Run, Symptom } from './run'
import { notUndone } from './undo'
import { type Episode, type Treatment, withVisitEvent } from './visit'
import type { PinnedBaseline, SignMark } from './visit-events'

export type { EarlierRun, Run, StageAnswer, Symptom } from './run'

/** Something that happened to consent. */
export interface ConsentStep {
  readonly at: number
  readonly what: 'verbal' | 'written' | 'withdrawn'
  /** What was explained; empty where it was not recorded. */
  readonly explained: string
}

/** An opened gate: the reason, and what had closed it. */
export interface Opening {
  readonly gate: string
  readonly why: string
  /** Null in records made before it was kept: everything that had closed it. */
  readonly causes: readonly string[] | null
  readonly at: number
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
  /** How consent went, oldest first. */
  readonly consents: readonly ConsentStep[]
  /** Answers of the safety screen by item. What is absent was not asked, which is never a no. */
  readonly screen: Readonly<Record<string, 'yes' | 'no'>>
  /** How many entries count, those taken back left out. */
  readonly counted: number
  /** At which of them each answer of the screen was given, and the words or places of each symptom were last told. */
  readonly screenAt: Readonly<Record<string, number>>
  readonly toldAt: Readonly<Record<string, number>>
  /** Groups of the screen that were asked elsewhere, with where. */
  readonly elsewhere: Readonly<Record<string, string>>
  /** Gates opened with a reason, oldest first. */
  readonly unlocked: readonly Opening[]
  /** What was on the record at any time. */
  readonly memory: Memory
  readonly runs: readonly Run[]
  /** The episode it is a later visit of; null for the first visit. */
  readonly episode: Episode | null
  /** What was done between measurements, oldest first. */
  readonly treatments: readonly Treatment[]
  /** What was said of comparable signs, by "test side", in this visit or an earlier one. */
  readonly signs: Readonly<Record<string, SignMark>>
  /** Performances that were said to be a baseline, the latest last. */
  readonly baselines: readonly PinnedBaseline[]
  readonly skips: readonly Skip[]
  /** Performances that were said to be the valid one of several, with the reason; the latest of a test counts. */
  readonly chosen: readonly { readonly run: string; readonly why: string }[]
  /** Results the examiner replaced, with the reason. */
  readonly overrides: readonly { readonly run: string; readonly about: Side; readonly result: FindingOverridden['result']; readonly why: string }[]
  /** How strong each symptom was when it was first told: what a raise is measured from. */
  readonly rests: Readonly<Record<string, Intensity>>
  /** How strong a symptom was between tests, rated or told anew, oldest first. */
  readonly ratings: readonly { readonly symptom: SymptomId; readonly now: Intensity; readonly at: number }[]
  /** Warning signs seen, with when. */
  readonly warnings: readonly { readonly sign: string; readonly at: number; readonly id: string }[]
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
  /** Every time it was asked, oldest first, with the chaperone offered. */
  readonly renewals: readonly Pick<ConsentRenewed, 'region' | 'answer' | 'chaperone' | 'at'>[]
  /** What was corrected about whose record this is, in words. */
  readonly corrections: readonly { readonly at: number; readonly what: string }[]
  /** Facts of the history; what is absent was not asked. */
  readonly facts: Readonly<Record<string, 'yes' | 'no'>>
  readonly ownWords: string
  /** Own words to single sections of the note. */
  readonly sectionWords: Readonly<Partial<Record<SectionId, string>>>
  /** Letters and summaries that were kept, oldest first. */
  readonly papers: readonly PaperEvent[]
  readonly signed: {
    readonly at: number
    readonly by: string
    /** What was read then; null in records signed before it was kept. */
    readonly frozen: Frozen | null
  } | null
  readonly addenda: readonly { readonly at: number; readonly by: string; readonly text: string }[]
  /** What was told about safety after the signature, oldest first. Nothing that was signed is read with it; gates are. */
  readonly late: readonly LateSafety[]
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
  const counting = notUndone(events)
  for (const event of counting) {
    if (exam) exam = step(exam, asCalledNow(event, oldNames, exam))
    else if (event.type === 'exam-opened') exam = opened(event)
  }
  if (!exam) return null
  const { edition, symptoms } = exam
  const memory = counting.length === events.length ? exam.memory : memoryOf(events, (...parts) => runAs(...parts, edition.catalogue, symptoms))
  return { ...exam, memory, length: events.length }
}

/** A performance of the memory, as a run. */
function runAs(start: TestStarted, answers: readonly StageAnswered[], stopped: TestStopped | null, catalogue: number, story: readonly Symptom[]): Run {
  return {
    ...begun(start, catalogue, story),
    answers: answers.map((event) => ({ event: event.id, stage: event.stage, answer: event.answer, at: event.at })),
    stopped: stopped?.why ?? null,
  }
}

function begun(event: TestStarted, catalogue: number, story: readonly Symptom[]): Run {
  const { run: id, test, side, variant, at: startedAt, moment = 0 } = event
  return { id, test, side, variant, catalogue, startedAt, moment, answers: [], stopped: null, story }
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

/** What stands in an examination before anything was recorded in it. */
export const NOTHING_YET: Omit<Exam, 'id' | 'personId' | 'ageYears' | 'openedAt' | 'openedBy' | 'edition' | 'length'> = {
  symptoms: [],
  described: [],
  consent: 'not-asked',
  consents: [],
  screen: {},
  counted: 1,
  screenAt: {},
  toldAt: {},
  elsewhere: {},
  unlocked: [],
  memory: NO_MEMORY,
  runs: [],
  episode: null,
  treatments: [],
  signs: {},
  baselines: [],
  skips: [],
  chosen: [],
  overrides: [],
  rests: {},
  ratings: [],
  warnings: [],
  order: [],
  schools: {},
  setting: 'referred',
  mode: 'full-baseline',
  renewed: {},
  renewals: [],
  corrections: [],
  facts: {},
  ownWords: '',
  sectionWords: {},
  papers: [],
  signed: null,
  addenda: [],
  late: [],
}

function opened(event: Extract<ExamEvent, { type: 'exam-opened' }>): Exam {
  return {
    id: event.examId,
    personId: event.personId,
    ageYears: event.ageYears,
    openedAt: event.at,
    openedBy: event.by,
    edition: event.edition ?? FIRST_EDITION,
    ...NOTHING_YET,
    memory: { ...NO_MEMORY, screen: [{ age: event.ageYears }] },
    length: 1,
  }
}

/** An examination is never changed in place, so what it is with its late entries can be kept with it. */
const WITH_LATE = new WeakMap<Exam, Exam>()

/**
 * A signed examination as it would be had it still been open to what was told about safety after it: for gates and halts, and for
 * nothing else. Without late entries it is the same object.
 */
export function withLateSafety(exam: Exam): Exam {
  if (exam.late.length === 0) return exam
  const known = WITH_LATE.get(exam)
  if (known) return known
  const folded = exam.late.reduce<Exam>((sofar, event) => step(sofar, event), { ...exam, signed: null, late: [] })
  const whole = { ...folded, signed: exam.signed }
  WITH_LATE.set(exam, whole)
  return whole
}

function step(before: Exam, event: ExamEvent): Exam {
  if (before.signed && isLateSafety(event)) return { ...before, counted: before.counted + 1, late: [...before.late, event] }
  const memory = remember(before.memory, event, before.screen)
  const exam = { ...before, counted: before.counted + 1, ...(memory !== before.memory && { memory }) }
  switch (event.type) {
    case 'exam-opened':
    case 'undone':
      return exam
    case 'symptom-described':
      return {
        ...exam,
        symptoms: withSymptom(exam.symptoms, event),
        ...levelsTold(exam, event),
        toldAt: tellsNothingNew(exam.symptoms, event) ? exam.toldAt : { ...exam.toldAt, [event.symptom]: exam.counted },
        described: exam.described.includes(event.symptom) ? exam.described : [...exam.described, event.symptom],
      }
    case 'symptom-removed':
      return { ...exam, symptoms: exam.symptoms.filter((s) => s.id !== event.symptom) }
    case 'consent-given':
      return { ...exam, consent: event.form, consents: [...exam.consents, { at: event.at, what: event.form, explained: event.explained ?? '' }] }
    case 'consent-withdrawn':
      return {
        ...exam,
        consent: 'withdrawn',
        consents: [...exam.consents, { at: event.at, what: 'withdrawn', explained: '' }],
        // What was agreed to again belongs to the consent that is gone.
        renewed: {},
        runs: exam.runs.map((run) => endedBy(run, 'consent-withdrawn')),
      }
    case 'screen-answered':
      return { ...exam, screen: { ...exam.screen, [event.item]: event.answer }, screenAt: { ...exam.screenAt, [event.item]: exam.counted } }
    case 'screen-rest-no': {
      const open = event.items.filter((item) => exam.screen[item] === undefined)
      return {
        ...exam,
        screen: { ...exam.screen, ...Object.fromEntries(open.map((item) => [item, 'no' as const])) },
        screenAt: { ...exam.screenAt, ...Object.fromEntries(open.map((item) => [item, exam.counted])) },
      }
    }
    case 'screen-elsewhere':
      return { ...exam, elsewhere: { ...exam.elsewhere, [event.group]: event.why } }
    case 'gate-opened':
      return { ...exam, unlocked: [...exam.unlocked, { gate: event.gate, why: event.why, causes: event.causes ?? null, at: event.at }] }
    case 'test-started':
      return { ...exam, runs: [...exam.runs, begun(event, exam.edition.catalogue, asNow(exam))] }
    case 'stage-answered':
      return mapRun(exam, event.run, (run) => ({
        ...run,
        answers: [...run.answers, { event: event.id, stage: event.stage, answer: event.answer, at: event.at }],
        // What was told later is no measure of what was felt then.
        story: run.answers.some((a) => a.answer.said === 'familiar') ? run.story : asNow(exam),
      }))
    case 'test-stopped':
      return mapRun(exam, event.run, (run) => ({ ...run, stopped: event.why }))
    case 'run-chosen':
      return { ...exam, chosen: [...exam.chosen, { run: event.run, why: event.why }] }
    case 'test-skipped':
      return { ...exam, skips: [...exam.skips, { test: event.test, side: event.side, why: event.why }] }
    case 'finding-overridden':
      return { ...exam, overrides: [...exam.overrides, { run: event.run, about: event.about, result: event.result, why: event.why }] }
    case 'symptom-rated':
      return { ...exam, ratings: [...exam.ratings, { symptom: event.symptom, now: event.now, at: event.at }] }
    case 'warning-seen':
      return { ...exam, warnings: [...exam.warnings, { sign: event.sign, at: event.at, id: event.id }] }
    case 'route-ordered':
      return { ...exam, order: event.order }
    case 'schools-chosen':
      return { ...exam, schools: event.schools, setting: event.setting }
    case 'plan-chosen':
      return { ...exam, mode: event.mode }
    case 'consent-renewed': {
      const { region, answer, chaperone, at } = event
      return { ...exam, renewed: { ...exam.renewed, [region]: answer }, renewals: [...exam.renewals, { region, answer, chaperone, at }] }
    }
    case 'age-corrected': {
      const years = (n: number | null) => (n === null ? 'not known' : `${n}`)
      const what = `Age corrected from ${years(exam.ageYears)} to ${years(event.ageYears)}: ${event.why}`
      return { ...exam, ageYears: event.ageYears, corrections: [...exam.corrections, { at: event.at, what }] }
    }
    case 'wrong-person':
      return { ...exam, corrections: [...exam.corrections, { at: event.at, what: `This record belongs to another person: ${event.why}` }] }
    case 'fact-told':
      return { ...exam, facts: { ...exam.facts, [event.fact]: event.answer } }
    case 'note-written':
      return event.section === undefined ? { ...exam, ownWords: event.text } : { ...exam, sectionWords: { ...exam.sectionWords, [event.section]: event.text } }
    case 'letter-written':
    case 'summary-given':
      return { ...exam, papers: [...exam.papers, event] }
    case 'exam-signed':
      return { ...exam, signed: { at: event.at, by: event.by, frozen: event.frozen ?? null } }
    case 'addendum-written':
      return { ...exam, addenda: [...exam.addenda, { at: event.at, by: event.by, text: event.text }] }
    case 'episode-continued':
    case 'treatment-given':
    case 'treatment-answered':
    case 'sign-marked':
    case 'baseline-pinned':
      return { ...exam, ...withVisitEvent(exam, event) }
  }
}

/** A performance that was stopped keeps why; one that reached its end stays complete, whatever stands here. */
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

/** A description that paints nothing new and says nothing in other words asks no question again. */
function tellsNothingNew(symptoms: readonly Symptom[], { symptom, words, places }: Extract<ExamEvent, { type: 'symptom-described' }>): boolean {
  const was = symptoms.find((s) => s.id === symptom)
  return was?.words === words && places.every((place) => was.places.includes(place))
}

/** The first level told is the rest; each later one is a rating, however it was learnt. */
function levelsTold({ rests, ratings }: Exam, { symptom, now, at }: Extract<ExamEvent, { type: 'symptom-described' }>): Pick<Exam, 'rests' | 'ratings'> {
  if (now === null) return { rests, ratings }
  return rests[symptom] === undefined ? { rests: { ...rests, [symptom]: now }, ratings } : { rests, ratings: [...ratings, { symptom, now, at }] }
}

/** The symptoms as strong as they were last said to be: a test is read against that. */
function asNow({ symptoms, ratings }: Exam): readonly Symptom[] {
  if (ratings.length === 0) return symptoms
  return symptoms.map((s) => {
    const now = ratings.findLast((r) => r.symptom === s.id)?.now
    return now === undefined || now === s.now ? s : { ...s, now }
  })
}

import type { Edition } from '../vocabulary/edition'
import type { TestSide } from '../vocabulary/side'
import { admitTo, type Ledger } from './admit'
import type { Answer, SymptomId } from './answer'
import type { EventContent, ExamEvent, SymptomDescribed } from './event'
import type { Exam } from './exam'
import { nextStage } from './ladder'
import type { Rulebook } from './rulebook'

/** Who is examined, when, and by whom. */
export interface Opening {
  readonly examId: string
  readonly personId: string
  readonly ageYears: number | null
  readonly at: number
  readonly by: string
  /** What it is recorded with; absent for a record as they were made before editions were named. */
  readonly edition?: Edition
}

type Told = Partial<Omit<SymptomDescribed, 'id' | 'at' | 'by' | 'type' | 'symptom'>>

/** A record that grows step by step; every step passes `admit`, as it would when a person records it. */
export interface Composed {
  readonly events: readonly ExamEvent[]
  readonly exam: Exam
  /** Describe a symptom; what is left out was not asked. */
  symptom(id: SymptomId, told: Told): Composed
  consent(form?: 'verbal' | 'written'): Composed
  /** Consent, and a no to every question of the screen that has no answer yet: what good practice asks before a test. */
  screened(): Composed
  /** Perform a test from its first stage; one answer a stage, in the order of the ladder. */
  test(test: string, side: TestSide, answers: readonly Answer[], variant?: string): Composed
  /** Any other event. */
  then(content: EventContent): Composed
}

/** Seconds that pass between two entries of a composed record. */
const PACE_MS = 20_000

/**
 * Compose a record from short steps: for the demo clinic, practice cases and tests.
 *
 * Ids follow from the opening alone, so that composing twice gives the same record.
 *
 * @throws {Error} a sentence, when a step does not follow: the script is wrong, not the user
 */
export function compose(opening: Opening, book: Rulebook): Composed {
  const { at, by, ...content } = opening
  return grow({ events: [], exam: null }, { type: 'exam-opened', ...content }, { at, by, book })
}

interface Setting {
  readonly at: number
  readonly by: string
  readonly book: Rulebook
}

function grow(ledger: Ledger, content: EventContent, setting: Setting): Composed {
  const at = setting.at + ledger.events.length * PACE_MS
  const owner = content.type === 'exam-opened' ? content.examId : openedAs(ledger.events)
  const event: ExamEvent = { ...content, id: composedId(at, owner, ledger.events.length), at, by: setting.by }
  // Folded as far as it has come, and its ids count up: adding to it costs what is added.
  const admission = admitTo({ ...ledger, fresh: true }, [event], setting.book)
  if (!admission.ok) throw new Error(`A composed record does not follow at ${content.type}: ${admission.problem.what}`)
  return composed(admission.events, admission.exam, setting)
}

function composed(events: readonly ExamEvent[], exam: Exam, setting: Setting): Composed {
  const then = (content: EventContent) => grow({ events, exam }, content, setting)
  const record: Composed = {
    events,
    exam,
    then,
    symptom: (symptom, told) =>
      then({ type: 'symptom-described', symptom, words: '', places: [], qualities: [], now: null, bringsOn: '', eases: '', stirring: null, ...told }),
    consent: (form = 'verbal') => then({ type: 'consent-given', form, explained: EXPLAINED }),
    screened: () => screened(record, setting),
    test: (test, side, answers, variant) => perform(record, setting, test, side, answers, variant),
  }
  return record
}

/** What is explained before consent, in the words of a composed record. */
const EXPLAINED = 'what the tests are like, that they may bring the pain on, and that a word stops them'

function screened(record: Composed, { book }: Setting): Composed {
  const agreed = record.exam.consent === 'verbal' || record.exam.consent === 'written' ? record : record.consent()
  return book.screen.reduce((r, group) => {
    const open = group.items.flatMap(({ id, onlyIf }) =>
      r.exam.screen[id] === undefined && (onlyIf === undefined || r.exam.screen[onlyIf] === 'yes') ? [id] : [],
    )
    if (open.length === 0) return r
    return group.singly
      ? open.reduce((s, item) => s.then({ type: 'screen-answered', item, answer: 'no' }), r)
      : r.then({ type: 'screen-rest-no', group: group.id, items: open })
  }, agreed)
}

function perform(before: Composed, setting: Setting, test: string, side: TestSide, answers: readonly Answer[], variant: string | undefined): Composed {
  const outline = setting.book.test(test)
  const done = variant ?? outline?.variants[0]?.id ?? ''
  const { events } = before
  const at = setting.at + events.length * PACE_MS
  const run = composedId(at, openedAs(events), 100_000 + events.length)
  const moment = before.exam.treatments.length
  let record = agreedTo(before, outline?.intimate).then({ type: 'test-started', run, test, side, variant: done, ...(moment > 0 && { moment }) })
  for (const answer of answers) {
    const performed = record.exam.runs.find((r) => r.id === run)
    const stage = outline && performed ? nextStage(performed, outline) : null
    record = record.then({ type: 'stage-answered', run, stage: stage?.id ?? 'none-left', answer })
  }
  return record
}

/** Consent asked again for a region and given, where it was not yet. */
export function agreedTo(record: Composed, region: string | undefined): Composed {
  return region === undefined || record.exam.renewed[region] === 'agreed'
    ? record
    : record.then({ type: 'consent-renewed', region, answer: 'agreed', chaperone: 'declined' })
}

function openedAs(events: readonly ExamEvent[]): string {
  const first = events[0]
  return first?.type === 'exam-opened' ? first.examId : ''
}

/** A UUID of version 7 made from a time, an owner and a count instead of chance. */
export function composedId(at: number, owner: string, n: number): string {
  let hash = 2166136261
  for (const c of `${owner} ${n}`) hash = Math.imul(hash ^ c.charCodeAt(0), 16777619)
  const time = at.toString(16).padStart(12, '0')
  const count = (n % 4096).toString(16).padStart(3, '0')
  const tail = (hash >>> 0).toString(16).padStart(8, '0')
  return `${time.slice(0, 8)}-${time.slice(8)}-7${count}-8${tail.slice(0, 3)}-${tail}${count}0`
}

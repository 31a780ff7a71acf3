import { FIRST_EDITION } from '../vocabulary/edition'
import type { Problem } from '../vocabulary/problem'
import { listWords } from '../vocabulary/sentence'
import { inSentence } from '../vocabulary/sentence'
import { type Answer, ANSWERS_AT, angleOf, type SymptomId } from './answer'
import type { ExamEvent, GateOpened, ScreenRestNo, StageAnswered, SymptomDescribed, TestStarted } from './event'
import { type Exam, examFrom, withEvent } from './exam'
import { historyIssues } from './history'
import { broughtItOnAt, nextStage } from './ladder'
import { cellsOf, effectOf, fitsColumn, type StageOutline } from './outline'
import { isLateSafety } from './late-safety'
import { PAPERS } from './paper-events'
import type { Rulebook } from './rulebook'
import { hasWords, isProblem, no, overridable, performable, runOf, saysNothing } from './refusals'
import { somethingRestsOn } from './rests-on'
import { visitObjection } from './visit-admission'

/** Either the record with the event in it, or why it cannot be. */
export type Admission =
  | { readonly ok: true; readonly events: readonly ExamEvent[]; readonly exam: Exam }
  | {
      readonly ok: false
      /** Which of the new events, from 0. */
      readonly at: number
      readonly problem: Problem
    }

/** An examination of several hours fills some hundreds; this keeps one record from stalling the clinic. */
export const MOST_EVENTS = 20_000

/**
 * May this event join this record?
 *
 * A stored event is for ever, so an event that does not follow is refused before it is written.
 *
 * @param events - the record so far, oldest first; empty for a new examination
 * @param book - the tests, the screen, and what may not start
 */
export function admit(events: readonly ExamEvent[], event: ExamEvent, book: Rulebook): Admission {
  return admitTo({ events, exam: examFrom(events) }, [event], book)
}

/** Admit several events in order: all of them or none. */
export function admitAll(events: readonly ExamEvent[], more: readonly ExamEvent[], book: Rulebook): Admission {
  return admitTo({ events, exam: examFrom(events) }, more, book)
}

/** A log with what it describes, so that adding to it does not fold all of it again. */
export interface Ledger {
  readonly events: readonly ExamEvent[]
  /** Null while nothing was opened. */
  readonly exam: Exam | null
  /** The new events are known not to be in it: a store has an index for that, and a log is long. */
  readonly fresh?: true
}

/**
 * Admit several events to a log that is folded already: all of them or none.
 *
 * Costs what the new events cost, not what the log does; a taking-back alone folds it once more.
 */
export function admitTo(ledger: Ledger, more: readonly ExamEvent[], book: Rulebook): Admission {
  const events = [...ledger.events]
  const from = ledger.fresh ? events.length : 0
  const twice = (event: ExamEvent) => events.slice(from).some((e) => e.id === event.id)
  let exam = ledger.exam
  for (const [at, event] of more.entries()) {
    const problem = exam ? objection(exam, events, event, book, twice) : beginning(event)
    if (problem) return { ok: false, at, problem }
    events.push(event)
    exam = exam ? withEvent(exam, event, events) : examFrom(events)
  }
  return exam ? { ok: true, events, exam } : { ok: false, at: 0, problem: no('There is no examination here yet.', 'Open one first.') }
}

/** Admit what was recorded with another edition: nothing of today's rules is asked, only whether the log holds together. */
export function admitHistory(ledger: Ledger, more: readonly ExamEvent[]): Admission {
  const events = [...ledger.events, ...more]
  const [issue] = historyIssues(events)
  const exam = examFrom(events)
  if (!issue && exam) return { ok: true, events, exam }
  return {
    ok: false,
    at: Math.max(0, (issue?.at ?? 0) - ledger.events.length),
    problem: no(`An entry ${issue?.what ?? 'opens no examination'}.`, 'Save the file again where it came from.'),
  }
}

function beginning(event: ExamEvent): Problem | null {
  if (event.type === 'exam-opened') return null
  return no('This examination has not been opened.', 'Start it from Today, then record again.')
}

function objection(exam: Exam, events: readonly ExamEvent[], event: ExamEvent, book: Rulebook, twice: (event: ExamEvent) => boolean): Problem | null {
  if (events.length >= MOST_EVENTS) return no(`This examination holds ${MOST_EVENTS} entries, which is all it can.`, 'Open a new examination for this person.')
  if (twice(event)) {
    return no('This entry is already on the record.', 'Nothing to do: it was stored the first time.')
  }
  if (exam.signed && event.type !== 'addendum-written' && !PAPERS.has(event.type) && !isLateSafety(event)) {
    return no('This examination is signed.', 'Write an addendum on the note instead.')
  }
  switch (event.type) {
    case 'exam-opened':
      return no('This examination is already open.', 'Go on with it, or start a new one from Today.')
    case 'symptom-described':
      return followsOn(exam, event)
    case 'symptom-removed':
      return removable(exam, event.symptom)
    case 'screen-answered':
      return book.screenGroupOf(event.item) ? null : no(`There is no question called “${event.item}” in the screen.`, 'Choose one from the screen.')
    case 'screen-rest-no':
      return restAnswerable(event, book)
    case 'screen-elsewhere':
      if (!book.screenGroup(event.group)) return no(`There is no group called “${event.group}” in the screen.`, 'Choose one from the screen.')
      return saysNothing(event.why, 'Asked elsewhere')
    case 'gate-opened':
      return openable(exam, event, book)
    case 'run-chosen':
      return saysNothing(event.why, 'Choosing another performance') ?? overridable(exam, event.run, book)
    case 'age-corrected':
    case 'wrong-person':
      return saysNothing(event.why, 'A correction')
    case 'test-started':
      return startable(exam, event, book)
    case 'stage-answered':
      return answerable(exam, events, event, book)
    case 'test-stopped':
      return stoppable(exam, event.run, book)
    case 'test-skipped':
      return performable(event.test, event.side, book)
    case 'finding-overridden':
      return saysNothing(event.why, 'Another result') ?? overridable(exam, event.run, book)
    case 'symptom-rated':
      return exam.described.includes(event.symptom) ? null : no(`There is no ${event.symptom} here.`, 'Describe it in the story first.')
    case 'warning-seen':
      return book.isWarning(event.sign) ? null : no(`“${event.sign}” is not a warning sign known here.`, 'Choose one from the list.')
    case 'route-ordered':
      return event.order.map((key) => performable(key.split(' ')[0] ?? '', key.split(' ')[1] ?? '', book)).find((p) => p !== null) ?? null
    case 'schools-chosen': {
      const stranger = Object.entries(event.schools).find(([question, id]) => !book.isSchool(question, id))
      return stranger ? no(`“${stranger[1]}” is not a school for “${stranger[0]}”.`, 'Choose one from the settings.') : null
    }
    case 'consent-renewed':
      return book.isRegion(event.region) ? null : no(`“${event.region}” is not a region that is asked about again.`, 'Nothing to do.')
    case 'fact-told':
      return book.isFact(event.fact) ? null : no(`“${event.fact}” is not a question of the history.`, 'Choose one from the story.')
    case 'undone':
      return undoable(events, event.target, book)
    case 'addendum-written':
      return exam.signed ? null : no('The examination is not signed yet.', 'Write in the note itself until it is signed.')
    case 'exam-signed':
      // Before editions were named nothing was frozen, and those records stay readable.
      return event.frozen === undefined && exam.edition.catalogue > FIRST_EDITION.catalogue
        ? no('This signature does not hold what was signed.', 'Sign it again from the note.')
        : null
    // A withdrawal stands whatever was recorded before it: two windows may both be told.
    case 'consent-withdrawn':
    case 'plan-chosen':
    case 'note-written':
    case 'letter-written':
    case 'summary-given':
      return null
    case 'episode-continued':
    case 'treatment-given':
    case 'treatment-answered':
    case 'sign-marked':
    case 'baseline-pinned':
      return visitObjection(exam, events, event, book)
    case 'consent-given':
      // Before it was asked what had been explained, nothing stood there, and those records stay readable.
      return exam.edition.rules < EXPLAINED_SINCE || hasWords(event.explained ?? '')
        ? null
        : no('What was explained is not recorded.', 'Say in a few words what was explained, then record consent.')
  }
}

/** Edition of the rules since which consent says what was explained. */
const EXPLAINED_SINCE = 3

/** Only what is closed is opened, in words, and for what closed it: what comes later closes it again. */
function openable(exam: Exam, { gate, why, causes }: GateOpened, book: Rulebook): Problem | null {
  if (!book.opensWithReason(gate)) return no(`“${gate}” is not a gate that a reason opens.`, 'Nothing to do.')
  const closing = book.closing(exam, gate)
  if (closing.length === 0) return no(`“${gate}” is not closed.`, 'Nothing to do.')
  const unsaid = saysNothing(why, 'Opening it')
  if (unsaid) return unsaid
  const same = causes?.length === closing.length && closing.every((cause) => causes.includes(cause))
  return same ? null : no('Something else has closed it since.', 'Look at what closes it now, then open it for that.')
}

/** A number is given once: what was removed keeps its own, and two windows never make one symptom of two. */
function followsOn(exam: Exam, { symptom, first }: SymptomDescribed): Problem | null {
  const next = nextSymptom(exam)
  if (first && symptom !== next) return no(`${symptom} is described already.`, `Call the new symptom ${next}.`)
  if (exam.symptoms.some((s) => s.id === symptom) || exam.episode?.given.includes(symptom)) return null
  return symptom === next ? null : no(`${symptom} would leave a gap in the numbering.`, `Call the new symptom ${next}.`)
}

/** The number a new symptom gets. */
export function nextSymptom({ described }: Pick<Exam, 'described'>): SymptomId {
  return `S${Math.max(0, ...described.map((id) => Number(id.slice(1)))) + 1}`
}

function removable(exam: Exam, symptom: string): Problem | null {
  if (!exam.symptoms.some((s) => s.id === symptom)) return no(`There is no ${symptom} here.`, 'Nothing to do.')
  const used = exam.runs.some((run) => run.answers.some(({ answer }) => 'symptom' in answer && answer.symptom === symptom))
  return used ? no(`A test refers to ${symptom}.`, `Undo that test first, or keep ${symptom} and describe it again.`) : null
}

/** "No to the rest" answers what has no answer yet, and never where each question stands alone. */
function restAnswerable(event: ScreenRestNo, book: Rulebook): Problem | null {
  const group = book.screenGroup(event.group)
  if (!group) return no(`There is no group called “${event.group}” in the screen.`, 'Choose one from the screen.')
  if (group.singly) return no('These questions are answered one by one.', 'Ask each of them.')
  const foreign = event.items.find((item) => !group.items.some((i) => i.id === item))
  if (foreign) return no(`“${foreign}” does not belong to this group.`, 'Answer it in its own group.')
  // What another window answered meanwhile keeps its answer; the rest is a no all the same.
  return null
}

function startable(exam: Exam, event: TestStarted, book: Rulebook): Problem | null {
  const wrong = performable(event.test, event.side, book)
  if (wrong) return wrong
  const outline = book.test(event.test)
  if (!outline?.variants.some((v) => v.id === event.variant)) {
    return no(`“${event.variant}” is not a technique of this test.`, `Choose ${listWords(outline?.variants.map((v) => v.id) ?? [])}.`)
  }
  const moment = event.moment ?? 0
  if (moment > exam.treatments.length)
    return no(`Nothing was treated ${moment === 1 ? 'yet' : `${moment} times`}.`, 'Note the treatment first, then measure again.')
  if (exam.consent === 'withdrawn') return no('Consent to testing was withdrawn.', 'Ask again and record the answer before going on.')
  if (exam.runs.some((run) => run.id === event.run)) return no('This test was already started.', 'Go on with it, or start it anew.')
  if (exam.consent === 'not-asked') return no('Consent is not recorded.', 'Explain what will be done, ask, and record the answer.')
  const contraindicated = book.bars(exam, event.test, event.variant)
  if (contraindicated) return no(contraindicated.what, `${contraindicated.todo} Opening it needs a reason, which stays on the record.`)
  const unasked = book.asksFirst(exam, event.test, event.variant)
  if (unasked) return no(unasked.what, unasked.todo)
  if (!outline.follows) return null
  const parent = exam.runs.findLast((run) => run.test === outline.follows && run.side === event.side)
  return parent && broughtItOnAt(parent, event.side)
    ? null
    : no(`${outline.name} follows a positive ${inSentence(book.test(outline.follows)?.name ?? outline.follows)}.`, 'Do that test on this side first.')
}

function stoppable(exam: Exam, id: string, book: Rulebook): Problem | null {
  const run = runOf(exam, id)
  if (isProblem(run)) return run
  const outline = book.test(run.test)
  return outline && nextStage(run, outline) ? null : no('This test is already over.', 'Nothing to do.')
}

function answerable(exam: Exam, events: readonly ExamEvent[], event: StageAnswered, book: Rulebook): Problem | null {
  const run = runOf(exam, event.run)
  if (isProblem(run)) return run
  const outline = book.test(run.test)
  const expected = outline && nextStage(run, outline)
  if (!outline || !expected) return no('This test is already over.', 'Start it again to repeat it.')
  if (event.stage !== expected.id) {
    return no(`The stage in hand is “${expected.id}”, not “${event.stage}”.`, 'Answer the stage in hand, or undo.')
  }
  // A gate that closed while the test was under way lets it be stopped or let go, and nothing more be added.
  const contraindicated = effectOf(expected) === 'adds' ? book.bars(exam, run.test, run.variant) : null
  if (contraindicated && !cameBefore(events, event.run, book)) return no(contraindicated.what, `${contraindicated.todo} Stop the test.`)
  const said = event.answer.said
  const named = 'symptom' in event.answer ? event.answer.symptom : undefined
  if (!ANSWERS_AT[expected.kind].includes(said)) {
    return no(`“${said}” is no answer to this stage.`, `Choose ${listWords(ANSWERS_AT[expected.kind])}.`)
  }
  if (named !== undefined && !exam.symptoms.some((s) => s.id === named)) {
    return no(`There is no ${named} in the story.`, 'Describe the symptom in the story first, or choose one that is there.')
  }
  const part = 'part' in event.answer ? event.answer.part : undefined
  if (part !== undefined && !expected.parts?.some((p) => p.id === part)) return no(`“${part}” cannot be let go at this stage.`, 'Choose a part that was added.')
  if ('lean' in event.answer && !expected.leanWatched) return no('Leaning back is not watched at this stage.', 'Leave it out.')
  if ('held' in event.answer && !expected.holdSeconds) return no('Nothing is held at this stage.', 'Leave the seconds out.')
  if ('newtons' in event.answer && !expected.force) return no('No load is measured at this stage.', 'Leave the newtons out.')
  const unfit = misfit(event.answer, expected)
  if (unfit) return unfit
  const angle = angleOf(event.answer)
  if (angle === undefined) return null
  if (!expected.angle) return no('No angle is measured at this stage.', 'Leave the angle out.')
  const { min, max, joint } = expected.angle
  return angle >= min && angle <= max
    ? null
    : no(`${angle}° is outside what ${joint} can be: ${min} to ${max}°.`, 'Read the angle again and type it once more.')
}

/** Was a warning sign all that closed it since the last entry of this performance? Then the load was on already, and what it brought is kept. */
function cameBefore(events: readonly ExamEvent[], id: string, book: Rulebook): boolean {
  const last = events.findLastIndex((e) => 'run' in e && e.run === id)
  const before = examFrom(events.filter((e, at) => at <= last || e.type !== 'warning-seen'))
  const run = before?.runs.find((r) => r.id === id)
  if (!before || !run) return false
  return book.bars(before, run.test, run.variant) === null
}

/** What does not fit between an observation and what its stage can hold. */
function misfit(answer: Answer, stage: StageOutline): Problem | null {
  if (answer.said === 'observed') {
    const choices = stage.choices ?? []
    return choices.some((c) => c.id === answer.choice)
      ? null
      : no(`“${answer.choice}” cannot be observed at this stage.`, `Choose ${listWords(choices.map((c) => c.id))}.`)
  }
  if (answer.said === 'measured') {
    const limits = stage.angle
    if (!limits) return no('Nothing is measured at this stage.', 'Leave the figures out.')
    const outside = answer.trials.find((v) => v < limits.min || v > limits.max)
    return outside === undefined
      ? null
      : no(`${outside} is outside what ${limits.joint} can be: ${limits.min} to ${limits.max}.`, 'Read it again and type it once more.')
  }
  if (answer.said === 'grid') {
    const cells = stage.grid ? cellsOf(stage.grid) : []
    const wrong = Object.entries(answer.cells).find(([id, value]) => !cells.some((c) => c.id === id && fitsColumn(c.column, value)))
    return wrong ? no(`“${wrong[0]}: ${wrong[1]}” does not fit this table.`, 'Choose a cell and a value that are in it.') : null
  }
  return null
}

/** A taking-back is admitted only when nothing later rests on what it takes back. */
function undoable(events: readonly ExamEvent[], target: string, book: Rulebook): Problem | null {
  const found = events.find((e) => e.id === target)
  if (!found) return no('There is nothing with that number to take back.', 'Nothing to do.')
  if (found.type === 'undone') return no('A taking-back is not itself taken back.', 'Record it again instead.')
  if (found.type === 'consent-withdrawn') return no('A withdrawal of consent stays.', 'If the patient agrees again, record that.')
  if (PAPERS.has(found.type)) return no('What was given out of hand stays on the record.', 'Write another one; both are kept.')
  if (found.type === 'exam-opened' || found.type === 'episode-continued' || found.type === 'exam-signed' || found.type === 'addendum-written') {
    return no('This entry stays on the record for good.', 'Write an addendum instead.')
  }
  if (events.some((e) => e.type === 'undone' && e.target === target)) return no('This was already taken back.', 'Nothing to do.')
  return somethingRestsOn(found, events, book) ? no('Later entries rest on this one.', 'Undo the later ones first.') : null
}

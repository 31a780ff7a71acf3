import { SHIPPED } from '../../evidence/knowledge'
import { EDITION } from '../../edition'
import { admitAll } from '../../record/admit'
import { eventIssues } from '../../record/event-schema'
import type { ExamEvent } from '../../record/event'
import { isLateSafety } from '../../record/late-safety'
import { PAPERS } from '../../record/paper-events'
import { historyIssues } from '../../record/history'
import { RULEBOOK } from '../../safety/rulebook'
import { FIRST_EDITION, isSameEdition } from '../../vocabulary/edition'
import { clinicIssues, clinicOf } from '../clinic/entries'
import { issuesWith } from '../issues'
import { type CaseFile, type ExamFile, FORMAT, type Issue, VERSION } from './file'
import { CASE, EXAM } from './file-schema'
import { pointerOf, withoutPath } from './pointer'

/** A file that was read, or everything that is wrong with it. */
export type ReadFile =
  | { readonly ok: true; readonly kind: 'exam'; readonly file: ExamFile }
  | { readonly ok: true; readonly kind: 'case'; readonly file: CaseFile }
  | { readonly ok: false; readonly issues: readonly Issue[] }

/**
 * Read an examination file, or the short form of a published case.
 *
 * Everything wrong is reported at once, with where it stands. Nothing is guessed and nothing dropped.
 */
export function readExamFile(input: unknown): ReadFile {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) return { ok: false, issues: [{ pointer: '', what: 'is not an object' }] }
  const short = 'results' in input
  if (short && 'events' in input) return { ok: false, issues: [{ pointer: '/results', what: 'stands beside events; a file has one or the other' }] }
  const issues = issuesWith(short ? CASE : EXAM, input)
  if (issues.length > 0) return { ok: false, issues }
  // Validated just above; absent parts are filled with what absence means.
  if (short) {
    const file = input as Partial<CaseFile> & Pick<CaseFile, 'results'>
    const twice = repeatedResults(file.results)
    if (twice.length > 0) return { ok: false, issues: twice }
    return {
      ok: true,
      kind: 'case',
      file: {
        format: FORMAT,
        version: VERSION,
        facts: { age: file.facts?.age ?? null },
        priors: file.priors ?? {},
        setting: file.setting ?? 'referred',
        conditions: file.conditions ?? {},
        results: file.results,
      },
    }
  }
  return readWhole(input as Partial<ExamFile> & Pick<ExamFile, 'exam' | 'events'>)
}

/** Nobody mends more at once; a file of thousands of wrong entries is not read to its end. */
export const MOST_ISSUES = 50

/** A test counts once on a side: the same again is refused, with where it stands already. */
function repeatedResults(results: CaseFile['results']): readonly Issue[] {
  return results.flatMap(({ test, side }, i) => {
    const first = results.findIndex((r) => r.test === test && r.side === side)
    return first < i ? [{ pointer: `/results/${i}`, what: `gives ${test} on the ${side} again; it stands at /results/${first} already` }] : []
  })
}

function readWhole(file: Partial<ExamFile> & Pick<ExamFile, 'exam' | 'events'>): ReadFile {
  const shapes: Issue[] = []
  for (const [i, event] of file.events.entries()) {
    for (const { path, message } of eventIssues(event)) shapes.push({ pointer: `/events/${i}${pointerOf(path)}`, what: withoutPath(message, path) })
    if (shapes.length >= MOST_ISSUES) break
  }
  if (shapes.length > 0) return { ok: false, issues: shapes }
  const knowledge = file.clinic === undefined ? [] : clinicIssues(file.clinic).map(({ pointer, what }) => ({ pointer: `/clinic${pointer}`, what }))
  if (knowledge.length > 0) return { ok: false, issues: knowledge }
  const order = orderIssues(file.events)
  if (order.length > 0) return { ok: false, issues: order }
  const opening = file.events[0]
  if (opening?.type !== 'exam-opened' || opening.examId !== file.exam.id) {
    return { ok: false, issues: [{ pointer: '/exam/id', what: 'is not the examination that the events open' }] }
  }
  const misplaced = versionIssues(file)
  if (misplaced.length > 0) return { ok: false, issues: misplaced }
  const { name = '', born = null, work = '' } = file.person ?? {}
  return {
    ok: true,
    kind: 'exam',
    file: {
      format: FORMAT,
      version: VERSION,
      person: { name, born, work },
      exam: file.exam,
      facts: { age: file.facts?.age ?? opening.ageYears },
      priors: file.priors ?? {},
      clinic: file.clinic === undefined ? SHIPPED : clinicOf(file.clinic),
      events: file.events,
    },
  }
}

/** What a file says is of its version; from version 2 the head says of the episode what the events do. */
function versionIssues({ version = VERSION, exam, events }: Pick<ExamFile, 'exam' | 'events'> & { readonly version?: number }): readonly Issue[] {
  const signed = events.findIndex((event) => event.type === 'exam-signed')
  const since = (event: ExamEvent, at: number) => (signed !== -1 && at > signed && isLateSafety(event) ? 4 : sinceVersion(event))
  const late = events.findIndex((event, at) => since(event, at) > version)
  const event = events[late]
  if (event) return [{ pointer: `/events/${late}`, what: `belongs to version ${since(event, late)} of the file` }]
  if (version === 1) return exam.episode === undefined ? [] : [{ pointer: '/exam/episode', what: 'belongs to version 2 of the file' }]
  if (exam.episode === undefined) return []
  const continued = events.find((e) => e.type === 'episode-continued')
  const told = continued ? { id: continued.episode, visit: continued.visit } : { id: exam.id, visit: 1 }
  const same = told.id === exam.episode.id && told.visit === exam.episode.visit
  return same ? [] : [{ pointer: '/exam/episode', what: 'is not the episode and visit that the events tell' }]
}

const SINCE_TWO: ReadonlySet<string> = new Set(['episode-continued', 'treatment-given', 'treatment-answered', 'sign-marked', 'baseline-pinned'])

/** The first version of the file that could hold this event. */
function sinceVersion(event: ExamEvent): 1 | 2 | 3 | 4 {
  if ('of' in event) return 4
  if (PAPERS.has(event.type) || (event.type === 'note-written' && event.section !== undefined)) return 3
  if (event.type === 'stage-answered' && 'picture' in event.answer) return 3
  return SINCE_TWO.has(event.type) || (event.type === 'test-started' && event.moment !== undefined) ? 2 : 1
}

/**
 * Do the events follow from each other?
 *
 * By today's rules where they were recorded with today's edition; older ones were admitted by the rules of their time, and only
 * what no edition ever allowed is refused.
 */
function orderIssues(events: ExamFile['events']): readonly Issue[] {
  const opening = events[0]
  const edition = (opening?.type === 'exam-opened' ? opening.edition : undefined) ?? FIRST_EDITION
  const history = historyIssues(events).map(({ at, what }) => ({ pointer: `/events/${at}`, what }))
  if (history.length > 0 || !isSameEdition(edition, EDITION)) return history
  const admission = admitAll([], events, RULEBOOK)
  return admission.ok ? [] : [{ pointer: `/events/${admission.at}`, what: admission.problem.what }]
}

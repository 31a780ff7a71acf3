import * as yup from 'yup'
import { testById } from '../../catalogue'
import { CLUSTERS } from '../../clusters'
import { itemsOf } from '../../clusters/asks-for'
import { itemKey } from '../../clusters/item'
import { SHIPPED } from '../../evidence/knowledge'
import { SIGNS } from '../../evidence/signs'
import { WEIGHED } from '../../evidence/prior'
import { admit } from '../../record/admit'
import type { ExamEvent } from '../../record/event'
import { eventIssues } from '../../record/event-schema'
import { RULEBOOK } from '../../safety/rulebook'
import { clinicIssues, clinicOf } from '../clinic/entries'
import { type CaseFile, type ExamFile, FORMAT, type Issue, VERSION } from './file'
import { issuesWith } from '../issues'
import { pointerOf, withoutPath } from './pointer'

/** A file that was read, or everything that is wrong with it. */
export type ReadFile =
  | { readonly ok: true; readonly kind: 'exam'; readonly file: ExamFile }
  | { readonly ok: true; readonly kind: 'case'; readonly file: CaseFile }
  | { readonly ok: false; readonly issues: readonly Issue[] }

const text = (max: number) => yup.string().strict().max(max)
const prior = yup.number().strict().moreThan(0).lessThan(1)
const known = { format: yup.string().strict().oneOf([FORMAT]).required(), version: yup.number().strict().oneOf([VERSION]).required() }
const facts = yup
  .object({ age: yup.number().strict().integer().min(0).max(130).nullable() })
  .noUnknown('has fields nobody knows: ${unknown}')
  .strict()
const priors = yup
  .object(Object.fromEntries(WEIGHED.map((source) => [source, prior])))
  .noUnknown('has sources nobody knows: ${unknown}')
  .strict()

const EXAM = yup
  .object({
    ...known,
    person: yup
      .object({ name: text(120), born: text(10).nullable(), work: text(120) })
      .noUnknown('has fields nobody knows: ${unknown}')
      .strict(),
    exam: yup
      .object({ id: text(36).required(), at: yup.number().strict().integer().min(0).required() })
      .noUnknown('has fields nobody knows: ${unknown}')
      .strict()
      .required(),
    facts: facts.optional(),
    priors: priors.optional(),
    schools: yup
      .object({ pelvic: yup.string().strict().oneOf(['pelvic-five']) })
      .noUnknown('has fields nobody knows: ${unknown}')
      .strict()
      .optional(),
    clinic: yup.mixed().optional(),
    events: yup.array().strict().min(1).max(20_000).required(),
  })
  .noUnknown('has fields nobody knows: ${unknown}')
  .strict()

/** Everything a rule or a sign asks that is no test result. */
const CONDITIONS: ReadonlySet<string> = new Set([
  ...CLUSTERS.flatMap((cluster) => itemsOf(cluster).flatMap((item) => (item.kind === 'positive' ? [] : [itemKey(item)]))),
  ...SIGNS.map((sign) => sign.id),
])

const CASE = yup
  .object({
    ...known,
    facts: facts.optional(),
    priors: priors.optional(),
    setting: yup.string().strict().oneOf(['first-contact', 'referred']).optional(),
    conditions: yup
      .object()
      .strict()
      .optional()
      .test('known', 'has conditions no rule asks for', (value) =>
        Object.entries(value ?? {}).every(([key, holds]) => CONDITIONS.has(key) && typeof holds === 'boolean'),
      ),
    results: yup
      .array()
      .strict()
      .max(500)
      .of(
        yup
          .object({
            test: yup
              .string()
              .strict()
              .required()
              .test('known', 'is no test known here', (id) => testById(id) !== undefined),
            side: yup.string().strict().oneOf(['left', 'right']).required(),
            result: yup.string().strict().oneOf(['positive', 'negative', 'inconclusive']).required(),
          })
          .noUnknown('has fields nobody knows: ${unknown}')
          .strict()
          .required(),
      )
      .required(),
  })
  .noUnknown('has fields nobody knows: ${unknown}')
  .strict()

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

function readWhole(file: Partial<ExamFile> & Pick<ExamFile, 'exam' | 'events'>): ReadFile {
  const shapes = file.events.flatMap((event, i) =>
    eventIssues(event).map(({ path, message }) => ({ pointer: `/events/${i}${pointerOf(path)}`, what: withoutPath(message, path) })),
  )
  if (shapes.length > 0) return { ok: false, issues: shapes }
  const knowledge = file.clinic === undefined ? [] : clinicIssues(file.clinic).map(({ pointer, what }) => ({ pointer: `/clinic${pointer}`, what }))
  if (knowledge.length > 0) return { ok: false, issues: knowledge }
  let sofar: readonly ExamEvent[] = []
  for (const [i, event] of file.events.entries()) {
    const admission = admit(sofar, event, RULEBOOK)
    if (!admission.ok) return { ok: false, issues: [{ pointer: `/events/${i}`, what: admission.problem.what }] }
    sofar = admission.events
  }
  const opening = file.events[0]
  if (opening?.type !== 'exam-opened' || opening.examId !== file.exam.id) {
    return { ok: false, issues: [{ pointer: '/exam/id', what: 'is not the examination that the events open' }] }
  }
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

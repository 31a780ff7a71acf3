import * as yup from 'yup'
import { LETTER_URGENCIES, SECTION_IDS } from '../vocabulary/note-section'
import { LATEST_MS } from '../vocabulary/moment'
import type { Problem } from '../vocabulary/problem'
import { ANSWER } from './answer-schema'
import type { ExamEvent } from './event'
import { EDITION_SHAPE, FROZEN_SHAPE } from './frozen-schema'
import { byField, count, intensity, oneOf, places, qualities, recordOf, SLUG, shape, slug, symptomId, uuid, words } from './shapes'
import { MOMENT, STIRRING_SHAPE, VISIT_FIELDS } from './visit-schema'

const side = oneOf('left', 'right', 'none')
const yesNo = oneOf('yes', 'no')
const RECORD_POINT = shape({
  length: count.min(1).required(),
  hash: yup
    .string()
    .strict()
    .required()
    .matches(/^[0-9a-f]{64}$/),
})
const stamp = { id: uuid, at: count.max(LATEST_MS).required(), by: slug }
const event = <const T extends string, S extends yup.ObjectShape>(type: T, fields: S) => shape({ ...stamp, type: oneOf(type), ...fields })

/**
 * The shape of every event, by its kind.
 *
 * Stored for ever, so a shape may be added to and never narrowed. `schema-types.test.ts` holds each equal to its type in
 * `event.ts`, and the published JSON Schema is made from these by `npm run schemas`.
 */
export const EVENT_SHAPES = {
  'exam-opened': event('exam-opened', {
    examId: uuid,
    personId: uuid,
    ageYears: yup.number().strict().integer().min(0).max(130).nullable().defined(),
    edition: EDITION_SHAPE.default(undefined).optional(),
  }),
  'symptom-described': event('symptom-described', {
    symptom: symptomId,
    words: words(300),
    places,
    qualities: qualities.defined(),
    now: intensity.nullable().defined(),
    worst: intensity.nullable(),
    usual: intensity.nullable(),
    bringsOn: words(300),
    eases: words(300),
    stirring: STIRRING_SHAPE.nullable().defined(),
    first: yup.boolean().strict(),
  }),
  'symptom-removed': event('symptom-removed', { symptom: symptomId }),
  'consent-given': event('consent-given', { form: oneOf('verbal', 'written'), explained: words(1000).optional() }),
  'consent-withdrawn': event('consent-withdrawn', {}),
  'screen-answered': event('screen-answered', { item: slug, answer: yesNo }),
  'screen-rest-no': event('screen-rest-no', { group: slug, items: yup.array().strict().min(1).max(40).of(slug).required() }),
  'screen-elsewhere': event('screen-elsewhere', { group: slug, why: words(300).min(3) }),
  'gate-opened': event('gate-opened', {
    gate: slug,
    why: words(300).min(3),
    causes: yup.array().strict().max(200).of(yup.string().strict().defined().max(120)).optional(),
  }),
  'test-started': event('test-started', { run: uuid, test: slug, side, variant: slug, moment: MOMENT.optional() }),
  'stage-answered': event('stage-answered', { run: uuid, stage: slug, answer: ANSWER }),
  'test-stopped': event('test-stopped', { run: uuid, why: oneOf('patient-asked', 'examiner-chose', 'halted') }),
  'run-chosen': event('run-chosen', { run: uuid, why: words(300).min(3) }),
  'age-corrected': event('age-corrected', { ageYears: yup.number().strict().integer().min(0).max(130).nullable().defined(), why: words(300).min(3) }),
  'wrong-person': event('wrong-person', { why: words(300).min(3) }),
  'test-skipped': event('test-skipped', { test: slug, side, why: words(300).min(1) }),
  'finding-overridden': event('finding-overridden', {
    run: uuid,
    about: oneOf('left', 'right'),
    result: oneOf('positive', 'negative', 'inconclusive'),
    why: words(300).min(3),
  }),
  'symptom-rated': event('symptom-rated', { symptom: symptomId, now: intensity.required() }),
  'warning-seen': event('warning-seen', { sign: slug }),
  'route-ordered': event('route-ordered', {
    order: yup
      .array()
      .strict()
      .defined()
      .max(200)
      .of(
        yup
          .string()
          .strict()
          .defined()
          .matches(/^[a-z0-9-]{1,60} (left|right|none)$/, '${path} must be a test and a side'),
      ),
  }),
  'schools-chosen': event('schools-chosen', {
    schools: recordOf(SLUG, slug, { max: 100, what: 'a school for each question' }),
    setting: oneOf('first-contact', 'referred'),
  }),
  'plan-chosen': event('plan-chosen', { mode: oneOf('full-baseline', 'quickest-answer', 'fewest-turns') }),
  'consent-renewed': event('consent-renewed', { region: slug, answer: oneOf('agreed', 'refused'), chaperone: oneOf('declined', 'present') }),
  'fact-told': event('fact-told', { fact: slug, answer: yesNo }),
  undone: event('undone', { target: uuid }),
  'note-written': event('note-written', {
    text: words(20_000),
    section: oneOf(...SECTION_IDS)
      .default(undefined)
      .optional(),
  }),
  'exam-signed': event('exam-signed', { frozen: FROZEN_SHAPE.default(undefined).optional(), of: RECORD_POINT.default(undefined).optional() }),
  'addendum-written': event('addendum-written', { text: words(5000).min(1) }),
  'letter-written': event('letter-written', {
    to: words(300),
    urgency: oneOf(...LETTER_URGENCIES),
    agreed: oneOf('yes', 'no', 'not-asked'),
    // The letter of an examination in which every test was done is longer than a note by hand.
    text: words(60_000).min(1),
    of: RECORD_POINT.default(undefined).optional(),
    zone: yup
      .string()
      .strict()
      .max(60)
      .matches(/^[A-Za-z0-9_+/-]+$/)
      .optional(),
    edited: yup.boolean().strict().optional(),
  }),
  'summary-given': event('summary-given', {
    agreed: words(2000),
    figures: yup.boolean().strict().required(),
    text: words(20_000).min(1),
    of: RECORD_POINT.default(undefined).optional(),
  }),
  'episode-continued': event('episode-continued', VISIT_FIELDS['episode-continued']),
  'treatment-given': event('treatment-given', VISIT_FIELDS['treatment-given']),
  'treatment-answered': event('treatment-answered', VISIT_FIELDS['treatment-answered']),
  'sign-marked': event('sign-marked', VISIT_FIELDS['sign-marked']),
  'baseline-pinned': event('baseline-pinned', VISIT_FIELDS['baseline-pinned']),
}

/** Any event. */
export const EVENT = byField('type', EVENT_SHAPES)

/** What is wrong with the shape of an event, and where; nothing when it can be read. */
export function eventIssues(input: unknown): readonly { readonly path: string; readonly message: string }[] {
  try {
    EVENT.validateSync(input, { strict: true, abortEarly: false })
    return []
  } catch (error) {
    if (!yup.ValidationError.isError(error)) return [{ path: '', message: 'is not an event' }]
    const inner = error.inner.length > 0 ? error.inner : [error]
    return inner.map((e) => ({ path: e.path ?? '', message: e.message }))
  }
}

/** An event read from outside, or what is wrong with it. */
export type Parsed = { readonly ok: true; readonly event: ExamEvent } | { readonly ok: false; readonly problem: Problem }

/**
 * Read one event from outside: a request, a file or a row of the store.
 *
 * Fields nobody knows are refused, never dropped.
 */
export function parseEvent(input: unknown): Parsed {
  try {
    return { ok: true, event: EVENT.validateSync(input, { strict: true }) as ExamEvent }
  } catch (error) {
    if (!yup.ValidationError.isError(error)) return { ok: false, problem: unreadable('it is not an event') }
    return { ok: false, problem: unreadable(error.errors.join('; ')) }
  }
}

function unreadable(why: string): Problem {
  return {
    what: `An entry could not be read: ${why}.`,
    kept: 'Everything recorded before it is kept; this was not written.',
    do: 'Record it again. If it keeps happening, reload the page.',
  }
}

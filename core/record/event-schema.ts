import * as yup from 'yup'
import { isPlace } from '../vocabulary/body-area'
import type { Problem } from '../vocabulary/problem'
import { QUALITIES } from '../vocabulary/quality'
import { LIMITS } from './answer'
import type { ExamEvent } from './event'

const words = (max: number) => yup.string().strict().defined().max(max)
const id = yup
  .string()
  .strict()
  .required()
  .matches(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/, '${path} must be a UUID of version 7')
const SLUG = /^[a-z0-9-]{1,60}$/
const slug = yup.string().strict().required().matches(SLUG, '${path} must be a short name in small letters')
const symptom = yup
  .string()
  .strict()
  .required()
  .matches(/^S[1-9][0-9]?$/, '${path} must be S1 to S99')
const intensity = yup.number().strict().integer().min(0).max(10)
const angle = yup.number().strict().min(-180).max(180)
const places = yup
  .array()
  .strict()
  .defined()
  .max(200)
  .of(
    yup
      .string()
      .strict()
      .defined()
      .test('place', '${path} is not a place on the body chart', (p) => isPlace(p)),
  )
const side = yup
  .string()
  .strict()
  .oneOf(['left', 'right', 'none'] as const)
  .required()

const shape = <S extends yup.ObjectShape>(fields: S) => yup.object(fields).noUnknown('${path} has fields nobody knows: ${unknown}').strict()

const stamp = { id, at: yup.number().strict().integer().min(0).required(), by: slug }
const event = <T extends string, S extends yup.ObjectShape>(type: T, fields: S) =>
  shape({ ...stamp, type: yup.string().strict().oneOf([type]).required(), ...fields })

const said = <T extends string>(...kinds: [T, ...T[]]) => yup.string().strict().oneOf(kinds).required()

const lean = yup.boolean().strict()
const held = yup.number().strict().integer().min(0).max(900)
const newtons = yup.number().strict().integer().min(0).max(2000)
const qualities = yup.array().strict().max(QUALITIES.length).of(yup.string().strict().oneOf(QUALITIES).defined())

const ANSWERS: Record<string, yup.Schema> = {
  nothing: shape({ said: said('nothing'), end: angle, lean, held, newtons }),
  stretch: shape({ said: said('stretch'), places, end: angle, lean, held, newtons }),
  familiar: shape({ said: said('familiar'), symptom, places, intensity: intensity.required(), onset: angle, lean, held, newtons }),
  other: shape({ said: said('other'), places, words: yup.string().strict().max(200), qualities, end: angle, lean, held, newtons }),
  eased: shape({ said: said('eased') }),
  unchanged: shape({ said: said('unchanged') }),
  returned: shape({ said: said('returned'), lowered: angle }),
  'stayed-away': shape({ said: said('stayed-away'), lowered: angle }),
  worse: shape({ said: said('worse') }),
  'nothing-to-relieve': shape({ said: said('nothing-to-relieve') }),
  observed: shape({ said: said('observed'), choice: slug }),
  measured: shape({
    said: said('measured'),
    trials: yup.array().strict().min(1).max(3).of(yup.number().strict().min(-180).max(600).defined()).required(),
    limitedBy: yup.string().strict().oneOf(LIMITS),
  }),
  grid: shape({
    said: said('grid'),
    cells: yup.lazy((value: unknown) => {
      const keys = typeof value === 'object' && value !== null && !Array.isArray(value) ? Object.keys(value) : []
      const cell = yup
        .string()
        .strict()
        .required()
        .matches(/^[a-z0-9+-]{1,30}$/, '${path} must be a short value')
      return yup
        .object(Object.fromEntries(keys.map((key) => [key, cell])))
        .strict()
        .required()
        .test(
          'cells',
          '${path} must have one to 200 cells named “row.column”',
          () => keys.length > 0 && keys.length <= 200 && keys.every((k) => /^[a-z0-9-]+\.[a-z0-9-]+$/.test(k)),
        )
    }),
  }),
}

/** Chooses the shape by one field, so that a message speaks of the shape that was meant. */
function byField(field: string, shapes: Record<string, yup.Schema>) {
  // No other field is judged here: until the kind is known, nobody knows which belong to it.
  const none = yup.object({ [field]: yup.string().strict().oneOf(Object.keys(shapes)).required() }).strict()
  return yup.lazy((value: unknown) => {
    const key = typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[field] : undefined
    return (typeof key === 'string' && Object.hasOwn(shapes, key) ? shapes[key] : none) ?? none
  })
}

const EVENTS: Record<ExamEvent['type'], yup.Schema> = {
  'exam-opened': event('exam-opened', {
    examId: id,
    personId: id,
    ageYears: yup.number().strict().integer().min(0).max(130).nullable().defined(),
  }),
  'symptom-described': event('symptom-described', {
    symptom,
    words: words(300),
    places,
    qualities: qualities.defined(),
    now: intensity.nullable().defined(),
    worst: intensity.nullable(),
    usual: intensity.nullable(),
    bringsOn: words(300),
    eases: words(300),
    stirring: shape({
      stirredBy: yup.string().strict().nullable().defined().oneOf(['much', 'some', 'little', null]),
      settles: yup.string().strict().nullable().defined().oneOf(['minutes', 'half-hour', 'longer', null]),
    })
      .nullable()
      .defined(),
  }),
  'symptom-removed': event('symptom-removed', { symptom }),
  'consent-given': event('consent-given', { form: yup.string().strict().oneOf(['verbal', 'written']).required() }),
  'consent-withdrawn': event('consent-withdrawn', {}),
  'screen-answered': event('screen-answered', { item: slug, answer: yup.string().strict().oneOf(['yes', 'no']).required() }),
  'screen-rest-no': event('screen-rest-no', { group: slug, items: yup.array().strict().min(1).max(40).of(slug).required() }),
  'gate-opened': event('gate-opened', { gate: slug, why: words(300).min(3) }),
  'test-started': event('test-started', { run: id, test: slug, side, variant: slug }),
  'stage-answered': event('stage-answered', { run: id, stage: slug, answer: byField('said', ANSWERS) }),
  'test-stopped': event('test-stopped', {
    run: id,
    why: yup.string().strict().oneOf(['patient-asked', 'examiner-chose']).required(),
  }),
  'test-skipped': event('test-skipped', { test: slug, side, why: words(300).min(1) }),
  'finding-overridden': event('finding-overridden', {
    run: id,
    about: yup.string().strict().oneOf(['left', 'right']).required(),
    result: yup.string().strict().oneOf(['positive', 'negative', 'inconclusive']).required(),
    why: words(300).min(3),
  }),
  'symptom-rated': event('symptom-rated', { symptom, now: intensity.required() }),
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
    schools: yup
      .object()
      .strict()
      .required()
      .test('slugs', '${path} must name a school for each question', (value) =>
        Object.entries(value).every(([question, id]) => SLUG.test(question) && typeof id === 'string' && SLUG.test(id)),
      ),
    setting: yup
      .string()
      .strict()
      .oneOf(['first-contact', 'referred'] as const)
      .required(),
  }),
  'plan-chosen': event('plan-chosen', {
    mode: yup
      .string()
      .strict()
      .oneOf(['full-baseline', 'quickest-answer', 'fewest-turns'] as const)
      .required(),
  }),
  'consent-renewed': event('consent-renewed', {
    region: slug,
    answer: yup.string().strict().oneOf(['agreed', 'refused']).required(),
    chaperone: yup.string().strict().oneOf(['declined', 'present']).required(),
  }),
  'fact-told': event('fact-told', { fact: slug, answer: yup.string().strict().oneOf(['yes', 'no']).required() }),
  undone: event('undone', { target: id }),
  'note-written': event('note-written', { text: words(20000) }),
  'exam-signed': event('exam-signed', {}),
  'addendum-written': event('addendum-written', { text: words(5000).min(1) }),
}

const EVENT = byField('type', EVENTS)

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
 * Fields nobody knows are refused, never dropped. Shapes may be added to, never narrowed:
 * old events must stay readable.
 */
export function parseEvent(input: unknown): Parsed {
  try {
    // The schemas above mirror the union field by field; event-schema.test.ts holds them to it.
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

import * as yup from 'yup'
import { ZONES } from '../vocabulary/body-area'
import { ANSWER } from './answer-schema'
import { count, intensity, oneOf, places, qualities, shape, slug, symptomId, uuid, words } from './shapes'
import { LATEST_MS } from '../vocabulary/moment'
import { RESPONSES, TREATMENTS } from './visit-events'

const side = oneOf('left', 'right', 'none')
const at = count.max(LATEST_MS).required()
const list = <T>(max: number, of: yup.ISchema<T, yup.AnyObject>) => yup.array().strict().defined().max(max).of(of)
const orNull = <const T extends string>(...values: readonly T[]) =>
  yup
    .string<T>()
    .strict()
    .nullable()
    .defined()
    .oneOf([...values, null])

/** How easily a symptom is stirred up. */
export const STIRRING_SHAPE = shape({ stirredBy: orNull('much', 'some', 'little'), settles: orNull('minutes', 'half-hour', 'longer') })

/** A visit has at most so many; more is a mistake. */
export const MOST_TREATMENTS = 20
/** Performances a visit is compared with, at most: two of every test, side and variant there is would be fewer. */
const MOST_EARLIER = 400
const MOST_VISITS = 1000

const level = intensity.nullable().defined()
const symptom = shape({
  id: symptomId,
  words: words(300),
  places,
  qualities: qualities.defined(),
  now: level,
  worst: level,
  usual: level,
  bringsOn: words(300),
  eases: words(300),
  stirring: STIRRING_SHAPE.nullable().defined(),
})

const earlierRun = shape({
  id: uuid,
  test: slug,
  side,
  variant: slug,
  catalogue: count.min(1).required(),
  startedAt: at,
  moment: count.max(MOST_TREATMENTS).required(),
  answers: list(100, shape({ event: uuid, stage: slug, answer: ANSWER, at })),
  stopped: orNull('patient-asked', 'examiner-chose', 'halted', 'consent-withdrawn'),
  story: list(99, symptom),
  exam: uuid,
  visit: count.min(1).max(MOST_VISITS).required(),
  overrides: list(20, shape({ about: oneOf('left', 'right'), result: oneOf('positive', 'negative', 'inconclusive'), why: words(300) })),
})

/** The moment of a visit that a test belongs to. */
export const MOMENT = count.min(1).max(MOST_TREATMENTS)

const why = words(300).min(3)

/** What each event of an episode carries beside its stamp. */
export const VISIT_FIELDS = {
  'episode-continued': {
    episode: uuid,
    visit: count.min(2).max(MOST_VISITS).required(),
    given: list(99, symptomId),
    earlier: list(MOST_EARLIER, earlierRun),
    treated: list(1000, shape({ exam: uuid, at, kind: oneOf(...TREATMENTS) })),
    signs: list(200, shape({ test: slug, side, as: oneOf('pinned', 'dropped', 'proposed'), why: words(300) })),
    baselines: list(200, shape({ run: uuid, why })),
  },
  'treatment-given': {
    kind: oneOf(...TREATMENTS),
    region: oneOf(...ZONES),
    side: oneOf('left', 'right', 'both'),
    words: words(1000),
    response: orNull(...RESPONSES),
  },
  'treatment-answered': { treatment: count.min(1).max(MOST_TREATMENTS).required(), response: oneOf(...RESPONSES) },
  'sign-marked': { test: slug, side, as: oneOf('pinned', 'dropped', 'proposed') },
  'baseline-pinned': { run: uuid, why },
} as const

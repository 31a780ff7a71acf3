import * as yup from 'yup'
import { MOST_REASONS, REASON_KINDS } from './reason'
import { count, oneOf, probability, shape, slug, words } from './shapes'

const side = oneOf('left', 'right')
const direction = oneOf('for', 'against')
const result = oneOf('positive', 'negative', 'inconclusive', 'not-applicable')
const line = words(4000)
const name = words(300)
const list = <T>(max: number, of: yup.ISchema<T, yup.AnyObject>) => yup.array().strict().defined().max(max).of(of)
const figure = yup.number().strict().min(0).nullable().defined()

/** Lines of one section of a note: every performance has two, and nobody does as many. */
const MOST_LINES = 5000

/** The shape of an edition. */
export const EDITION_SHAPE = shape({ catalogue: count.min(1).required(), rules: count.min(1).required(), register: count.min(1).required() })

/** The shape of what a signature freezes. */
export const FROZEN_SHAPE = shape({
  edition: EDITION_SHAPE.required(),
  findings: list(
    1000,
    shape({
      test: slug,
      name,
      side,
      about: side,
      variant: words(60),
      run: words(36),
      result,
      why: line,
      symptom: words(3).nullable(),
      places: list(200, words(60)),
      intensity: yup.number().strict().min(0).max(10).nullable().defined(),
      readings: list(50, shape({ source: slug, direction, strength: oneOf('quantified', 'pointer'), why: line })),
      onset: yup.number().strict(),
      end: yup.number().strict(),
      onsetStage: words(60).nullable(),
      derived: shape({ result, why: line }).default(undefined).optional(),
      checks: list(50, line),
    }),
  ),
  rules: list(
    1000,
    shape({
      id: slug,
      name,
      side,
      state: oneOf('met', 'out-of-reach', 'open'),
      words: line,
      positives: count.required(),
      needs: count.required(),
      open: list(100, slug),
      spare: list(100, slug),
      asks: list(100, words(100)),
      standing: words(60),
      grade: name.nullable(),
      lr: figure,
      pretest: figure,
      postTest: figure,
    }),
  ),
  estimates: list(
    200,
    shape({
      id: slug,
      name,
      side,
      moved: yup.boolean().strict().required(),
      prior: probability.required(),
      product: probability.required(),
      model: probability.required(),
      rule: shape({ id: slug, postTest: probability.required(), publishedPostTest: probability.nullable().defined() }).nullable().defined(),
      headline: words(60),
      estimate: probability.optional(),
      disagree: yup.boolean().strict().optional(),
      contradiction: yup.boolean().strict().optional(),
      interval: yup.tuple([probability.required(), probability.required()]).strict().nullable().defined(),
    }),
  ),
  pointers: list(1000, shape({ id: slug, name, side, from: words(100), direction, why: line })),
  levels: list(20, shape({ side, limb: words(60), best: name, runnerUp: name, close: yup.boolean().strict().required(), check: line.nullable() })),
  runs: list(1000, shape({ run: words(36), test: slug, name, side: oneOf('left', 'right', 'none') })),
  conclusion: yup.string().strict().max(300).optional(),
  changes: list(
    1000,
    shape({
      test: slug,
      name,
      side: oneOf('left', 'right', 'none'),
      since: oneOf('treatment', 'last-visit', 'baseline'),
      verdict: oneOf('better', 'same', 'worse', 'not-comparable'),
      sentence: line,
      alert: yup.string<'became-positive' | 'lost'>().strict().oneOf(['became-positive', 'lost']).optional(),
    }),
  )
    .default(undefined)
    .optional(),
  notDone: list(1000, shape({ test: slug, name, side: oneOf('left', 'right', 'none'), as: oneOf('left-out', 'withheld', 'open'), why: words(20_000) }))
    .default(undefined)
    .optional(),
  note: list(
    50,
    shape({
      heading: name,
      lines: list(MOST_LINES, words(20_000)),
      from: list(MOST_LINES, list(MOST_REASONS, shape({ kind: oneOf(...REASON_KINDS), id: words(100) })))
        .default(undefined)
        .optional(),
      own: words(20_000).default(undefined).optional(),
    }),
  ),
})

import * as yup from 'yup'
import { LATEST_MS } from '../vocabulary/moment'
import { count, oneOf, shape, slug } from '../record/shapes'
import { PLAYED } from './picture'
import type { Commitment, PracticeStep } from './attempt'
import { isStoryQuestion } from './story-questions'
import { DRILL_IDS, type DrillAnswer, type Level } from './drills/drill'

// What a window of practice sends, beside the events of the record.

const at = count.max(LATEST_MS).required()
const side = oneOf('left', 'right')
const level = yup.string().strict().nullable().defined().max(20)

const REACH = shape({
  degrees: yup.number().strict().min(-180).max(180),
  newtons: yup.number().strict().min(0).max(2000),
  held: yup.number().strict().min(0).max(3600),
  part: yup.string().strict().max(40),
})

const STEPS = {
  hands: shape({
    kind: oneOf('hands'),
    at,
    test: slug,
    side: oneOf('left', 'right', 'none'),
    variant: slug,
    stage: slug,
    reach: REACH.required(),
    farthest: yup.number().strict().min(-180).max(180),
    pace: oneOf('slow', 'fast'),
    asked: oneOf('open', 'leading', 'nothing'),
  }),
  story: shape({
    kind: oneOf('story'),
    at,
    question: yup
      .string()
      .strict()
      .required()
      .test('question', '${path} is no question of the story', (q) => isStoryQuestion(q)),
  }),
  screen: shape({ kind: oneOf('screen'), at, item: slug }),
} as const

const STEP = yup.lazy((value: unknown) => {
  const kind = typeof value === 'object' && value !== null && 'kind' in value ? value.kind : undefined
  return kind === 'hands' || kind === 'story' || kind === 'screen' ? STEPS[kind] : shape({ kind: oneOf('hands', 'story', 'screen') })
})

/** Some steps, each with the number it is sent under. */
const SENT_STEPS = yup
  .array()
  .strict()
  .max(200)
  .of(shape({ id: yup.string().strict().required().max(60), step: STEP as unknown as yup.Schema }))
  .required()

/** Read steps as a window sends them. @throws {yup.ValidationError} where they have another shape */
export function readSteps(input: unknown): readonly { readonly id: string; readonly step: PracticeStep }[] {
  return SENT_STEPS.validateSync(input, { strict: true }) as unknown as readonly { id: string; step: PracticeStep }[]
}

const COMMITMENT = shape({
  sources: yup
    .array()
    .strict()
    .max(2, 'name two sources at most')
    .of(shape({ source: oneOf(...PLAYED), side, level }))
    .required(),
  certainty: yup.number().strict().integer().min(0).max(100).required('say how sure you are'),
  next: oneOf('treat', 'refer'),
  urgency: yup
    .string()
    .strict()
    .nullable()
    .defined()
    .oneOf(['emergency', 'same-day', 'urgent', 'medical-review', null])
    .when('next', { is: 'refer', then: (schema) => schema.required('say how soon it is referred') }),
})

/** Read a commitment. @throws {yup.ValidationError} in words, where something is missing */
export function readCommitment(input: unknown): Commitment {
  return COMMITMENT.validateSync(input, { strict: true })
}

const ANSWERED = shape({
  drill: oneOf(...(DRILL_IDS as readonly [string, ...string[]])),
  topic: yup.string().strict().required().max(120),
  seed: yup.string().strict().required().max(60),
  level: yup.number().strict().integer().min(1).max(5).required(),
  answer: yup.lazy((value: unknown) => {
    const kind = typeof value === 'object' && value !== null && 'kind' in value ? value.kind : undefined
    switch (kind) {
      case 'estimate':
        return shape({ kind: oneOf('estimate'), value: yup.number().strict().min(-1000).max(2000).required() })
      case 'choice':
        return shape({ kind: oneOf('choice'), choice: yup.string().strict().required().max(60) })
      case 'order':
        return shape({ kind: oneOf('order'), order: yup.array().strict().max(20).of(slug).required() })
      default:
        return shape({
          kind: oneOf('press'),
          inBand: yup.number().strict().min(0).max(1).required(),
          overshoot: yup.number().strict().min(0).max(2000).required(),
          heldSeconds: yup.number().strict().min(0).max(600).required(),
          smoothness: yup.number().strict().min(0).max(1).required(),
        })
    }
  }) as unknown as yup.Schema,
})

/** The answer of a drill as a window sends it; its drill may have left the program. */
export interface SentAnswer {
  readonly drill: string
  readonly topic: string
  readonly seed: string
  readonly level: Level
  readonly answer: DrillAnswer
}

/** Read the answer of a drill. @throws {yup.ValidationError} where it has another shape */
export function readDrillAnswer(input: unknown): SentAnswer {
  return ANSWERED.validateSync(input, { strict: true }) as SentAnswer
}

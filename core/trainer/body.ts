import * as yup from 'yup'
import { testById } from '../catalogue'
import { oneOf, shape, slug } from '../record/shapes'
import { movementOf } from './mechanics/felt'
import type { Doing, Step } from './mechanics/strain'
import { respond, type Response } from './respond'
import type { SimulatedPatient } from './simulated-patient'

/** A step of a performance in plain data, as it is sent: tests and stages by their names. */
export interface SentDoing {
  readonly test: string
  readonly side: Doing['side']
  readonly variant: string
  readonly before: readonly { readonly stage: string; readonly reach: Step['reach'] }[]
  readonly step: { readonly stage: string; readonly reach: Step['reach'] }
}

/** What hands meet at a step: how far it goes, where the face shows it, and what is said. Nothing of why. */
export interface BodyAnswer {
  readonly movement: { readonly onset: number | null; readonly end: number }
  /** The load at which the face shows it, in newtons; null where it does not. */
  readonly wince: number | null
  readonly response: Omit<Response, 'why'>
}

const number = yup.number().strict().min(-1000).max(100_000)
const REACH = shape({ degrees: number, newtons: number, held: number, part: yup.string().strict().max(60) })
const STEP = shape({ stage: slug, reach: REACH.required() })
const DOING = shape({
  test: slug,
  side: oneOf('left', 'right', 'none'),
  variant: slug,
  before: yup.array().strict().max(60).of(STEP.required()).required(),
  step: STEP.required(),
})

/** @returns null for what names no test and stage of the catalogue */
export function readDoing(sent: unknown): Doing | null {
  if (!DOING.isValidSync(sent, { strict: true })) return null
  const { test: id, side, variant, before, step } = sent as SentDoing
  const test = testById(id)
  const steps = [...before, step].map(({ stage, reach }) => ({ stage: test?.stages.find((s) => s.id === stage), reach }))
  const named = steps.flatMap(({ stage, reach }): Step[] => (stage ? [{ stage, reach }] : []))
  const last = named.at(-1)
  return test && last && named.length === steps.length ? { test, side, variant, before: named.slice(0, -1), step: last } : null
}

/** The same step as it is sent. */
export function sentDoing({ test, side, variant, before, step }: Doing): SentDoing {
  const plain = ({ stage, reach }: Step) => ({ stage: stage.id, reach })
  return { test: test.id, side, variant, before: before.map(plain), step: plain(step) }
}

/** How this person's body answers a step. */
export function bodyAnswer(patient: SimulatedPatient, doing: Doing): BodyAnswer {
  const { stage } = doing.step
  const { why, ...response } = respond(patient, doing)
  return {
    movement: movementAt(patient, doing),
    wince: stage.force ? (respond(patient, { ...doing, step: { stage, reach: { newtons: 1000 } } }).wince?.at ?? null) : null,
    response,
  }
}

/** Where a movement begins to hurt, and where it ends: of a range that is measured, at what stops it. */
function movementAt(patient: SimulatedPatient, doing: Doing): BodyAnswer['movement'] {
  const { stage } = doing.step
  const rest = stage.angle?.rest ?? 0
  if (stage.kind === 'measure') {
    const { answer } = respond(patient, { ...doing, step: { stage, reach: {} } })
    const end = answer.said === 'measured' ? (answer.trials[0] ?? rest) : rest
    return { onset: answer.said === 'measured' && answer.limitedBy === 'own-pain' ? end : null, end }
  }
  const movement = movementOf(patient, { ...doing, step: { stage, reach: {} } })
  return { onset: movement?.onset ?? null, end: movement?.end ?? rest }
}

/** What hides in a person and is judged: it stays at the server until whoever examines them has committed. */
export function withoutTruth(patient: SimulatedPatient): SimulatedPatient {
  return { ...patient, sources: [], serious: null, traps: [], sensitivity: 0 }
}

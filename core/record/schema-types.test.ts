import { describe, expectTypeOf, it } from 'vitest'
import type * as yup from 'yup'
import type { Answer } from './answer'
import type { ANSWER_SHAPES } from './answer-schema'
import type { ExamEvent } from './event'
import type { EVENT_SHAPES } from './event-schema'
import type { Frozen } from './frozen'
import type { FROZEN_SHAPE } from './frozen-schema'

/** A type with every part readonly and no optional part that may also be undefined, so that two ways of writing it compare. */
type Plain<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends readonly [infer A, infer B]
    ? readonly [Plain<A>, Plain<B>]
    : T extends readonly (infer U)[]
      ? readonly Plain<U>[]
      : { readonly [K in keyof T]: Plain<Exclude<T[K], undefined>> }

type Of<S> = S extends yup.Schema ? Plain<yup.InferType<S>> : never
type EventOf<K extends ExamEvent['type']> = Plain<Extract<ExamEvent, { type: K }>>
/** The member of the union that this word belongs to, narrowed to the word: some members have several. */
type AnswerOf<K extends Answer['said'], A = Answer> = A extends Answer ? (K extends A['said'] ? Plain<Omit<A, 'said'> & { said: K }> : never) : never

/** The kinds whose schema and type differ; `never` when all agree. */
type DifferingEvents = {
  [K in keyof typeof EVENT_SHAPES]: [Of<(typeof EVENT_SHAPES)[K]>] extends [EventOf<K>] ? ([EventOf<K>] extends [Of<(typeof EVENT_SHAPES)[K]>] ? never : K) : K
}[keyof typeof EVENT_SHAPES]
type DifferingAnswers = {
  [K in keyof typeof ANSWER_SHAPES]: [Of<(typeof ANSWER_SHAPES)[K]>] extends [AnswerOf<K>]
    ? [AnswerOf<K>] extends [Of<(typeof ANSWER_SHAPES)[K]>]
      ? never
      : K
    : K
}[keyof typeof ANSWER_SHAPES]

// Checked by the compiler, so a difference fails `npm run types`; the runner only keeps them in view.
describe('each shape is stated once', () => {
  it('every event kind has a schema, and schema and type are the same', () => {
    expectTypeOf<keyof typeof EVENT_SHAPES>().toEqualTypeOf<ExamEvent['type']>()
    expectTypeOf<DifferingEvents>().toEqualTypeOf<never>()
  })

  it('every answer has a schema, and schema and type are the same', () => {
    expectTypeOf<keyof typeof ANSWER_SHAPES>().toEqualTypeOf<Answer['said']>()
    expectTypeOf<DifferingAnswers>().toEqualTypeOf<never>()
  })

  it('what a signature freezes', () => {
    expectTypeOf<Of<typeof FROZEN_SHAPE>>().toEqualTypeOf<Plain<Frozen>>()
  })
})

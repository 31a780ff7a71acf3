import * as yup from 'yup'
import { isPlace, type Place } from '../vocabulary/body-area'
import { jsonSchemaOf, publishedAs } from '../vocabulary/json-schema'
import { STORY_QUALITIES } from '../vocabulary/quality'
import type { SymptomId } from './answer'

// Parts that the shapes of events, answers and files are made of.

/** An object that refuses fields nobody knows. */
export const shape = <S extends yup.ObjectShape>(fields: S) => yup.object(fields).noUnknown('${path} has fields nobody knows: ${unknown}').strict()

/** A text of at most so many characters. */
export const words = (max: number) => yup.string().strict().defined().max(max)

export const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/
export const uuid = yup.string().strict().required().matches(UUID, '${path} must be a UUID of version 7')

export const SLUG = /^[a-z0-9-]{1,60}$/
export const slug = yup.string().strict().required().matches(SLUG, '${path} must be a short name in small letters')

export const oneOf = <const T extends readonly [string, ...string[]]>(...values: T) =>
  yup.string<T[number]>().strict().oneOf(values).required() as yup.StringSchema<T[number]>

export const symptomId = yup
  .string<SymptomId>()
  .strict()
  .required()
  .matches(/^S[1-9][0-9]?$/, '${path} must be S1 to S99')

export const intensity = yup.number().strict().integer().min(0).max(10)
/** Degrees, or the unit that the stage measures. */
export const angle = yup.number().strict().min(-180).max(180)
export const count = yup.number().strict().integer().min(0)
export const probability = yup.number().strict().min(0).max(1)

export const place = publishedAs(
  yup
    .string<Place>()
    .strict()
    .defined()
    .test('place', '${path} is not a place on the body chart', (p) => isPlace(p)),
  () => ({ $ref: '#/$defs/place' }),
)

export const places = yup.array().strict().defined().max(200).of(place)
export const qualities = yup.array().strict().max(STORY_QUALITIES.length).of(yup.string().strict().oneOf(STORY_QUALITIES).defined())

/** Chooses the shape by one field, so that a message speaks of the shape that was meant. */
export function byField<M extends Readonly<Record<string, yup.Schema>>>(field: string, shapes: M) {
  // No other field is judged here: until the kind is known, nobody knows which belong to it.
  const none = yup
    .object({ [field]: yup.string().strict().oneOf(Object.keys(shapes)).required() })
    .strict()
    .defined()
  const chosen = yup.lazy((value: unknown) => {
    const key = typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[field] : undefined
    return (typeof key === 'string' && Object.hasOwn(shapes, key) ? shapes[key] : none) ?? none
  })
  return publishedAs(chosen, () => ({ oneOf: Object.values(shapes).map((one) => jsonSchemaOf(one)) })) as unknown as yup.Schema<yup.InferType<M[keyof M]>>
}

/** An object whose keys are not known beforehand: each must fit `key`, each value `value`. */
export function recordOf<T>(key: RegExp, value: yup.Schema<T>, limits: { readonly min?: number; readonly max: number; readonly what: string }) {
  const { min = 0, max, what } = limits
  const entries = yup.lazy((input: unknown) => {
    const keys = typeof input === 'object' && input !== null && !Array.isArray(input) ? Object.keys(input) : []
    return yup
      .object(Object.fromEntries(keys.map((k) => [k, value])))
      .strict()
      .required()
      .test('entries', `\${path} must have ${what}`, () => keys.length >= min && keys.length <= max && keys.every((k) => key.test(k)))
  })
  return publishedAs(entries, () => ({
    type: 'object',
    propertyNames: { pattern: key.source },
    ...(min > 0 && { minProperties: min }),
    maxProperties: max,
    additionalProperties: jsonSchemaOf(value),
  })) as unknown as yup.Schema<Record<string, T>>
}

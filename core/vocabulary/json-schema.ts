import * as yup from 'yup'

/** A part of a JSON Schema (2020-12). */
export type Json = Readonly<Record<string, unknown>>

/** How a schema of its own kind is published as JSON Schema: what Yup decides while reading cannot be read off it. */
const PUBLISHED = new WeakMap<object, () => Json>()

/** Say how this schema is published; asked only when the JSON Schema is made. */
export function publishedAs<S extends object>(schema: S, json: () => Json): S {
  PUBLISHED.set(schema, json)
  return schema
}

/**
 * A Yup schema as JSON Schema, so that what is published is made from what is checked.
 *
 * Checks that only a program can make (is this test known?) have no counterpart and are left out; a schema of its own kind
 * says beforehand how it is published (`publishedAs`).
 */
export function jsonSchemaOf(schema: yup.ISchema<unknown>): Json {
  const published = PUBLISHED.get(schema)?.()
  if (published) return published
  if (!yup.isSchema(schema) || !('spec' in schema)) return {}
  const whole = schema as unknown as yup.Schema
  const { nullable } = whole.spec
  const json = plain(whole)
  if (!nullable) return json
  if (typeof json.type === 'string') return { ...json, type: [json.type, 'null'] }
  return 'enum' in json ? { enum: [...(json.enum as readonly unknown[]), null] } : { oneOf: [{ type: 'null' }, json] }
}

function plain(schema: yup.Schema): Json {
  if (schema instanceof yup.TupleSchema) {
    const types = (schema.spec as unknown as { readonly types: readonly yup.ISchema<unknown>[] }).types
    return { type: 'array', prefixItems: types.map(jsonSchemaOf), minItems: types.length, maxItems: types.length }
  }
  const { oneOf, tests } = schema.describe()
  const values = oneOf.filter((value) => value !== null)
  if (values.length === 1) return { const: values[0] }
  if (values.length > 1) return { enum: values }
  const limit = (name: string) => tests.find((t) => t.name === name)?.params
  if (schema instanceof yup.ObjectSchema) return objectSchema(schema.fields as Fields)
  if (schema instanceof yup.ArraySchema) {
    return {
      type: 'array',
      ...number('minItems', limit('min')?.min),
      ...number('maxItems', limit('max')?.max),
      ...(schema.innerType && { items: jsonSchemaOf(schema.innerType) }),
    }
  }
  if (schema instanceof yup.NumberSchema) {
    const min = limit('min')
    const max = limit('max')
    return {
      type: tests.some((t) => t.name === 'integer') ? 'integer' : 'number',
      ...number('minimum', min?.min),
      ...number('exclusiveMinimum', min?.more),
      ...number('maximum', max?.max),
      ...number('exclusiveMaximum', max?.less),
    }
  }
  if (schema instanceof yup.BooleanSchema) return { type: 'boolean' }
  if (schema instanceof yup.StringSchema) {
    const pattern = limit('matches')?.regex
    const min = limit('min')?.min ?? (isRequired(schema) ? 1 : undefined)
    return {
      type: 'string',
      ...(pattern instanceof RegExp && { pattern: pattern.source }),
      ...(pattern === undefined && number('minLength', min)),
      ...number('maxLength', limit('max')?.max),
    }
  }
  return {}
}

/** Yup's "required" refuses an empty text as well. */
function isRequired(schema: yup.Schema): boolean {
  return !schema.spec.optional && !schema.isValidSync('')
}

type Fields = Readonly<Record<string, yup.ISchema<unknown>>>

function objectSchema(all: Fields): Json {
  const fields = Object.entries(all)
  const required = fields.filter(([, field]) => isAsked(field)).map(([name]) => name)
  return {
    type: 'object',
    additionalProperties: false,
    ...(required.length > 0 && { required }),
    properties: Object.fromEntries(fields.map(([name, field]) => [name, jsonSchemaOf(field)])),
  }
}

/** A lazy part always stands for something that has to be there. */
function isAsked(field: yup.ISchema<unknown>): boolean {
  if (!('spec' in field)) return true
  return !(field as yup.Schema).spec.optional
}

function number(name: string, value: unknown): Json {
  return typeof value === 'number' ? { [name]: value } : {}
}

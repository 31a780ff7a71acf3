import * as yup from 'yup'
import { jsonSchemaOf, publishedAs } from '../../vocabulary/json-schema'
import { testById } from '../../catalogue'
import { CLUSTERS } from '../../clusters'
import { itemsOf } from '../../clusters/asks-for'
import { itemKey } from '../../clusters/item'
import { WEIGHED } from '../../evidence/prior'
import { SIGNS } from '../../evidence/signs'
import { MOST_EVENTS } from '../../record/admit'
import { EVENT } from '../../record/event-schema'
import { LATEST_MS } from '../../vocabulary/moment'
import { SLUG } from '../../record/shapes'
import { CLINIC } from '../clinic/entries'
import { FORMAT, READ_VERSIONS } from './file'

const text = (max: number) => yup.string().strict().max(max)
const prior = yup.number().strict().moreThan(0).lessThan(1)
const known = {
  format: yup.string().strict().oneOf([FORMAT]).required(),
  version: yup
    .number()
    .strict()
    .oneOf([...READ_VERSIONS])
    .required(),
}
const facts = yup
  .object({ age: yup.number().strict().integer().min(0).max(130).nullable() })
  .noUnknown('has fields nobody knows: ${unknown}')
  .strict()
const priors = yup
  .object(Object.fromEntries(WEIGHED.map((source) => [source, prior])))
  .noUnknown('has sources nobody knows: ${unknown}')
  .strict()

/** A whole examination. */
export const EXAM = yup
  .object({
    ...known,
    person: yup
      .object({ name: text(120), born: text(10).nullable(), work: text(120) })
      .noUnknown('has fields nobody knows: ${unknown}')
      .strict(),
    exam: yup
      .object({
        id: text(36).required(),
        at: yup.number().strict().integer().min(0).max(LATEST_MS).required(),
        episode: yup
          .object({ id: text(36).required(), visit: yup.number().strict().integer().min(1).max(1000).required() })
          .noUnknown('has fields nobody knows: ${unknown}')
          .strict()
          .default(undefined)
          .optional(),
      })
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
    // Read by its own schema, which tells the place of a fault inside it.
    clinic: publishedAs(yup.mixed().optional(), () => jsonSchemaOf(CLINIC)),
    // Read one by one, so that every fault is told with its place.
    events: publishedAs(yup.array().strict().min(1).max(MOST_EVENTS).required(), () => ({
      type: 'array',
      minItems: 1,
      maxItems: MOST_EVENTS,
      items: jsonSchemaOf(EVENT),
    })),
  })
  .noUnknown('has fields nobody knows: ${unknown}')
  .strict()

/** Everything a rule or a sign asks that is no test result. */
const CONDITIONS: ReadonlySet<string> = new Set([
  ...CLUSTERS.flatMap((cluster) => itemsOf(cluster).flatMap((item) => (item.kind === 'positive' ? [] : [itemKey(item)]))),
  ...SIGNS.map((sign) => sign.id),
])

/** The short form of a published case. */
export const CASE = yup
  .object({
    ...known,
    facts: facts.optional(),
    priors: priors.optional(),
    setting: yup.string().strict().oneOf(['first-contact', 'referred']).optional(),
    conditions: publishedAs(
      yup
        .object()
        .strict()
        .optional()
        .test('known', 'has conditions no rule asks for', (value) =>
          Object.entries(value ?? {}).every(([key, holds]) => CONDITIONS.has(key) && typeof holds === 'boolean'),
        ),
      () => ({ type: 'object', propertyNames: { pattern: SLUG.source }, additionalProperties: { type: 'boolean' } }),
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

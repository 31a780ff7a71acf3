import * as yup from 'yup'
import { jsonSchemaOf, publishedAs } from '../../vocabulary/json-schema'
import { testById } from '../../catalogue'
import { askable } from '../../clusters/askable'
import { isArea } from '../../vocabulary/body-area'
import { SOURCES } from '../../vocabulary/source'

const unknown = 'has fields nobody knows: ${unknown}'
const exact = <T extends yup.ObjectShape>(shape: T) => yup.object(shape).noUnknown(unknown).strict().required()
const word = (max: number) => yup.string().strict().max(max)
const one = <T extends string>(...of: readonly T[]) =>
  yup
    .string()
    .strict()
    .oneOf([...of])
    .required()
const test = word(60)
  .required()
  .test('known', 'is no test known here', (id) => testById(id) !== undefined)
const side = one('same', 'either', 'left', 'right')
const key = word(60).matches(/^[a-z0-9-]{1,60}$/, 'must be a short name in small letters')

const ITEMS = {
  positive: exact({ kind: one('positive'), test, side }),
  measured: exact({
    kind: one('measured'),
    id: key.required(),
    words: word(120).min(1).required(),
    test,
    field: one('onset', 'end', 'average-end', 'shortfall', 'mean'),
    stage: key.optional(),
    is: one('above', 'at-least', 'below', 'at-most'),
    value: yup.number().strict().min(-360).max(1000).required(),
    side,
  }),
  told: exact({
    kind: one('told'),
    id: key.required().test('asked', 'is no question of the story or the safety screen', (id) => askable(id) !== null),
    words: word(120).min(1).required(),
    answer: one('yes', 'no'),
  }),
  age: exact({ kind: one('age'), is: one('at-least', 'under'), years: yup.number().strict().integer().min(0).max(130).required() }),
  painted: exact({
    kind: one('painted'),
    id: key.required(),
    words: word(120).min(1).required(),
    at: yup
      .array()
      .strict()
      .min(1)
      .max(40)
      .of(
        word(40)
          .required()
          .test('area', 'is no area of the body chart', (area) => isArea(area)),
      )
      .required(),
  }),
} as const

/** How deep a rule may be nested. */
const DEEPEST = 6

const kindOf = (value: unknown): string => (typeof value === 'object' && value !== null && 'kind' in value ? String(value.kind) : '')
const nobody = yup.mixed().test('known', 'is no kind of condition known here', () => false)

function node(depth: number): yup.Lazy<unknown> {
  const lazy = yup.lazy((value: unknown) => {
    if (depth > DEEPEST) return yup.mixed().test('deep', 'is nested too deeply', () => false)
    return nodeOf(kindOf(value), depth)
  })
  return publishedAs(lazy, () => ({ $ref: '#/$defs/node' }))
}

function nodeOf(kind: string, depth: number): yup.Schema {
  switch (kind) {
    case 'leaf':
      return exact({
        kind: one('leaf'),
        leaf: publishedAs(
          yup.lazy((leaf: unknown) => itemOf(kindOf(leaf))),
          () => ({ $ref: '#/$defs/item' }),
        ),
      })
    case 'not':
      return exact({ kind: one('not'), of: node(depth + 1) })
    case 'at-least':
      return exact({
        kind: one('at-least'),
        k: yup.number().strict().integer().min(1).max(30).required(),
        of: yup
          .array()
          .strict()
          .min(1)
          .max(30)
          .of(node(depth + 1))
          .required(),
      }).test('reach', 'asks for more conditions than it has', ({ k, of }) => k <= of.length)
    case 'weighted':
      return exact({
        kind: one('weighted'),
        points: yup.number().strict().moreThan(0).max(1000).required(),
        of: yup
          .array()
          .strict()
          .min(1)
          .max(30)
          .of(exact({ worth: yup.number().strict().moreThan(0).max(100).required(), part: node(depth + 1) }))
          .required(),
      }).test('reach', 'asks for more points than it has', ({ points, of }) => points <= of.reduce((sum, part) => sum + part.worth, 0))
    default:
      return nobody
  }
}

function itemOf(kind: string): yup.Schema {
  switch (kind) {
    case 'positive':
    case 'measured':
    case 'told':
    case 'age':
    case 'painted':
      return ITEMS[kind]
    default:
      return nobody
  }
}

const root = publishedAs(
  yup.lazy((value: unknown) =>
    ['at-least', 'weighted'].includes(kindOf(value)) ? node(0) : yup.mixed().test('root', 'must be “at least” or “weighted” at its root', () => false),
  ),
  () => ({ oneOf: ROOTS.map((kind) => jsonSchemaOf(nodeOf(kind, 0))) }),
)
const ROOTS = ['at-least', 'weighted'] as const

/** What the references inside the published schema of a rule point to. */
export function ruleDefinitions() {
  return {
    node: { oneOf: [...ROOTS, 'not', 'leaf'].map((kind) => jsonSchemaOf(nodeOf(kind, 0))) },
    item: { oneOf: Object.values(ITEMS).map((item) => jsonSchemaOf(item)) },
  }
}
const ratio = yup.number().strict().moreThan(0).max(1000).nullable().defined()

/** An own rule without its author. */
export const RULE = exact({
  id: word(60)
    .matches(/^own-[a-z0-9-]{1,50}$/, 'must begin with “own-”, in small letters')
    .required(),
  name: word(80).min(1).required(),
  source: one(...(Object.keys(SOURCES) as (keyof typeof SOURCES)[])),
  holds: root,
  figure: exact({
    lrPositive: ratio,
    lrNegative: ratio,
    source: word(200).min(3, 'must say where the figure comes from').required(),
    n: yup.number().strict().integer().min(1).nullable().defined(),
  })
    .nullable()
    .defined(),
  note: yup.string().strict().max(500).defined(),
})

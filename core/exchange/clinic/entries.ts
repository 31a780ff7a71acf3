import * as yup from 'yup'

import { PRIORS, REPLACED_LINES } from '../../evidence/priors'
import { REGISTER } from '../../evidence/register'
import type { Clinic } from '../../evidence/knowledge'
import type { Issue } from '../exam-file/file'
import { issuesWith } from '../issues'
import { publishedAs } from '../../vocabulary/json-schema'
import { ruleIssues } from '../rule-file/from'
import { RULE } from '../rule-file/rule-schema'

const unknown = 'has fields nobody knows: ${unknown}'
const rate = yup.number().strict().moreThan(0).lessThan(1).nullable().defined()
const ratio = yup.number().strict().moreThan(0).max(1000).nullable().defined()
const written = { by: yup.string().strict().min(1).max(60).required(), at: yup.number().strict().integer().min(0).required() }
const source = yup.string().strict().min(3, 'must say where the figure comes from').max(200).required()

const FIGURES = yup
  .object({ sens: rate, spec: rate, lrPositive: ratio, lrNegative: ratio, n: yup.number().strict().integer().min(1).nullable().defined() })
  .noUnknown(unknown)
  .strict()
  .nullable()
  .defined()
  .test(
    'something',
    'must hold a rate pair or a ratio',
    (f) => f === null || (f.sens !== null && f.spec !== null) || f.lrPositive !== null || f.lrNegative !== null,
  )

/** An override as a person writes it. */
export const OVERRIDE = yup
  .object({
    row: yup
      .string()
      .strict()
      .required()
      .test('known', 'is no row of the register', (id) => REGISTER.some((row) => row.id === id)),
    figures: FIGURES,
    source,
  })
  .noUnknown(unknown)
  .strict()
  .required()

/** A starting probability as a person writes it. */
export const OWN_PRIOR = yup
  .object({
    line: yup
      .string()
      .strict()
      .required()
      .test('known', 'is no line of the pretest probabilities', (id) => PRIORS.some((line) => line.id === id) || id in REPLACED_LINES),
    setting: yup
      .string()
      .strict()
      .oneOf(['first-contact', 'referred'] as const)
      .required(),
    p: rate,
    source,
  })
  .noUnknown(unknown)
  .strict()
  .required()

const OWN_ERROR = yup
  .object({
    test: yup.string().strict().min(1).max(60).required(),
    side: yup
      .string()
      .strict()
      .oneOf(['left', 'right', 'none'] as const)
      .required(),
    stage: yup.string().strict().min(1).max(60).required(),
    mdc: yup.number().strict().moreThan(0).max(600).nullable().defined(),
    unit: yup.string().strict().defined().max(20),
    people: yup.number().strict().integer().min(1).max(200).required(),
    trials: yup.number().strict().integer().min(1).max(10).required(),
    ...written,
  })
  .noUnknown(unknown)
  .strict()
  .required()

/** Everything a clinic knows beside what ships. */
export const CLINIC = yup
  .object({
    overrides: yup.array().strict().max(2000).of(OVERRIDE.shape(written)).required(),
    priors: yup.array().strict().max(2000).of(OWN_PRIOR.shape(written)).required(),
    errors: yup.array().strict().max(2000).of(OWN_ERROR).optional(),
    // Each is read by the schema of own rules, without who wrote it and when.
    rules: publishedAs(yup.array().strict().max(2000).required(), () => ({
      type: 'array',
      maxItems: 2000,
      items: {
        type: 'object',
        description: 'An own rule as in dust-lantern-rules, with by, at and withdrawn.',
        required: [...Object.keys(RULE.fields), 'withdrawn', 'by', 'at'],
      },
    })),
  })
  .noUnknown(unknown)
  .strict()
  .required()

/** What is wrong with an override or a starting probability a person wrote; nothing when it can be stored. */
export function entryIssues(schema: typeof OVERRIDE | typeof OWN_PRIOR, input: unknown): readonly Issue[] {
  return issuesWith(schema, input)
}

/** What is wrong with a clinic's knowledge that came in a file. */
export function clinicIssues(input: unknown): readonly Issue[] {
  const shape = issuesWith(CLINIC, input)
  if (shape.length > 0) return shape
  const { rules } = input as { rules: readonly unknown[] }
  return rules.flatMap((rule, i) => {
    if (typeof rule !== 'object' || rule === null) return [{ pointer: `/rules/${i}`, what: 'is no rule' }]
    const { by, at, withdrawn, ...content } = rule as Record<string, unknown>
    const stamped = typeof by === 'string' && typeof at === 'number' && typeof withdrawn === 'boolean'
    const issues = ruleIssues(content).map(({ pointer, what }) => ({ pointer: `/rules/${i}${pointer}`, what }))
    return stamped ? issues : [...issues, { pointer: `/rules/${i}`, what: 'does not say by whom and when' }]
  })
}

/** A clinic's knowledge from a file whose issues were looked at. */
export function clinicOf(input: unknown): Clinic {
  return input as Clinic
}

import * as yup from 'yup'
import type { Issue } from '../exam-file/file'
import { issuesWith } from '../issues'
import { RULE_FORMAT, RULE_VERSION, type TravellingRule } from './file'
import { RULE } from './rule-schema'

/** Rules that were read, or everything that is wrong with the file. */
export type ReadRules = { readonly ok: true; readonly rules: readonly TravellingRule[] } | { readonly ok: false; readonly issues: readonly Issue[] }

/** A file of own rules. */
export const RULE_FILE = yup
  .object({
    format: yup.string().strict().oneOf([RULE_FORMAT]).required(),
    version: yup.number().strict().oneOf([RULE_VERSION]).required(),
    rules: yup.array().strict().min(1).max(200).of(RULE).required(),
  })
  .noUnknown('has fields nobody knows: ${unknown}')
  .strict()
  .required()

/** Read a file of own rules. Everything wrong is reported at once, with where it stands; nothing is guessed and nothing dropped. */
export function readRuleFile(input: unknown): ReadRules {
  const issues = issuesWith(RULE_FILE, input)
  if (issues.length > 0) return { ok: false, issues }
  // Validated just above.
  const { rules } = input as { rules: readonly TravellingRule[] }
  const twice = rules.findIndex((rule, i) => rules.findIndex((r) => r.id === rule.id) !== i)
  return twice === -1 ? { ok: true, rules } : { ok: false, issues: [{ pointer: `/rules/${twice}/id`, what: 'is there twice' }] }
}

/** What is wrong with one rule; nothing when it can be used. */
export function ruleIssues(input: unknown): readonly Issue[] {
  return issuesWith(RULE, input)
}

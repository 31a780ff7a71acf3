import type { OwnRule } from '../../clusters/own-rule'

export const RULE_FORMAT = 'dust-lantern-rules'
export const RULE_VERSION = 1

/** An own rule as it travels: without who wrote it and when, which belong to the clinic it came from. */
export type TravellingRule = Omit<OwnRule, 'by' | 'at' | 'withdrawn'>

/** Own rules of a clinic, as one file. */
export interface RuleFile {
  readonly format: typeof RULE_FORMAT
  readonly version: typeof RULE_VERSION
  readonly rules: readonly TravellingRule[]
}

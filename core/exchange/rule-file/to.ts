import type { OwnRule } from '../../clusters/own-rule'
import { RULE_FORMAT, RULE_VERSION, type RuleFile } from './file'

/** Write own rules as a file. Reading it back gives the same rules. */
export function toRuleFile(rules: readonly OwnRule[]): RuleFile {
  return {
    format: RULE_FORMAT,
    version: RULE_VERSION,
    rules: rules.map(({ id, name, source, holds, figure, note }) => ({ id, name, source, holds, figure, note })),
  }
}

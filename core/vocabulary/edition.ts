/**
 * Which version of the clinical knowledge something was recorded or read with.
 *
 * Whole numbers that only grow; what each one changed stands in docs/changing-a-test.md.
 */
export interface Edition {
  /** Tests, their stages and what their answers mean. */
  readonly catalogue: number
  /** Gates and cluster rules. */
  readonly rules: number
  /** Published figures and pretest probabilities. */
  readonly register: number
}

/** Records made before editions were named. */
export const FIRST_EDITION: Edition = { catalogue: 1, rules: 1, register: 1 }

/** Are these the same edition in every part? */
export function isSameEdition(a: Edition, b: Edition): boolean {
  return a.catalogue === b.catalogue && a.rules === b.rules && a.register === b.register
}

/** "catalogue 2, rules 2, register 2" */
export function editionWords({ catalogue, rules, register }: Edition): string {
  return `catalogue ${catalogue}, rules ${rules}, register ${register}`
}

/** One condition of its own; what it asks is the business of whoever writes the rule. */
export interface Leaf<L> {
  readonly kind: 'leaf'
  readonly leaf: L
}

/** True when at least `k` of the parts are. */
export interface AtLeast<L> {
  readonly kind: 'at-least'
  readonly k: number
  readonly of: readonly Rule<L>[]
}

/** True when the points of the parts that hold come to `points` or more. */
export interface Weighted<L> {
  readonly kind: 'weighted'
  readonly points: number
  readonly of: readonly { readonly worth: number; readonly part: Rule<L> }[]
}

/** True when the part is false. */
export interface Not<L> {
  readonly kind: 'not'
  readonly of: Rule<L>
}

/**
 * A clinical rule as a value.
 *
 * One tree has three readers: {@link evaluate} gives it a truth, {@link explain} puts it into words,
 * {@link openLeaves} lists what could still settle it.
 */
export type Rule<L> = AtLeast<L> | Weighted<L> | Not<L> | Leaf<L>

/** At least k of these. */
export function atLeast<L>(k: number, of: readonly Rule<L>[]): AtLeast<L> {
  return { kind: 'at-least', k, of }
}

/** All of these. */
export function all<L>(of: readonly Rule<L>[]): AtLeast<L> {
  return atLeast(of.length, of)
}

/** Any of these. */
export function any<L>(of: readonly Rule<L>[]): AtLeast<L> {
  return atLeast(1, of)
}

/** These many points or more, each part with what it is worth. */
export function weighted<L>(points: number, of: readonly (readonly [number, Rule<L>])[]): Weighted<L> {
  return { kind: 'weighted', points, of: of.map(([worth, part]) => ({ worth, part })) }
}

/** Not this. An open part stays open. */
export function not<L>(of: Rule<L>): Not<L> {
  return { kind: 'not', of }
}

/** One condition. */
export function leaf<L>(of: L): Leaf<L> {
  return { kind: 'leaf', leaf: of }
}

/** Every condition a rule asks for, in the order it is written. */
export function leavesOf<L>(rule: Rule<L>): readonly L[] {
  switch (rule.kind) {
    case 'leaf':
      return [rule.leaf]
    case 'not':
      return leavesOf(rule.of)
    case 'at-least':
      return rule.of.flatMap(leavesOf)
    case 'weighted':
      return rule.of.flatMap(({ part }) => leavesOf(part))
  }
}

import type { RuleFigure } from './lead'
import { posterior } from './odds'

/** One of two voices that contradict each other, and the figure it alone would give. */
export interface Voice {
  readonly who: string
  readonly lr: number
  readonly p: number
}

/** Two voices about one source, the one that speaks for it first. */
export interface Contradiction {
  readonly voices: readonly [Voice, Voice]
  readonly words: string
}

/** Voices in opposite directions whose ratios are further apart than this contradict each other. */
const APART = 4

/** What is compared: the rule that leads, what lies outside it, the other decided rules, and the model where no rule leads. */
export interface Compared {
  readonly prior: number
  readonly rule: RuleFigure | null
  readonly outside: number
  readonly others: readonly RuleFigure[]
  /** Ratio of the shared-cause model. */
  readonly model: number
}

/**
 * Does the evidence about a source contradict itself?
 *
 * When the leading rule and what lies outside it point opposite ways and are more than four times apart; when another published rule is
 * decided against the one that leads; when one is decided against the model, more than four times apart, while none leads. Rules that rest on
 * too little to lead contradict nobody, those of quiet tests excepted.
 */
export function contradictionOf({ prior, rule, outside, others, model }: Compared): Contradiction | null {
  const voice = (who: string, lr: number): Voice => ({ who, lr, p: posterior(prior, lr) })
  const lead = rule ? voice(rule.rule.cluster.name, rule.lr) : voice('the other findings', model)
  if (rule) {
    const rest = voice('what was found outside it', outside)
    if (opposite(lead.lr, rest.lr) && factor(lead.lr, rest.lr) > APART) return between(lead, rest)
  }
  const against = others
    .filter(({ rule: { cluster } }) => cluster.basis === 'published' && (!cluster.neverLeads || cluster.rulesOut))
    .map((o) => voice(o.rule.cluster.name, o.lr))
    .find((o) => opposite(lead.lr, o.lr) && (rule !== null || factor(lead.lr, o.lr) > APART))
  return against ? between(lead, against) : null
}

function between(a: Voice, b: Voice): Contradiction {
  const [up, down] = a.lr > b.lr ? [a, b] : [b, a]
  return { voices: [up, down], words: `The evidence disagrees: ${up.who} speaks for it, ${down.who} against it. No single estimate leads.` }
}

function opposite(a: number, b: number): boolean {
  return (a > 1 && b < 1) || (a < 1 && b > 1)
}

function factor(a: number, b: number): number {
  return Math.max(a / b, b / a)
}

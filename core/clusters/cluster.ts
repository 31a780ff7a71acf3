import type { TestId } from '../catalogue/exam-test'
import type { AtLeast, Rule, Weighted } from '../logic/rule'
import type { Kebab } from '../vocabulary/kebab'
import type { RegisterName } from '../vocabulary/register-name'
import type { SourceId } from '../vocabulary/source'
import type { Item } from './item'
import type * as roll from './roll'

/**
 * What a rule rests on.
 *
 * - `published`: a rule of a study, with figures in the register;
 * - `model`: a grading of findings whose figures are combined by the shared-cause model, not a published rule;
 * - `pattern`: signs that go together, without published accuracy; it points and never moves a number;
 * - `prognosis`: says who is likely to respond to a treatment, not where the pain comes from;
 * - `own`: written by this clinic.
 */
export type Basis = 'published' | 'model' | 'pattern' | 'prognosis' | 'own'

/** One step of a graded rule. */
export interface Grade {
  readonly name: string
  readonly holds: Rule<Item>
}

/** The id of a rule that ships: what its line in the roll is called. */
export type RuleId = Kebab<keyof typeof roll>

/** The id of a rule a clinic wrote for itself. */
export type OwnRuleId = `own-${string}`

/** A rule: which conditions, how many, and what it is for. */
export interface Cluster {
  readonly id: RuleId | OwnRuleId
  readonly name: string
  readonly source: SourceId
  /** Comes after this one among the rules of its source. */
  readonly after?: RuleId
  readonly holds: AtLeast<Item> | Weighted<Item>
  readonly basis: Basis
  /** Met means nothing came on: it uses the negative ratio, and says nothing when it is out of reach. */
  readonly rulesOut?: true
  /** The register's name for this rule's figures, where it is another than its id. */
  readonly figure?: TestId | RegisterName
  /** Where the study printed counts and not thresholds: the register's name for a count that has its own figure. */
  readonly figures?: Readonly<Record<number, RegisterName>>
  /** Not met says nothing: the study has no figure for it. */
  readonly failingSaysNothing?: true
  /** Grades, weakest first, where the rule says more than met or not. */
  readonly grades?: readonly Grade[]
  /** Read where its answers happen to be there; never a reason to do a test, nor to leave one out. */
  readonly beside?: true
  /** Rests on too little to lead: it stands beside the figure that does. */
  readonly neverLeads?: true
  /** A warning that belongs beside every result of it: "not confirmed by later studies". */
  readonly badge?: string
  /** One sentence on what the rule says and where it does not apply. */
  readonly note: string
}

/** Declare a cluster; its estimates stand in the evidence register under its id. A rule of a study unless it says otherwise. */
export function defineCluster(cluster: Omit<Cluster, 'basis'> & Partial<Pick<Cluster, 'basis'>>): Cluster {
  return { basis: 'published', ...cluster }
}

/** May a decided state of this rule move a figure, where the register has a ratio for it? */
export function mayMove(cluster: Cluster): boolean {
  return cluster.basis === 'published' || cluster.basis === 'own'
}

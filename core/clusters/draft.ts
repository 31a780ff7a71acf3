import { leaf, not, type Rule } from '../logic/rule'
import type { SourceId } from '../vocabulary/source'
import type { OwnRuleId } from './cluster'
import type { Item } from './item'
import type { OwnRule } from './own-rule'

/** One line of a rule that is being written. */
export interface DraftItem {
  readonly item: Item
  /** Points, where the rule counts points. */
  readonly worth: number
  /** The condition counts when it does not hold. */
  readonly negated: boolean
}

/** A rule that is being written: one list of conditions and a threshold. */
export interface RuleDraft {
  readonly id: OwnRuleId
  readonly name: string
  readonly source: SourceId
  readonly counting: 'conditions' | 'points'
  readonly threshold: number
  readonly items: readonly DraftItem[]
  readonly lrPositive: number | null
  readonly lrNegative: number | null
  readonly figureSource: string
  readonly n: number | null
  readonly note: string
}

type Content = Omit<OwnRule, 'by' | 'at' | 'withdrawn'>

/** A new rule with this id: one condition, which its author changes. */
export function emptyDraft(id: OwnRuleId): RuleDraft {
  return {
    id,
    name: '',
    source: 'sij-pain',
    counting: 'conditions',
    threshold: 1,
    items: [{ item: { kind: 'positive', test: 'thigh-thrust', side: 'same' }, worth: 1, negated: false }],
    lrPositive: null,
    lrNegative: null,
    figureSource: '',
    n: null,
    note: '',
  }
}

/** The rule a draft stands for. Without a source its estimates are left out: a figure without one moves nothing. */
export function ruleOfDraft(draft: RuleDraft): Content {
  const parts = draft.items.map(({ item, worth, negated }) => ({ worth, part: negated ? not(leaf(item)) : leaf(item) }))
  const told = draft.lrPositive !== null || draft.lrNegative !== null
  return {
    id: draft.id,
    name: draft.name,
    source: draft.source,
    holds:
      draft.counting === 'points'
        ? { kind: 'weighted', points: draft.threshold, of: parts }
        : { kind: 'at-least', k: draft.threshold, of: parts.map(({ part }) => part) },
    figure: told ? { lrPositive: draft.lrPositive, lrNegative: draft.lrNegative, source: draft.figureSource, n: draft.n } : null,
    note: draft.note,
  }
}

/** The draft of a rule; null where the rule is nested deeper than a list, as one written in a file may be. */
export function draftOfRule(rule: Content): RuleDraft | null {
  const { holds } = rule
  const parts = holds.kind === 'weighted' ? holds.of : holds.of.map((part) => ({ worth: 1, part }))
  const items = parts.flatMap(({ worth, part }) => {
    const item = itemOf(part)
    return item ? [{ ...item, worth }] : []
  })
  if (items.length < parts.length) return null
  return {
    id: rule.id,
    name: rule.name,
    source: rule.source,
    counting: holds.kind === 'weighted' ? 'points' : 'conditions',
    threshold: holds.kind === 'weighted' ? holds.points : holds.k,
    items,
    lrPositive: rule.figure?.lrPositive ?? null,
    lrNegative: rule.figure?.lrNegative ?? null,
    figureSource: rule.figure?.source ?? '',
    n: rule.figure?.n ?? null,
    note: rule.note,
  }
}

function itemOf(part: Rule<Item>): { readonly item: Item; readonly negated: boolean } | null {
  if (part.kind === 'leaf') return { item: part.leaf, negated: false }
  return part.kind === 'not' && part.of.kind === 'leaf' ? { item: part.of.leaf, negated: true } : null
}

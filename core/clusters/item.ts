import type { TestId } from '../catalogue/exam-test'
import type { Seen } from '../catalogue/reading/table'
import { type Leaf, leaf, not, type Rule } from '../logic/rule'
import type { FactId } from '../story/facts'
import type { ScreenItemId } from '../story/screen'
import type { AreaId } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'

/** Which side a condition is looked up on: that of the rule, the other, either, or a fixed one. */
export type ItemSide = Side | 'same' | 'either'

/** A test brought the patient's own symptom on, or showed what it looks for. */
export interface PositiveItem {
  readonly kind: 'positive'
  readonly test: TestId
  readonly side: ItemSide
  /** An own symptom that no release changed counts too: for rules that need a quiet test. */
  readonly orReproduced?: boolean
}

/** Something was seen during a test, whatever its result. */
export interface ObservedItem {
  readonly kind: 'observed'
  readonly id: string
  readonly words: string
  readonly test: TestId
  readonly when: Seen
  readonly side: ItemSide
}

/** What of a measured test is compared. `shortfall`: how much this side ends before the other one. */
export type MeasuredField = 'onset' | 'end' | 'average-end' | 'shortfall' | 'mean'

/** A measured value lies above or below a limit. Degrees, or the unit the test measures in. */
export interface MeasuredItem {
  readonly kind: 'measured'
  readonly id: string
  readonly words: string
  readonly test: TestId
  readonly field: MeasuredField
  /** The stage whose trials are averaged, for `mean`. */
  readonly stage?: string
  readonly is: 'above' | 'at-least' | 'below' | 'at-most'
  readonly value: number
  readonly side: ItemSide
}

/** The patient told it: a fact of the history, or a question of the safety screen. */
export interface ToldItem {
  readonly kind: 'told'
  readonly id: FactId | ScreenItemId
  readonly words: string
  readonly answer: 'yes' | 'no'
}

/** The patient's age in whole years. */
export interface AgeItem {
  readonly kind: 'age'
  readonly is: 'at-least' | 'under'
  readonly years: number
}

/** A symptom is painted there, on the side the rule is read for. */
export interface PaintedItem {
  readonly kind: 'painted'
  readonly id: string
  readonly words: string
  readonly at: readonly AreaId[]
}

/** One condition of a cluster rule. Data, so that a clinic can write its own. */
export type Item = PositiveItem | ObservedItem | MeasuredItem | ToldItem | AgeItem | PaintedItem

/** The test reproduced the patient's own symptom, on the side the rule is read for unless another is given. */
export function positive(test: TestId, side: ItemSide = 'same'): Leaf<Item> {
  return leaf({ kind: 'positive', test, side })
}

/** The test was quiet: neither positive, nor the own symptom brought on without being changed by a release. */
export function quiet(test: TestId, side: ItemSide = 'same'): Rule<Item> {
  return not(leaf({ kind: 'positive', test, side, orReproduced: true }))
}

/** This was seen during the test. */
export function observed(id: string, words: string, test: TestId, when: Seen, side: ItemSide = 'same'): Leaf<Item> {
  return leaf({ kind: 'observed', id, words, test, when, side })
}

/** This was measured. */
export function measured(item: Omit<MeasuredItem, 'kind' | 'side'> & Partial<Pick<MeasuredItem, 'side'>>): Leaf<Item> {
  return leaf({ kind: 'measured', side: 'same', ...item })
}

/** The patient answers so. */
export function told(id: ToldItem['id'], words: string, answer: ToldItem['answer'] = 'yes'): Leaf<Item> {
  return leaf({ kind: 'told', id, words, answer })
}

/** The patient is that old, or younger. */
export function aged(is: AgeItem['is'], years: number): Leaf<Item> {
  return leaf({ kind: 'age', is, years })
}

/** A symptom is painted there. */
export function painted(id: string, words: string, at: readonly AreaId[]): Leaf<Item> {
  return leaf({ kind: 'painted', id, words, at })
}

/** A name that is the same for the same question, for lists and for replayed cases. */
export function itemKey(item: Item): string {
  switch (item.kind) {
    case 'positive':
      return `${item.test} ${item.side}`
    case 'age':
      return `age-${item.is}-${item.years}`
    case 'observed':
    case 'measured':
    case 'told':
    case 'painted':
      return item.id
  }
}

/** The test a condition needs; null where the story answers it. */
export function testOf(item: Item): TestId | null {
  return item.kind === 'positive' || item.kind === 'observed' || item.kind === 'measured' ? item.test : null
}

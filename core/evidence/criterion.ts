import type { ExamTest } from '../catalogue/exam-test'
import type { Reading } from '../catalogue/reading/reading'
import type { Seen } from '../catalogue/reading/table'
import type { Item } from '../clusters/item'
import type { Degrees } from '../vocabulary/degrees'
import type { Sign } from './signs'

/**
 * What has to be shown before an answer counts as positive, in a study or here.
 *
 * - `own-symptom`: the own symptom comes on;
 * - `changed-at-a-distance`: it comes on, and changes when a distant part is moved;
 * - `eased`: a symptom that is there gets less;
 * - `measured`: a range or a pressure on one side of a limit;
 * - `seen`: a sign that the examiner sees or feels, or the patient tells of a spot that is pressed;
 * - `lost`: strength, reflex or feeling lost;
 * - `count`: so many of the tests of a rule.
 */
export type Shows = 'own-symptom' | 'changed-at-a-distance' | 'eased' | 'measured' | 'seen' | 'lost' | 'count'

/** How a study called an answer positive. */
export interface Criterion {
  readonly shows: Shows | 'not-recalled'
  /** A symptom counted only when it came on before this angle. */
  readonly onsetBelow?: Degrees
}

/** How well what was counted, or looked for, is what is counted and looked for here. */
export type Fit = 'same' | 'near' | 'other'

/** Compare how a study called it positive with what is positive here. What is not recalled is near, in doubt; everything else is another test. */
export function fitOfCriterion({ shows }: Criterion, here: readonly Shows[]): Fit {
  if (shows === 'not-recalled') return 'near'
  return here.includes(shows) ? 'same' : 'other'
}

/** What is positive in a test as it is read here. */
export function shownBy({ reading }: Pick<ExamTest, 'reading'>): readonly Shows[] {
  return shownIn(reading)
}

/** What a sign shows. */
export function shownBySign({ item }: Pick<Sign, 'item'>): readonly Shows[] {
  return shownByItem(item)
}

function shownByItem(item: Item): readonly Shows[] {
  switch (item.kind) {
    case 'observed':
      return shownWhen(item.when)
    case 'measured':
      return ['measured']
    case 'positive':
    case 'told':
    case 'age':
    case 'painted':
      return []
  }
}

function shownIn(reading: Reading): readonly Shows[] {
  switch (reading.kind) {
    case 'provocation':
    case 'tension':
    case 'crossed':
      return ['own-symptom']
    case 'staged-tension':
    case 'differentiation':
      return ['changed-at-a-distance']
    case 'range':
      return ['measured']
    case 'nerves':
      return ['lost']
    case 'table':
      return [...new Set(reading.lines.flatMap((line) => (line.result === 'positive' ? shownWhen(line.when) : [])))]
  }
}

function shownWhen(seen: Seen): readonly Shows[] {
  switch (seen.kind) {
    case 'familiar':
      return ['own-symptom']
    case 'said':
      return seen.what.includes('eased') ? ['eased'] : []
    case 'mean':
    case 'limited':
      return ['measured']
    case 'chose':
    case 'cells':
      return ['seen']
    case 'deficit':
      return ['lost']
    case 'some':
      return seen.of.flatMap(shownWhen)
    case 'unless':
    case 'in-variant':
    case 'tested-side':
    case 'painted':
      return []
  }
}

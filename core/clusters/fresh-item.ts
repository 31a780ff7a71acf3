import { testById } from '../catalogue'
import { askable } from './askable'
import type { Item, MeasuredField, MeasuredItem } from './item'

/** What can be measured at a test. */
export const MEASURED_FIELDS: readonly { readonly id: MeasuredField; readonly name: string }[] = [
  { id: 'onset', name: 'angle at onset' },
  { id: 'end', name: 'angle at the end' },
  { id: 'average-end', name: 'angle at the end, mean of both sides' },
  { id: 'shortfall', name: 'how much less than the other side' },
]

/** How a value is held against its limit. */
export const COMPARISONS: readonly { readonly id: MeasuredItem['is']; readonly name: string }[] = [
  { id: 'at-least', name: 'at least' },
  { id: 'above', name: 'above' },
  { id: 'at-most', name: 'at most' },
  { id: 'below', name: 'below' },
]

/** A condition of this kind with something chosen, ready to be changed. */
export function freshItem(kind: Item['kind'], at: number): Item {
  switch (kind) {
    case 'positive':
    case 'observed':
      return { kind: 'positive', test: 'thigh-thrust', side: 'same' }
    case 'measured':
      return {
        kind: 'measured',
        id: `measure-${at + 1}`,
        words: measureWords('leg-raise', 'end', 'at-most', 60),
        test: 'leg-raise',
        field: 'end',
        is: 'at-most',
        value: 60,
        side: 'same',
      }
    case 'told':
      return { kind: 'told', id: 'lying-eases', words: askable('lying-eases') ?? '', answer: 'yes' }
    case 'age':
      return { kind: 'age', is: 'at-least', years: 50 }
    case 'painted':
      return { kind: 'painted', id: 'area-buttock', words: 'Painted: buttock', at: ['buttock'] }
  }
}

/** A measured condition in words, as it is kept with the rule. */
export function measureWords(test: string, field: MeasuredField, is: MeasuredItem['is'], value: number): string {
  const name = testById(test)?.name ?? test
  return `${name}: ${MEASURED_FIELDS.find((f) => f.id === field)?.name ?? field} ${COMPARISONS.find((l) => l.id === is)?.name ?? is} ${value}`.slice(0, 120)
}

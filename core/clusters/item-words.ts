import { testById } from '../catalogue'
import { type LeafWords, openWords } from '../logic/explain'
import type { Item } from './item'

/** What a condition asks, as a line of a rule: "Thigh thrust", "60 years or older". */
export function itemWords(item: Item): string {
  switch (item.kind) {
    case 'positive': {
      const name = testById(item.test)?.name ?? item.test
      if (item.side === 'same') return name
      return item.side === 'either' ? `${name}, either side` : `${name}, ${item.side}`
    }
    case 'age':
      return item.is === 'at-least' ? `${item.years} years or older` : `Under ${item.years} years`
    case 'observed':
    case 'measured':
    case 'told':
    case 'painted':
      return item.words
  }
}

/** How a condition stands: "positive", "no", "not asked". */
export const leafWords: LeafWords<Item> = ({ leaf: item, truth, open }) => {
  if (truth === 'open') {
    if (item.kind === 'told' || item.kind === 'age') return 'not asked'
    return item.kind === 'painted' ? 'nothing painted' : openWords(open)
  }
  if (item.kind === 'positive') return truth === 'true' ? 'positive' : 'negative'
  return truth === 'true' ? 'yes' : 'no'
}

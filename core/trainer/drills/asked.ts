import { type Chance } from '../chance'
import type { DrillId, DrillItem } from './drill'

/** The same things in another order. */
export function shuffled<T>(list: readonly T[], chance: Chance): readonly T[] {
  const left = [...list]
  return list.flatMap(() => left.splice(chance.whole(0, left.length - 1), 1))
}

/** Where a topic left the catalogue: nothing to ask. */
export function empty(drill: DrillId): DrillItem {
  return {
    kind: 'choice',
    topic: drill,
    ask: 'There is nothing to ask here any more.',
    figure: null,
    lines: [],
    choices: [{ id: 'on', words: 'Go on' }],
    truth: 'on',
    why: '',
  }
}

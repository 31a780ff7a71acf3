import { testById } from '../catalogue'
import type { Rulebook } from '../record/rulebook'
import { GATES } from '.'
import { barring } from './safety'
import { groupOfItem, SCREEN } from './screen'

/** Everything the record asks before it takes an event: the tests, the screen, and what may not start. */
export const RULEBOOK: Rulebook = {
  test: testById,
  screenGroupOf: groupOfItem,
  screenGroup: (id) => SCREEN.find((group) => group.id === id),
  opensWithReason: (gate) => GATES.some((g) => g.id === gate && g.strength !== 'caution'),
  bars: (exam, test, variant) => {
    const barred = barring(exam, test, variant)
    return barred ? { what: `${barred.gate.reason} This test is barred.`, todo: barred.gate.do } : null
  },
}

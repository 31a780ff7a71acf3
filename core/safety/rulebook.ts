import { testById } from '../catalogue'
import { INTIMATE } from '../catalogue/exam-test'
import { isSchool } from '../catalogue/schools'
import type { Rulebook } from '../record/rulebook'
import { FACTS } from '../story/facts'
import { GATES } from '.'
import { asksFirst } from './gate-zero'
import { contraindicationOf, closing } from './safety'
import { groupOfItem, SCREEN } from '../story/screen'
import { WARNINGS } from './warnings'

/** Everything the record asks before it takes an event: the tests, the screen, and what may not start. */
export const RULEBOOK: Rulebook = {
  test: testById,
  screen: SCREEN,
  screenGroupOf: groupOfItem,
  screenGroup: (id) => SCREEN.find((group) => group.id === id),
  opensWithReason: (gate) => GATES.some((g) => g.id === gate && g.strength !== 'caution'),
  closing,
  isWarning: (sign) => WARNINGS.some((w) => w.id === sign),
  isRegion: (region) => INTIMATE.some((r) => r === region),
  isSchool,
  isFact: (fact) => FACTS.some((f) => f.id === fact),
  asksFirst,
  bars: (exam, test, variant) => {
    const contraindicated = contraindicationOf(exam, test, variant)
    return contraindicated ? { what: `${contraindicated.gate.reason} This test is contraindicated.`, todo: contraindicated.gate.do } : null
  },
}

import { cells, chose, familiar, lost, mean } from '../catalogue/reading/table'
import { type Item, measured, observed } from '../clusters/item'
import type { TestId } from '../catalogue/exam-test'
import type { RegisterName } from '../vocabulary/register-name'
import type { WeighedSource } from './priors'

/** Something seen in a test that has a figure of its own, apart from the test's result. */
export interface Sign {
  /** Its name in the register. */
  readonly id: RegisterName
  readonly name: string
  readonly test: TestId
  readonly source: WeighedSource
  readonly item: Item
  /** The group whose cause it shares. */
  readonly shares: string | null
}

const LOW = ['l4', 'l5', 's1', 's2']

function sign(source: WeighedSource, test: TestId, id: RegisterName, name: string, when: Parameters<typeof observed>[3], shares: string | null): Sign {
  return { id, name, test, source, item: observed(id, name, test, when).leaf, shares }
}

const cord = (id: RegisterName, name: string, test: 'neuro-upper' | 'neuro-lower' = 'neuro-upper') =>
  sign('cord', test, id, name, cells('cord', 'sign', ['yes'], 1, [id]), 'cord-signs')

/** Every sign with a figure. A row of the register names it; what was not looked at stays open and moves nothing. */
export const SIGNS: readonly Sign[] = [
  sign('root-cervical', 'neuro-upper', 'biceps-reflex', 'Biceps reflex lessened', lost('reflex', ['biceps']), 'deficit'),
  sign('root-cervical', 'neuro-upper', 'arm-weakness', 'Weakness of the arm', lost('strength'), 'deficit'),
  sign('root-cervical', 'neuro-upper', 'arm-feeling', 'Feeling lessened in the arm', lost('sensation'), 'deficit'),
  sign('root-lumbar-low', 'neuro-lower', 'low-weakness', 'Weakness, L4 to S2', lost('strength', LOW), 'deficit'),
  sign('root-lumbar-low', 'neuro-lower', 'low-reflex', 'Knee or heel reflex lessened', lost('reflex', ['patellar', 'achilles']), 'deficit'),
  sign('root-lumbar-low', 'neuro-lower', 'low-feeling', 'Feeling lessened, L4 to S2', lost('sensation', LOW), 'deficit'),
  sign('root-lumbar-mid', 'neuro-lower', 'patellar-reflex', 'Knee reflex lessened', lost('reflex', ['patellar']), 'deficit'),
  sign('root-lumbar-mid', 'neuro-lower', 'front-thigh-feeling', 'Feeling lessened at the front of the thigh', lost('sensation', ['l2']), 'deficit'),
  sign('instability-lumbar', 'lumbar-range', 'flexion-53', 'Bends forward more than 53°', mean('flexion', 53.1, 120), 'segment-instability'),
  sign(
    'instability-lumbar',
    'lumbar-range',
    'aberrant-movement',
    'Aberrant movement',
    chose('quality', 'arc', 'catch', 'climbing', 'reversal'),
    'segment-instability',
  ),
  sign(
    'hip',
    'hip-scour',
    'hip-scour-pain',
    'Familiar pain in groin or side under load',
    familiar(['groin', 'thigh-front', 'thigh-inner', 'outer-hip']),
    'hip-rotation',
  ),
  {
    id: 'hip-turn-25',
    name: 'Hip turns in 25° or less',
    test: 'hip-internal-rotation',
    source: 'hip',
    item: measured({ id: 'hip-turn-25', words: 'Hip turns in 25° or less', test: 'hip-internal-rotation', field: 'end', is: 'at-most', value: 25 }).leaf,
    shares: 'hip-rotation',
  },
  cord('finger-flick', 'Finger flick'),
  cord('inverted-brachioradialis', 'Inverted brachioradialis'),
  cord('plantar-up', 'Plantar response up', 'neuro-lower'),
  cord('clonus', 'Clonus', 'neuro-lower'),
]

/** The signs one test shows. */
export function signsOf(test: string): readonly Sign[] {
  return SIGNS.filter((s) => s.test === test)
}

import { CATALOGUE, testById } from '../catalogue'
import type { Gate } from './gate'

/** The ligament tests of the upper neck: only a halt is about them, since other gates ask for them. */
export const LIGAMENT_TESTS: readonly string[] = ['upper-neck-shear', 'alar-ligament', 'transverse-ligament']

/** Tests that load the neck whatever the way they are done. */
const ALWAYS: ReadonlySet<string> = new Set([
  ...CATALOGUE.map((t) => t.id).filter((id) => id.startsWith('neck-')),
  'flexion-rotation',
  'hold-relax',
  'shoulder-depression',
  'craniocervical-flexion',
  'arm-pulse-inspiration',
])

/** Ways of other tests that leave the neck alone; their other ways load it. */
const WITHOUT_NECK = 'without-neck'
const HAVE_NECK_STEPS: ReadonlySet<string> = new Set(['slump', 'ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3'])

/** Does this way of doing the test load or move the neck? */
export function loadsNeck(test: string, variant: string): boolean {
  if (ALWAYS.has(test)) return true
  return HAVE_NECK_STEPS.has(test) && !variant.startsWith(WITHOUT_NECK)
}

/**
 * Is this test, done this way, one the gate is about?
 *
 * @param because - what closed the gate; a repeat is barred only for the test that did
 */
export function isBarred(gate: Pick<Gate, 'bars' | 'strength'>, test: string, variant: string, because: readonly string[] = []): boolean {
  const { bars } = gate
  if ('neckLoad' in bars) return loadsNeck(test, variant) || (gate.strength === 'halt' && LIGAMENT_TESTS.includes(test))
  if ('repeats' in bars) return because.includes(test)
  if ('provoking' in bars) return (testById(test)?.provocative ?? 0) > 0
  return bars.tests === 'all' || bars.tests.includes(test)
}

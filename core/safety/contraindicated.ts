import { testById, testsSharing } from '../catalogue'
import type { ConditionId } from '../catalogue/condition'
import type { ExamTest, Grade, TestId } from '../catalogue/exam-test'
import { isLoadedAmong, type LoadsAmong } from '../catalogue/load'
import type { Gate } from './gate'

/** What the ligament tests of the upper neck share. */
export const LIGAMENT = 'upper-neck-ligament'

/** The ligament tests of the upper neck: only a halt is about them, since other gates ask for them. */
export const LIGAMENT_TESTS: readonly TestId[] = testsSharing(LIGAMENT)

/** Anything that loads or moves the neck. */
export const NECK: LoadsAmong = { parts: ['neck', 'upper-neck'] }

/** Anything but a light load on pelvis or low back: what a possible fracture forbids. */
export const PELVIS_OR_BACK: LoadsAmong = { parts: ['pelvis', 'low-back'], from: 'moderate' }

/** Anything that loads a hip. */
export const HIP: LoadsAmong = { parts: ['hip'], from: 'moderate' }

/** Anything that moves or loads a leg. */
export const LEG: LoadsAmong = { parts: ['leg', 'hip'] }

/** Forceful presses and levers, wherever they are given. */
export const FORCEFUL: LoadsAmong = {
  parts: ['neck', 'upper-neck', 'low-back', 'pelvis', 'hip', 'abdomen'],
  ways: ['compression', 'thrust', 'rotation', 'pressing', 'shear'],
  from: 'strong',
}

/** Does this variant of the test load or move the neck? */
export function loadsNeck(test: string, variant: string): boolean {
  const known = testById(test)
  return known !== undefined && isLoadedAmong(known.loads, NECK, sparedBy(known, variant))
}

/**
 * Is this test, done this way, one the gate is about?
 *
 * @param because - what closed the gate; a repeat is contraindicated only for the test that did
 */
export function isContraindicated(gate: Pick<Gate, 'bars' | 'carries'>, test: string, variant: string, because: readonly string[] = []): boolean {
  const { bars, carries = [] } = gate
  const known = testById(test)
  if ('all' in bars) return !(bars.but !== undefined && known?.shares.includes(bars.but))
  if (!known) return false
  const spared = sparedBy(known, variant)
  if (carries.some((condition) => isNamedBy(known, condition, spared))) return true
  const grades = 'loading' in bars || 'provoking' in bars ? bars.grades : undefined
  if (grades && !grades.includes(gradeOf(known, variant))) return false
  if ('loading' in bars) {
    if (bars.but !== undefined && known.shares.includes(bars.but)) return false
    const { loading } = bars
    return isListed(loading) ? loading.some((l) => isLoadedAmong(known.loads, l, spared)) : isLoadedAmong(known.loads, loading, spared)
  }
  if ('repeats' in bars) return because.some((cause) => cause.split(' ')[0] === test)
  // What parts nerve from muscle belongs to the test that brought the symptom on, and is never cut off.
  return 'provoking' in bars && known.provocative > 0 && known.follows === undefined
}

function isListed(loading: LoadsAmong | readonly LoadsAmong[]): loading is readonly LoadsAmong[] {
  return Array.isArray(loading)
}

function gradeOf(test: ExamTest, variant: string): Grade {
  return test.variants.find((v) => v.id === variant)?.grade ?? 'plain'
}

/** Does the card of this test name the condition, for a variant that spares these parts? */
function isNamedBy(test: ExamTest, condition: ConditionId, spared: ReturnType<typeof sparedBy>): boolean {
  const forbids = test.notWith.some((c) => 'when' in c && c.when === condition && !(c.unlessSpared !== undefined && spared.includes(c.unlessSpared)))
  return forbids || test.careWith.some((c) => 'when' in c && c.when === condition)
}

function sparedBy(test: ExamTest, variant: string) {
  return test.variants.find((v) => v.id === variant)?.spares ?? []
}

import { CATALOGUE } from '.'
import { sidesOf } from '../record/outline'
import { POSTURE_WORDS } from '../vocabulary/posture'
import type { Side, TestSide } from '../vocabulary/side'
import type { ExamTest } from './exam-test'

/** A test on a side that a search found. */
export interface FoundTest {
  readonly test: ExamTest
  readonly side: TestSide
}

/** What the examination knows of which test is meant. */
export interface Sought {
  /** Tests of the plan as "test side", in their order. */
  readonly planned?: readonly string[]
  /** The sore side: it comes first. */
  readonly near?: Side
}

/** How well a test fits what was typed: a name, its initials, the beginning of a name, of words of it, or anything else that is said of it. */
type Fit = 0 | 1 | 2 | 3 | 4

/**
 * Tests by any of their names, chip, initials, side, position, body part or structure: every word has to fit.
 *
 * What fits better comes first; among equals what is planned, then what is gentler. What may only follow a gentler test comes behind it.
 *
 * @param wanted - as typed; everything that is planned, and then the catalogue in its order, when it is empty
 */
export function findTests(wanted: string, { planned = [], near = 'left' }: Sought = {}): readonly FoundTest[] {
  const words = wanted.trim().toLowerCase().split(/\s+/).filter(Boolean)
  const { side: wantedSide, rest } = sideOf(words)
  const place = (found: FoundTest) => {
    const at = planned.indexOf(`${found.test.id} ${found.side}`)
    return at === -1 ? planned.length : at
  }
  return CATALOGUE.flatMap((test) => {
    const fit = fitOf(test, rest)
    const sides = sidesOf(test).toSorted((a, b) => Number(b === near) - Number(a === near))
    return fit === null ? [] : sides.filter((side) => wantedSide === null || side === wantedSide || side === 'none').map((side) => ({ test, side, fit }))
  })
    .toSorted(
      (a, b) =>
        a.fit - b.fit || Number(place(a) === planned.length) - Number(place(b) === planned.length) || gentle(a.test) - gentle(b.test) || place(a) - place(b),
    )
    .map(({ test, side }) => ({ test, side }))
}

/** A last word that names a side is no word of a name. */
function sideOf(words: readonly string[]): { readonly side: Side | null; readonly rest: readonly string[] } {
  const last = words.at(-1) ?? ''
  const side = words.length > 1 ? (['left', 'right'] as const).find((s) => s.startsWith(last)) : undefined
  return side ? { side, rest: words.slice(0, -1) } : { side: null, rest: words }
}

function fitOf(test: ExamTest, words: readonly string[]): Fit | null {
  if (words.length === 0) return 4
  const phrase = words.join(' ')
  const names = [test.short, test.name, ...test.alsoCalled].map((n) => n.toLowerCase())
  if (names.includes(phrase)) return 0
  if (names.some((name) => initials(name) === phrase)) return 1
  if (names.some((name) => name.startsWith(phrase))) return 2
  const text = names.join(' ')
  const ofNames = text.split(/[\s(),/-]+/)
  if (words.every((word) => ofNames.some((n) => n.startsWith(word)))) return 3
  const all = `${text} ${test.structures.join(' ')} ${REGION_WORDS[test.region]} ${test.purpose} ${POSTURE_WORDS[test.posture]}`.toLowerCase()
  return words.every((word) => all.includes(word)) ? 4 : null
}

/** "Sacroiliac joint line" by its first letters. */
function initials(name: string): string {
  return name
    .split(/[\s(),/-]+/)
    .map((word) => word.charAt(0))
    .join('')
}

/** What a region is called in a search. */
const REGION_WORDS: Record<ExamTest['region'], string> = {
  neck: 'neck cervical spine',
  arm: 'arm upper limb',
  back: 'low back lumbar spine',
  leg: 'leg lower limb',
  pelvis: 'pelvis sij sacroiliac joint',
}

/** How gently a test treats what is sore; what has to follow a gentler test is never gentle. */
function gentle(test: ExamTest): number {
  return test.provocative + (test.notWith.some((c) => 'when' in c && c.when === 'compression-first') ? 10 : 0)
}

import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import { type ExamTest, testTitle } from '../catalogue/exam-test'
import { PHASES } from '../catalogue/phase'
import type { Finding } from '../findings/finding'
import { irritabilityNow } from '../safety/state'
import { rankedSources, standingOf } from '../standing'
import { signKey } from '../record/visit'
import type { MarkedSign, SignMark } from '../record/visit-events'
import { listWords } from '../vocabulary/sentence'
import { POSTURES } from '../vocabulary/posture'
import type { TestSide } from '../vocabulary/side'
import { sourceOf } from '../vocabulary/source'

/** Signs that are proposed, at most. */
const MOST = 5

/** A sign worth measuring again, and why; or one that was dropped. */
export interface ComparableSign {
  readonly test: ExamTest
  readonly side: TestSide
  readonly title: string
  readonly as: SignMark
  readonly why: string
}

/**
 * The comparable signs of a visit, in the order the body lies.
 *
 * Proposed are three to five positive findings: first what speaks for the source that stands out, then what has a measure, then what
 * stirs up least. What was pinned or dropped stays so, in this visit and the next.
 */
export function comparableSigns(assessment: Assessment): readonly ComparableSign[] {
  const { exam } = assessment
  const brought = exam.episode?.signs ?? []
  const known = new Map<string, MarkedSign>(brought.map((sign) => [signKey(sign), sign]))
  const room = MOST - brought.filter((sign) => sign.as !== 'dropped').length
  for (const sign of proposals(assessment)
    .filter((s) => !known.has(signKey(s)))
    .slice(0, Math.max(0, room)))
    known.set(signKey(sign), sign)
  for (const [key, as] of Object.entries(exam.signs)) {
    const [test = '', side = 'none'] = key.split(' ')
    const before = known.get(key)
    known.set(key, { test, side: side as TestSide, as, why: before?.why ?? '' })
  }
  return inBodyOrder(
    [...known.values()].flatMap((sign) => {
      const test = testById(sign.test)
      // A mark that was taken back from what nobody proposed leaves nothing.
      if (!test || (sign.as === 'proposed' && sign.why === '')) return []
      return [{ test, side: sign.side, title: testTitle(test, sign.side), as: sign.as, why: whyOf(sign) }]
    }),
  )
}

function whyOf({ as, why }: MarkedSign): string {
  if (as === 'dropped') return 'Dropped.'
  return as === 'pinned' ? `Pinned.${why === '' ? '' : ` ${why}`}` : why
}

function proposals(assessment: Assessment): readonly MarkedSign[] {
  const irritable = irritabilityNow(assessment.exam) === 'high'
  const leading = leadingOf(assessment)
  const best = new Map<string, { readonly sign: MarkedSign; readonly worth: number }>()
  for (const finding of assessment.findings) {
    const test = testById(finding.test)
    // What follows another test is part of it, and is not begun by itself.
    if (!test || test.follows !== undefined || (finding.result !== 'positive' && finding.reproduced === undefined) || (irritable && test.provocative > 2))
      continue
    // A finding of a test without a side speaks of one; the sign has none.
    const side: TestSide = test.sides === 'none' ? 'none' : finding.side
    const moves = leading !== null && finding.readings.some((r) => r.source === leading && r.direction === 'for')
    const measure = measureOf(finding)
    const worth = (moves ? 8 : 0) + (measure === '' ? 0 : 4) - test.provocative
    const sign: MarkedSign = { test: test.id, side, as: 'proposed', why: reason(finding, moves ? leading : null, measure, test) }
    const key = signKey(sign)
    if ((best.get(key)?.worth ?? -Infinity) < worth) best.set(key, { sign, worth })
  }
  return [...best.values()].toSorted((a, b) => b.worth - a.worth).map(({ sign }) => sign)
}

function leadingOf({ sources }: Assessment) {
  const standing = standingOf(sources)
  if (standing.kind === 'leads') return standing.source.source
  return rankedSources(sources)[0]?.source ?? null
}

/** What of a finding can be measured again, in words; empty where it is only yes or no. */
function measureOf({ measures, intensity }: Finding): string {
  const measured = [
    ...(measures.onset === undefined ? [] : ['the angle at onset']),
    ...(measures.end === undefined ? [] : ['the end of range']),
    ...(measures.means === undefined ? [] : ['the range']),
    ...(measures.held === undefined ? [] : ['the seconds']),
    ...(intensity === null ? [] : ['the strength of the pain']),
  ]
  return listWords(measured)
}

const PROVOKES = ['provokes nothing', 'provokes little', 'provokes somewhat', 'provokes a lot']

function reason({ result }: Finding, leading: Parameters<typeof sourceOf>[0] | null, measure: string, { provocative }: ExamTest): string {
  const parts = [
    result === 'positive' ? 'positive' : 'familiar symptom reproduced',
    ...(leading === null ? [] : [`speaks for ${sourceOf(leading).inWords}`]),
    ...(measure === '' ? ['yes or no only'] : [`has ${measure} to compare`]),
    PROVOKES[provocative] ?? '',
  ]
  const told = parts.join(', ')
  return `${told.charAt(0).toUpperCase()}${told.slice(1)}.`
}

function inBodyOrder(signs: readonly ComparableSign[]): readonly ComparableSign[] {
  const place = ({ test }: ComparableSign) => POSTURES.indexOf(test.posture) * PHASES.length + PHASES.indexOf(test.phase)
  return signs.toSorted((a, b) => place(a) - place(b) || a.test.provocative - b.test.provocative)
}

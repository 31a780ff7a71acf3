import { testById } from '../catalogue'
import { nameOfTest } from '../catalogue/retired'
import { testTitle } from '../catalogue/exam-test'
import { signKey } from '../record/visit'
import { isTestSide } from '../vocabulary/side'
import type { Span } from './changes'

/** A figure of one stage, as it is drawn over visits. */
export interface StoredMeasure {
  readonly stage: string
  readonly joint: string
  readonly kind: 'onset' | 'end' | 'range'
  readonly value: number
  readonly unit: string
  readonly freer: 'more' | 'less'
  /** How far two of them differ by themselves; null where that is not known. */
  readonly error: number | null
  readonly simulated: boolean
}

/** A performance as it is kept for pages over several visits. */
export interface StoredPerformance {
  readonly examId: string
  readonly run: string
  readonly test: string
  readonly side: string
  readonly variant: string
  readonly moment: number
  readonly at: number
  readonly complete: boolean
  readonly result: string
  readonly why: string
  readonly measures: readonly StoredMeasure[]
  readonly symptom: string | null
  readonly intensity: number | null
}

/** What became of a sign, as its examination tells it. */
export interface StoredChange {
  readonly examId: string
  readonly test: string
  readonly side: string
  readonly span: Span
  readonly verdict: string
  readonly sentence: string
  readonly alert: string | null
  readonly before: string
  readonly after: string
}

/** A visit as pages over an episode show it. */
export interface StoredVisit {
  readonly examId: string
  readonly at: number
  readonly visit: number
  readonly episode: string
  readonly state: string
  readonly conclusion: string
  readonly changed: string
  readonly symptoms: readonly {
    readonly id: string
    readonly words: string
    readonly now?: number | null
    readonly worst?: number | null
    readonly usual?: number | null
  }[]
  readonly treatments: readonly {
    readonly at: number
    readonly kind: string
    readonly region: string
    readonly side: string
    readonly response: string | null
  }[]
}

/** One time a sign was measured, as it is drawn. */
export interface SeriesPoint {
  readonly at: number
  readonly visit: number
  readonly moment: number
  readonly examId: string
  /** The figure that is drawn; null where it is only yes or no. */
  readonly value: number | null
  /** "onset", "end" or "range". */
  readonly kind: StoredMeasure['kind'] | null
  readonly result: string
  readonly intensity: number | null
  /** What it is against its baseline; null for the baseline itself, and where nothing was compared. */
  readonly verdict: string | null
  readonly alert: boolean
  /** The sentence of its comparison, or why its result is what it is. */
  readonly words: string
  readonly sameWay: boolean
}

/** A sign through the visits of one episode. */
export interface SignSeries {
  readonly key: string
  readonly title: string
  readonly unit: string
  readonly freer: 'more' | 'less'
  readonly joint: string
  /** The baseline and what may be only error around it; null where either is not known. */
  readonly band: { readonly value: number; readonly error: number } | null
  readonly points: readonly SeriesPoint[]
}

/** A symptom through the visits: how strong it was said to be. */
export interface SymptomSeries {
  readonly id: string
  readonly words: string
  readonly points: readonly {
    readonly at: number
    readonly visit: number
    readonly now: number | null
    readonly worst: number | null
    readonly usual: number | null
  }[]
}

/**
 * Each sign that was measured more than once in these visits, first those that changed most often, with what is drawn of it.
 *
 * @param visits - of one episode, first to last
 */
export function signSeries(
  visits: readonly StoredVisit[],
  performances: readonly StoredPerformance[],
  changes: readonly StoredChange[],
): readonly SignSeries[] {
  const number = new Map(visits.map((visit) => [visit.examId, visit]))
  const byKey = new Map<string, StoredPerformance[]>()
  for (const performance of performances)
    if (number.has(performance.examId)) byKey.set(signKey(performance), [...(byKey.get(signKey(performance)) ?? []), performance])
  return [...byKey].flatMap(([key, all]) => {
    if (all.length < 2) return []
    // The baseline is what the last visit compared with; while nothing was compared, the first that is complete.
    const compared = changes.findLast((c) => c.span === 'baseline' && `${c.test} ${c.side}` === key && number.has(c.examId))
    const first = all.find((p) => p.run === compared?.before) ?? all.find((p) => p.complete) ?? all[0]
    const drawn = first?.measures[0] ?? all.flatMap((p) => p.measures)[0]
    const value = first?.measures.find((m) => m.stage === drawn?.stage)?.value
    const error = drawn?.error ?? null
    return [
      {
        key,
        title: titleOf(key),
        unit: drawn?.unit ?? '',
        freer: drawn?.freer ?? 'more',
        joint: drawn?.joint ?? '',
        band: value === undefined || error === null ? null : { value, error },
        points: all.map((p) => pointOf(p, first, drawn?.stage, number.get(p.examId)?.visit ?? 1, changes)),
      },
    ]
  })
}

function pointOf(
  p: StoredPerformance,
  first: StoredPerformance | undefined,
  stage: string | undefined,
  visit: number,
  changes: readonly StoredChange[],
): SeriesPoint {
  const measure = p.measures.find((m) => m.stage === stage)
  const mine = changes.filter((c) => c.after === p.run)
  const told = mine.find((c) => c.span === 'baseline') ?? mine[0]
  return {
    at: p.at,
    visit,
    moment: p.moment,
    examId: p.examId,
    value: measure?.value ?? null,
    kind: measure?.kind ?? null,
    result: p.result,
    intensity: p.intensity,
    verdict: told?.verdict ?? null,
    alert: mine.some((c) => c.alert !== null),
    words: told?.sentence ?? p.why,
    sameWay: p.variant === first?.variant,
  }
}

function titleOf(key: string): string {
  const [id = '', side = 'none'] = key.split(' ')
  const test = testById(id)
  if (test && isTestSide(side)) return testTitle(test, side)
  return `${nameOfTest(id)}${side === 'none' ? '' : `, ${side}`}`
}

/** How strong each symptom was said to be, visit by visit; symptoms nobody ever rated are left out. */
export function symptomSeries(visits: readonly StoredVisit[]): readonly SymptomSeries[] {
  const ids = [...new Set(visits.flatMap((visit) => visit.symptoms.map((s) => s.id)))]
  return ids.flatMap((id) => {
    const points = visits.flatMap(({ at, visit, symptoms }) => {
      const s = symptoms.find((one) => one.id === id)
      return s ? [{ at, visit, now: s.now ?? null, worst: s.worst ?? null, usual: s.usual ?? null }] : []
    })
    const words = visits.flatMap((visit) => visit.symptoms.filter((s) => s.id === id).map((s) => s.words)).at(-1) ?? ''
    return points.some((p) => p.now !== null || p.worst !== null || p.usual !== null) ? [{ id, words, points }] : []
  })
}

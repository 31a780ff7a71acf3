import type { Judgement } from './judge/judge'
import { calibrationScore } from './judge/judge'
import { type Skill, SKILLS } from './judge/moment'

/** What of a judged attempt the curves are drawn from. */
export interface Judged {
  readonly at: number
  readonly case: string
  readonly passed: boolean
  readonly right: boolean
  readonly brier: number
  readonly scores: Readonly<Record<Skill, number | null>>
}

/** What is kept of a judgement for curves and lists. */
export function keptOf(judgement: Judgement, name: string, at: number): Judged {
  const { passed, right, brier, scores } = judgement
  return { at, case: name, passed, right, brier, scores: Object.fromEntries(SKILLS.map((skill) => [skill, scores[skill].score])) as Judged['scores'] }
}

/** The mean of a skill over attempts, 0 to 100, certainty from the mean Brier score; null where none of them tells. */
export function meanOf(attempts: readonly Pick<Judged, 'scores' | 'brier'>[], skill: Skill): number | null {
  if (attempts.length === 0) return null
  if (skill === 'calibration') return calibrationScore(attempts.map((a) => a.brier))
  const known = attempts.flatMap((a) => a.scores[skill] ?? [])
  return known.length === 0 ? null : known.reduce((sum, s) => sum + s, 0) / known.length
}

/** One point of a curve: the mean of the last attempts up to it, with its standard error. */
export interface CurvePoint {
  readonly at: number
  /** 0 to 100. */
  readonly mean: number
  /** Half of the 95 % interval of the mean; null for a single attempt. */
  readonly half: number | null
  readonly of: number
}

/** Attempts a point rests on at most. */
const WINDOW = 8

/** The learning curve of a skill: a running mean of up to eight attempts, each point with how sure it is. */
export function curveOf(attempts: readonly Judged[], skill: Skill): readonly CurvePoint[] {
  const known = attempts.toSorted((a, b) => a.at - b.at).filter((a) => a.scores[skill] !== null)
  return known.map((attempt, i) => {
    const last = known.slice(Math.max(0, i - WINDOW + 1), i + 1)
    const values = skill === 'calibration' ? [] : last.flatMap((a) => a.scores[skill] ?? [])
    const mean = meanOf(last, skill) ?? 0
    const spread = values.length < 2 ? null : Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (values.length - 1))
    return { at: attempt.at, mean: Math.round(mean), half: spread === null ? null : Math.round((1.96 * spread) / Math.sqrt(values.length)), of: last.length }
  })
}

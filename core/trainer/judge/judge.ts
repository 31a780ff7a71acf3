import type { Estimate } from '../../metrology/reliability/estimate'
import { proportion } from '../../metrology/reliability/proportion'
import type { Attempt } from '../attempt'
import type { SimulatedPatient } from '../simulated-patient'
import { brierOf, conclusionMoments, isRight, truthWords } from './conclusion'
import { economyMoments, economyScore, type Par } from './economy'
import { follow } from './followed'
import { type Moment, type Skill, SKILLS } from './moment'
import { readingMoments } from './reading'
import { safetyMoments } from './safety'
import { storyMoments } from './story'
import { techniqueMoments } from './technique'

/** One skill in one attempt. */
export interface SkillScore {
  /** 0 to 100; null where nothing was there to judge. */
  readonly score: number | null
  /** Moments it rests on. */
  readonly of: number
  /** Where the true share of right moments may lie, 0 to 100, by Wilson's interval; null where it is no share. */
  readonly interval: readonly [number, number] | null
}

/** What the judge says of an attempt. */
export interface Judgement {
  readonly passed: boolean
  readonly scores: Readonly<Record<Skill, SkillScore>>
  /** Every moment, oldest first. */
  readonly moments: readonly Moment[]
  readonly brier: number
  readonly right: boolean
  /** What the person truly had. */
  readonly truth: string
}

/**
 * Judge an attempt against what was truly there. Pure: the same attempt is judged the same.
 *
 * @param par - what the same person costs by the plan and at best (`parOf`); it takes seconds, so it is given
 */
export function judge(patient: SimulatedPatient, attempt: Attempt, par: Par): Judgement {
  const followed = follow(patient, attempt)
  const moments = [
    ...safetyMoments(patient, attempt, followed),
    ...storyMoments(patient, attempt),
    ...readingMoments(patient, attempt, followed),
    ...techniqueMoments(patient, followed),
    ...economyMoments(attempt, par),
    ...conclusionMoments(patient, attempt),
  ].toSorted((a, b) => a.at - b.at)
  const brier = brierOf(patient, attempt.commitment)
  const shares = Object.fromEntries(SKILLS.map((skill) => [skill, shareOf(moments.filter((m) => m.skill === skill))])) as Record<Skill, SkillScore>
  const scores = {
    ...shares,
    // One unsafe step is enough.
    safety: { ...shares.safety, score: moments.some((m) => m.verdict === 'unsafe') ? 0 : 100, interval: null },
    economy: { score: Math.round(100 * economyScore(attempt, par)), of: 1, interval: null },
    calibration: { score: calibrationScore([brier]), of: 1, interval: null },
  }
  return { passed: scores.safety.score === 100, scores, moments, brier, right: isRight(patient, attempt.commitment), truth: truthWords(patient) }
}

function shareOf(moments: readonly Moment[]): SkillScore {
  const right = moments.filter((m) => m.verdict === 'right').length
  const share: Estimate | null = proportion(right, moments.length)
  return share
    ? { score: Math.round(100 * share.value), of: moments.length, interval: [Math.round(100 * share.low), Math.round(100 * share.high)] }
    : { score: null, of: 0, interval: null }
}

/** 0 to 100 from the mean Brier score: 100 for sure and right throughout, 0 for a coin or worse. */
export function calibrationScore(briers: readonly number[]): number {
  const mean = briers.reduce((sum, b) => sum + b, 0) / Math.max(1, briers.length)
  return Math.round(100 * Math.max(0, 1 - mean / 0.25))
}

/** One figure for an attempt, 0 to 100: the mean of its skills but certainty, which several attempts tell; 0 where anything was unsafe. */
export function overall({ passed, scores }: Pick<Judgement, 'passed' | 'scores'>): number {
  if (!passed) return 0
  const known = SKILLS.flatMap((skill) => (skill === 'calibration' ? [] : (scores[skill].score ?? [])))
  return Math.round(known.reduce((sum, s) => sum + s, 0) / Math.max(1, known.length))
}

import { type Assessment, assessFindings, type SourceVerdict, type Weights } from './assess'
import { testById } from './catalogue'
import { testTitle } from './catalogue/exam-test'
import { speaksWithFigures } from './catalogue/reading/speaks'
import { headlineOf } from './evidence/headline'
import { odds, probability } from './evidence/odds'
import type { Finding } from './findings/finding'
import { SIDES } from './vocabulary/side'
import { inSentence } from './vocabulary/sentence'
import { standingOf } from './standing'
import { sourceOf, sourceTitle } from './vocabulary/source'

/** A finding whose opposite would move a source. */
export interface Hinge {
  /** "thigh thrust, right" */
  readonly finding: string
  /** The figure as it stands, and as it would be. */
  readonly now: number
  readonly then: number
}

/** What the leading source hangs on. */
export interface Holding {
  /** "Sacroiliac joint, right"; null while none leads. */
  readonly leader: string | null
  /** It leads whatever one thing is changed. */
  readonly holds: boolean
  /** Findings and assumptions that would put another source first. */
  readonly dependsOn: readonly string[]
  /** "holds", or "depends on thigh thrust, right". */
  readonly words: string
}

/** Correlations that every group is held at, one after the other. */
const CAUSES: readonly { readonly words: string; readonly stress: NonNullable<Weights['stress']> }[] = [
  { words: 'how far tests are correlated (none)', stress: { rho: 0 } },
  { words: 'how far tests are correlated (half)', stress: { rho: 0.5 } },
]

/** What the pretest odds of one source are multiplied by, one source at a time: all of them together would not change who leads. */
const PUSHES = [
  { words: 'halved', times: 0.5 },
  { words: 'doubled', times: 2 },
] as const

/**
 * The single finding that would move this source most if it had come out the other way.
 *
 * @returns null while the source is not lit, or where no finding moves it
 */
export function hingeOf(assessment: Assessment, verdict: SourceVerdict): Hinge | null {
  const now = figure(verdict)
  if (now === null) return null
  const hinges = flippable(assessment).flatMap((finding): readonly Hinge[] => {
    if (finding.about !== verdict.side) return []
    const then = figure(flipped(assessment, finding).sources.find((s) => s.source === verdict.source && s.side === verdict.side)) ?? startOf(verdict)
    return Math.abs(logit(then) - logit(now)) < 1e-9 ? [] : [{ finding: nameOf(finding), now, then }]
  })
  return hinges.reduce<Hinge | null>((best, h) => (best && Math.abs(logit(best.then) - logit(now)) >= Math.abs(logit(h.then) - logit(now)) ? best : h), null)
}

/** Does the leading source lead whatever single finding or assumption is changed? */
export function holdingOf(assessment: Assessment): Holding {
  const leader = leaderOf(assessment)
  if (!leader) return { leader: null, holds: false, dependsOn: [], words: 'no source stands out' }
  const others = (changed: Assessment) => leaderOf(changed) !== leader
  const findings = flippable(assessment)
    .filter((finding) => others(flipped(assessment, finding)))
    .map(nameOf)
  const causes = CAUSES.filter(({ stress }) => others(assessFindings(assessment.found, assessment.sides, { ...assessment.weights, stress }))).map(
    (c) => c.words,
  )
  const dependsOn = [...new Set([...findings, ...causes, ...pretests(assessment.sources, leader)])]
  return { leader, holds: dependsOn.length === 0, dependsOn, words: dependsOn.length === 0 ? 'holds' : `depends on ${dependsOn.join('; ')}` }
}

/** Pretest odds of single sources that put another source first, or none, once halved or doubled. */
function pretests(sources: readonly SourceVerdict[], leader: string): readonly string[] {
  const weighed = [...new Set(sources.flatMap((s) => (s.weighed ? [s.source] : [])))]
  return weighed.flatMap((source) =>
    PUSHES.flatMap(({ words, times }) => {
      const pushed = sources.map((s) => (s.source === source ? withOdds(s, times) : s))
      return leaderOf({ sources: pushed }) === leader ? [] : [`the pretest odds of ${sourceOf(source).inWords} (${words})`]
    }),
  )
}

/** The same source from other pretest odds: every figure is odds times ratios, so its own odds are multiplied alike. */
function withOdds(verdict: SourceVerdict, times: number): SourceVerdict {
  const { weighed } = verdict
  return weighed ? { ...verdict, weighed: { ...weighed, estimate: probability(odds(weighed.estimate) * times) } } : verdict
}

/** The source that leads, in words; null where none does, or where one for referral stands before all. */
export function leaderOf({ sources }: Pick<Assessment, 'sources'>): string | null {
  const standing = standingOf(sources)
  return standing.kind === 'leads' ? sourceTitle(standing.source) : null
}

function flippable({ findings }: Assessment): readonly Finding[] {
  return findings.filter((f) => f.result === 'positive' || f.result === 'negative')
}

/** The same examination with one finding the other way round. Signs seen in the same test stay as they were seen. */
function flipped(assessment: Assessment, finding: Finding): Assessment {
  const known = FLIPPED.get(assessment) ?? new Map<Finding, Assessment>()
  FLIPPED.set(assessment, known)
  const made = known.get(finding) ?? turned(assessment, finding)
  known.set(finding, made)
  return made
}

/** Every source asks the same of one assessment. */
const FLIPPED = new WeakMap<Assessment, Map<Finding, Assessment>>()

function turned(assessment: Assessment, finding: Finding): Assessment {
  const positive = finding.result === 'negative'
  const reading = testById(finding.test)?.reading
  const result = positive ? 'positive' : 'negative'
  const why = 'If it had come out the other way.'
  const other: Finding = {
    ...finding,
    result,
    why,
    readings: (reading ? speaksWithFigures(reading, result) : []).map((source) => ({
      source,
      direction: positive ? 'for' : 'against',
      strength: 'quantified',
      why,
    })),
  }
  const findings = assessment.findings.map((f) => (f === finding ? other : f))
  return assessFindings({ ...assessment.found, findings }, assessment.sides, assessment.weights)
}

function nameOf(finding: Finding): string {
  const test = testById(finding.test)
  const side = test && SIDES.some((s) => s === finding.side) && test.sides === 'each' ? finding.side : 'none'
  return test ? inSentence(testTitle(test, side)) : finding.test
}

function figure(verdict: SourceVerdict | undefined): number | null {
  return verdict?.weighed ? headlineOf(verdict.weighed) : null
}

function startOf(verdict: SourceVerdict): number {
  return verdict.prior?.p ?? 0.5
}

function logit(p: number): number {
  const kept = Math.min(1 - 1e-9, Math.max(1e-9, p))
  return Math.log(kept / (1 - kept))
}

import { CATALOGUE, testById } from './catalogue'
import { LOWER, UPPER } from './catalogue/exam-test'
import { CLUSTERS } from './clusters'
import { type Interplay, interplayOf } from './clusters/interplay'
import { type RuleVerdict, ruleVerdict } from './clusters/verdict'
import { type Prior, priorOf, UNKNOWN_N, WEIGHED, type WeighedSource } from './evidence/prior'
import { rowsOf } from './evidence/register'
import { type Weighed, weigh } from './evidence/weigh'
import { sentence } from './findings/place-fits'
import { findingsOf } from './findings/findings'
import type { Finding, SourceReading } from './findings/finding'
import type { Exam } from './record/exam'
import { FACTS } from './story/facts'
import { soreSides } from './story/sore-sides'
import { areaOf, bodyArea, sideOf } from './vocabulary/body-area'
import { SIDES, type Side } from './vocabulary/side'
import { type Family, SOURCES, type SourceId, sourceOf } from './vocabulary/source'

/** A reading with the test it came from; `story` when the history told it. */
export interface Pointer extends SourceReading {
  readonly test: string
}

/** What is known of one source on one side. */
interface OneSource {
  readonly side: Side
  readonly family: Family
  readonly rules: readonly RuleVerdict[]
  /** Findings without a figure in the register: they stand beside the number and never move it. */
  readonly pointers: readonly Pointer[]
}

/** A source the register can move. */
export interface WeighableSource extends OneSource {
  readonly source: WeighedSource
  readonly prior: Prior
  /** Figures, once something moved it; null is "not lit". */
  readonly weighed: Weighed | null
}

/** A source that findings only point to. */
export interface PointedSource extends OneSource {
  readonly source: SourceId
  readonly prior: null
  readonly weighed: null
}

export type SourceVerdict = WeighableSource | PointedSource

/** Everything a screen, a note or an export may say about an examination. */
export interface Assessment {
  readonly exam: Exam
  readonly findings: readonly Finding[]
  readonly rules: readonly RuleVerdict[]
  readonly interplay: readonly Interplay[]
  readonly sources: readonly SourceVerdict[]
}

/** Starting odds set by hand, by source; they replace the derived ones. */
export type OwnPriors = Partial<Record<WeighedSource, number>>

/** The one place where findings, rules and figures meet. Pure: the same record gives the same answer. */
export function assess(exam: Exam, priors: OwnPriors = {}): Assessment {
  const findings = findingsOf(exam, { testById, all: CATALOGUE })
  return assessFindings(exam, findings, sidesInQuestion(exam, findings), priors)
}

/** The same from findings that are given, as when a published case is replayed. */
export function assessFindings(exam: Exam, findings: readonly Finding[], sides: readonly Side[], priors: OwnPriors): Assessment {
  const rules = CLUSTERS.flatMap((cluster) => SIDES.map((side) => ruleVerdict(cluster, side, findings)))
  const verdicts = (Object.keys(SOURCES) as SourceId[]).flatMap((source) =>
    sides.flatMap((side) => sourceVerdict(source, side, exam, findings, rules, priors) ?? []),
  )
  return { exam, findings, rules, interplay: interplayOf(findings), sources: verdicts }
}

/**
 * The sides a source is looked for on: where the pain is, and where any test brought something on.
 *
 * Without a painted side both are in question; a positive test on the other side adds it.
 */
export function sidesInQuestion(exam: Exam, findings: readonly Finding[]): readonly Side[] {
  const painful = new Set<Side>(soreSides(exam))
  for (const finding of findings) if (finding.result === 'positive' && isSided(finding)) painful.add(finding.about)
  return SIDES.filter((side) => painful.has(side))
}

/** What the history points to, on the sides where the pain lies in the zone the question was asked for. */
function factPointers(source: SourceId, side: Side, exam: Exam): readonly Pointer[] {
  return FACTS.flatMap((fact) => {
    if (fact.points.source !== source || exam.facts[fact.id] !== fact.points.on) return []
    const here = exam.symptoms.some((s) => s.places.some((p) => sideOf(p) === side && fact.zones.includes(bodyArea(areaOf(p)).zone)))
    return here ? [{ test: 'story', source, direction: 'for', strength: 'pointer', why: sentence(fact.points.because) }] : []
  })
}

/** A finding of a test without a side speaks of one only where a symptom came on. */
function isSided(finding: Finding): boolean {
  return finding.symptom !== null || testById(finding.test)?.sides === 'each'
}

/** Is the complaint, as painted, in the region where this weighed source is looked for? The low ones stand there while nothing is painted. */
function inRegion(source: WeighedSource, exam: Exam): boolean {
  const zones = exam.symptoms.flatMap((s) => s.places).map((place) => bodyArea(areaOf(place)).zone)
  if (source === 'root-cervical') return zones.some((zone) => UPPER.includes(zone))
  return zones.length === 0 || zones.some((zone) => LOWER.includes(zone))
}

function sourceVerdict(
  source: SourceId,
  side: Side,
  exam: Exam,
  findings: readonly Finding[],
  rules: readonly RuleVerdict[],
  priors: OwnPriors,
): SourceVerdict | null {
  const weighedId = WEIGHED.find((id) => id === source)
  const own = rules.filter((r) => r.side === side && r.cluster.source === source)
  const pointers = findings
    .filter((f) => f.about === side)
    .flatMap((f) =>
      f.readings
        .filter((r) => r.source === source && (r.strength === 'pointer' || weighedId === undefined || rowsOf(f.test).length === 0))
        .map((r) => ({ ...r, test: f.test })),
    )
  const told = factPointers(source, side, exam)
  const common = { side, family: sourceOf(source).family, rules: own, pointers: [...told, ...pointers] }
  if (weighedId) {
    const prior = startOf(weighedId, side, exam, priors)
    const weighed = weigh(weighedId, side, prior, findings, rules, testById)
    // A strip that nothing of this examination will light only takes room.
    return weighed || common.pointers.length > 0 || inRegion(weighedId, exam) ? { ...common, source: weighedId, prior, weighed } : null
  }
  // Sources nothing can move and nothing points at say nothing; leaving them out keeps the board readable.
  return common.pointers.length === 0 ? null : { ...common, source, prior: null, weighed: null }
}

function startOf(source: WeighedSource, side: Side, exam: Exam, priors: OwnPriors): Prior {
  const own = priors[source]
  return own === undefined ? priorOf(source, side, exam) : { p: own, why: 'Set by hand', effectiveN: UNKNOWN_N, assumed: true }
}

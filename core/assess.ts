import { CATALOGUE, testById } from './catalogue'
import { LOWER, UPPER } from './catalogue/exam-test'
import { inSchoolOrder } from './clusters/school-rules'
import { type Interplay, interplayOf } from './clusters/interplay'
import { type RuleVerdict, ruleVerdict } from './clusters/verdict'
import { isPlaced, type Prior, priorOf, UNKNOWN_N, WEIGHED, type WeighedSource } from './evidence/prior'
import { type Clinic, type Knowledge, knowledgeAt, SHIPPED } from './evidence/knowledge'
import { type Weighed, weigh } from './evidence/weigh'
import { sentence } from './findings/place-fits'
import { findingsOf } from './findings/findings'
import type { Finding, SourceReading } from './findings/finding'
import { type Level, levelsOf } from './level/level'
import type { Exam } from './record/exam'
import { beforeTreatment } from './record/visit'
import { screenPointer } from './safety/screen-pointers'
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
  /** Where a nerve is likely caught, for each limb that shows a sign. */
  readonly levels: readonly Level[]
  /** What it was computed from, so that one finding can be changed and the rest computed again. */
  readonly found: Found
  readonly sides: readonly Side[]
  readonly weights: Weights
}

/** Starting odds set by hand for one examination, by source; they replace the derived ones. */
export type OwnPriors = Partial<Record<WeighedSource, number>>

/** What an assessment may be given beside the record. */
export interface AssessWith {
  readonly priors?: OwnPriors
  /** The clinic's own figures, rules and starting odds. */
  readonly clinic?: Clinic
}

/**
 * The one place where findings, rules and figures meet. Pure: the same record and the same clinic give the same answer.
 *
 * A signed examination is read with what the clinic knew when it was signed.
 */
export function assess(exam: Exam, { priors = {}, clinic = SHIPPED }: AssessWith = {}): Assessment {
  const findings = findingsOf(exam, { testById, all: CATALOGUE })
  return assessFindings({ exam, findings }, sidesInQuestion(exam, findings), { priors, knowledge: knowledgeAt(clinic, exam.signed?.at ?? Infinity) })
}

/** Everything the figures rest on beside what was found. */
export interface Weights {
  readonly priors: OwnPriors
  readonly knowledge: Knowledge
  /** Every correlation held at this, to see whether the answer hangs on it. */
  readonly stress?: { readonly rho: number }
}

/** What was found, and where. */
export interface Found {
  readonly exam: Exam
  readonly findings: readonly Finding[]
  /** Conditions given outright, as in a published case. */
  readonly given?: Readonly<Record<string, boolean>>
}

/** The same from findings that are given, as when a published case is replayed. */
export function assessFindings(found: Found, sides: readonly Side[], weights: Weights): Assessment {
  const { findings } = found
  // What was measured after a treatment tells of change: no rule, source or level reads it.
  const exam = beforeTreatment(found.exam)
  const ground: Found = exam === found.exam ? found : { ...found, exam }
  const clusters = inSchoolOrder(weights.knowledge.clusters, exam)
  const rules = clusters.flatMap((cluster) => SIDES.map((side) => ruleVerdict(cluster, side, ground)))
  const sources = (Object.keys(SOURCES) as SourceId[]).flatMap((source) => sides.flatMap((side) => sourceVerdict(source, side, ground, rules, weights) ?? []))
  return { exam: found.exam, findings, rules, interplay: interplayOf(findings), sources, levels: levelsOf(exam, findings), found, sides, weights }
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

/** What the safety screen points to for referral. */
function screenPointers(source: SourceId, exam: Exam): readonly Pointer[] {
  const why = screenPointer(source, exam)
  return why === null ? [] : [{ test: 'story', source, direction: 'for', strength: 'pointer', why: sentence(why) }]
}

/** A finding of a test without a side speaks of one only where a symptom came on. */
function isSided(finding: Finding): boolean {
  return finding.symptom !== null || testById(finding.test)?.sides === 'each'
}

/** Is the complaint, as painted, in the region where this weighed source is looked for? Those of the low back stand there while nothing is painted. */
function inRegion(source: WeighedSource, exam: Exam): boolean {
  const zones = exam.symptoms.flatMap((s) => s.places).map((place) => bodyArea(areaOf(place)).zone)
  const wanted = ALWAYS_SHOWN[source]
  if (!wanted) return false
  return zones.length === 0 ? wanted === LOWER : zones.some((zone) => wanted.includes(zone))
}

/** Does the story put this source on that side? With nothing painted any may be. */
function isListed(source: WeighedSource, side: Side, exam: Exam): boolean {
  return exam.symptoms.every((s) => s.places.length === 0) || isPlaced(source, side, exam)
}

/** Does anything that was found speak for it? What only speaks against a source nobody asked about is no line of its own. */
function speaksFor({ joined, rule }: Weighed): boolean {
  return rule?.speaks === 'positive' || joined.some((j) => j.steps.some((step) => step.positive))
}

/** Sources that stand on the board, unlit, wherever the complaint makes them a question; the others appear once something speaks of them. */
const ALWAYS_SHOWN: Partial<Record<WeighedSource, typeof LOWER>> = {
  'root-cervical': UPPER,
  'root-lumbar-low': LOWER,
  'sij-pain': LOWER,
}

function sourceVerdict(source: SourceId, side: Side, found: Found, allRules: readonly RuleVerdict[], weights: Weights): SourceVerdict | null {
  const { exam, findings } = found
  const weighedId = WEIGHED.find((id) => id === source)
  const rules = allRules.filter((r) => r.side === side && r.cluster.source === source)
  const prior = weighedId && startOf(weighedId, side, exam, weights)
  const weighed =
    weighedId && prior
      ? weigh(weighedId, side, prior, {
          ground: found,
          rules,
          find: weights.knowledge.find,
          testById,
          ...(weights.stress && { rho: weights.stress.rho }),
        })
      : null
  const counted = new Set(weighed?.joined.flatMap((j) => j.steps.map((step) => step.test)) ?? [])
  const pointers = findings
    .filter((f) => f.about === side)
    .flatMap((f) => f.readings.filter((r) => r.source === source && (r.strength === 'pointer' || !counted.has(f.test))).map((r) => ({ ...r, test: f.test })))
  const common = {
    side,
    family: sourceOf(source).family,
    rules,
    pointers: [...screenPointers(source, exam), ...factPointers(source, side, exam), ...patternPointers(rules), ...pointers],
  }
  if (weighedId && prior) {
    // A strip that nothing of this examination will light only takes room.
    const pointed = common.pointers.some((p) => p.direction === 'for')
    const asked = isListed(weighedId, side, exam) && (weighed !== null || common.pointers.length > 0)
    const listed = asked || pointed || (weighed !== null && speaksFor(weighed)) || inRegion(weighedId, exam)
    return listed ? { ...common, source: weighedId, prior, weighed } : null
  }
  // Sources nothing can move and nothing points at say nothing; leaving them out keeps the board readable.
  return common.pointers.length === 0 ? null : { ...common, source, prior: null, weighed: null }
}

/** A pattern that is met points; it never has a figure. */
function patternPointers(rules: readonly RuleVerdict[]): readonly Pointer[] {
  return rules.flatMap(({ cluster, state }) =>
    cluster.basis === 'pattern' && state === 'met'
      ? [
          {
            test: 'pattern',
            source: cluster.source,
            direction: 'for' as const,
            strength: 'pointer' as const,
            why: sentence(`${cluster.name}: the pattern is met`),
          },
        ]
      : [],
  )
}

function startOf(source: WeighedSource, side: Side, exam: Exam, { priors, knowledge }: Weights): Prior {
  const own = priors[source]
  return own === undefined ? priorOf(source, side, exam, knowledge.priors) : { p: own, why: 'Set by hand', effectiveN: UNKNOWN_N, assumed: true, line: null }
}

import { testById } from '../catalogue'
import type { Finding } from '../findings/finding'
import type { Answer } from '../record/answer'
import type { Exam } from '../record/exam'
import { isOver } from '../record/ladder'
import { type AreaId, areaOf, bodyArea, sideOf } from '../vocabulary/body-area'
import { capital, inSentence } from '../vocabulary/sentence'
import type { Side } from '../vocabulary/side'
import type { SourceId } from '../vocabulary/source'
import { type Fit, type NerveStructure, PARTING_WORDS, type SignId, STRUCTURES } from './structures'

/** One sign that was looked at: lost (or brought on), or kept (or quiet). */
export interface SeenSign {
  readonly id: SignId
  readonly words: string
  readonly lost: boolean
}

/** A structure with its place in the ranking. */
export interface Ranked {
  readonly structure: NerveStructure
  /** Share of the ranking, 0 to 1. Weights of this project order the list; it is no probability. */
  readonly share: number
}

/** One line of the grid: a sign or an area, and how it fits the first two. */
export interface GridLine {
  readonly words: string
  readonly found: 'lost' | 'kept' | 'brought-on' | 'quiet' | 'painted' | 'not-looked-at'
  readonly fits: readonly (Fit | 'unlikely')[]
}

/** Where a nerve is likely caught, on one side of one limb. */
export interface Level {
  readonly side: Side
  readonly limb: NerveStructure['limb']
  /** The sources whose level this is. */
  readonly sources: readonly SourceId[]
  readonly ranking: readonly Ranked[]
  readonly best: Ranked
  readonly runnerUp: Ranked
  /** The first two are too close to call. */
  readonly close: boolean
  /** The one further check that would part the first two; null when none is known. */
  readonly check: string | null
  readonly grid: readonly GridLine[]
}

/**
 * Chances of a loss, given the structure, by how well it fits: the weights of the ranking.
 *
 * Working weights of this project, not published figures. A sign fits or does not far more clearly than a painted area, so areas count less.
 */
const LOST: Readonly<Record<Fit | 'unlikely', number>> = { expected: 0.55, possible: 0.2, unlikely: 0.04 }
const PAINTED: Readonly<Record<Fit | 'unlikely', number>> = { expected: 0.5, possible: 0.3, unlikely: 0.12 }

/** The limbs' screens and the tension tests that lean towards one nerve or root. */
const SCREEN = { arm: 'neuro-upper', leg: 'neuro-lower' } as const
const TENSION = { arm: ['ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3'], leg: ['leg-raise', 'slump', 'femoral-stretch'] } as const

/** Roots of a limb: a level is asked of these. */
const SOURCES_OF: Readonly<Record<NerveStructure['limb'], readonly SourceId[]>> = {
  arm: ['root-cervical'],
  leg: ['root-lumbar-low', 'root-lumbar-mid'],
}

const REFLEX_NAMES: Readonly<Record<string, string>> = {
  biceps: 'biceps reflex',
  brachioradialis: 'brachioradialis reflex',
  triceps: 'triceps reflex',
  patellar: 'knee reflex',
  hamstring: 'inner hamstring reflex',
  achilles: 'heel reflex',
}

/** Every test whose answer a level of this limb is ranked by. */
export function levelTests(limb: NerveStructure['limb']): readonly string[] {
  return [SCREEN[limb], ...TENSION[limb]]
}

/**
 * The level of each sore limb, where anything speaks of one.
 *
 * A limb is ranked once something was lost or brought on, or once its painted area and a screen are there; an area alone ranks nothing, since pain
 * rarely keeps to one root.
 */
export function levelsOf(exam: Exam, findings: readonly Finding[]): readonly Level[] {
  return (['arm', 'leg'] as const).flatMap((limb) => (['left', 'right'] as const).flatMap((side) => levelOf(limb, side, exam, findings) ?? []))
}

function levelOf(limb: NerveStructure['limb'], side: Side, exam: Exam, findings: readonly Finding[]): Level | null {
  const signs = [...screenSigns(limb, side, exam), ...tensionSigns(limb, side, findings)]
  const areas = paintedAreas(limb, side, exam)
  if (!signs.some((s) => s.lost)) return null
  return { side, limb, sources: SOURCES_OF[limb], ...levelFrom(limb, signs, areas) }
}

/** The level that signs and painted areas of one limb speak for. */
export function levelFrom(limb: NerveStructure['limb'], signs: readonly SeenSign[], areas: readonly AreaId[]): Omit<Level, 'side' | 'limb' | 'sources'> {
  const ranking = rank(limb, signs, areas)
  const [best, runnerUp] = ranking as readonly [Ranked, Ranked, ...Ranked[]]
  return {
    ranking,
    best,
    runnerUp,
    close: best.share < 2 * runnerUp.share || !parted(best.structure, runnerUp.structure, signs),
    check: partingCheck(best.structure, runnerUp.structure, signs),
    grid: gridOf([best.structure, runnerUp.structure], signs, areas),
  }
}

/** Score every structure of a limb by how well it explains what was found, and share the scores out. */
export function rank(limb: NerveStructure['limb'], signs: readonly SeenSign[], areas: readonly AreaId[]): readonly Ranked[] {
  const scored = STRUCTURES.filter((s) => s.limb === limb).map((structure) => {
    const ofSigns = signs.reduce((p, sign) => p * chance(LOST[structure.signs[sign.id] ?? 'unlikely'], sign.lost), 1)
    const ofAreas = areas.reduce((p, area) => p * PAINTED[structure.areas[area] ?? 'unlikely'], 1)
    return { structure, score: ofSigns * ofAreas }
  })
  const total = scored.reduce((sum, s) => sum + s.score, 0)
  return scored.map(({ structure, score }) => ({ structure, share: score / total })).toSorted((a, b) => b.share - a.share)
}

function chance(p: number, happened: boolean): number {
  return happened ? p : 1 - p
}

/** Every cell of the screen that was looked at on this side; touch and pin of one root are one sign. */
function screenSigns(limb: NerveStructure['limb'], side: Side, exam: Exam): readonly SeenSign[] {
  const test = testById(SCREEN[limb])
  const run = test && exam.runs.findLast((r) => r.test === test.id && r.side === side && isOver(r, test))
  if (!run) return []
  const cells = (stage: string) => gridCells(run.answers.find((a) => a.stage === stage)?.answer)
  const strength = cells('strength').map(([row, value]) => sign(`strength.${row}`, `strength ${row.toUpperCase()}`, value !== '5'))
  const reflexes = cells('reflexes').map(([row, value]) => sign(`reflex.${row}`, REFLEX_NAMES[row] ?? row, value === '0' || value === '1'))
  const feeling = new Map<string, boolean>()
  for (const [row, value] of cells('sensation')) feeling.set(row, (feeling.get(row) ?? false) || value !== 'normal')
  return [
    ...strength,
    ...reflexes,
    ...[...feeling].map(([row, lost]) => sign(`feeling.${row}`, `feeling ${row.toUpperCase()}`, lost)),
    ...partingSigns(run.answers.find((a) => a.stage === 'parting')?.answer),
  ]
}

/** What was looked at closer, to part a root from one nerve. */
function partingSigns(answer: Answer | undefined): readonly SeenSign[] {
  const cells = answer?.said === 'grid' ? Object.entries(answer.cells) : []
  return cells.flatMap(([id, value]): readonly SeenSign[] => {
    const [row = '', column] = id.split('.')
    const words = PARTING_WORDS[row] ?? row
    if (column === 'strength') return [sign(`strength.${row}`, `strength, ${words}`, value !== '5')]
    // The border of two nerves runs through the ring finger; a root takes it whole.
    if (row === 'ring') return [sign(`halves.${row}`, `${words}, one half only`, value === 'half')]
    return [sign(`feeling.${row}`, `feeling, ${words}`, value !== 'normal')]
  })
}

/**
 * Was anything seen that parts these two? Two roots are told apart by the ranking alone. A root and a nerve are not, unless something is
 * lost that only the first can lose, or a cell that is there to part them was looked at.
 */
function parted(best: NerveStructure, other: NerveStructure, signs: readonly SeenSign[]): boolean {
  if (best.kind === 'root' && other.kind === 'root') return true
  return signs.some(({ id, lost }) => {
    const [here, there] = [best.signs[id], other.signs[id]]
    if (isParting(id)) return (here === 'expected') !== (there === 'expected')
    // A reflex goes early with its root, and rarely with one nerve.
    return lost && here === 'expected' && (there === undefined || (best.kind === 'root' && id.startsWith('reflex') && there === 'possible'))
  })
}

function isParting(id: SignId): boolean {
  return (id.split('.')[1] ?? '') in PARTING_WORDS
}

function gridCells(answer: Answer | undefined): readonly (readonly [string, string])[] {
  return answer?.said === 'grid' ? Object.entries(answer.cells).map(([id, value]) => [id.split('.')[0] ?? '', value] as const) : []
}

function tensionSigns(limb: NerveStructure['limb'], side: Side, findings: readonly Finding[]): readonly SeenSign[] {
  return TENSION[limb].flatMap((test) => {
    const found = findings.find((f) => f.test === test && f.about === side)
    if (found?.result !== 'positive' && found?.result !== 'negative') return []
    return [sign(`tension.${test}`, inSentence(testById(test)?.name ?? test), found.result === 'positive')]
  })
}

function sign(id: SignId, words: string, lost: boolean): SeenSign {
  return { id, words, lost }
}

const ARM_ZONES = new Set(['arm', 'neck'])
const LEG_ZONES = new Set(['thigh', 'below-knee', 'pelvis'])

function paintedAreas(limb: NerveStructure['limb'], side: Side, exam: Exam): readonly AreaId[] {
  const zones = limb === 'arm' ? ARM_ZONES : LEG_ZONES
  const here = exam.symptoms.flatMap((s) => s.places).filter((p) => sideOf(p) === side && zones.has(bodyArea(areaOf(p)).zone))
  return [...new Set(here.map(areaOf))]
}

/** The check that parts two structures best: of the signs still open the one on which they differ most; between a root and a nerve the cells that are there to part them first. */
function partingCheck(a: NerveStructure, b: NerveStructure, signs: readonly SeenSign[]): string | null {
  const seen = new Set(signs.map((s) => s.id))
  const open = signIds(a, b).filter((id) => !seen.has(id) && difference(a, b, id) > 0.3)
  // Two roots are told apart by the screen itself.
  const roots = a.kind === 'root' && b.kind === 'root'
  const rank = (id: SignId) => (!roots && isParting(id) ? 1 : 0) + difference(a, b, id) - (roots && isParting(id) ? 1 : 0)
  const best = open.toSorted((x, y) => rank(y) - rank(x))[0]
  if (!best) return null
  const first = LOST[a.signs[best] ?? 'unlikely'] > LOST[b.signs[best] ?? 'unlikely'] ? a : b
  return `${checkWords(best)}: ${WHEN_LOST[best.split('.')[0] ?? ''] ?? 'lessened'} in ${first.name}, not in ${first === a ? b.name : a.name}.`
}

const WHEN_LOST: Readonly<Record<string, string>> = { tension: 'brought on', halves: 'split' }

function signIds(a: NerveStructure, b: NerveStructure): readonly SignId[] {
  return [...new Set([...Object.keys(a.signs), ...Object.keys(b.signs)])] as SignId[]
}

function difference(a: NerveStructure, b: NerveStructure, id: SignId): number {
  return Math.abs(LOST[a.signs[id] ?? 'unlikely'] - LOST[b.signs[id] ?? 'unlikely'])
}

function checkWords(id: SignId): string {
  const [kind = '', row = ''] = id.split('.')
  if (kind === 'reflex') return `The ${REFLEX_NAMES[row] ?? row}`
  if (kind === 'tension') return testById(row)?.name ?? row
  if (kind === 'halves') return capital(PARTING_WORDS[row] ?? row)
  return PARTING_WORDS[row] ? `${capital(kind)}, ${PARTING_WORDS[row]}` : `${capital(kind)} ${row.toUpperCase()}`
}

/** Expected against found, for the first two: every sign one of them expects or that was lost, and every painted area. */
function gridOf(pair: readonly NerveStructure[], signs: readonly SeenSign[], areas: readonly AreaId[]): readonly GridLine[] {
  const seen = new Map(signs.map((s) => [s.id, s]))
  const wanted = [
    ...new Set([...signs.filter((s) => s.lost).map((s) => s.id), ...pair.flatMap((p) => signIds(p, p).filter((id) => p.signs[id] === 'expected'))]),
  ].filter((id) => seen.has(id) || !isParting(id) || pair.some((p) => p.kind === 'nerve'))
  const ofSigns = wanted.map((id): GridLine => {
    const found = seen.get(id)
    return {
      words: found?.words ?? checkWords(id),
      found: foundOf(id, found),
      fits: pair.map((p) => p.signs[id] ?? 'unlikely'),
    }
  })
  const ofAreas = areas.map((area): GridLine => ({ words: bodyArea(area).name, found: 'painted', fits: pair.map((p) => p.areas[area] ?? 'unlikely') }))
  return [...ofSigns, ...ofAreas]
}

function foundOf(id: SignId, sign: SeenSign | undefined): GridLine['found'] {
  if (!sign) return 'not-looked-at'
  if (id.startsWith('tension')) return sign.lost ? 'brought-on' : 'quiet'
  return sign.lost ? 'lost' : 'kept'
}

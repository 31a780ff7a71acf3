import { randomUniform } from 'd3-random'
import { CATALOGUE } from '../../core/catalogue'
import { groupOf } from '../../core/evidence/groups'
import { likelihoodRatios } from '../../core/evidence/likelihood-ratio'
import { priorOf, WEIGHED, type WeighedSource } from '../../core/evidence/prior'
import { REGISTER, moves, rowsOf } from '../../core/evidence/register'
import { signsOf } from '../../core/evidence/signs'
import { compose, composedId } from '../../core/record/compose'
import type { Exam } from '../../core/record/exam'
import { RULEBOOK } from '../../core/safety/rulebook'
import type { Place } from '../../core/vocabulary/body-area'

/** How strongly a person's answers hang together in the generated cases. */
export interface Tendency {
  readonly name: string
  /** Share of people who answer all tests of one group by a single draw. */
  readonly group: number
  /** Share of people who answer every test by a single draw. */
  readonly person: number
}

/** One generated person: the complaint, what is true, and what every test and sign would show. */
export interface Case {
  readonly exam: Exam
  readonly truth: Readonly<Record<WeighedSource, boolean>>
  readonly shows: Readonly<Record<string, boolean>>
}

const STORIES: readonly (readonly Place[])[] = [
  ['right-buttock', 'right-calf'],
  ['right-buttock', 'right-low-back'],
  ['right-low-back', 'right-groin'],
  ['right-neck-back', 'right-forearm-back', 'right-middle-finger'],
  ['right-neck-back', 'right-back-of-head'],
]

/** A test or a sign with the rates of its study. */
interface Item {
  readonly id: string
  readonly source: WeighedSource
  readonly group: string | null
  readonly sens: number
  readonly spec: number
}

/** What a test shows of a source that has no figure of its own: more often when it is there, by an assumption of the generator. */
const UNQUANTIFIED = { sens: 0.5, spec: 0.9 }
/** Where a study printed a ratio alone, sensitivity is taken as this. */
const SENS_OF_RATIO = 0.5
/** Spread of prevalence, and of sensitivity and specificity, from the figures the engine uses, on the scale of log odds. */
const SPREAD = { prevalence: 0.5, rate: 0.3 }

const ITEMS: readonly Item[] = CATALOGUE.flatMap((test) => [
  { id: test.id, shares: test.shares, own: test.reading.source },
  ...signsOf(test.id).map((s) => ({ id: s.id, shares: s.shares === null ? [] : [s.shares], own: s.source })),
]).flatMap(({ id, shares, own }): Item[] => {
  const row = rowsOf(id, REGISTER).find(moves)
  const source = WEIGHED.find((w) => w === (row?.for ?? own))
  if (!source) return []
  return [{ id, source, group: groupOf(shares)?.id ?? null, ...(row ? ratesOfRow(row) : UNQUANTIFIED) }]
})

function ratesOfRow(row: Parameters<typeof likelihoodRatios>[0]): { sens: number; spec: number } {
  if (row.sens && row.spec) return { sens: clamp(row.sens.value), spec: clamp(row.spec.value) }
  const positive = likelihoodRatios(row)?.positive ?? 1
  return { sens: SENS_OF_RATIO, spec: clamp(1 - SENS_OF_RATIO / positive) }
}

function clamp(p: number): number {
  return Math.min(0.98, Math.max(0.02, p))
}

function expit(x: number): number {
  return 1 / (1 + Math.exp(-x))
}

function logit(p: number): number {
  return Math.log(p / (1 - p))
}

/**
 * A generated case.
 *
 * Not the engine's own model: prevalence, sensitivity and specificity are moved about for every person, and answers hang together by
 * all-or-nothing draws (some people answer a whole group, or everything, by one draw; the others every test by its own), where the engine has one
 * normal cause a group. Margins stay those of the moved rates. Cord signs are never there: they would stop the examination.
 */
export function generate(random: () => number, tendency: Tendency): Case {
  const uniform = randomUniform.source(random)()
  const normal = () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform())
  const moved = (p: number, spread: number) => expit(logit(clamp(p)) + spread * normal())
  const places = STORIES[Math.floor(uniform() * STORIES.length)] ?? []
  const exam = storyOf(places)
  const truth = Object.fromEntries(
    WEIGHED.map((source) => [source, source !== 'cord' && uniform() < moved(priorOf(source, 'right', exam).p, SPREAD.prevalence)]),
  ) as Record<WeighedSource, boolean>
  const ofOneMind = uniform() < tendency.person
  const everything = uniform()
  const groups = new Map<string, number>()
  const shows = Object.fromEntries(
    ITEMS.map((item) => {
      const rate = truth[item.source] ? moved(item.sens, SPREAD.rate) : 1 - moved(item.spec, SPREAD.rate)
      const group = item.group ?? item.id
      if (!groups.has(group)) groups.set(group, uniform() < tendency.group ? uniform() : -1)
      const shared = groups.get(group) ?? -1
      const own = uniform()
      const draw = ofOneMind ? everything : shared >= 0 ? shared : own
      return [item.id, item.source !== 'cord' && draw < rate]
    }),
  )
  return { exam, truth, shows }
}

/** A story is the same for everybody who tells it. */
const STORY_EXAMS = new Map<readonly Place[], Exam>()

function storyOf(places: readonly Place[]): Exam {
  const known = STORY_EXAMS.get(places)
  if (known) return known
  const at = Date.UTC(2026, 0, 5, 9)
  const { exam } = compose({ examId: composedId(at, 'bench', 1), personId: composedId(at, 'bench', 2), ageYears: 43, at, by: 'bench' }, RULEBOOK)
    .symptom('S1', { words: 'generated', places, qualities: ['aching'], now: 3 })
    .screened()
  STORY_EXAMS.set(places, exam)
  return exam
}

import { normalCdf, normalQuantile } from '../../../core/evidence/normal'
import { priorOf, WEIGHED, type WeighedSource } from '../../../core/evidence/prior'
import { type Draws, drawsFrom, moved } from './draws'
import { ITEMS } from './items'
import { STORIES, storyOf, type Truth, type World } from './person'

/** Parts of the spread of an answer: the person's sensitivity to pain in every test, the structure's in its group, and the test's own. */
const SPREAD = { trait: 0.15, group: 0.25, own: 0.6 }
/** Spread of where an examiner draws the line between positive and negative, in standard deviations of an answer. */
const EXAMINER = 0.3
/** Spread of a clinic's prevalence from the pretest odds, on the scale of log odds, and what makes up for people with too many sources. */
const CLINIC = 0.6
const MADE_UP = 0.35
/** What every other source of the same half of the body adds to an answer, as a share of what its own adds. */
const NEIGHBOUR = 0.15
/** What neighbours add on average, which the studies' specificity had in it already. */
const LEAKED = 0.13
/** Share of people whose pain is not where their sources usually put it. */
const MISPLACED = 0.15
/** Nobody has more sources than this. */
const MOST = 2

const UPPER: readonly WeighedSource[] = ['root-cervical', 'facet-cervical', 'joint-upper-neck', 'outlet', 'cord']

/**
 * People whose sources hurt more or less.
 *
 * Severity is continuous (mean 1), answers are pressed out of severity, a trait of the person, a cause of the group and chance, and an
 * examiner who draws the line a little higher or lower calls them positive. Clinics see more or fewer of such people; nobody has more than two
 * sources; neighbouring sources leak into a test; in some the pain is painted elsewhere.
 */
export const BY_SEVERITY: World = {
  name: 'severity and thresholds',
  make: (random) => {
    const draws = drawsFrom(random)
    const { uniform, normal, oneOf } = draws
    const real = oneOf(STORIES)
    const painted = uniform() < MISPLACED ? oneOf(STORIES) : real
    const truth = atMostTwo(real, draws, MADE_UP + CLINIC * normal())
    const severity = new Map(WEIGHED.map((source) => [source, truth[source] ? gamma2(draws) : 0]))
    const trait = Math.sqrt(SPREAD.trait) * normal()
    const line = EXAMINER * normal()
    const groups = new Map<string, number>()
    const causeOf = (group: string) => {
      const known = groups.get(group) ?? Math.sqrt(SPREAD.group) * normal()
      groups.set(group, known)
      return known
    }
    const shows = Object.fromEntries(
      SCALED.map(({ id, source, group, sens, spec, threshold, reach }) => {
        const half = UPPER.includes(source)
        const leaked = WEIGHED.filter((s) => s !== source && UPPER.includes(s) === half).reduce((sum, s) => sum + NEIGHBOUR * (severity.get(s) ?? 0), 0)
        const pressed = reach * ((severity.get(source) ?? 0) + (source === 'cord' ? 0 : leaked - LEAKED))
        const answer = pressed + trait + causeOf(group ?? id) + Math.sqrt(SPREAD.own) * normal()
        // A cord sign is no matter of pain: it is there or it is not.
        return [id, source === 'cord' ? (truth.cord && uniform() < sens) || uniform() < (1 - spec) / 4 : answer > threshold + line]
      }),
    )
    return { exam: storyOf(painted), truth, shows, outOfPlace: 'quiet' }
  },
}

/** Spread of an answer and of the examiner's line together. */
const TOGETHER = Math.sqrt(1 + EXAMINER ** 2)

/** How likely an answer passes the line, over all severities, where the source adds so much at mean severity. */
function sensitivityAt(reach: number, threshold: number): number {
  const steps = 200
  let sum = 0
  // Severity in equal slices of its distribution, each by its middle.
  for (let i = 0; i < steps; i++) sum += normalCdf((reach * gammaQuantile((i + 0.5) / steps) - threshold) / TOGETHER)
  return sum / steps
}

/** Severity below which this share lies: a gamma of shape 2 and mean 1 has 1 - (1 + 2x) e^(-2x) below x. */
function gammaQuantile(share: number): number {
  return halved(0, 20, (x) => 1 - (1 + 2 * x) * Math.exp(-2 * x) >= share)
}

/** The least x from which on this holds, by halving. */
function halved(low: number, high: number, holds: (x: number) => boolean): number {
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2
    if (holds(middle)) high = middle
    else low = middle
  }
  return high
}

/** Every test with the line and the push that give, over all people and examiners, the rates of its study. */
const SCALED = ITEMS.map((item) => {
  const threshold = normalQuantile(item.spec) * TOGETHER
  return { ...item, threshold, reach: halved(0, 60, (reach) => sensitivityAt(reach, threshold) >= item.sens) }
})

/** Sources of a complaint; of more than two, two that chance picks. */
function atMostTwo(places: (typeof STORIES)[number], { uniform }: Draws, clinic: number): Truth {
  const exam = storyOf(places)
  const drawn = WEIGHED.filter((source) => uniform() < moved(priorOf(source, 'right', exam).p, clinic))
  while (drawn.length > MOST) drawn.splice(Math.floor(uniform() * drawn.length), 1)
  return Object.fromEntries(WEIGHED.map((source) => [source, drawn.includes(source)])) as Truth
}

/** A gamma of shape 2 and mean 1: many a little, few a lot. */
function gamma2({ uniform }: Draws): number {
  return -0.5 * (Math.log(1 - uniform()) + Math.log(1 - uniform()))
}

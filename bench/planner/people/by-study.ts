import { priorOf, WEIGHED } from '../../../core/evidence/prior'
import { drawsFrom, moved } from './draws'
import { fakesPelvic, ITEMS } from './items'
import { STORIES, storyOf, type Truth, type World } from './person'

/** How strongly a person's answers hang together. */
export interface Tendency {
  /** Share of people who answer all tests of one group by a single draw. */
  readonly group: number
  /** Share of people who answer every test by a single draw. */
  readonly person: number
}

/** Spread of prevalence, and of sensitivity and specificity, from the figures the engine uses, on the scale of log odds. */
const SPREAD = { prevalence: 0.5, rate: 0.3 }

/**
 * People as the studies describe them, moved about.
 *
 * Not the engine's own model: prevalence, sensitivity and specificity are moved for every person, and answers hang together by
 * all-or-nothing draws (some people answer a whole group, or everything, by one draw; the others every test by its own), where the engine has one
 * normal cause a group. Margins stay those of the moved rates. Pain that centralises fakes pelvic tests, as it
 * did in the study. Cord signs are never there, and a test with nothing to bring on is not done.
 */
export function byStudy(name: string, tendency: Tendency): World {
  return {
    name,
    make: (random) => {
      const { uniform, normal, oneOf } = drawsFrom(random)
      const exam = storyOf(oneOf(STORIES))
      const prevalence = Object.fromEntries(
        WEIGHED.map((source) => [source, source === 'cord' ? 0 : moved(priorOf(source, 'right', exam).p, SPREAD.prevalence * normal())]),
      )
      const truth = Object.fromEntries(WEIGHED.map((source) => [source, uniform() < (prevalence[source] ?? 0)])) as Truth
      const ofOneMind = uniform() < tendency.person
      const everything = uniform()
      const groups = new Map<string, number>()
      const rates = Object.fromEntries(
        ITEMS.map(({ id, sens, spec }) => [id, { there: moved(sens, SPREAD.rate * normal()), without: 1 - moved(spec, SPREAD.rate * normal()) }]),
      )
      const shows = Object.fromEntries(
        ITEMS.map((item) => {
          const rate = rates[item.id]?.[truth[item.source] ? 'there' : 'without'] ?? 0
          const group = item.group ?? item.id
          if (!groups.has(group)) groups.set(group, uniform() < tendency.group ? uniform() : -1)
          const shared = groups.get(group) ?? -1
          const own = uniform()
          const draw = ofOneMind ? everything : shared >= 0 ? shared : own
          return [item.id, item.source !== 'cord' && draw < rate]
        }),
      )
      const fakes = shows['repeated-movement'] && !truth['sij-pain'] ? fakesPelvic(uniform) : null
      if (fakes) for (const { id } of ITEMS) shows[id] = fakes(id) ?? shows[id] ?? false
      return { exam, truth, shows, outOfPlace: 'left-out', known: { prevalence, rates } }
    },
  }
}

import { WEIGHED, type WeighedSource } from '../../../core/evidence/prior'
import type { AreaId } from '../../../core/vocabulary/body-area'
import { placeAt } from '../../../core/vocabulary/body-area'
import { drawsFrom, moved } from './draws'
import { fakesPelvic, ITEMS } from './items'
import { storyOf, type Truth, type World } from './person'

/** What a source is like: how often it is the one, and where it hurts. */
interface Kind {
  /** Null for what no figure is known of: muscle, a nerve further out, pain that is referred. */
  readonly source: WeighedSource | null
  readonly share: number
  readonly hurts: readonly (readonly AreaId[])[]
}

const LOWER: readonly Kind[] = [
  {
    source: 'root-lumbar-low',
    share: 0.26,
    hurts: [
      ['buttock', 'calf'],
      ['low-back', 'thigh-back', 'calf'],
      ['buttock', 'thigh-back'],
    ],
  },
  { source: 'root-lumbar-mid', share: 0.05, hurts: [['low-back', 'thigh-front']] },
  { source: 'facet-lumbar', share: 0.18, hurts: [['low-back'], ['low-back', 'buttock']] },
  { source: 'disc-annulus', share: 0.24, hurts: [['low-back'], ['low-back', 'buttock']] },
  { source: 'sij-pain', share: 0.16, hurts: [['sacroiliac'], ['buttock'], ['buttock', 'thigh-back']] },
  { source: 'sij-ligament', share: 0.04, hurts: [['sacroiliac', 'buttock']] },
  { source: 'hip', share: 0.12, hurts: [['groin'], ['groin', 'thigh-front'], ['outer-hip']] },
  { source: 'instability-lumbar', share: 0.1, hurts: [['low-back']] },
  { source: null, share: 0.3, hurts: [['low-back'], ['buttock'], ['buttock', 'thigh-back'], ['low-back', 'groin']] },
]

const UPPER: readonly Kind[] = [
  {
    source: 'root-cervical',
    share: 0.3,
    hurts: [
      ['neck-back', 'forearm-back', 'middle-finger'],
      ['shoulder-blade', 'upper-arm-back', 'thumb'],
    ],
  },
  { source: 'facet-cervical', share: 0.35, hurts: [['neck-back'], ['neck-back', 'shoulder-blade']] },
  { source: 'joint-upper-neck', share: 0.25, hurts: [['back-of-head'], ['neck-back', 'back-of-head']] },
  { source: 'outlet', share: 0.05, hurts: [['forearm-front', 'little-finger']] },
  { source: 'cord', share: 0.04, hurts: [['neck-back', 'forearm-back']] },
  { source: null, share: 0.5, hurts: [['neck-back'], ['neck-back', 'back-of-head'], ['back-of-head'], ['neck-back', 'shoulder-blade']] },
  {
    source: null,
    share: 0.4,
    hurts: [
      ['neck-back', 'forearm-back', 'middle-finger'],
      ['forearm-front', 'little-finger'],
    ],
  },
]

/** One or two of them at once; those without a figure are none of ours. */
const HOW_MANY = [0, 0.6, 0.4] as const
/** Half of the people have their pain in the low back and below. */
const LOWER_HALF = 0.65
/** Share of people whose pain is where another source usually puts it. */
const MISPLACED = 0.1
/** Share of people who are stirred up easily. */
const IRRITABLE = 0.15
/** Spread of what a clinic sees, of a person's readiness to answer yes, and of each test, on the scale of log odds. */
const SPREAD = { clinic: 0.5, trait: 0.6, test: 0.2 }
/** Studies flatter their tests: both rates are this much lower here, on the scale of log odds. */
const FLATTERED = 0.3
/** Share of painful discs whose pain centralises. */
const CENTRALISES = 0.5

/**
 * People made from their sources outwards.
 *
 * None, one or two sources are drawn, the pain is painted where those usually put it (or not), and how likely a source is with such pain is
 * nowhere given. Rates are lower than the studies'; a person answers yes more or less readily throughout; some discs centralise and fake pelvic
 * tests; some people are stirred up easily; some have a cord that is pressed.
 */
export const BY_SOURCE: World = {
  name: 'sources first, and stories that follow from them',
  make: (random) => {
    const { uniform, normal, weighted, oneOf } = drawsFrom(random)
    const kinds = uniform() < LOWER_HALF ? LOWER : UPPER
    const left = kinds.map((kind) => ({ kind, share: kind.share * Math.exp(SPREAD.clinic * normal()) }))
    const mine: Kind[] = []
    for (let n = weighted(HOW_MANY); n > 0; n--) {
      const at = weighted(left.map((k) => k.share))
      mine.push(...left.splice(at, 1).map((k) => k.kind))
    }
    const painters = mine.length === 0 || uniform() < MISPLACED ? [oneOf(kinds)] : mine
    const places = [...new Set(painters.flatMap(({ hurts }) => oneOf(hurts)))].toSorted().map((area) => placeAt('right', area))
    const truth = Object.fromEntries(WEIGHED.map((source) => [source, mine.some((k) => k.source === source)])) as Truth
    const centralises = truth['disc-annulus'] && uniform() < CENTRALISES
    const trait = SPREAD.trait * normal()
    const fakes = centralises && !truth['sij-pain'] ? fakesPelvic(uniform) : null
    const shows = Object.fromEntries(
      ITEMS.map(({ id, source, sens, spec }) => {
        const by = SPREAD.test * normal()
        const rate = truth[source] ? moved(moved(sens, -FLATTERED), trait + by) : moved(1 - moved(spec, -FLATTERED), trait + by)
        const shown = uniform() < rate
        if (source === 'cord') return [id, truth.cord ? uniform() < sens : uniform() < (1 - spec) / 4]
        if (id === 'repeated-movement') return [id, centralises || (shown && !truth['disc-annulus'] && uniform() < 0.2)]
        return [id, fakes?.(id) ?? shown]
      }),
    )
    return { exam: storyOf(places, uniform() < IRRITABLE), truth, shows, outOfPlace: 'quiet' }
  },
}

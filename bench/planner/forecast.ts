import { headlineOf } from '../../core/evidence/headline'
import type { WeighedSource } from '../../core/evidence/prior'
import { SORE, type Outcome } from './arm'
import type { Person } from './people/person'

/** Where the sources of one region are asked about together. */
export type Region = 'neck and arm' | 'back and leg' | 'pelvis and hip'

export const REGIONS: readonly Region[] = ['neck and arm', 'back and leg', 'pelvis and hip']

const REGION_OF: Readonly<Record<WeighedSource, Region>> = {
  'root-cervical': 'neck and arm',
  'facet-cervical': 'neck and arm',
  'joint-upper-neck': 'neck and arm',
  outlet: 'neck and arm',
  cord: 'neck and arm',
  'root-lumbar-mid': 'back and leg',
  'root-lumbar-low': 'back and leg',
  'facet-lumbar': 'back and leg',
  'instability-lumbar': 'back and leg',
  'disc-annulus': 'back and leg',
  'sij-pain': 'pelvis and hip',
  'sij-ligament': 'pelvis and hip',
  hip: 'pelvis and hip',
}

/** What each way of reckoning said of one source of one person, and what was true. */
export interface Forecast {
  readonly source: WeighedSource
  readonly region: Region
  readonly truth: boolean
  readonly headline: number
  readonly model: number
  readonly product: number
  /** A decided published rule's own figure, else the pretest. */
  readonly ruleOnly: number
  readonly pretest: number
  /** How many answers spoke for it and against it. */
  readonly positives: number
  readonly negatives: number
  /** Tests that share a cause spoke of it: the only place where the model and the product can differ. */
  readonly joined: boolean
}

/** Forecasts of every source that anything spoke about, on the sore side. */
export function forecasts({ assessment }: Pick<Outcome, 'assessment'>, made: Pick<Person, 'truth'>): readonly Forecast[] {
  return assessment.sources.flatMap((s): Forecast[] => {
    if (s.side !== SORE || !s.weighed) return []
    const steps = s.weighed.joined.flatMap((j) => j.steps)
    return [
      {
        source: s.source,
        region: REGION_OF[s.source],
        truth: made.truth[s.source],
        headline: headlineOf(s.weighed),
        model: s.weighed.model,
        product: s.weighed.product,
        ruleOnly: s.weighed.rule?.postTest ?? s.weighed.prior.p,
        pretest: s.weighed.prior.p,
        positives: steps.filter((step) => step.positive).length,
        negatives: steps.filter((step) => !step.positive).length,
        joined: s.weighed.joined.some((j) => j.steps.length > 1),
      },
    ]
  })
}

import { CATALOGUE } from '../../catalogue'
import { offered, stagesOf } from '../../record/outline'
import { AREA_IDS } from '../../vocabulary/body-area'
import { chanceOf } from '../chance'
import { SERIOUS, type SeriousId } from '../serious'
import type { DrillId, DrillItem, Level } from './drill'
import { angleEye, loadFeel, measuredStages, placeReading, pressedStages, sideSense, stageOrder } from './of-the-body'
import { clusterCount, counted, figureMeaning, redFlags, truePositive } from './of-the-reasoning'

/** What each drill can ask about; a topic comes again when it is due. */
export function topicsOf(drill: DrillId): readonly string[] {
  switch (drill) {
    case 'angle-eye':
      return [...new Set(measuredStages().map(({ stage }) => stage.angle?.joint ?? ''))]
    case 'load-feel':
      return pressedStages().map(({ test, stage }) => `${test.id} ${stage.id}`)
    case 'stage-order':
      return CATALOGUE.flatMap((test) =>
        offered(test.variants)
          .filter((v) => stagesOf(test, v.id).length >= 4)
          .map((v) => `${test.id} ${v.id}`),
      )
    case 'true-positive':
      return ['slump', 'leg-raise', 'thigh-thrust', 'faber', 'neck-compression', 'ulnt-1', 'sij-palpation', 'femoral-stretch']
    case 'place-reading':
      return AREA_IDS
    case 'cluster-count':
      return counted().map((c) => c.id)
    case 'figure-meaning':
      return ['positive', 'negative']
    case 'red-flags':
      return [...(Object.keys(SERIOUS) as SeriousId[]), 'nothing']
    case 'side-sense':
      return ['front', 'behind', 'above']
  }
}

/** One question: the same seed gives the same one. */
export function itemOf(drill: DrillId, topic: string, level: Level, seed: string): DrillItem {
  const chance = chanceOf(`${drill} ${topic} ${level} ${seed}`)
  switch (drill) {
    case 'angle-eye':
      return angleEye(topic, level, chance)
    case 'load-feel':
      return loadFeel(topic, level)
    case 'stage-order':
      return stageOrder(topic, level, chance)
    case 'true-positive':
      return truePositive(topic, level, seed)
    case 'place-reading':
      return placeReading(topic, level, chance)
    case 'cluster-count':
      return clusterCount(topic, level, chance)
    case 'figure-meaning':
      return figureMeaning(topic, level, chance)
    case 'red-flags':
      return redFlags(topic, level, seed, chance)
    case 'side-sense':
      return sideSense(topic, level, chance)
  }
}

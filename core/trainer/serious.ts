import type { ScreenItemId } from '../story/screen'
import type { CaseRegion } from './picture'

/** Something that is referred and not tested: which questions of the screen it answers with yes. */
export interface Serious {
  readonly name: string
  readonly regions: readonly CaseRegion[]
  /** Always yes. */
  readonly yes: readonly [ScreenItemId, ...ScreenItemId[]]
  /** Each yes more often than not. */
  readonly often: readonly ScreenItemId[]
  readonly ages: readonly [number, number]
}

/** What a case may hide beside, or instead of, a source that is treated. */
export const SERIOUS = {
  'cauda-equina': { name: 'cauda equina syndrome', regions: ['back'], yes: ['saddle-numb', 'bladder'], often: ['both-legs', 'sexual'], ages: [30, 60] },
  fracture: { name: 'a fracture', regions: ['back', 'pelvis'], yes: ['small-fall'], often: ['height-loss', 'thin-bones', 'sudden-severe'], ages: [64, 82] },
  malignancy: {
    name: 'malignancy',
    regions: ['back', 'pelvis', 'neck'],
    yes: ['cancer', 'night-pain'],
    often: ['weight-loss', 'no-better', 'new-pain'],
    ages: [52, 80],
  },
  infection: { name: 'an infection of the spine', regions: ['back'], yes: ['fever'], often: ['weak-defence', 'night-pain'], ages: [34, 74] },
  artery: { name: 'cervical arterial dysfunction', regions: ['neck'], yes: ['worst-headache'], often: ['double-vision', 'dizzy', 'eyelid'], ages: [34, 60] },
  'neck-fracture': {
    name: 'a fracture of the neck',
    regions: ['neck'],
    yes: ['neck-accident', 'dangerous-mechanism'],
    often: ['midline-tender', 'cannot-turn', 'tingling-after'],
    ages: [22, 70],
  },
} as const satisfies Record<string, Serious>

export type SeriousId = keyof typeof SERIOUS

/** This serious condition, with its shared type. */
export function seriousOf(id: SeriousId): Serious {
  return SERIOUS[id]
}

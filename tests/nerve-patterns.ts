import type { AreaId } from '../core/vocabulary/body-area'

/**
 * What textbooks of anatomy and of the neurological examination describe for one root or one nerve: what is lost, and where it is felt.
 *
 * Written from anatomy and never from the table that is tested with it. `closer`: the cells that part a root from one nerve were looked
 * at; what is not named as lost was kept.
 */
export interface NervePattern {
  readonly of: string
  readonly limb: 'arm' | 'leg'
  readonly lost: readonly string[]
  readonly areas: readonly AreaId[]
  readonly closer: boolean
}

const pattern =
  (limb: NervePattern['limb'], closer: boolean) =>
  (of: string, lost: string, areas: readonly AreaId[] = []) => ({
    of,
    limb,
    lost: lost.split(' '),
    areas,
    closer,
  })
const arm = pattern('arm', true)
const armScreen = pattern('arm', false)
const leg = pattern('leg', true)
const legScreen = pattern('leg', false)

export const NERVE_PATTERNS: readonly NervePattern[] = [
  // Deltoid, biceps; the patch over the deltoid.
  arm('c5', 'strength.c5 strength.elbow-bend reflex.biceps feeling.c5', ['shoulder-back']),
  armScreen('c5', 'strength.c5 feeling.c5', ['shoulder-front']),
  arm('c5', 'strength.c5'),
  armScreen('c5', 'strength.c5 reflex.biceps', ['upper-arm-front']),
  // Biceps and wrist extensors; thumb side.
  arm('c6', 'strength.c6 strength.elbow-bend reflex.biceps reflex.brachioradialis feeling.c6 feeling.thumb-ball', ['forearm-back', 'thumb']),
  arm('c6', 'strength.c6 strength.elbow-bend', ['forearm-back']),
  arm('c6', 'feeling.c6 feeling.thumb-ball', ['thumb']),
  armScreen('c6', 'reflex.biceps reflex.brachioradialis feeling.c6', ['thumb']),
  // Triceps, wrist flexors; the middle finger.
  arm('c7', 'strength.c7 strength.wrist-bend reflex.triceps feeling.c7', ['middle-finger', 'shoulder-blade']),
  armScreen('c7', 'reflex.triceps', ['upper-arm-back']),
  arm('c7', 'strength.c7 strength.wrist-bend'),
  armScreen('c7', 'strength.c7 reflex.triceps feeling.c7', ['middle-finger']),
  // Long finger flexors; the little finger and the inner forearm.
  arm('c8', 'strength.c8 feeling.c8 feeling.inner-forearm', ['little-finger', 'forearm-front']),
  arm('c8', 'strength.c8 strength.t1 strength.thumb-out feeling.c8 feeling.inner-forearm', ['little-finger']),
  arm('c8', 'feeling.c8 feeling.inner-forearm', ['little-finger']),
  // Every small muscle of the hand, those of the thumb with them; the inner side of the elbow.
  arm('t1', 'strength.t1 strength.thumb-out feeling.t1 feeling.inner-forearm', ['forearm-front']),
  arm('t1', 'strength.t1 strength.thumb-out'),
  arm('t1', 'feeling.t1 feeling.inner-forearm', ['forearm-front']),
  // Caught at the wrist: three and a half fingers, the ball of the thumb kept, its muscle weak.
  arm('median', 'feeling.c6 feeling.c7 halves.ring strength.thumb-out', ['thumb', 'middle-finger', 'palm']),
  arm('median', 'feeling.c7 halves.ring', ['middle-finger']),
  arm('median', 'feeling.c6 halves.ring strength.thumb-out', ['thumb']),
  arm('median', 'feeling.c6 feeling.c7 halves.ring strength.thumb-out strength.wrist-bend', ['palm']),
  armScreen('median', 'feeling.c6 feeling.c7', ['thumb', 'middle-finger', 'palm']),
  // Caught at the elbow: one and a half fingers, small muscles weak, the thumb lifted, the forearm kept.
  arm('ulnar', 'strength.t1 feeling.c8 halves.ring', ['little-finger']),
  arm('ulnar', 'feeling.c8 halves.ring', ['little-finger']),
  arm('ulnar', 'strength.t1', ['little-finger']),
  armScreen('ulnar', 'strength.t1 feeling.c8', ['little-finger']),
  // Caught in the groove: the wrist drops, the elbow bends and straightens.
  arm('radial', 'strength.c6 reflex.brachioradialis', ['hand-back', 'forearm-back']),
  arm('radial', 'strength.c6 strength.c8', ['hand-back']),
  arm('radial', 'strength.c6 feeling.c6', ['hand-back']),
  // Hip flexors; the front of the thigh.
  leg('l2', 'strength.l2 feeling.l2 strength.thighs-in', ['groin', 'thigh-front']),
  leg('l2', 'strength.l2 feeling.l2', ['thigh-front']),
  legScreen('l2', 'strength.l2 feeling.l2', ['groin']),
  // Quadriceps and adductors; the knee.
  leg('l3', 'strength.l3 strength.thighs-in reflex.patellar feeling.l3', ['thigh-front', 'knee-front']),
  leg('l3', 'strength.l3 strength.thighs-in', ['thigh-front']),
  leg('l3', 'feeling.l3 strength.thighs-in reflex.patellar', ['knee-front']),
  // The shin muscle and the knee reflex; the inner shin.
  leg('l4', 'strength.l4 reflex.patellar feeling.l4', ['shin-inner']),
  legScreen('l4', 'strength.l4 reflex.patellar feeling.l4', ['shin-inner', 'knee-front']),
  leg('l4', 'reflex.patellar feeling.l4', ['shin-inner']),
  leg('l4', 'strength.l4 strength.foot-in reflex.patellar feeling.l4', ['shin-inner']),
  // A foot that drops, with the hip and the turning in weak as well.
  leg('l5', 'strength.l5 strength.l4 strength.hip-out strength.foot-in feeling.l5', ['shin-outer', 'foot-top']),
  leg('l5', 'strength.l5 strength.hip-out', ['big-toe']),
  leg('l5', 'feeling.l5 tension.leg-raise strength.hip-out', ['big-toe', 'shin-outer']),
  leg('l5', 'strength.l5 strength.hip-out strength.foot-in strength.foot-out reflex.hamstring', ['shin-outer']),
  legScreen('l5', 'strength.l5 feeling.l5 tension.leg-raise tension.slump', ['foot-top', 'buttock']),
  // Heel raises, heel reflex, outer edge of the foot; the buttock with them.
  leg('s1', 'strength.s1 strength.buttock reflex.achilles feeling.s1', ['calf', 'outer-foot']),
  legScreen('s1', 'reflex.achilles feeling.s1', ['outer-foot']),
  leg('s1', 'strength.s1 strength.buttock', ['calf']),
  leg('s1', 'feeling.s1 reflex.achilles tension.leg-raise', ['outer-foot', 'calf']),
  leg('s1', 'strength.s1 strength.foot-out strength.buttock reflex.achilles', ['calf', 'heel']),
  leg('s2', 'strength.s2 feeling.s2', ['thigh-back', 'knee-back']),
  leg('s2', 'feeling.s2', ['knee-back']),
  // Quadriceps and knee reflex lost, the thighs drawn together.
  leg('femoral', 'strength.l3 reflex.patellar feeling.l3', ['thigh-front', 'knee-front']),
  leg('femoral', 'strength.l3 reflex.patellar', ['thigh-front']),
  leg('femoral', 'strength.l2 strength.l3 reflex.patellar feeling.l3 feeling.l4', ['thigh-front', 'shin-inner']),
  // A foot that drops and does not turn out; hip and turning in are kept.
  leg('peroneal', 'strength.l4 strength.l5 strength.foot-out feeling.l5', ['shin-outer', 'foot-top']),
  leg('peroneal', 'strength.l5 strength.foot-out', ['foot-top']),
  leg('peroneal', 'strength.l4 strength.l5 strength.foot-out', ['shin-outer']),
  legScreen('peroneal', 'strength.l4 strength.l5 feeling.l5', ['shin-outer', 'foot-top']),
  // The sole, and the calf where it is caught high.
  leg('tibial', 'feeling.sole strength.s1', ['heel']),
  leg('tibial', 'feeling.sole', ['heel']),
  leg('tibial', 'feeling.sole strength.s1 strength.foot-in', ['heel', 'calf']),
  // Numb at the outer thigh, and nothing else.
  leg('lateral-cutaneous', 'feeling.outer-thigh', ['thigh-outer']),
  leg('lateral-cutaneous', 'feeling.outer-thigh feeling.l2', ['thigh-outer', 'thigh-front']),
]

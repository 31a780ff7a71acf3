import type { AreaId } from './body-area'

/** The leg below the knee. */
export const BELOW_KNEE: readonly AreaId[] = ['calf', 'heel', 'shin-outer', 'shin-inner', 'foot-top', 'big-toe', 'outer-foot']

/** The leg above the knee, with the buttock it hangs from. */
export const ABOVE_KNEE: readonly AreaId[] = ['thigh-back', 'knee-back', 'buttock', 'outer-hip', 'thigh-front', 'thigh-inner', 'thigh-outer', 'knee-front']

/** The leg above the knee where the sciatic roots reach: one rule for every test that tightens them. Buttock and hip are not the leg. */
export const SCIATIC_THIGH: readonly AreaId[] = ['thigh-back', 'knee-back', 'thigh-outer']

/** The front of the thigh and the inner shin, where the femoral nerve reaches. */
export const FRONT_OF_LEG: readonly AreaId[] = ['thigh-front', 'thigh-inner', 'thigh-outer', 'knee-front', 'shin-inner']

/** Below the shoulder: where a symptom is an arm symptom. */
export const ARM: readonly AreaId[] = [
  'upper-arm-front',
  'upper-arm-back',
  'forearm-front',
  'forearm-back',
  'palm',
  'thumb',
  'middle-finger',
  'little-finger',
  'hand-back',
]

/** The hand and its fingers. */
export const HAND: readonly AreaId[] = ['palm', 'thumb', 'middle-finger', 'little-finger', 'hand-back']

/** Neck, shoulder and shoulder blade: where a symptom has not reached the arm. */
export const NECK: readonly AreaId[] = ['neck-back', 'throat', 'shoulder-back', 'shoulder-front', 'shoulder-blade', 'back-of-head']

/** Low back, above the sacrum. */
export const LOW_BACK: readonly AreaId[] = ['low-back', 'mid-back']

/** Below L5: the sacroiliac joint and the buttock. */
export const SACROILIAC: readonly AreaId[] = ['sacroiliac', 'buttock']

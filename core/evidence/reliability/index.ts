import { ARM } from './arm'
import { BACK } from './back'
import { DEEP_NECK } from './deep-neck'
import { HIP } from './hip'
import { LEG } from './leg'
import { METROLOGY } from './metrology'
import { NECK_FACET } from './neck-facet'
import { OUTLET } from './outlet'
import { PELVIS } from './pelvis'
import { UPPER_NECK } from './upper-neck'
import type { Reliability } from './reliability'

/** Every figure about repeating tests, norms and definitions. */
export const RELIABILITY: readonly Reliability[] = [
  ...PELVIS,
  ...LEG,
  ...BACK,
  ...ARM,
  ...UPPER_NECK,
  ...NECK_FACET,
  ...OUTLET,
  ...DEEP_NECK,
  ...HIP,
  ...METROLOGY,
]

import { armNerveClear } from './arm-nerve-clear'
import { armNerveFour } from './arm-nerve-four'
import { backFacetNewer } from './back-facet-newer'
import { backFacetOlder } from './back-facet-older'
import type { Cluster } from './cluster'
import { cordClear } from './cord-clear'
import { cordFive } from './cord-five'
import { discPain } from './disc-pain'
import { legNerve } from './leg-nerve'
import { loosePelvis } from './loose-pelvis'
import { neckFacet } from './neck-facet'
import { neckFacetClear } from './neck-facet-clear'
import { outlet } from './outlet'
import { pelvicClear } from './pelvic-clear'
import { pelvicFive } from './pelvic-five'
import { pelvicFiveThrust } from './pelvic-five-thrust'
import { pelvicFour } from './pelvic-four'
import { pelvicLigamentScore } from './pelvic-ligament-score'
import { pelvicSix } from './pelvic-six'
import { rotatedPelvis } from './rotated-pelvis'
import { segmentLaxity } from './segment-laxity'
import { stabiliseFour } from './stabilise-four'
import { stiffPelvis } from './stiff-pelvis'
import { upperLegNerve } from './upper-leg-nerve'
import { upperNeckJoint } from './upper-neck-joint'
import { upperNeckLaxity } from './upper-neck-laxity'

/** Every rule that ships. Of several for one source the school's comes first where a school was chosen, else the first one written. */
export const CLUSTERS: readonly Cluster[] = [
  pelvicFive,
  pelvicSix,
  pelvicFiveThrust,
  pelvicFour,
  pelvicClear,
  armNerveFour,
  armNerveClear,
  legNerve,
  upperLegNerve,
  neckFacet,
  neckFacetClear,
  upperNeckJoint,
  upperNeckLaxity,
  cordFive,
  cordClear,
  discPain,
  backFacetOlder,
  backFacetNewer,
  segmentLaxity,
  stabiliseFour,
  outlet,
  pelvicLigamentScore,
  loosePelvis,
  stiffPelvis,
  rotatedPelvis,
]

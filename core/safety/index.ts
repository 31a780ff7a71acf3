import type { Gate } from './gate'
import { artery } from './gates/artery'
import { caudaEquina } from './gates/cauda-equina'
import { cord } from './gates/cord'
import { fracture } from './gates/fracture'
import { hipReplaced } from './gates/hip-replaced'
import { infection } from './gates/infection'
import { legClot } from './gates/leg-clot'
import { malignancy, malignancyOne } from './gates/malignancy'
import { pregnancy } from './gates/pregnancy'
import { spineSurgery } from './gates/spine-surgery'
import { thinBones } from './gates/thin-bones'
import { thinners } from './gates/thinners'

/** Every gate, the strongest first. */
export const GATES: readonly Gate[] = [
  caudaEquina,
  cord,
  artery,
  infection,
  malignancy,
  legClot,
  fracture,
  spineSurgery,
  hipReplaced,
  malignancyOne,
  thinBones,
  pregnancy,
  thinners,
]

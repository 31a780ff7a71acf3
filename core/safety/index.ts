import type { Gate } from './gate'
import { ageSeventy } from './gates/age-seventy'
import { aneurysm } from './gates/aneurysm'
import { artery } from './gates/artery'
import { bleedingRisk } from './gates/bleeding-risk'
import { budgetSpent } from './gates/budget-spent'
import { caudaEquina } from './gates/cauda-equina'
import { compressionPositive } from './gates/compression-positive'
import { cord } from './gates/cord'
import { cordFound } from './gates/cord-found'
import { deficitGrew } from './gates/deficit-grew'
import { dizzyOld } from './gates/dizzy-old'
import { emergency } from './gates/emergency'
import { fracture } from './gates/fracture'
import { hipReplaced } from './gates/hip-replaced'
import { infection } from './gates/infection'
import { inflammatory } from './gates/inflammatory'
import { irritable } from './gates/irritable'
import { legClot } from './gates/leg-clot'
import { ligamentDoubtful } from './gates/ligament-doubtful'
import { ligamentPain } from './gates/ligament-pain'
import { ligamentPainNoHands } from './gates/ligament-pain-no-hands'
import { ligamentPositive } from './gates/ligament-positive'
import { ligamentsCare } from './gates/ligaments-care'
import { ligamentsFirst } from './gates/ligaments-first'
import { malignancy, malignancyOne } from './gates/malignancy'
import { neckTrauma } from './gates/neck-trauma'
import { neckUnsupported } from './gates/neck-unsupported'
import { neuralRepeat } from './gates/neural-repeat'
import { pregnancy } from './gates/pregnancy'
import { pressure } from './gates/pressure'
import { saddleFound } from './gates/saddle-found'
import { sameDay } from './gates/same-day'
import { shingles } from './gates/shingles'
import { spineSurgery } from './gates/spine-surgery'
import { staysRaised } from './gates/stays-raised'
import { symptomSpread } from './gates/symptom-spread'
import { templeArtery } from './gates/temple-artery'
import { thinBones } from './gates/thin-bones'
import { thinners } from './gates/thinners'
import { warningBrain } from './gates/warning-brain'
import { warningCord } from './gates/warning-cord'

/** Every gate, the strongest first. */
export const GATES: readonly Gate[] = [
  caudaEquina,
  symptomSpread,
  saddleFound,
  warningBrain,
  warningCord,
  emergency,
  bleedingRisk,
  templeArtery,
  sameDay,
  deficitGrew,
  cord,
  cordFound,
  artery,
  neckTrauma,
  neckUnsupported,
  ligamentPositive,
  ligamentDoubtful,
  infection,
  malignancy,
  legClot,
  staysRaised,
  budgetSpent,
  fracture,
  compressionPositive,
  spineSurgery,
  hipReplaced,
  pressure,
  aneurysm,
  ligamentsFirst,
  malignancyOne,
  irritable,
  ligamentsCare,
  ligamentPain,
  ligamentPainNoHands,
  neuralRepeat,
  dizzyOld,
  ageSeventy,
  thinBones,
  pregnancy,
  thinners,
  inflammatory,
  shingles,
]

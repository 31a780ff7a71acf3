import type { Gate } from './gate'
import { ageSeventy } from './gates/age-seventy'
import { aneurysm } from './gates/aneurysm'
import { artery } from './gates/artery'
import { bleedingRisk } from './gates/bleeding-risk'
import { bothArmsDeficit } from './gates/both-arms-deficit'
import { bothLegsDeficit } from './gates/both-legs-deficit'
import { briskReflexes } from './gates/brisk-reflexes'
import { budgetSpent } from './gates/budget-spent'
import { caudaEquina } from './gates/cauda-equina'
import { compressionFirst } from './gates/compression-first'
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
import { inflammatoryBoth } from './gates/inflammatory-both'
import { innerOrgan } from './gates/inner-organ'
import { irritable } from './gates/irritable'
import { irritableFull } from './gates/irritable-full'
import { legClot } from './gates/leg-clot'
import { ligamentDoubtful } from './gates/ligament-doubtful'
import { ligamentHistory } from './gates/ligament-history'
import { ligamentPain } from './gates/ligament-pain'
import { ligamentPainNoHands } from './gates/ligament-pain-no-hands'
import { ligamentPositive } from './gates/ligament-positive'
import { ligamentsCare } from './gates/ligaments-care'
import { ligamentsFirst } from './gates/ligaments-first'
import { malignancy } from './gates/malignancy'
import { malignancyOne } from './gates/malignancy-one'
import { manyRoots } from './gates/many-roots'
import { neckAccident } from './gates/neck-accident'
import { neckTrauma } from './gates/neck-trauma'
import { neckTraumaAge } from './gates/neck-trauma-age'
import { neckUnsupported } from './gates/neck-unsupported'
import { neuralRepeat } from './gates/neural-repeat'
import { pregnancy } from './gates/pregnancy'
import { pressure } from './gates/pressure'
import { saddleFound } from './gates/saddle-found'
import { sameDay } from './gates/same-day'
import { severeDeficit } from './gates/severe-deficit'
import { shingles } from './gates/shingles'
import { spineSurgery } from './gates/spine-surgery'
import { staysRaised } from './gates/stays-raised'
import { stressFracture } from './gates/stress-fracture'
import { symptomSpread } from './gates/symptom-spread'
import { templeArtery } from './gates/temple-artery'
import { thinBones } from './gates/thin-bones'
import { thinBonesFull } from './gates/thin-bones-full'
import { thinners } from './gates/thinners'
import { toldOtherwise } from './gates/told-otherwise'
import { warningBrain } from './gates/warning-brain'
import { warningChest } from './gates/warning-chest'
import { warningCord } from './gates/warning-cord'

/** Every gate, the strongest first. */
export const GATES: readonly Gate[] = [
  caudaEquina,
  symptomSpread,
  saddleFound,
  bothLegsDeficit,
  warningBrain,
  warningChest,
  warningCord,
  emergency,
  bleedingRisk,
  templeArtery,
  sameDay,
  deficitGrew,
  severeDeficit,
  manyRoots,
  bothArmsDeficit,
  cord,
  cordFound,
  artery,
  neckTrauma,
  neckTraumaAge,
  neckUnsupported,
  ligamentHistory,
  ligamentPositive,
  ligamentDoubtful,
  infection,
  malignancy,
  legClot,
  staysRaised,
  budgetSpent,
  fracture,
  stressFracture,
  neckAccident,
  compressionPositive,
  spineSurgery,
  hipReplaced,
  thinBonesFull,
  irritableFull,
  pressure,
  aneurysm,
  ligamentsFirst,
  compressionFirst,
  toldOtherwise,
  malignancyOne,
  innerOrgan,
  irritable,
  ligamentsCare,
  ligamentPain,
  ligamentPainNoHands,
  briskReflexes,
  neuralRepeat,
  dizzyOld,
  ageSeventy,
  thinBones,
  pregnancy,
  thinners,
  inflammatory,
  inflammatoryBoth,
  shingles,
]

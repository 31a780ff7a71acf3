import type { AreaId, Place } from '../../vocabulary/body-area'
import { areaOf, placeAt } from '../../vocabulary/body-area'
import { SIDES, type Side } from '../../vocabulary/side'
import { chanceOf } from '../chance'
import { hasSource, type HiddenSource, type SimulatedPatient } from '../simulated-patient'
import { degreesAt, type Doing, fractionOf, isStaged, strainAt, tensionOf } from './strain'
import { STEPS } from './steps'
import { thresholdOf } from './threshold'

/** A source that began to hurt at this step, or hurts on. */
export interface Hurting {
  readonly source: HiddenSource
  readonly strain: number
  readonly threshold: number
}

/** What the body feels at a step, before anything is said. */
export type Felt =
  | ({ readonly feels: 'familiar'; readonly places: readonly Place[] } & Hurting)
  | { readonly feels: 'stretch'; readonly places: readonly Place[] }
  | { readonly feels: 'sore'; readonly places: readonly Place[] }
  | { readonly feels: 'nothing' }

/** The source that hurts most at this step; null while none does. */
export function hurtingAt(patient: SimulatedPatient, doing: Doing): Hurting | null {
  const tension = tensionOf(doing)
  const hurting = patient.sources.flatMap((source): Hurting[] => {
    const strain = strainAt(doing, source, tension)
    const threshold = thresholdOf(patient, source, doing.test, doing.side, doing.variant)
    return strain >= threshold ? [{ source, strain, threshold }] : []
  })
  return hurting.toSorted((a, b) => b.strain - b.threshold - (a.strain - a.threshold))[0] ?? null
}

/** What is felt at a load. */
export function feltAt(patient: SimulatedPatient, doing: Doing): Felt {
  const { stage, reach } = doing.step
  if (stage.baseline) return { feels: 'nothing' }
  const hurting = hurtingAt(patient, doing)
  // A symptom that needs to be held for takes its time.
  if (hurting && (reach.held === undefined || reach.held >= latencyOf(patient, hurting, doing))) {
    return { feels: 'familiar', ...hurting, places: placesOf(patient, hurting) }
  }
  const pulls = stretchAt(patient, doing)
  if (pulls.length > 0) return { feels: 'stretch', places: pulls }
  const sore = soreAt(patient, doing)
  if (sore.length > 0) return { feels: 'sore', places: sore }
  return { feels: 'nothing' }
}

/** Seconds a load is held before the symptom comes; 0 where nothing is held. */
export function latencyOf(patient: SimulatedPatient, { source, strain, threshold }: Hurting, { test, step }: Doing): number {
  const { holdSeconds } = step.stage
  if (holdSeconds === 0) return 0
  const chance = chanceOf(`${patient.case} ${source.source} ${test.id} latency`)
  const over = Math.min(1, (strain - threshold) / 0.5)
  return Math.round(holdSeconds * Math.max(0.1, 0.7 * chance.number() + 0.2 - 0.5 * over))
}

/** Where it is felt: at first where it is most itself, with more strain all along its way. */
function placesOf(patient: SimulatedPatient, { source, strain, threshold }: Hurting): readonly Place[] {
  const all = patient.symptoms.find((s) => s.id === source.symptom)?.places ?? []
  const inNerve = source.level !== null && /^[CLS]\d$|^median$|^ulnar$/.test(source.level)
  // A nerve speaks at its end first, a joint at itself.
  const order = inNerve ? all.toReversed() : all
  const many = 1 + Math.floor((strain - threshold) / 0.09)
  const chosen = new Set(order.slice(0, Math.max(1, many)))
  return all.filter((place) => chosen.has(place))
}

/** The angle at which a movement begins to hurt, and the one at which it ends by itself, in degrees; null where none is measured. */
export function movementOf(
  patient: SimulatedPatient,
  doing: Doing,
): { readonly onset: number | null; readonly pulls: number | null; readonly end: number } | null {
  const { stage } = doing.step
  if (!stage.angle) return null
  const end = endOf(patient, doing)
  const whole = Math.abs(fractionOf(stage, { degrees: end }))
  const first = (test: (felt: Felt) => boolean) => {
    // A hundredth of the way is less than the tremor of a hand.
    for (let at = 0.02; at <= whole; at += 0.01) {
      const degrees = degreesAt(stage, at)
      if (degrees !== null && test(feltAt(patient, { ...doing, step: { stage, reach: { ...doing.step.reach, degrees } } }))) return degrees
    }
    return null
  }
  return { onset: first((f) => f.feels === 'familiar'), pulls: first((f) => f.feels === 'stretch'), end }
}

/** Where a movement ends by itself: stopped by what is tight, else at the usual end of people. */
function endOf(patient: SimulatedPatient, { test, side, step }: Doing): number {
  const { stage } = step
  const of = (range: Readonly<Record<Side, number>>) => (side === 'none' ? Math.round((range.left + range.right) / 2) : range[side])
  const tight = of(patient.build.hamstrings)
  switch (test.id) {
    case 'leg-raise':
    case 'side-lying-leg-raise':
    case 'crossed-leg-raise':
      return Math.min(100, tight + 12)
    case 'seated-leg-raise':
      return Math.min(90, tight + (patient.traps.includes('raises-disagree') ? 30 : 8))
    case 'slump':
      return Math.max(0, 84 - tight)
    case 'hip-internal-rotation':
      return of(patient.build.hipTurnIn)
    case 'neck-side-bend':
      return patient.build.neckSideBend
    default:
      return usualEnd(patient, test.id, side, stage)
  }
}

function usualEnd(patient: SimulatedPatient, test: string, side: string, stage: Doing['step']['stage']): number {
  const { usual, freer } = stage.angle ?? { usual: [0, 0] as const }
  const chance = chanceOf(`${patient.case} ${test} ${side} end`)
  const share = 0.78 + 0.1 * Math.max(-1.5, Math.min(1.5, chance.normal()))
  return Math.round(freer === 'less' ? usual[0] + (1 - share) * (usual[1] - usual[0]) * 0.5 : usual[0] + share * (usual[1] - usual[0]))
}

/** Healthy tissue at the end of its length: ordinary, and not what they came with. */
function stretchAt(patient: SimulatedPatient, doing: Doing): readonly Place[] {
  const { test, side, step } = doing
  const at = (area: AreaId): readonly Place[] => (side === 'none' ? SIDES.map((s) => placeAt(s, area)) : [placeAt(side, area)])
  const load = STEPS[test.id]?.[step.stage.id]
  if (test.structures.some((s) => s === 'hamstrings') && load?.part === 'leg' && step.reach.degrees !== undefined) {
    const tight = side === 'none' ? 70 : patient.build.hamstrings[side]
    const gone =
      test.id === 'slump'
        ? 84 - step.reach.degrees
        : test.id === 'seated-leg-raise' && patient.traps.includes('raises-disagree')
          ? step.reach.degrees - 24
          : step.reach.degrees
    return gone >= tight - 4 ? at(chanceOf(`${patient.case} pull`).happens(0.7) ? 'thigh-back' : 'knee-back') : []
  }
  const felt = chanceOf(`${patient.case} ${test.id} ${side} ${step.stage.id} stretch`)
  if (load?.part === 'ankle') return felt.happens(0.55) ? at('calf') : []
  if (load?.part === 'knee' || load?.part === 'hip') return felt.happens(0.6) ? at('thigh-front') : []
  if (load?.part === 'wrist') return felt.happens(0.7) ? at('forearm-front') : []
  if (load?.part === 'elbow') return felt.happens(0.4) ? at('forearm-front') : []
  if (load?.part === 'neck' && side !== 'none') return felt.happens(0.35) ? at('neck-back') : []
  if (isStaged(test)) return []
  if (test.id === 'shoulder-depression' || test.id === 'neck-side-bend') return felt.happens(0.5) ? at('shoulder-back') : []
  if (test.loads.some((l) => l.part === 'hip' && l.way === 'rotation')) return felt.happens(0.45) ? at(test.id === 'faber' ? 'thigh-inner' : 'buttock') : []
  return []
}

/** Places that anybody would call sore when they are pressed so hard, or that this person does. Both sides alike: it is the pressing. */
function soreAt(patient: SimulatedPatient, { test, side, step }: Doing): readonly Place[] {
  const press = test.loads.find((l) => l.way === 'pressing' || l.way === 'thrust' || l.way === 'compression')
  if (!press || !step.stage.pose.contacts.length) return []
  const over = step.reach.newtons !== undefined && step.stage.force ? step.reach.newtons / step.stage.force[1] : 1
  const chance = chanceOf(`${patient.case} ${test.id} pressed`)
  if (patient.sensitivity + 0.6 * chance.normal() + 4 * (over - 1) < 1.5) return []
  const area: AreaId =
    press.part === 'neck' || press.part === 'upper-neck'
      ? 'neck-back'
      : press.part === 'abdomen'
        ? 'abdomen'
        : press.part === 'low-back'
          ? 'low-back'
          : press.part === 'hip'
            ? 'outer-hip'
            : 'sacroiliac'
  const places = side === 'none' ? SIDES.map((s) => placeAt(s, area)) : [placeAt(side, area)]
  // What hurts already is no news there, unless it is pressed too hard.
  const known = new Set(patient.symptoms.flatMap((s) => s.places).map(areaOf))
  return over <= 1.15 && known.has(area) && !hasSource(patient, 'muscle-back') ? [] : places
}

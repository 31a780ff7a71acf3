import { testById } from '../catalogue'
import type { Answer } from '../record/answer'
import { chanceOf } from './chance'
import { feltAt, type Felt, hurtingAt, movementOf } from './mechanics/felt'
import { type Doing, strainAt, tensionOf } from './mechanics/strain'
import { thresholdOf } from './mechanics/threshold'
import { observedAt } from './observed'
import { say, sayLed, sayReleased, slips } from './say'
import type { SimulatedPatient } from './simulated-patient'

/** What a person gives at one step: what shows, what they say, and what a careful examiner would write down. */
export interface Response {
  /** The truth of this step, as it belongs on the record. */
  readonly answer: Answer
  /** To the open question of the stage. */
  readonly words: string
  /** To a question that puts the answer into their mouth. */
  readonly led: string
  /** To "How strong is it now, 0 to 10?", where something was felt; empty elsewhere. */
  readonly strength: string
  /** What slips out though nobody asked; empty where nothing does. */
  readonly slips: string
  /** They say stop: it went so far beyond what they can bear that nobody has to ask. */
  readonly stop: boolean
  /** Where the face shows it, before any word: an angle in degrees, a load in newtons, or seconds of holding. */
  readonly wince: { readonly at: number; readonly unit: '°' | 'N' | 's' } | null
  /** What the examiner's own hands or eyes find, where the stage asks for that. */
  readonly hands: string
  /** Why, for whoever looks at it afterwards. */
  readonly why: string
}

/**
 * What happens at one step of a test, from what the step loads and what hides in this person. Total and deterministic.
 *
 * Nothing of it depends on what the trainee wrote down: only on what was done.
 */
export function respond(patient: SimulatedPatient, doing: Doing): Response {
  switch (doing.step.stage.kind) {
    case 'load':
      return toLoad(patient, doing)
    case 'release':
    case 'return':
      return toChange(patient, doing)
    case 'relief':
    case 'observe':
    case 'measure':
    case 'grid':
      return observedAt(patient, doing)
  }
}

function toLoad(patient: SimulatedPatient, doing: Doing): Response {
  const { step, test } = doing
  const movement = movementOf(patient, doing)
  const { angle } = step.stage
  // Left alone, a movement goes to its first symptom, or to its end.
  const degrees = step.reach.degrees ?? movement?.onset ?? movement?.end
  const taken: Doing = degrees === undefined ? doing : { ...doing, step: { ...step, reach: { ...step.reach, degrees } } }
  const felt = feltAt(patient, taken)
  const chance = chanceOf(`${patient.case} ${test.id} ${doing.side} ${step.stage.id} words`)
  const end = angle && degrees !== undefined ? { end: degrees } : {}
  const held = step.reach.held === undefined ? {} : { held: Math.min(LONGEST_HOLD, Math.round(step.reach.held)) }
  const onset = movement?.onset ?? null
  const stop =
    felt.feels !== 'nothing' &&
    ((felt.feels === 'familiar' && degrees !== undefined && onset !== null && Math.abs(degrees - onset) > BEARS_DEGREES[patient.irritability]) ||
      (step.stage.force !== undefined && (step.reach.newtons ?? 0) > BEARS_FORCE * step.stage.force[1]))
  const common = {
    stop,
    words: say(felt, patient, chance),
    led: sayLed(felt, patient, chance),
    slips: stop ? STOP : slips(felt, patient, chance),
    strength: felt.feels === 'familiar' ? `${intensityOf(patient, felt)}.` : felt.feels === 'nothing' ? '' : `${chance.whole(2, 4)}, for what it is.`,
    hands: '',
    why: whyFelt(felt, patient, taken),
  }
  switch (felt.feels) {
    case 'familiar': {
      const answer: Answer = {
        said: 'familiar',
        symptom: felt.source.symptom,
        places: felt.places,
        intensity: intensityOf(patient, felt),
        ...(angle && onset !== null && { onset }),
        ...held,
      }
      return { ...common, answer, wince: onset !== null ? { at: onset, unit: '°' } : winceOf(taken, felt) }
    }
    case 'stretch':
      return { ...common, answer: { said: 'stretch', places: felt.places, ...end, ...held }, wince: null }
    case 'sore':
      return { ...common, answer: { said: 'other', places: felt.places, ...end, ...held }, wince: winceOf(taken, felt) }
    case 'nothing':
      return { ...common, answer: { said: 'nothing', ...end, ...held }, wince: null }
  }
}

/** How far beyond the first symptom a movement is borne, in degrees: made for practice. */
const BEARS_DEGREES = { high: 12, moderate: 18, low: 24 } as const
/** How many times the most a press asks for is borne. */
const BEARS_FORCE = 1.3

/** Seconds of holding that a record takes at most. */
const LONGEST_HOLD = 900

/** What they say then. */
export const STOP = 'Stop! Please stop.'

/** A part was let go or put back: what does the strain that hurts do? */
function toChange(patient: SimulatedPatient, doing: Doing): Response {
  const { step, test, side, before, variant } = doing
  const last = before.at(-1)
  const was = last ? { ...doing, before: before.slice(0, -1), step: last } : untouched(doing)
  // What hurts is what hurt at the last load, whatever was let go since.
  const lastLoad = before.findLastIndex((s) => s.stage.kind === 'load')
  const atLoad = lastLoad === -1 ? heldFrom(patient, doing) : { ...doing, before: before.slice(0, lastLoad), step: before[lastLoad] ?? step }
  const hurting = atLoad && hurtingAt(patient, atLoad)
  const chance = chanceOf(`${patient.case} ${test.id} ${side} ${step.stage.id} change`)
  if (!hurting) return silent(step.stage.kind === 'return' ? 'stayed-away' : 'unchanged', patient, chance)
  const { source } = hurting
  const now = strainAt(doing, source, tensionOf(doing))
  const then = strainAt(was, source, tensionOf(was))
  const threshold = thresholdOf(patient, source, test, side, variant)
  const slack = then - now
  if (step.stage.kind === 'release') {
    const eased = slack > 0.015
    const intensity = Math.max(0, intensityOf(patient, hurting) - (eased ? Math.max(2, Math.round(30 * slack)) : 0))
    return {
      answer: { said: eased ? 'eased' : 'unchanged', intensity, ...(step.reach.part !== undefined && { part: step.reach.part }) },
      words: sayReleased(eased ? 'eased' : 'unchanged', patient, chance),
      led: patient.suggestible ? 'Yes, I think that is better.' : sayReleased(eased ? 'eased' : 'unchanged', patient, chance),
      stop: false,
      slips: eased ? 'Ah.' : '',
      strength: `${intensity}.`,
      wince: null,
      hands: '',
      why: eased
        ? `Letting it go took ${share(slack)} of a full tension off what hurts, which is tight there.`
        : 'What was let go takes nothing off what hurts: the strain on it stays the same.',
    }
  }
  const returned = now > then + 0.015 || now >= threshold
  return {
    answer: { said: returned ? 'returned' : 'stayed-away' },
    words: sayReleased(returned ? 'returned' : 'stayed-away', patient, chance),
    led: patient.suggestible ? 'Yes, there it is again.' : sayReleased(returned ? 'returned' : 'stayed-away', patient, chance),
    stop: false,
    slips: returned ? 'Oh, there.' : '',
    strength: '',
    wince: null,
    hands: '',
    why: returned ? 'Putting it back tightened what hurts again.' : 'Putting it back changed nothing for what hurts.',
  }
}

/** A test that begins where another one stopped, the limb still held there: that other one, at the angle where it hurt; null for any other. */
function heldFrom(patient: SimulatedPatient, { test, side }: Doing): Doing | null {
  const followed = test.follows === undefined ? undefined : testById(test.follows)
  const stage = followed?.stages.find((s) => s.kind === 'load')
  if (!followed || !stage) return null
  const start: Doing = { test: followed, side, variant: followed.variants[0]?.id ?? '', before: [], step: { stage, reach: {} } }
  const onset = movementOf(patient, start)?.onset
  return onset === undefined || onset === null ? null : { ...start, step: { stage, reach: { degrees: onset } } }
}

/** As it was held before anything was let go. */
function untouched({ step, ...doing }: Doing): Doing {
  return { ...doing, step: { stage: { ...step.stage, kind: 'observe' }, reach: {} } }
}

function silent(said: 'unchanged' | 'stayed-away', patient: SimulatedPatient, chance: ReturnType<typeof chanceOf>): Response {
  const words = sayReleased(said, patient, chance)
  return {
    answer: { said },
    words,
    led: words,
    stop: false,
    slips: '',
    strength: '',
    wince: null,
    hands: '',
    why: 'Nothing that hurts was strained, so there is nothing to change.',
  }
}

/** How strong it is now: what was there, and more with each bit beyond the threshold. */
function intensityOf(patient: SimulatedPatient, { source, strain, threshold }: { source: { symptom: string }; strain: number; threshold: number }): number {
  const symptom = patient.symptoms.find((s) => s.id === source.symptom)
  const rest = symptom?.now ?? 0
  const worst = symptom?.worst ?? 8
  const gain = { low: 2, moderate: 3, high: 4 }[patient.irritability]
  return Math.min(10, Math.max(rest + 1, Math.round(Math.min(worst, rest + gain) + 10 * (strain - threshold))))
}

function winceOf({ step }: Doing, felt: Felt): Response['wince'] {
  if (step.stage.force) {
    const middle = (step.stage.force[0] + step.stage.force[1]) / 2
    const at = felt.feels === 'familiar' ? Math.round((middle * felt.threshold) / Math.max(felt.strain, felt.threshold)) : step.stage.force[1]
    return { at, unit: 'N' }
  }
  return step.stage.holdSeconds > 0 ? { at: Math.min(step.stage.holdSeconds, step.reach.held ?? 1), unit: 's' } : null
}

function whyFelt(felt: Felt, patient: SimulatedPatient, { side }: Doing): string {
  switch (felt.feels) {
    case 'familiar':
      return `${felt.source.side === side || side === 'none' ? 'It' : 'From the other side it'} strains what truly hurts (${share(felt.strain)} of a full load, and ${share(felt.threshold)} is enough in this person).`
    case 'stretch':
      return 'Healthy tissue at the end of its length pulls. It is ordinary, and not what they came with.'
    case 'sore':
      return patient.sensitivity > 1
        ? 'Pressing hurts this person anywhere, on both sides alike. It is not what they came with.'
        : 'So hard a press hurts anybody. It is not what they came with.'
    case 'nothing':
      return patient.sources.length === 0 ? 'Nothing here can be brought on by a test.' : 'It does not strain what hurts enough to be felt.'
  }
}

function share(n: number): string {
  return `${Math.round(n * 100)} %`
}

import type { CaseRegion } from './picture'

/** A case that is made to mislead: what it tempts to, and what parts it from what it looks like. */
export interface Trap {
  readonly region: CaseRegion
  /** As an educator reads it in the list of cases. */
  readonly name: string
  readonly tempts: string
  readonly parts: string
}

/** Every trap. A trainee learns of it after the case, never before. */
export const TRAPS = {
  'hamstring-slump': {
    region: 'back',
    name: 'Tight hamstrings in a slump',
    tempts: 'A hard pull behind the thigh in slump and leg raise looks like a positive test.',
    parts: 'It is a stretch and not what they came with, and letting the neck go changes nothing.',
  },
  'raises-disagree': {
    region: 'back',
    name: 'Seated and supine raise disagree',
    tempts: 'The supine raise is stopped early by pain, and one test alone looks like a root.',
    parts: 'The same movement, sitting, goes much further; neither speaks alone, and the releases change nothing.',
  },
  'equal-tenderness': {
    region: 'back',
    name: 'Equally tender on both sides',
    tempts: 'Everything that is pressed hurts, so every press looks positive.',
    parts: 'Both sides are alike under equal pressure and it is not what they came with: it may be the pressure.',
  },
  'cord-as-root': {
    region: 'neck',
    name: 'A cord that looks like a root',
    tempts: 'Tingling in one arm and a stiff neck look like a root.',
    parts: 'Asked one by one, the cord questions bring clumsy hands and an unsteady walk: nothing may load the neck.',
  },
  'laxity-first': {
    region: 'neck',
    name: 'Craniocervical laxity',
    tempts: 'Pain below the skull invites testing the joints at once.',
    parts: 'The history gives a reason to look at the ligaments first, and they are loose.',
  },
  'compression-positive': {
    region: 'neck',
    name: 'Neutral compression is positive',
    tempts: 'The familiar arm symptom comes on at the first press, and the other positions tempt to go on.',
    parts: 'It has told what it can tell: nothing more is pressed.',
  },
  'outlet-look-alike': {
    region: 'neck',
    name: 'Thoracic outlet looks like a root',
    tempts: 'Tingling into the last two fingers looks like C8.',
    parts: 'It comes with the arms up, the palm on the head makes it worse, and closing the neck does nothing.',
  },
  'centralising-pelvis': {
    region: 'pelvis',
    name: 'Pelvic tests positive, and the pain centralises',
    tempts: 'Three pelvic tests or more are positive.',
    parts: 'Repeated bending back draws the pain to the spine: the rule is for people in whom that does not happen.',
  },
  'groin-faber': {
    region: 'pelvis',
    name: 'Groin pain on FABER',
    tempts: 'FABER brings on the familiar pain, which looks like the sacroiliac joint.',
    parts: 'It comes on in the groin, with a hip that turns in less: the hip.',
  },
} as const satisfies Record<string, Trap>

export type TrapId = keyof typeof TRAPS

/** The trap with this id, with its shared type. */
export function trapOf(id: TrapId): Trap {
  return TRAPS[id]
}

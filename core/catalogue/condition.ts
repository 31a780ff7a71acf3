import type { LoadedPart } from './load'

/**
 * Conditions that forbid a test or change how it is done, in the words of the card.
 *
 * What makes each of them true stands with the gate that carries it (`core/safety/gates`), so that the text on the card and
 * what is contraindicated cannot differ. Every condition is carried by a gate; `catalogue.test.ts` asks.
 */
export const CONDITIONS = {
  fracture: 'suspected fracture',
  'fracture-neck': 'suspected fracture of the neck',
  'upper-neck-laxity': 'suspected upper-neck laxity',
  'head-unsupported': 'a head that feels unsupported',
  'neck-artery': 'signs of cervical arterial dysfunction',
  'cord-signs': 'cord signs',
  'neck-trauma': 'neck trauma that has not been looked into',
  'hip-replacement': 'hip replacement',
  'raised-pressure': 'uncontrolled high blood pressure, recent eye or heart surgery',
  aneurysm: 'a possible aneurysm',
  'compression-positive': 'an arm symptom on any pressing of the neck',
  'compression-first': 'plain compression not done, or not to its end',
  'spine-surgery': 'spinal fusion or recent disc surgery',
  'weak-bones': 'severe osteoporosis',
  'blood-thinners': 'blood thinners',
  pregnancy: 'pregnancy or a birth within six months',
  'dizziness-known': 'dizziness that was looked into',
  irritable: 'a symptom that is stirred up easily and settles slowly',
} as const

export type ConditionId = keyof typeof CONDITIONS

/** When a test is not done. */
export type Contraindication =
  | {
      readonly when: ConditionId
      /** Where, in words: "the pelvis or sacrum". */
      readonly of?: string
      /** Does not hold for a variant that spares this part. */
      readonly unlessSpared?: LoadedPart
    }
  /** Only the examiner can tell; nothing here closes by itself. */
  | { readonly judged: string }

/** When the technique changes, and how. */
export type Precaution = { readonly when: ConditionId; readonly then?: string } | { readonly judged: string; readonly then?: string }

/** A contraindication, as the card says it. */
export function contraindicationWords(c: Contraindication): string {
  if ('judged' in c) return `${c.judged} (yours to judge)`
  const where = c.of === undefined ? '' : ` of ${c.of}`
  const spared = c.unlessSpared === undefined ? '' : `, unless done without the ${c.unlessSpared.replace('upper-', '')}`
  return `${CONDITIONS[c.when]}${where}${spared}`
}

/** A precaution, as the card says it. */
export function precautionWords(p: Precaution): string {
  const what = 'judged' in p ? `${p.judged} (yours to judge)` : CONDITIONS[p.when]
  return p.then === undefined ? what : `${what}: ${p.then}`
}

import { performed, soreLeg } from './people'
import { refused, start } from './admitted'
import { CATALOGUE, testById } from '../core/catalogue'
import { type Composed } from '../core/record/compose'
import { sidesOf } from '../core/record/outline'
// The safety text as tables, written line by line from the text and never from the gates: every list by name, every question, every
// consequence. What is asked here is only whether the record takes an entry.

export const NECK_TESTS = [
  ...['neck-compression', 'neck-closing-a', 'neck-closing-b', 'neck-flexed-compression', 'neck-distraction', 'neck-side-bend', 'neck-rotation', 'neck-range'],
  ...['neck-flexion-shock', 'neck-extension-rotation', 'neck-segment-palpation', 'neck-segment-motion'],
]
export const LIGAMENTS = ['upper-neck-shear', 'alar-ligament', 'transverse-ligament']
export const ARM_NERVES = ['ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3']
export const NECK_LOAD = [
  ...NECK_TESTS,
  'flexion-rotation',
  'hold-relax',
  'shoulder-depression',
  'craniocervical-flexion',
  ...ARM_NERVES,
  'arm-pulse-inspiration',
  'slump',
]
export const FRACTURE = [
  ...['sij-distraction', 'sij-compression', 'thigh-thrust', 'gaenslen', 'faber', 'sacral-thrust', 'knee-to-shoulder', 'prone-hyperextension', 'pubic-shear'],
  ...[
    'prone-lift-sacrum',
    'prone-lift-lumbar',
    'lumbar-torsion',
    'lumbar-spring',
    'heel-to-buttock',
    'passive-extension',
    'prone-instability',
    'side-lying-shear',
  ],
]
export const LEG_TESTS = [
  'leg-raise',
  'crossed-leg-raise',
  'side-lying-leg-raise',
  'seated-leg-raise',
  'femoral-stretch',
  'hip-scour',
  'piriformis',
  'thigh-thrust',
]
export const EVERYTHING = CATALOGUE.filter((t) => !t.follows).map((t) => t.id)
export const FREE_OF_THE_NECK = ['leg-raise', 'thigh-thrust', 'faber', 'lumbar-spring', 'neuro-lower']

/** Consequences of a yes: which tests cannot start, and how urgent the text says it is. */
export const ITEMS: readonly {
  readonly says: string
  readonly yes: readonly string[]
  readonly bars: readonly string[]
  readonly free?: readonly string[]
  readonly do?: RegExp
}[] = [
  ...['saddle-numb', 'bladder', 'bowel', 'sexual', 'both-legs'].map((item) => ({
    says: 'cauda equina',
    yes: [item],
    bars: EVERYTHING,
    do: /Emergency referral/,
  })),
  ...['neck-shocks', 'clumsy-hands', 'unsteady', 'stiff-legs', 'both-arms'].map((item) => ({
    says: 'any one cord sign halts neck loading',
    yes: [item],
    bars: [...NECK_LOAD, ...LIGAMENTS],
    free: FREE_OF_THE_NECK,
    do: /Urgent referral/,
  })),
  ...['dizzy', 'double-vision', 'drop-attack', 'speech', 'swallowing', 'nausea', 'face-numb', 'eyes-flicker', 'worst-headache', 'ataxia', 'eyelid'].map(
    (item) => ({
      says: 'neck artery and brain stem halt neck tests',
      yes: [item],
      bars: [...NECK_LOAD, ...LIGAMENTS],
      free: FREE_OF_THE_NECK,
      do: /Same-day or emergency/,
    }),
  ),
  { says: 'old, looked-into dizziness is a caution', yes: ['dizzy-known'], bars: [], free: ['neck-rotation', 'slump'] },
  ...['inflammatory-joint', 'loose-tissue', 'down', 'long-steroids', 'old-neck-trauma'].map((item) => ({
    says: 'ligament tests precede everything that loads the neck',
    yes: [item],
    bars: NECK_LOAD,
    free: [...LIGAMENTS, ...FREE_OF_THE_NECK],
    do: /ligament tests come first/,
  })),
  {
    says: 'an unsupported head halts, and no ligament test is done',
    yes: ['head-unsupported'],
    bars: [...NECK_LOAD, ...LIGAMENTS],
    free: FREE_OF_THE_NECK,
    do: /Support the head/,
  },
  ...['dangerous-mechanism', 'tingling-after', 'midline-tender', 'cannot-turn'].flatMap((item) =>
    [[item], ['neck-accident', item]].map((yes) => ({
      says: 'a sign of the imaging rule halts the neck, whether or not the accident was asked about',
      yes,
      bars: [...NECK_LOAD, ...LIGAMENTS],
      free: FREE_OF_THE_NECK,
      do: /imaging rule/,
    })),
  ),
  {
    says: 'a neck accident alone keeps hands from loading the neck',
    yes: ['neck-accident'],
    bars: ['neck-compression', 'neck-distraction', 'neck-range', ...LIGAMENTS],
    free: FREE_OF_THE_NECK,
  },
  ...['big-fall', 'small-fall', 'known-fracture'].map((item) => ({
    says: 'a possible fracture blocks loading of the region, the neck among it',
    yes: [item],
    bars: [...FRACTURE, ...NECK_TESTS, ...LIGAMENTS, 'leg-raise'],
    free: ['neuro-lower', 'neuro-upper', 'active-leg-raise'],
  })),
  {
    says: 'a leg that takes no weight',
    yes: ['cannot-stand'],
    bars: FRACTURE.filter((t) => t !== 'side-lying-shear').slice(0, 9),
    free: ['neuro-lower', 'neck-rotation'],
  },
  {
    says: 'weak bones keep the full grade away',
    yes: ['thin-bones'],
    bars: ['sij-compression', 'sacral-thrust', 'neck-compression', 'thigh-thrust'],
    free: ['neuro-lower', 'leg-raise'],
  },
  ...['fever', 'weak-defence'].map((item) => ({ says: 'infection halts', yes: [item], bars: EVERYTHING, do: /Same-day/ })),
  ...['cancer', 'weight-loss', 'night-pain', 'no-better'].map((item) => ({
    says: 'one sign of malignancy is a caution',
    yes: [item],
    bars: [],
    free: ['faber', 'leg-raise', 'neck-rotation'],
  })),
  { says: 'two signs of malignancy halt', yes: ['cancer', 'night-pain'], bars: EVERYTHING, do: /Medical assessment/ },
  { says: 'two signs of malignancy halt', yes: ['weight-loss', 'no-better'], bars: EVERYTHING, do: /Medical assessment/ },
  { says: 'pregnancy is a caution', yes: ['pregnant'], bars: [], free: ['faber', 'leg-raise'] },
  { says: 'blood thinners are a caution', yes: ['thinners'], bars: [], free: ['faber', 'leg-raise'] },
  {
    says: 'surgery of the spine blocks thrusts into the region',
    yes: ['fusion'],
    bars: ['sacral-thrust', 'lumbar-spring', 'thigh-thrust', 'neck-compression'],
    free: ['leg-raise', 'neuro-lower'],
  },
  {
    says: 'a replaced hip',
    yes: ['hip-replaced'],
    bars: ['thigh-thrust', 'hip-scour', 'knee-to-shoulder', 'piriformis', 'faber', 'hip-internal-rotation'],
    free: ['sij-distraction', 'leg-raise'],
  },
  { says: 'raised pressure', yes: ['high-pressure'], bars: ['bear-down'], free: ['leg-raise', 'abdominal-tension'] },
  { says: 'an aneurysm', yes: ['pulsing'], bars: ['bear-down', 'abdominal-tension', 'diaphragm-palpation', 'lumbar-spring'], free: ['leg-raise', 'faber'] },
  { says: 'a clot', yes: ['swollen-calf'], bars: [...LEG_TESTS, 'slump', 'neuro-lower'], free: ['neck-rotation', 'sij-distraction'], do: /Same-day/ },
  ...['weak-in-days', 'night-arm'].map((item) => ({ says: 'same day', yes: [item], bars: EVERYTHING, do: /Same-day/ })),
  ...['thunder', 'exertion', 'pregnancy-warning'].map((item) => ({ says: 'emergency', yes: [item], bars: EVERYTHING, do: /Emergency/ })),
  { says: 'thinners with a sudden severe pain', yes: ['thinners', 'sudden-severe'], bars: EVERYTHING, do: /Emergency/ },
  { says: 'a sudden severe pain alone', yes: ['sudden-severe'], bars: [], free: ['leg-raise'] },
  { says: 'shingles is a caution', yes: ['blisters'], bars: [], free: ['leg-raise'] },
  { says: 'signs of inflammatory disease point and bar nothing', yes: ['slow-start-young', 'stiff-morning', 'better-moving'], bars: [], free: ['faber'] },
]

/** Why this test cannot begin, contact agreed to where that is asked; null when it can. */
export function starting(record: Composed, id: string, variant?: string) {
  const test = testById(id)
  if (!test) throw new Error(`There is no test called ${id}.`)
  const agreed = test.intimate ? record.then({ type: 'consent-renewed', region: test.intimate, answer: 'agreed', chaperone: 'declined' }) : record
  return refused(agreed, start(id, sidesOf(test)[0] ?? 'none', variant))
}
/** Everybody: the gentle neck load was done and quiet, so that what is stronger is free to start. */
export const somebody = () => performed(performed(soreLeg(), 'neck-compression', 'none'), 'flexion-rotation', 'left')
/** What only follows another test, and cannot start by itself. */
export const follows = new Set(CATALOGUE.filter((t) => t.follows).map((t) => t.id as string))

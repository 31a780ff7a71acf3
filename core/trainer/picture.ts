import type { AreaId } from '../vocabulary/body-area'
import type { Quality } from '../vocabulary/quality'
import type { FactId } from '../story/facts'
import type { SourceId } from '../vocabulary/source'

/** Parts of the body a case is about. */
export const CASE_REGIONS = ['neck', 'back', 'pelvis'] as const
export type CaseRegion = (typeof CASE_REGIONS)[number]

/** Sources a simulated person can have: what the tests here can tell apart. */
export const PLAYED = [
  'root-cervical',
  'facet-cervical',
  'joint-upper-neck',
  'muscle-neck',
  'laxity-upper-neck',
  'neural-peripheral',
  'cord',
  'outlet',
  'root-lumbar-low',
  'root-lumbar-mid',
  'facet-lumbar',
  'disc-annulus',
  'instability-lumbar',
  'muscle-back',
  'inflammatory',
  'hamstring',
  'sij-pain',
  'sij-ligament',
  'hip',
  'piriformis',
  'pubic-symphysis',
  'outer-hip',
] as const satisfies readonly SourceId[]
export type PlayedSource = (typeof PLAYED)[number]

/** What a source is like for whoever has it. Drawn from how the clinic texts describe it; the shares are made for practice and come from no study. */
export interface Picture {
  readonly region: CaseRegion
  /** How often it is drawn in its region, beside the others of it. */
  readonly share: number
  readonly ages: readonly [number, number]
  /** Where it is felt, from the source outwards; one line for each level it can have. */
  readonly at: readonly { readonly level: string | null; readonly areas: readonly [AreaId, ...AreaId[]] }[]
  readonly qualities: readonly [Quality, ...Quality[]]
  readonly bringsOn: readonly [string, ...string[]]
  readonly eases: readonly [string, ...string[]]
  readonly began: readonly [string, ...string[]]
  /** Questions of the history it tends to answer with yes, or with no. */
  readonly yes?: readonly FactId[]
  readonly no?: readonly FactId[]
}

/** The typical picture of each source. */
export const PICTURES: Readonly<Record<PlayedSource, Picture>> = {
  'root-cervical': {
    region: 'neck',
    share: 6,
    ages: [32, 68],
    at: [
      { level: 'C5', areas: ['shoulder-back', 'upper-arm-front'] },
      { level: 'C6', areas: ['shoulder-blade', 'upper-arm-front', 'forearm-back', 'thumb'] },
      { level: 'C6', areas: ['neck-back', 'forearm-back', 'thumb'] },
      { level: 'C7', areas: ['shoulder-blade', 'upper-arm-back', 'forearm-back', 'middle-finger'] },
      { level: 'C7', areas: ['upper-arm-back', 'middle-finger'] },
      { level: 'C8', areas: ['shoulder-blade', 'forearm-front', 'little-finger'] },
    ],
    qualities: ['shooting', 'tingling', 'burning', 'numb'],
    bringsOn: ['looking up', 'turning to that side to reverse the car', 'carrying a bag', 'looking down at the phone for long'],
    eases: ['putting the hand on top of my head', 'lying down', 'holding my head with my hands'],
    began: ['I woke up with it one morning', 'after a weekend of painting a ceiling', 'it came over a few days'],
    yes: ['hand-on-head'],
  },
  'facet-cervical': {
    region: 'neck',
    share: 5,
    ages: [28, 70],
    at: [
      { level: 'C2–C3', areas: ['neck-back', 'back-of-head'] },
      { level: 'C5–C6', areas: ['neck-back', 'shoulder-back'] },
      { level: 'C5–C6', areas: ['neck-back', 'shoulder-blade'] },
    ],
    qualities: ['aching', 'sharp', 'catching'],
    bringsOn: ['looking up and over that shoulder', 'lying on my front', 'reversing the car'],
    eases: ['bending my head forward', 'a warm shower', 'not turning that way'],
    began: ['it crept up over months', 'after a night on a bad pillow', 'years of desk work, I think'],
  },
  'joint-upper-neck': {
    region: 'neck',
    share: 3,
    ages: [20, 60],
    at: [{ level: 'C1–C2', areas: ['back-of-head', 'neck-back'] }],
    qualities: ['aching', 'headache'],
    bringsOn: ['turning my head with the chin down', 'hours at the screen', 'holding one position'],
    eases: ['pressing under the skull with my thumbs', 'lying down in the dark'],
    began: ['on and off for years', 'it started when I got the new desk'],
  },
  'muscle-neck': {
    region: 'neck',
    share: 4,
    ages: [18, 60],
    at: [
      { level: null, areas: ['neck-back', 'shoulder-back'] },
      { level: null, areas: ['shoulder-back'] },
    ],
    qualities: ['dull', 'aching'],
    bringsOn: ['long days at the desk', 'bending my head away from it', 'carrying shopping'],
    eases: ['massage', 'moving about', 'a hot bath'],
    began: ['bit by bit at work', 'after moving house'],
  },
  'laxity-upper-neck': {
    region: 'neck',
    share: 0,
    ages: [30, 66],
    at: [{ level: 'C1–C2', areas: ['back-of-head', 'neck-back'] }],
    qualities: ['aching', 'sharp'],
    bringsOn: ['looking down', 'any bump in the road', 'sitting without a headrest'],
    eases: ['holding my head in my hands', 'lying down'],
    began: ['it came slowly after the old accident', 'it has grown over the years with my joint disease'],
  },
  'neural-peripheral': {
    region: 'neck',
    share: 2,
    ages: [25, 65],
    at: [
      { level: 'median', areas: ['forearm-front', 'palm', 'thumb'] },
      { level: 'ulnar', areas: ['forearm-front', 'little-finger'] },
    ],
    qualities: ['tingling', 'numb', 'burning'],
    bringsOn: ['holding the phone', 'working with a bent wrist', 'sleeping on the arm'],
    eases: ['shaking the hand', 'letting the arm hang'],
    began: ['it began at night', 'since I started the new job with my hands'],
    no: ['hand-on-head'],
  },
  cord: {
    region: 'neck',
    share: 0,
    ages: [50, 78],
    at: [{ level: 'C5–C6', areas: ['neck-back', 'upper-arm-front', 'forearm-back', 'thumb'] }],
    qualities: ['tingling', 'numb', 'aching'],
    bringsOn: ['looking down', 'doing up buttons', 'walking on uneven ground'],
    eases: ['sitting still', 'nothing much'],
    began: ['very slowly, over a year or so', 'I could not say, it crept in'],
  },
  outlet: {
    region: 'neck',
    share: 0,
    ages: [20, 50],
    at: [{ level: null, areas: ['shoulder-front', 'upper-arm-back', 'forearm-front', 'little-finger'] }],
    qualities: ['tingling', 'numb', 'aching'],
    bringsOn: ['hanging out the washing', 'drying my hair', 'carrying a rucksack'],
    eases: ['letting the arm down', 'shrugging my shoulder'],
    began: ['since I took up swimming again', 'it came with the overhead work'],
    no: ['hand-on-head'],
  },
  'root-lumbar-low': {
    region: 'back',
    share: 6,
    ages: [28, 62],
    at: [
      { level: 'L5', areas: ['buttock', 'thigh-back', 'shin-outer', 'big-toe'] },
      { level: 'L5', areas: ['low-back', 'shin-outer', 'foot-top'] },
      { level: 'S1', areas: ['buttock', 'thigh-back', 'calf', 'heel'] },
      { level: 'S1', areas: ['low-back', 'thigh-back', 'calf', 'outer-foot'] },
    ],
    qualities: ['shooting', 'burning', 'tingling', 'numb'],
    bringsOn: ['bending to tie my shoes', 'coughing and sneezing', 'sitting in the car', 'getting out of a low chair'],
    eases: ['lying on my side with my knees bent', 'walking a little', 'standing'],
    began: ['I lifted a washing machine', 'my back had been bad, then it went down the leg', 'it came overnight'],
    yes: ['cough-worse', 'bending-worse'],
  },
  'root-lumbar-mid': {
    region: 'back',
    share: 2,
    ages: [45, 75],
    at: [
      { level: 'L3', areas: ['low-back', 'thigh-front', 'knee-front'] },
      { level: 'L4', areas: ['thigh-front', 'knee-front', 'shin-inner'] },
    ],
    qualities: ['burning', 'shooting', 'numb'],
    bringsOn: ['walking downhill', 'lying flat on my front', 'standing for long'],
    eases: ['sitting', 'lying with the knee pulled up'],
    began: ['it came with gardening', 'out of nothing, three weeks ago'],
  },
  'facet-lumbar': {
    region: 'back',
    share: 3,
    ages: [40, 78],
    at: [
      { level: 'L4–L5', areas: ['low-back', 'buttock'] },
      { level: 'L5–S1', areas: ['low-back'] },
    ],
    qualities: ['aching', 'sharp'],
    bringsOn: ['bending backwards', 'standing at the sink', 'reaching up and turning'],
    eases: ['sitting down', 'bending forward', 'walking'],
    began: ['it has been coming for years', 'after standing all day at a fair'],
    yes: ['walking-best', 'sitting-best', 'beside-spine', 'lying-eases'],
    no: ['cough-worse', 'bending-worse'],
  },
  'disc-annulus': {
    region: 'back',
    share: 4,
    ages: [24, 55],
    at: [
      { level: 'L4–L5', areas: ['low-back', 'buttock'] },
      { level: 'L5–S1', areas: ['low-back', 'buttock', 'thigh-back'] },
    ],
    qualities: ['dull', 'aching', 'sharp'],
    bringsOn: ['sitting through a film', 'bending forward', 'coughing', 'the first hour of the morning'],
    eases: ['walking about', 'lying flat', 'standing up and leaning back'],
    began: ['I bent down for a pen and it caught me', 'after a long drive'],
    yes: ['cough-worse', 'bending-worse', 'lying-eases'],
    no: ['sitting-best'],
  },
  'instability-lumbar': {
    region: 'back',
    share: 2,
    ages: [20, 50],
    at: [
      { level: 'L5', areas: ['low-back'] },
      { level: 'L4', areas: ['low-back', 'sacroiliac'] },
    ],
    qualities: ['catching', 'aching'],
    bringsOn: ['coming up from bending', 'standing still', 'sudden movements'],
    eases: ['holding on to something', 'a tight belt', 'sitting with support'],
    began: ['it gives way now and then, for years', 'since I was in gymnastics'],
    yes: ['rising-worse'],
  },
  'muscle-back': {
    region: 'back',
    share: 3,
    ages: [18, 60],
    at: [
      { level: null, areas: ['low-back'] },
      { level: null, areas: ['mid-back', 'low-back'] },
    ],
    qualities: ['dull', 'aching'],
    bringsOn: ['bending for long', 'lifting', 'the day after the gym'],
    eases: ['warmth', 'rest', 'massage'],
    began: ['after shovelling snow', 'the day after moving furniture'],
    yes: ['bending-worse'],
  },
  inflammatory: {
    region: 'pelvis',
    share: 1,
    ages: [20, 38],
    at: [{ level: null, areas: ['sacroiliac', 'buttock'] }],
    qualities: ['aching', 'dull'],
    bringsOn: ['lying still at night', 'sitting still', 'the morning'],
    eases: ['moving about', 'a hot shower and a walk'],
    began: ['slowly, I was in my twenties', 'it has come and gone for a year or two'],
  },
  hamstring: {
    region: 'back',
    share: 2,
    ages: [18, 55],
    at: [
      { level: null, areas: ['thigh-back'] },
      { level: null, areas: ['buttock', 'thigh-back'] },
    ],
    qualities: ['aching', 'sharp'],
    bringsOn: ['sprinting', 'bending forward with straight legs', 'sitting on a hard chair'],
    eases: ['bending the knee', 'rest'],
    began: ['I felt it pull while running', 'since the football match'],
  },
  'sij-pain': {
    region: 'pelvis',
    share: 6,
    ages: [22, 60],
    at: [
      { level: null, areas: ['sacroiliac', 'buttock'] },
      { level: null, areas: ['sacroiliac'] },
      { level: null, areas: ['sacroiliac', 'buttock', 'thigh-back'] },
    ],
    qualities: ['aching', 'sharp'],
    bringsOn: ['turning over in bed', 'standing on that leg', 'getting out of the car', 'climbing stairs'],
    eases: ['lying on the other side', 'a belt round the hips', 'changing position'],
    began: ['I stepped off a kerb that was not there', 'since the baby was carried about on that hip', 'after a fall on ice a year ago'],
    yes: ['one-finger'],
  },
  'sij-ligament': {
    region: 'pelvis',
    share: 2,
    ages: [22, 48],
    at: [
      { level: null, areas: ['sacroiliac'] },
      { level: null, areas: ['sacroiliac', 'buttock'] },
    ],
    qualities: ['dull', 'aching'],
    bringsOn: ['sitting on a chair', 'standing for long', 'carrying a child on one side'],
    eases: ['walking', 'a belt round the hips'],
    began: ['it came on slowly', 'it never quite went after the last time'],
    yes: ['one-finger', 'sitting-hurts'],
  },
  hip: {
    region: 'pelvis',
    share: 4,
    ages: [35, 76],
    at: [
      { level: null, areas: ['groin', 'thigh-front'] },
      { level: null, areas: ['groin'] },
      { level: null, areas: ['groin', 'buttock'] },
    ],
    qualities: ['aching', 'catching'],
    bringsOn: ['putting on socks', 'getting into the car', 'the first steps after sitting'],
    eases: ['sitting with the legs apart', 'rest'],
    began: ['it has stiffened up over two years', 'after a long walk in the hills'],
    no: ['one-finger'],
  },
  piriformis: {
    region: 'pelvis',
    share: 2,
    ages: [25, 55],
    at: [
      { level: null, areas: ['buttock', 'thigh-back'] },
      { level: null, areas: ['buttock'] },
    ],
    qualities: ['aching', 'tingling'],
    bringsOn: ['sitting on that side', 'running uphill', 'crossing the legs'],
    eases: ['standing up', 'walking about'],
    began: ['since I sit on the van seat all day', 'after a slip on the stairs onto that buttock'],
  },
  'pubic-symphysis': {
    region: 'pelvis',
    share: 1,
    ages: [22, 44],
    at: [{ level: null, areas: ['pubic', 'groin'] }],
    qualities: ['sharp', 'aching'],
    bringsOn: ['standing on one leg to dress', 'turning over in bed', 'getting out of the car'],
    eases: ['keeping the knees together', 'sitting'],
    began: ['since the football season', 'a month or two ago, slowly'],
  },
  'outer-hip': {
    region: 'pelvis',
    share: 2,
    ages: [40, 68],
    at: [
      { level: null, areas: ['outer-hip', 'thigh-outer'] },
      { level: null, areas: ['outer-hip'] },
    ],
    qualities: ['aching', 'sharp'],
    bringsOn: ['lying on that side', 'climbing stairs', 'standing on that leg'],
    eases: ['lying on the other side with a pillow', 'sitting'],
    began: ['since I walk more', 'out of the blue'],
  },
}

import type { AreaId } from '../vocabulary/body-area'

/** How well a finding fits a structure. */
export type Fit = 'expected' | 'possible'

/** A cell of a neurological screen: "strength.c6", "reflex.biceps", "feeling.l5", "halves.ring"; or a test that tightens a nerve. */
export type SignId = `${'strength' | 'reflex' | 'feeling' | 'halves'}.${string}` | `tension.${string}`

/** A nerve root or a peripheral nerve, with what its loss shows. What is not named is unlikely. */
export interface NerveStructure {
  readonly id: string
  readonly name: string
  readonly kind: 'root' | 'nerve'
  readonly limb: 'arm' | 'leg'
  readonly signs: Readonly<Partial<Record<SignId, Fit>>>
  readonly areas: Readonly<Partial<Record<AreaId, Fit>>>
}

const structure = (
  kind: NerveStructure['kind'],
  limb: NerveStructure['limb'],
  id: string,
  name: string,
  expected: readonly SignId[],
  possible: readonly SignId[],
  areas: { readonly expected: readonly AreaId[]; readonly possible?: readonly AreaId[] },
): NerveStructure => ({
  id,
  name,
  kind,
  limb,
  signs: { ...fits(possible, 'possible'), ...fits(expected, 'expected') },
  areas: { ...fits(areas.possible ?? [], 'possible'), ...fits(areas.expected, 'expected') },
})

function fits<K extends string>(keys: readonly K[], fit: Fit): Partial<Record<K, Fit>> {
  return Object.fromEntries(keys.map((key) => [key, fit])) as Partial<Record<K, Fit>>
}

/**
 * Roots C5 to T1 and L2 to S2, and the peripheral nerves that look like them.
 *
 * Key muscles and points of feeling follow the international standard for neurological classification (Kirshblum 2011); pain areas overlap
 * and are a weaker guide. Texts differ by one level here and there.
 */
export const STRUCTURES: readonly NerveStructure[] = [
  structure(
    'root',
    'arm',
    'c5',
    'C5',
    ['strength.c5', 'reflex.biceps', 'feeling.c5', 'strength.elbow-bend'],
    ['strength.c6', 'tension.ulnt-1', 'reflex.brachioradialis'],
    {
      expected: ['shoulder-back', 'shoulder-front', 'upper-arm-front'],
      possible: ['shoulder-blade', 'neck-back'],
    },
  ),
  structure(
    'root',
    'arm',
    'c6',
    'C6',
    ['strength.c6', 'reflex.brachioradialis', 'reflex.biceps', 'feeling.c6', 'tension.ulnt-1', 'strength.elbow-bend', 'feeling.thumb-ball'],
    ['strength.c5', 'strength.c7', 'feeling.c5', 'tension.ulnt-2a'],
    {
      expected: ['forearm-back', 'thumb'],
      possible: ['upper-arm-front', 'hand-back', 'palm', 'shoulder-back'],
    },
  ),
  structure(
    'root',
    'arm',
    'c7',
    'C7',
    ['strength.c7', 'reflex.triceps', 'feeling.c7', 'tension.ulnt-1', 'tension.ulnt-2b', 'strength.wrist-bend'],
    ['strength.c6', 'strength.c8', 'feeling.c6', 'tension.ulnt-2a'],
    {
      expected: ['middle-finger', 'upper-arm-back', 'shoulder-blade'],
      possible: ['forearm-back', 'hand-back', 'palm'],
    },
  ),
  structure(
    'root',
    'arm',
    'c8',
    'C8',
    ['strength.c8', 'feeling.c8', 'tension.ulnt-3', 'feeling.inner-forearm'],
    ['strength.t1', 'strength.c7', 'reflex.triceps', 'feeling.t1', 'strength.thumb-out'],
    {
      expected: ['little-finger', 'forearm-front'],
      possible: ['palm', 'hand-back', 'upper-arm-back'],
    },
  ),
  structure(
    'root',
    'arm',
    't1',
    'T1',
    ['strength.t1', 'feeling.t1', 'tension.ulnt-3', 'strength.thumb-out', 'feeling.inner-forearm'],
    ['strength.c8', 'feeling.c8'],
    {
      expected: ['forearm-front'],
      possible: ['upper-arm-back', 'little-finger'],
    },
  ),
  structure(
    'nerve',
    'arm',
    'median',
    'Median nerve',
    ['feeling.c6', 'feeling.c7', 'tension.ulnt-1', 'tension.ulnt-2a', 'strength.thumb-out', 'halves.ring'],
    ['strength.t1', 'strength.c8', 'strength.wrist-bend'],
    {
      expected: ['thumb', 'middle-finger', 'palm'],
      possible: ['forearm-front', 'hand-back'],
    },
  ),
  structure('nerve', 'arm', 'ulnar', 'Ulnar nerve', ['strength.t1', 'feeling.c8', 'tension.ulnt-3', 'halves.ring'], ['strength.c8'], {
    expected: ['little-finger'],
    possible: ['palm', 'hand-back', 'forearm-front'],
  }),
  structure('nerve', 'arm', 'radial', 'Radial nerve', ['strength.c6', 'tension.ulnt-2b'], ['reflex.brachioradialis', 'feeling.c6', 'strength.c8'], {
    expected: ['hand-back', 'forearm-back'],
    possible: ['thumb', 'upper-arm-back'],
  }),
  structure(
    'root',
    'leg',
    'l2',
    'L2',
    ['strength.l2', 'feeling.l2', 'tension.femoral-stretch'],
    ['feeling.l1', 'feeling.l3', 'strength.l3', 'strength.thighs-in', 'feeling.outer-thigh'],
    {
      expected: ['thigh-front', 'groin'],
      possible: ['thigh-outer', 'thigh-inner'],
    },
  ),
  structure(
    'root',
    'leg',
    'l3',
    'L3',
    ['strength.l3', 'reflex.patellar', 'feeling.l3', 'tension.femoral-stretch', 'strength.thighs-in'],
    ['strength.l2', 'feeling.l2', 'feeling.l4', 'strength.l4'],
    {
      expected: ['thigh-front', 'knee-front'],
      possible: ['thigh-inner', 'thigh-outer', 'groin'],
    },
  ),
  structure(
    'root',
    'leg',
    'l4',
    'L4',
    ['strength.l4', 'reflex.patellar', 'feeling.l4'],
    [
      'strength.l3',
      'feeling.l3',
      'tension.femoral-stretch',
      'tension.leg-raise',
      'tension.slump',
      'feeling.l5',
      'strength.l5',
      'strength.thighs-in',
      'strength.foot-in',
      'strength.hip-out',
    ],
    {
      expected: ['shin-inner', 'knee-front'],
      possible: ['thigh-front', 'thigh-inner', 'buttock'],
    },
  ),
  structure(
    'root',
    'leg',
    'l5',
    'L5',
    ['strength.l5', 'feeling.l5', 'tension.leg-raise', 'tension.slump', 'strength.hip-out', 'strength.foot-in'],
    ['strength.l4', 'reflex.hamstring', 'feeling.l4', 'feeling.s1', 'strength.foot-out'],
    {
      expected: ['shin-outer', 'foot-top', 'big-toe'],
      possible: ['buttock', 'outer-hip', 'thigh-back', 'thigh-outer', 'calf'],
    },
  ),
  structure(
    'root',
    'leg',
    's1',
    'S1',
    ['strength.s1', 'reflex.achilles', 'feeling.s1', 'tension.leg-raise', 'tension.slump', 'strength.buttock'],
    ['strength.s2', 'feeling.s2', 'feeling.l5', 'strength.foot-out', 'feeling.sole'],
    {
      expected: ['calf', 'heel', 'outer-foot'],
      possible: ['buttock', 'thigh-back', 'knee-back'],
    },
  ),
  structure('root', 'leg', 's2', 'S2', ['strength.s2', 'feeling.s2'], ['strength.s1', 'reflex.achilles', 'tension.leg-raise', 'tension.slump', 'feeling.s1'], {
    expected: ['thigh-back', 'knee-back'],
    possible: ['calf', 'buttock'],
  }),
  structure(
    'nerve',
    'leg',
    'femoral',
    'Femoral nerve',
    ['strength.l3', 'reflex.patellar', 'feeling.l3', 'tension.femoral-stretch'],
    ['strength.l2', 'feeling.l2', 'feeling.l4'],
    {
      expected: ['thigh-front', 'knee-front'],
      possible: ['shin-inner', 'thigh-inner'],
    },
  ),
  structure('nerve', 'leg', 'peroneal', 'Common peroneal nerve', ['strength.l4', 'strength.l5', 'feeling.l5', 'strength.foot-out'], [], {
    expected: ['shin-outer', 'foot-top'],
    possible: ['big-toe'],
  }),
  structure(
    'nerve',
    'leg',
    'tibial',
    'Tibial nerve',
    ['feeling.sole', 'strength.s1'],
    ['feeling.s1', 'strength.s2', 'feeling.s2', 'tension.slump', 'strength.foot-in', 'reflex.achilles'],
    {
      expected: ['heel'],
      possible: ['calf', 'outer-foot', 'big-toe'],
    },
  ),
  structure('nerve', 'leg', 'lateral-cutaneous', 'Outer thigh nerve', ['feeling.outer-thigh'], ['feeling.l2'], {
    expected: ['thigh-outer'],
    possible: ['thigh-front'],
  }),
]

/** Cells of the screens that are there to part a root from one nerve, and what each looks at. */
export const PARTING_WORDS: Readonly<Record<string, string>> = {
  'hip-out': 'the hip out to the side',
  'thighs-in': 'the thighs together',
  'foot-in': 'the foot turned in',
  'foot-out': 'the foot turned out',
  buttock: 'the buttock tightened',
  'outer-thigh': 'the outer thigh',
  sole: 'the sole',
  'elbow-bend': 'the elbow bent with the palm up',
  'wrist-bend': 'the wrist bent',
  'thumb-out': 'the thumb lifted off the palm',
  ring: 'the ring finger',
  'thumb-ball': 'the ball of the thumb',
  'inner-forearm': 'the inner forearm',
}

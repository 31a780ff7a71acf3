import type { AreaId } from '../vocabulary/body-area'

/** How well a finding fits a structure. */
export type Fit = 'expected' | 'possible'

/** A cell of a neurological screen: "strength.c6", "reflexes.biceps", "sensation.l5". */
export type SignId = `${'strength' | 'reflex' | 'feeling'}.${string}` | `tension.${string}`

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
  structure('root', 'arm', 'c5', 'C5', ['strength.c5', 'reflex.biceps', 'feeling.c5'], ['strength.c6', 'tension.ulnt-1', 'reflex.brachioradialis'], {
    expected: ['shoulder-back', 'shoulder-front', 'upper-arm-front'],
    possible: ['shoulder-blade', 'neck-back'],
  }),
  structure(
    'root',
    'arm',
    'c6',
    'C6',
    ['strength.c6', 'reflex.brachioradialis', 'reflex.biceps', 'feeling.c6', 'tension.ulnt-1'],
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
    ['strength.c7', 'reflex.triceps', 'feeling.c7', 'tension.ulnt-1', 'tension.ulnt-2b'],
    ['strength.c6', 'strength.c8', 'feeling.c6', 'tension.ulnt-2a'],
    {
      expected: ['middle-finger', 'upper-arm-back', 'shoulder-blade'],
      possible: ['forearm-back', 'hand-back', 'palm'],
    },
  ),
  structure('root', 'arm', 'c8', 'C8', ['strength.c8', 'feeling.c8', 'tension.ulnt-3'], ['strength.t1', 'strength.c7', 'reflex.triceps', 'feeling.t1'], {
    expected: ['little-finger', 'forearm-front'],
    possible: ['palm', 'hand-back', 'upper-arm-back'],
  }),
  structure('root', 'arm', 't1', 'T1', ['strength.t1', 'feeling.t1', 'tension.ulnt-3'], ['strength.c8', 'feeling.c8'], {
    expected: ['forearm-front'],
    possible: ['upper-arm-back', 'little-finger'],
  }),
  structure('nerve', 'arm', 'median', 'Median nerve', ['feeling.c6', 'feeling.c7', 'tension.ulnt-1', 'tension.ulnt-2a'], ['strength.t1', 'strength.c8'], {
    expected: ['thumb', 'middle-finger', 'palm'],
    possible: ['forearm-front', 'hand-back'],
  }),
  structure('nerve', 'arm', 'ulnar', 'Ulnar nerve', ['strength.t1', 'feeling.c8', 'tension.ulnt-3'], [], {
    expected: ['little-finger'],
    possible: ['palm', 'hand-back', 'forearm-front'],
  }),
  structure('nerve', 'arm', 'radial', 'Radial nerve', ['strength.c6', 'tension.ulnt-2b'], ['reflex.brachioradialis', 'feeling.c6', 'strength.c8'], {
    expected: ['hand-back', 'forearm-back'],
    possible: ['thumb', 'upper-arm-back'],
  }),
  structure('root', 'leg', 'l2', 'L2', ['strength.l2', 'feeling.l2', 'tension.femoral-stretch'], ['feeling.l1', 'feeling.l3', 'strength.l3'], {
    expected: ['thigh-front', 'groin'],
    possible: ['thigh-outer', 'thigh-inner'],
  }),
  structure(
    'root',
    'leg',
    'l3',
    'L3',
    ['strength.l3', 'reflex.patellar', 'feeling.l3', 'tension.femoral-stretch'],
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
    ['strength.l3', 'feeling.l3', 'tension.femoral-stretch', 'tension.leg-raise', 'tension.slump', 'feeling.l5', 'strength.l5'],
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
    ['strength.l5', 'feeling.l5', 'tension.leg-raise', 'tension.slump'],
    ['strength.l4', 'reflex.hamstring', 'feeling.l4', 'feeling.s1'],
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
    ['strength.s1', 'reflex.achilles', 'feeling.s1', 'tension.leg-raise', 'tension.slump'],
    ['strength.s2', 'feeling.s2', 'feeling.l5'],
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
  structure('nerve', 'leg', 'peroneal', 'Common peroneal nerve', ['strength.l4', 'strength.l5', 'feeling.l5'], [], {
    expected: ['shin-outer', 'foot-top'],
    possible: ['big-toe'],
  }),
  structure('nerve', 'leg', 'tibial', 'Tibial nerve', ['feeling.s1'], ['strength.s1', 'strength.s2', 'feeling.s2', 'tension.slump'], {
    expected: ['heel'],
    possible: ['calf', 'outer-foot', 'big-toe'],
  }),
  structure('nerve', 'leg', 'lateral-cutaneous', 'Outer thigh nerve', [], ['feeling.l2'], { expected: ['thigh-outer'], possible: ['thigh-front'] }),
]

/** What parts a root from the nerve that looks like it, where the grid of the screen cannot: asked by hand. */
export const BEYOND_THE_SCREEN: readonly { readonly between: readonly [string, string]; readonly check: string }[] = [
  { between: ['l5', 'peroneal'], check: 'Turning the foot in and lifting the leg out: both weak in L5, both kept in the peroneal nerve.' },
  { between: ['l4', 'peroneal'], check: 'The knee reflex and straightening the knee: lessened in L4, kept in the peroneal nerve.' },
  { between: ['l3', 'femoral'], check: 'Drawing the thighs together: weak in L3, kept in the femoral nerve.' },
  { between: ['l2', 'femoral'], check: 'Drawing the thighs together: weak in the root, kept in the femoral nerve.' },
  { between: ['l2', 'lateral-cutaneous'], check: 'Bending the hip against a hand: weak in L2, kept in the outer thigh nerve, which has no muscle.' },
  { between: ['l3', 'lateral-cutaneous'], check: 'The knee reflex: lessened in L3, kept in the outer thigh nerve.' },
  { between: ['s1', 'tibial'], check: 'The heel reflex and the muscles of the buttock: lessened in S1, kept in the tibial nerve.' },
  { between: ['c6', 'median'], check: 'Feeling over the ball of the thumb, and bending the elbow: changed in C6, kept in a median nerve caught at the wrist.' },
  { between: ['c7', 'median'], check: 'Straightening the elbow: weak in C7, kept in the median nerve.' },
  { between: ['c6', 'radial'], check: 'Bending the elbow with the palm up: weak in C6, kept in the radial nerve.' },
  { between: ['c7', 'radial'], check: 'Bending the wrist and turning the palm down: weak in C7, kept in the radial nerve.' },
  { between: ['c8', 'ulnar'], check: 'Lifting the thumb away from the palm, and feeling inside the forearm: changed in C8, kept in the ulnar nerve.' },
  { between: ['t1', 'ulnar'], check: 'Lifting the thumb away from the palm, and feeling inside the forearm: changed in T1, kept in the ulnar nerve.' },
]

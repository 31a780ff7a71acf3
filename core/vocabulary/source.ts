import type { Side } from './side'

/** The kinds of tissue a pain can come from, as the board groups them. */
export type Family = 'nerve' | 'joint' | 'ligament' | 'disc' | 'muscle' | 'away'

export const FAMILY_WORDS: Record<Family, string> = {
  nerve: 'Radicular / neural',
  joint: 'Joint',
  ligament: 'Ligamentous',
  disc: 'Disc',
  muscle: 'Muscular',
  away: 'Refer',
}

/** The order in which families stand on the board. */
export const FAMILIES: readonly Family[] = ['nerve', 'joint', 'ligament', 'disc', 'muscle', 'away']

/** One possible source of pain. Each is its own yes or no; several can be true together. */
export interface Source {
  readonly family: Family
  readonly name: string
  /** How the source reads inside a sentence, after "points to". */
  readonly inWords: string
  /** Where the pain may come from, in words for the person. Read after "may come from". */
  readonly plain: string
}

/**
 * Every source the board can speak about.
 *
 * `outer-hip` and `hip-flexor` are not on the list of the published rules. `outer-hip` gives the pain that FABER brings on over the outer
 * buttock a name of its own, so that it is not filed under the hip joint.
 */
export const SOURCES = {
  'root-cervical': { family: 'nerve', name: 'Cervical radiculopathy (C5-T1)', inWords: 'cervical radiculopathy', plain: 'a nerve where it leaves your neck' },
  'root-lumbar-mid': {
    family: 'nerve',
    name: 'Lumbar radiculopathy (L2-4)',
    inWords: 'lumbar radiculopathy (L2-4)',
    plain: 'a nerve where it leaves your low back',
  },
  'neural-peripheral': { family: 'nerve', name: 'Peripheral nerve', inWords: 'a peripheral nerve', plain: 'a nerve along your arm or leg' },
  'root-lumbar-low': {
    family: 'nerve',
    name: 'Lumbosacral radiculopathy (L4-S1)',
    inWords: 'lumbosacral radiculopathy',
    plain: 'a nerve where it leaves your low back',
  },
  'facet-cervical': { family: 'joint', name: 'Cervical facet joint', inWords: 'a cervical facet joint', plain: 'a small joint in your neck' },
  'joint-upper-neck': {
    family: 'joint',
    name: 'Upper cervical joint (C1-2)',
    inWords: 'the upper cervical joint (C1-2)',
    plain: 'a joint at the top of your neck',
  },
  'pubic-symphysis': { family: 'joint', name: 'Pubic symphysis', inWords: 'the pubic symphysis', plain: 'the joint at the front of your hips' },
  'sij-pain': {
    family: 'joint',
    name: 'Sacroiliac joint',
    inWords: 'the sacroiliac joint',
    plain: 'the joint at the back of your hips, at the base of your spine',
  },
  'sij-stiff': { family: 'joint', name: 'Sacroiliac hypomobility', inWords: 'sacroiliac hypomobility', plain: 'a stiff joint at the back of your hips' },
  'facet-lumbar': { family: 'joint', name: 'Lumbar facet joint', inWords: 'a lumbar facet joint', plain: 'a small joint in your low back' },
  hip: { family: 'joint', name: 'Hip joint', inWords: 'the hip joint', plain: 'your hip joint' },
  'laxity-upper-neck': {
    family: 'ligament',
    name: 'Craniocervical ligament laxity',
    inWords: 'craniocervical ligament laxity',
    plain: 'loose bands at the top of your neck',
  },
  'instability-lumbar': {
    family: 'ligament',
    name: 'Lumbar segmental instability',
    inWords: 'lumbar segmental instability',
    plain: 'a part of your low back that moves more than it should',
  },
  'sij-ligament': {
    family: 'ligament',
    name: 'Sacroiliac ligaments / laxity',
    inWords: 'the sacroiliac ligaments',
    plain: 'the strong bands at the back of your hips',
  },
  'disc-annulus': { family: 'disc', name: 'Disc', inWords: 'a lumbar disc', plain: 'a disc in your low back' },
  'muscle-neck': { family: 'muscle', name: 'Cervical muscles', inWords: 'the cervical muscles', plain: 'the muscles of your neck' },
  piriformis: {
    family: 'muscle',
    name: 'Piriformis / deep gluteal',
    inWords: 'piriformis or the deep gluteal muscles',
    plain: 'a deep muscle in your buttock',
  },
  'abdominal-wall': { family: 'muscle', name: 'Abdominal wall', inWords: 'the abdominal wall', plain: 'the muscles of your tummy' },
  'muscle-back': { family: 'muscle', name: 'Lumbar muscles', inWords: 'the lumbar muscles', plain: 'the muscles of your low back' },
  hamstring: { family: 'muscle', name: 'Hamstrings', inWords: 'the hamstrings', plain: 'the muscles at the back of your thigh' },
  'hip-flexor': { family: 'muscle', name: 'Hip flexors', inWords: 'the hip flexors', plain: 'the muscles at the front of your hip' },
  cord: { family: 'away', name: 'Spinal cord (myelopathy)', inWords: 'the spinal cord (myelopathy)', plain: 'the main nerve in your back' },
  'neck-artery': { family: 'away', name: 'Cervical arterial dysfunction', inWords: 'cervical arterial dysfunction', plain: 'a blood vessel in your neck' },
  outlet: { family: 'away', name: 'Thoracic outlet', inWords: 'the thoracic outlet', plain: 'the space between your neck and your arm' },
  inflammatory: {
    family: 'away',
    name: 'Axial spondyloarthritis',
    inWords: 'axial spondyloarthritis',
    plain: 'swelling inside your joints that a doctor can treat',
  },
  visceral: {
    family: 'away',
    name: 'Visceral or other non-musculoskeletal',
    inWords: 'a visceral or other non-musculoskeletal cause',
    plain: 'a part of your body other than the joints and muscles',
  },
  'outer-hip': { family: 'muscle', name: 'Greater trochanteric region', inWords: 'the greater trochanteric region', plain: 'the outer side of your hip' },
} as const satisfies Record<string, Source>

export type SourceId = keyof typeof SOURCES

/** Sources that are referred: whatever points to them comes first, before any source that is treated. */
export const REFERRED: readonly SourceId[] = ['cord', 'neck-artery', 'inflammatory', 'visceral']

/** The source with this id, with its shared type. */
export function sourceOf(id: SourceId): Source {
  return SOURCES[id]
}

/** A source on its side, as lists and headings name it: "Sacroiliac joint, right". */
export function sourceTitle({ source, side }: { readonly source: SourceId; readonly side: Side }): string {
  return `${SOURCES[source].name}, ${side}`
}
